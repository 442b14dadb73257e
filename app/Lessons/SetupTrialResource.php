<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Http\ApiResource;

/** What another set-up, club or lie would do in the model. Its shape is that of the core. */
final class SetupTrialResource extends ApiResource {}
