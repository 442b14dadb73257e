<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;

/**
 * What an academy has in common.
 *
 * @phpstan-type PutAcademyShape array{
 *     name: string,
 *     // Shot => the school it is taught in here; one that is not named goes by the lie.
 *     schools: array<string, value-of<School>>,
 * }
 */
final class PutAcademyRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:200'], 'schools' => ['present', 'array'], 'schools.*' => [Rule::enum(School::class)]];
    }

    public function after(): \Closure
    {
        return function (Validator $validator): void {
            foreach ((array) $this->input('schools') as $shot => $school) {
                $of = Shot::tryFrom((string) $shot);
                $taught = \is_string($school) ? School::tryFrom($school) : null;
                if ($of === null || ($taught !== null && ! $taught->teaches($of))) {
                    $validator->errors()->add("schools.{$shot}", 'A shot, and a school that teaches it.');
                }
            }
        };
    }
}
