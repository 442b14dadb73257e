<?php

declare(strict_types=1);

namespace App\Academy;

use App\Http\ApiResource;
use App\Models\Role;
use LowPoint\Core\Progress\Outcomes;

/**
 * An academy as its lead sees it.
 *
 * @phpstan-import-type OutcomeShape from Outcomes
 * @phpstan-type CoachAtWorkShape array{
 *     id: string,
 *     name: string,
 *     email: string,
 *     role: value-of<Role>,
 *     left: bool,
 *     students: int,
 *     lessons_this_month: int,
 *     // Students whose day to look again is over.
 *     overdue: int,
 * }
 * @phpstan-type OutlookShape array{
 *     coaches: list<CoachAtWorkShape>,
 *     outcomes: list<OutcomeShape>,
 * }
 */
final class OutlookResource extends ApiResource {}
