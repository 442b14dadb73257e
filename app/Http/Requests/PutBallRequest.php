<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** When it was hit; what was seen of the ball is checked by the core. */
final class PutBallRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['seen' => ['present', 'array'], 'hit_at' => ['required', 'date', 'after_or_equal:2000-01-01', 'before:+1 day']];
    }
}
