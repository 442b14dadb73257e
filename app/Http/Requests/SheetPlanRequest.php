<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\BallSet;
use App\Models\SheetImport;
use App\Sheets\SheetFile;
use App\Sheets\SheetPlan;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\In;

/** How a sheet is to be read; mapping and task themselves are checked by the core. */
final class SheetPlanRequest extends FormRequest
{
    /** @return array<string, list<string|In>> */
    public function rules(): array
    {
        return [
            'mapping' => ['required', 'array'],
            'task' => ['required', 'array'],
            'purpose' => ['required', Rule::in(BallSet::PURPOSES)],
            'day' => ['nullable', 'date_format:Y-m-d', 'before_or_equal:tomorrow'],
            'remember' => ['nullable', 'string', 'max:80'],
        ];
    }

    public function plan(SheetImport $import): SheetPlan
    {
        return SheetPlan::of(SheetFile::open($import->path()), $this->array('mapping'), $this->array('task'), $this->day());
    }

    public function day(): ?Carbon
    {
        return $this->filled('day') ? Carbon::parse($this->string('day')->value()) : null;
    }
}
