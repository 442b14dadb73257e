<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\SheetImport;
use Illuminate\Support\Carbon;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\SheetImport\SheetMapping;
use LowPoint\Core\SheetImport\SheetRow;

/** How a sheet is to be read: which columns hold what, at which task the balls were hit, on which day where it does not tell. */
final readonly class SheetPlan
{
    /** More on one day is no practice of short shots but a day column that was not named. */
    public const MOST_A_DAY = 1000;

    private function __construct(
        private SheetFile $file,
        public SheetMapping $mapping,
        public Task $task,
        public ?Carbon $day,
    ) {}

    /**
     * @param  array<array-key, mixed>  $mapping
     * @param  array<array-key, mixed>  $task
     *
     * @throws InvalidInput naming key, value and range
     */
    public static function of(SheetFile $file, array $mapping, array $task, ?Carbon $day): self
    {
        $plan = new self($file, SheetMapping::fromValue($mapping, $file->headers), CaseReader::task($task), $day);

        return $plan->mapping->time === null && $day === null
            ? throw InvalidInput::one('day', null, 'the day on which the balls were hit, or a column that tells it')
            : $plan;
    }

    public static function kept(SheetImport $import): self
    {
        return self::of(SheetFile::of($import), $import->mapping ?? [], $import->task ?? [], $import->day);
    }

    /**
     * The rows as balls. A row that is not one comes as the refusal that says why; one of other balls as null.
     *
     * @param  int  $after  the last row to pass over
     * @param  array<string, int>  $perDay  balls of the rows passed over, by day
     * @return \Generator<int, SheetRow|InvalidInput|null>
     */
    public function rows(int $after, array $perDay): \Generator
    {
        $latest = now()->addDay();
        foreach ($this->file->rows($after) as $number => $cells) {
            try {
                $row = $this->mapping->row($cells, $this->task->shot);
                if ($row !== null) {
                    $row = new SheetRow($row->ball, $row->at ?? $this->day?->copy()->setTime(12, 0)->toDateTimeImmutable());
                    $day = (string) $row->at?->format('Y-m-d');
                    $perDay[$day] = ($perDay[$day] ?? 0) + 1;
                    if ($row->at > $latest) {
                        throw InvalidInput::one($this->mapping->time['header'] ?? 'day', $day, 'a day that is not to come');
                    }
                    if ($perDay[$day] > self::MOST_A_DAY) {
                        throw InvalidInput::one(
                            $this->mapping->time['header'] ?? 'day',
                            $day,
                            'at most '.self::MOST_A_DAY.' balls a day',
                        );
                    }
                }
                yield $number => $row;
            } catch (InvalidInput $e) {
                yield $number => $e;
            }
        }
    }
}
