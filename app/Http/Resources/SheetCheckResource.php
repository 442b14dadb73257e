<?php

declare(strict_types=1);

namespace App\Http\Resources;

use LowPoint\Core\CaseFile\CaseWriter;

/**
 * What a sheet would come to.
 *
 * @phpstan-import-type BallSeenShape from CaseWriter
 * @phpstan-type SheetCheckShape array{
 *     balls: int,
 *     left_out: int,
 *     refused: int,
 *     days: int,
 *     first: string|null,
 *     last: string|null,
 *     // What is wrong, each once, with the first rows that have it.
 *     faults: list<array{message: string, rows: list<int>, count: int}>,
 *     shown: list<array{row: int, at: string, seen: BallSeenShape}>,
 * }
 */
final class SheetCheckResource extends ApiResource {}
