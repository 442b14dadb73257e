<?php

declare(strict_types=1);

namespace App\Practice;

use App\Http\ApiResource;
use LowPoint\Core\Drills\Scoring;

/**
 * What the coach keeps of his own.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type GoalChoiceShape from OwnDrillResource
 * @phpstan-import-type OwnCardShape from OwnCardResource
 * @phpstan-import-type OwnDrillShape from OwnDrillResource
 * @phpstan-type OwnWayShape array{
 *     cards: list<OwnCardShape>,
 *     drills: list<OwnDrillShape>,
 *     // Kind of part => what it is called.
 *     parts: array<string, ToldShape>,
 *     // Ways of scoring a drill.
 *     kinds: list<value-of<Scoring>>,
 *     // Where a new drill starts.
 *     first_goal: GoalChoiceShape,
 *     most: array{parts: int, figures: int, drills: int},
 * }
 */
final class OwnWayResource extends ApiResource {}
