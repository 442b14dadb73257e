<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\SheetImport;
use Illuminate\Support\Carbon;
use LowPoint\Core\Evidence\Purpose;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Moment;
use LowPoint\Core\Records\Open;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;

/** How a sheet is to be read; what its columns can hold is known by the file, what the task can be by the core. */
#[Schema('SheetPlan')]
final readonly class ReadSheet
{
    /**
     * @param  array<array-key, mixed>  $mapping
     * @param  array<array-key, mixed>  $task
     */
    public function __construct(
        #[Open('SheetMapping')]
        public array $mapping,
        #[Open('Task')]
        public array $task,
        public Purpose $purpose,
        #[Moment(day: true), Key('For sheets without days.')]
        public ?\DateTimeImmutable $day = null,
        #[Text('Remember as', 80), Key('Keep the mapping under this name.')]
        public ?string $remember = null,
    ) {}

    public function plan(SheetImport $import): SheetPlan
    {
        $day = $this->day === null ? null : Carbon::instance($this->day);

        return SheetPlan::of(SheetFile::of($import), $this->mapping, $this->task, $day);
    }
}
