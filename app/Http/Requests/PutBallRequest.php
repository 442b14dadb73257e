<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use LowPoint\Core\CaseFile\CaseWriter;

/**
 * When it was hit; what was seen of the ball is checked by the core.
 *
 * @phpstan-import-type BallSeenShape from CaseWriter
 * @phpstan-type FromDeviceShape array{device: string, number: int, coach?: string}
 * @phpstan-type PutBallShape array{
 *     seen: BallSeenShape,
 *     hit_at: string,
 *     // The device that sends it, and a number that only grows there: what comes late changes nothing.
 *     from?: FromDeviceShape,
 * }
 * @phpstan-type DeleteBallShape array{from?: FromDeviceShape}
 */
final class PutBallRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'seen' => ['present', 'array'],
            'hit_at' => ['bail', 'required', 'string', 'date', 'after_or_equal:2000-01-01', 'before:+1 day'],
        ];
    }
}
