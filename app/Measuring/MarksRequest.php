<?php

declare(strict_types=1);

namespace App\Measuring;

use Illuminate\Foundation\Http\FormRequest;
use LowPoint\Core\InvalidInput;

/** Marks on their way to the core, which knows what is allowed: here only that they are an object and no flood. */
abstract class MarksRequest extends FormRequest
{
    private const LONGEST = 64 * 1024;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws InvalidInput
     */
    public function marks(): array
    {
        if (\strlen((string) $this->getContent()) > self::LONGEST) {
            throw InvalidInput::one('marks', \strlen((string) $this->getContent()).' bytes', 'at most '.self::LONGEST);
        }

        return $this->all();
    }
}
