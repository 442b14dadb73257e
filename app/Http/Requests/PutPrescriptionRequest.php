<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\OwnDrillResource;
use Illuminate\Foundation\Http\FormRequest;
use LowPoint\Core\Prescription\Prescription;

/**
 * @phpstan-import-type FromDeviceShape from PutBallRequest
 * @phpstan-import-type GoalChoiceShape from OwnDrillResource
 * @phpstan-type PutPrescriptionShape array{
 *     set_id: string,
 *     cause: string,
 *     // Other figures than those proposed.
 *     figures?: list<array{observable: string, to: float}>|null,
 *     feel: string,
 *     sentence?: string|null,
 *     // Drill => what the coach made of dose and pass mark.
 *     goals?: array<string, GoalChoiceShape>|null,
 *     drills: list<string>,
 *     // The device that sends it, and a number that only grows there: what comes late changes nothing.
 *     from?: FromDeviceShape,
 * }
 */
final class PutPrescriptionRequest extends FormRequest
{
    /** Characters of a feel or a sentence. */
    public const LONGEST_TEXT = 500;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'set_id' => ['required', 'string', 'ulid'],
            'cause' => ['required', 'string', 'max:60'],
            'figures' => ['nullable', 'array'],
            'figures.*' => ['array:observable,to'],
            'feel' => ['required', 'string', 'max:'.self::LONGEST_TEXT],
            'sentence' => ['nullable', 'string', 'max:'.self::LONGEST_TEXT],
            'goals' => ['nullable', 'array'],
            'goals.*' => ['array'],
            'drills' => ['present', 'array', 'max:'.Prescription::MOST_DRILLS],
            'drills.*' => ['string', 'max:60', 'distinct'],
        ];
    }
}
