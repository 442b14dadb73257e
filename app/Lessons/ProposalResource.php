<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Http\ApiResource;

/** What the core would hand out for a cause. Its shape is that of the core. */
final class ProposalResource extends ApiResource {}
