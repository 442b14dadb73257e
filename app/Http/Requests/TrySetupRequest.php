<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The figures themselves are checked by the core. */
final class TrySetupRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['setup' => ['array'], 'task' => ['array']];
    }
}
