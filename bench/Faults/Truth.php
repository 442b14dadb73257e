<?php

declare(strict_types=1);

namespace LowPoint\Bench\Faults;

/**
 * What was entered and what was acknowledged, and from that what may stand in the database. Of one device the latest acknowledged
 * entry of a record holds, or a later one that was sent and whose answer was cut; of two devices whichever came last.
 */
final class Truth
{
    /** @var array<string, array<string, list<Entry>>> record => device => entries as they were made */
    private array $entries = [];

    /** @var array<string, array<string, int>> record => device => number of the latest acknowledged one */
    private array $acknowledged = [];

    public int $count = 0;

    public function entered(Entry $entry): void
    {
        $this->entries[$entry->record][$entry->device][] = $entry;
    }

    public function acknowledge(Entry $entry): void
    {
        $this->count++;
        $latest = $this->acknowledged[$entry->record][$entry->device] ?? 0;
        $this->acknowledged[$entry->record][$entry->device] = max($latest, $entry->number);
    }

    /**
     * @param  array<string, float|string>  $stored  record => value
     * @return list<string> what is wrong: "missing", "older", "revived" or "unknown", with the record
     */
    public function against(array $stored): array
    {
        $wrong = [];
        foreach ($this->entries as $record => $byDevice) {
            $allowed = [];
            $told = ($this->acknowledged[$record] ?? []) !== [];
            if (! $told) {
                $allowed[] = null;
            }
            foreach ($byDevice as $device => $entries) {
                $since = $this->acknowledged[$record][$device] ?? 0;
                foreach ($entries as $entry) {
                    if ($entry->number >= $since && ($entry->sent || $entry->number === $since)) {
                        $allowed[] = $entry->value;
                    }
                }
            }
            $value = $stored[$record] ?? null;
            if (\in_array($value, $allowed, true)) {
                continue;
            }
            $known = array_merge(...array_map(static fn(array $all): array => array_column($all, 'value'), array_values($byDevice)));
            $wrong[] =
                match (true) {
                    $value === null => 'missing',
                    ! \in_array($value, $known, true) => 'unknown',
                    \in_array(null, $allowed, true) && \count($allowed) === 1 => 'revived',
                    default => 'older',
                }
            ." {$record}";
        }
        foreach (array_diff_key($stored, $this->entries) as $record => $value) {
            $wrong[] = "unknown {$record}";
        }

        return $wrong;
    }
}
