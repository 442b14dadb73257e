<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\BallSetResource;
use App\Models\BallSet;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\Evidence\Purpose;

/**
 * The purpose of the set and what was seen; the observations themselves are checked by the core.
 *
 * @phpstan-import-type FromDeviceShape from PutBallRequest
 * @phpstan-import-type MeasuredShape from CaseWriter
 * @phpstan-import-type ObservedShape from CaseWriter
 * @phpstan-import-type PurposeShape from BallSetResource
 * @phpstan-type PutBallSetShape array{
 *     purpose: PurposeShape,
 *     // Null takes a look back; an absent key leaves it.
 *     setup: ObservedShape,
 *     motion: ObservedShape,
 *     // Of figures among these that were measured: half of the 90 % interval. A figure that comes without one was seen by eye.
 *     measured?: MeasuredShape,
 *     confidence?: int<1, 10>|null,
 *     // The device that sends it, and a number that only grows there: what comes late changes nothing.
 *     from?: FromDeviceShape,
 * }
 */
final class PutBallSetRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'purpose' => ['required', Rule::enum(Purpose::class)],
            'setup' => ['present', 'array'],
            'motion' => ['present', 'array'],
            'measured' => ['array'],
            'confidence' => ['nullable', 'integer', 'between:1,'.BallSet::MOST_SURE],
        ];
    }
}
