<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/**
 * What was handed out by mistake: it is taken back only where it still stands, so that asking twice does no harm.
 *
 * @phpstan-import-type FromDeviceShape from PutBallRequest
 * @phpstan-type TakeBackPrescriptionShape array{cause: string, feel: string, drills: list<string>, from?: FromDeviceShape}
 */
final class TakeBackPrescriptionRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'cause' => ['required', 'string', 'max:60'],
            'feel' => ['required', 'string', 'max:'.PutPrescriptionRequest::LONGEST_TEXT],
            'drills' => ['present', 'array', 'max:9'],
            'drills.*' => ['string', 'max:60'],
        ];
    }
}
