<?php

declare(strict_types=1);

namespace App\Account;

use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Facades\File;

/** A password that stands on no list of common ones; the list ships with the app, nobody is asked. */
final class NotCommon implements ValidationRule
{
    /** @param \Closure(string): \Illuminate\Translation\PotentiallyTranslatedString $fail */
    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $common = explode("\n", trim(File::get(resource_path('passwords/common.txt'))));
        if (\is_string($value) && \in_array(mb_strtolower($value), $common, true)) {
            $fail('This password is among the first that are tried. Choose another one.');
        }
    }
}
