<?php

declare(strict_types=1);

namespace LowPoint\Core\Ledger;

use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Read;

/** The lines of a place in the order of their time, one JSON object a line. */
final class Ledger
{
    public const MOST_LINES = 20_000;

    private const KEYS = ['case', 'worked_on', 'done', 'after', 'confirmed'];

    private const AFTER = ['setup', 'motion', 'measured', 'balls'];

    /**
     * @return list<Line>
     *
     * @throws InvalidInput with every fault found, by line
     */
    public static function fromJsonLines(string $text): array
    {
        $rows = preg_split('/\R/u', trim($text)) ?: [];
        $rows = $rows === [''] ? [] : $rows;
        if (\count($rows) > self::MOST_LINES) {
            throw InvalidInput::one('ledger', \count($rows).' lines', 'at most '.self::MOST_LINES.' lines');
        }
        $read = new Read;
        $lines = [];
        foreach ($rows as $i => $row) {
            $under = 'line '.($i + 1);
            $data = json_decode($row, true, 64);
            if (! \is_array($data)) {
                $shown = mb_strimwidth(mb_scrub($row), 0, 40, '…');
                $read->refuse(new Fault($under, $shown, 'a JSON object with: '.implode(', ', self::KEYS)));

                continue;
            }
            $lines[] = self::line($read, $data, $under);
        }
        $read->check();

        return array_values(array_filter($lines));
    }

    /** @param list<Line> $lines */
    public static function toJsonLines(array $lines): string
    {
        $flags = JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR;

        return implode(
            '',
            array_map(
                static fn(Line $line): string => json_encode(
                    [
                        'case' => CaseWriter::toArray($line->case),
                        'worked_on' => $line->workedOn,
                        'done' => $line->done,
                        'after' => $line->after === null
                            ? null
                            : array_intersect_key(CaseWriter::toArray($line->after), array_flip(self::AFTER)),
                        'confirmed' => $line->confirmed,
                    ],
                    $flags,
                )."\n",
                $lines,
            ),
        );
    }

    private static function line(Read $read, mixed $data, string $under): ?Line
    {
        $data = $read->object($under, $data, self::KEYS);
        if ($data === null) {
            return null;
        }
        $done = $data['done'] ?? null;
        if ($done !== null && ! \is_bool($done)) {
            $read->refuse(new Fault("{$under}.done", $done, 'true, false or null'));
        }
        $case = self::caseOf($read, $data['case'] ?? null, "{$under}.case");
        $after = isset($data['after']) ? self::after($read, $data, "{$under}.after") : null;
        $workedOn = self::cause($read, $data['worked_on'] ?? null, "{$under}.worked_on", false);
        $confirmed = self::cause($read, $data['confirmed'] ?? null, "{$under}.confirmed", true);

        return $case === null ? null : new Line($case, $workedOn, \is_bool($done) ? $done : null, $after, $confirmed);
    }

    /** @param array<string, mixed> $data */
    private static function after(Read $read, array $data, string $under): ?LessonCase
    {
        $after = $read->object($under, $data['after'], self::AFTER);
        $case = \is_array($data['case'] ?? null) ? $data['case'] : [];

        return $after === null
            ? null
            : self::caseOf(
                $read,
                array_intersect_key($case, ['format' => 1, 'student' => 1, 'task' => 1]) + $after,
                $under,
            );
    }

    private static function caseOf(Read $read, mixed $data, string $under): ?LessonCase
    {
        try {
            return CaseReader::fromValue($data);
        } catch (InvalidInput $e) {
            $read->refuseAll($e, "{$under}.");

            return null;
        }
    }

    private static function cause(Read $read, mixed $value, string $under, bool $orNothing): ?string
    {
        $known = \is_string($value) && (CauseLibrary::standard()->find($value) !== null || ($orNothing && $value === Line::NOTHING));
        if ($value !== null && ! $known) {
            $read->refuse(new Fault($under, $value, 'the id of a cause, as "ball_back",'.($orNothing ? ' "none"' : '').' or null'));
        }

        return $known ? $value : null;
    }
}
