<?php

declare(strict_types=1);

namespace LowPoint\Core\Ledger;

use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Reading\ReadingEngine;

/** Made-up sound students (bench/pool) on whom no correction may accuse more than the engine does. */
final class SoundStudents
{
    private const FILE = __DIR__.'/../../data/sound-students.jsonl';

    /**
     * Share of them who are given something to work on.
     *
     * @throws InvalidInput for a file that holds no cases
     */
    public static function setToWork(ReadingEngine $engine): float
    {
        $cases = self::cases();
        $set = array_filter($cases, static fn(LessonCase $case): bool => $engine->read($case)->workOnFirst !== null);

        return \count($set) / max(1, \count($cases));
    }

    /**
     * @return list<LessonCase>
     *
     * @throws InvalidInput for a file that holds no cases
     */
    private static function cases(): array
    {
        return array_map(CaseReader::fromJson(...), file(self::FILE, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: []);
    }
}
