<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Http\ApiResource;

/** One set of balls as an open case file. Its shape is that of the core. */
final class CaseFileResource extends ApiResource {}
