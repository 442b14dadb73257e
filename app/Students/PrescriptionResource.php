<?php

declare(strict_types=1);

namespace App\Students;

use App\Http\ApiResource;
use App\Models\Prescription;
use Illuminate\Http\Request;
use LowPoint\Core\Drills\DrillHandout;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Showing\GroundAsked;

/**
 * What was handed out, as it was worded then.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type DrillHandoutShape from DrillHandout
 * @phpstan-import-type SetupChangeShape from SetupChange
 * @phpstan-import-type GroundAskedShape from GroundAsked
 * @phpstan-type GivenPrescriptionShape array{
 *     cause: string,
 *     school: string,
 *     content: array{
 *         cause_name: ToldShape,
 *         setup: list<SetupChangeShape>,
 *         // Where the club met the ground, and where it is to.
 *         ground?: GroundAskedShape|null,
 *         // The set-up card in words.
 *         card?: list<ToldShape>,
 *         seen?: ToldShape,
 *         // What the student believed and what speaks against it, in words for him.
 *         belief?: ToldShape|null,
 *         // The heaviest things that spoke for it.
 *         evidence?: list<ToldShape>,
 *         // Of the coach, for the student.
 *         sentence?: string,
 *         feel: ToldShape,
 *         drills: list<DrillHandoutShape>,
 *         stop: ToldShape|null,
 *         measure: ToldShape|null,
 *     },
 * }
 * @phpstan-type PrescriptionShape array{prescription: GivenPrescriptionShape}
 *
 * @property Prescription $resource
 */
final class PrescriptionResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['prescription' => self::given($this->resource)];
    }

    /** @return array{cause: string, school: string, content: array<string, mixed>}|null */
    public static function given(?Prescription $given): ?array
    {
        return $given === null ? null : ['cause' => $given->cause, 'school' => $given->school, 'content' => $given->content];
    }
}
