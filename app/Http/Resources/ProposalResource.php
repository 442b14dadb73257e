<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** What the core would hand out for a cause. Its shape is that of the core. */
final class ProposalResource extends ApiResource {}
