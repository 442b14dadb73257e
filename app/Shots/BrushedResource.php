<?php

declare(strict_types=1);

namespace App\Shots;

use App\Http\ApiResource;
use LowPoint\Core\CaseFile\BrushQuestion;

/**
 * What practice brushes come to. Its shape is that of the core.
 *
 * @phpstan-import-type BrushedShape from BrushQuestion
 */
final class BrushedResource extends ApiResource {}
