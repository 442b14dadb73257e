<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\BallSetResource;
use App\Models\SheetImport;
use App\Sheets\SheetFile;
use App\Sheets\SheetPlan;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\Evidence\Purpose;
use LowPoint\Core\SheetImport\SheetMapping;

/**
 * How a sheet is to be read; mapping and task themselves are checked by the core.
 *
 * @phpstan-import-type PurposeShape from BallSetResource
 * @phpstan-import-type SheetMappingShape from SheetMapping
 * @phpstan-import-type TaskShape from CaseWriter
 * @phpstan-type SheetPlanShape array{
 *     mapping: SheetMappingShape,
 *     task: TaskShape,
 *     purpose: PurposeShape,
 *     // For sheets without days.
 *     day?: string|null,
 *     // Keep the mapping under this name.
 *     remember?: string|null,
 * }
 */
final class SheetPlanRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'mapping' => ['required', 'array'],
            'task' => ['required', 'array'],
            'purpose' => ['required', Rule::enum(Purpose::class)],
            'day' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'before_or_equal:tomorrow'],
            'remember' => ['nullable', 'string', 'max:80'],
        ];
    }

    public function plan(SheetImport $import): SheetPlan
    {
        return SheetPlan::of(SheetFile::of($import), $this->array('mapping'), $this->array('task'), $this->day());
    }

    public function day(): ?Carbon
    {
        return $this->filled('day') ? Carbon::parse($this->string('day')->value()) : null;
    }
}
