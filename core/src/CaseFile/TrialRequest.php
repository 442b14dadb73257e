<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Observations;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Reading\SetupTrial;
use LowPoint\Core\Records\Write;

/** A "what if" as sent by a screen: {"setup": {id: value}, "task": {"lie", "club"}}, each key optional. */
final readonly class TrialRequest
{
    private const TASK_KEYS = ['lie', 'club'];

    private function __construct(
        public Observations $setup,
        public Task $task,
    ) {}

    /**
     * @param  array<array-key, mixed>  $setup
     * @param  array<array-key, mixed>  $task
     *
     * @throws InvalidInput naming key, value and range
     */
    public static function of(LessonCase $case, array $setup, array $task): self
    {
        $figures = array_map(static fn(Observable $what): string => $what->value, SetupTrial::FIGURES);
        $faults = [...self::unknown('setup', $setup, $figures), ...self::unknown('task', $task, self::TASK_KEYS)];
        if ($faults !== []) {
            throw new InvalidInput($faults);
        }

        return new self(CaseReader::observations($setup, []), CaseReader::task([...Write::record($case->task), ...$task]));
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @param  list<string>  $allowed
     * @return list<Fault>
     */
    private static function unknown(string $group, array $given, array $allowed): array
    {
        $faults = [];
        foreach (array_diff(array_keys($given), $allowed) as $key) {
            $faults[] = new Fault("{$group}.{$key}", $given[$key], implode(', ', $allowed));
        }

        return $faults;
    }
}
