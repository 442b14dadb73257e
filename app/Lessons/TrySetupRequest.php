<?php

declare(strict_types=1);

namespace App\Lessons;

use Illuminate\Foundation\Http\FormRequest;
use LowPoint\Core\CaseFile\CaseWriter;

/**
 * The figures themselves are checked by the core.
 *
 * @phpstan-import-type ObservedShape from CaseWriter
 * @phpstan-type TrySetupShape array{setup?: ObservedShape, task?: mixed}
 */
final class TrySetupRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['setup' => ['array'], 'task' => ['array']];
    }
}
