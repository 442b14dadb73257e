<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/**
 * How many days a link stays open.
 *
 * @phpstan-type MakeLinkShape array{days: int<1, 365>}
 */
final class MakeLinkRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['days' => ['required', 'integer', 'between:1,365']];
    }
}
