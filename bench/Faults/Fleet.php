<?php

declare(strict_types=1);

namespace LowPoint\Bench\Faults;

use Random\Randomizer;

/** Four devices of one coach on one set: what they enter, and the sending of it while things go wrong. */
final class Fleet
{
    /** Of a hundred requests so many are cut off after a moment, are sent twice at once, come once more some rounds later. */
    private const CUT = 8;

    private const DOUBLED = 8;

    private const LATE = 10;

    private const PATIENCE_MS = 15_000;

    private const RETRY_S = 0.15;

    /** Looks that each device takes, its own and one that all take. */
    private const LOOKS = ['ball_position_pct', 'lead_weight_pct', 'shaft_lean_deg', 'face_open_deg'];

    private const COMMON_LOOK = 'stance_open_deg';

    /** @var array<string, int> */
    public array $told = ['entries' => 0, 'cut' => 0, 'doubled' => 0, 'late' => 0, 'failed' => 0, 'renewed' => 0];

    /** @var list<string> answers that an app would show as "not stored" */
    public array $refused = [];

    public float $slowestMs = 0.0;

    private string $lesson = '';

    private string $set = '';

    /** @var array<string, array<string, string>> balls in the set by device, and what they are addressed by */
    private array $balls = [];

    /** @var array<int, array{int, Device, Entry}> round in which it comes once more */
    private array $late = [];

    private int $values = 0;

    /** @param list<Device> $devices */
    public function __construct(
        public readonly array $devices,
        private readonly Truth $truth,
        private readonly Randomizer $random,
    ) {}

    public function begin(string $student): void
    {
        [$this->lesson, $this->set, $this->balls] = [self::id(), self::id(), []];
        $this->devices[0]->must('PUT', "/api/lessons/{$this->lesson}", [
            'student_id' => $student,
            'task' => ['shot' => 'chip', 'lie' => 'fairway', 'club' => ['loft_deg' => 56, 'bounce_deg' => 12], 'carry_m' => 9],
            'began_at' => gmdate(DATE_ATOM),
            'closed_at' => null,
        ]);
        $this->devices[0]->must('PUT', "/api/lessons/{$this->lesson}/sets/{$this->set}", [
            'purpose' => 'before',
            'setup' => (object) [],
            'motion' => (object) [],
        ]);
    }

    public function enter(): void
    {
        foreach ($this->devices as $i => $device) {
            for ($n = $this->random->getInt(1, 3); $n > 0; $n--) {
                $this->enterOne($i, $device);
            }
        }
    }

    private function enterOne(int $i, Device $device): void
    {
        $set = "/api/lessons/{$this->lesson}/sets/{$this->set}";
        $roll = $this->random->getInt(0, 99);
        if ($roll < 20) {
            $look = $roll < 6 ? self::COMMON_LOOK : self::LOOKS[$i];
            // Figures in their range, no two alike of one look within one set.
            $value = round(1 + (++$this->values % 2900) / 100, 2);
            $body = ['purpose' => 'before', 'setup' => [$look => $value], 'motion' => (object) []];
            $this->put($device, "look {$this->set} {$look}", $value, 'PUT', $set, $body);

            return;
        }
        $known = $this->balls[$roll >= 90 ? $this->devices[0]->name : $device->name] ?? [];
        $ball = $roll < 60 || $known === [] ? self::id() : (string) $this->random->pickArrayKeys($known, 1)[0];
        $this->balls[$device->name][$ball] = $ball;
        if ($roll >= 60 && $roll < 70 && $known !== []) {
            $this->put($device, "ball {$ball}", null, 'DELETE', "{$set}/balls/{$ball}", []);

            return;
        }
        $value = "{$device->name} ".++$this->values;
        $body = [
            'seen' => ['strike' => 'heavy', 'touch_mm' => -$this->random->getInt(5, 80), 'note' => $value],
            'hit_at' => gmdate(DATE_ATOM),
        ];
        $this->put($device, "ball {$ball}", $value, 'PUT', "{$set}/balls/{$ball}", $body);
    }

    /** @param array<string, mixed> $body */
    private function put(Device $device, string $record, float|string|null $value, string $method, string $path, array $body): void
    {
        $number = $device->next();
        $body['from'] = ['device' => $device->name, 'number' => $number];
        $entry = new Entry($record, $value, $method, $path, $body, $device->name, $number);
        $device->waiting[] = $entry;
        $this->truth->entered($entry);
        $this->told['entries']++;
    }

    /**
     * Sends what waits, one entry after another on each device and all devices at once.
     *
     * @param  float  $seconds  it goes no further then, whatever still waits
     * @param  callable(float): void  $meanwhile  gets the seconds since the beginning
     */
    public function send(int $round, float $seconds, callable $meanwhile): void
    {
        $multi = curl_multi_init();
        /** @var array<int, array{Device, Entry, \CurlHandle, bool}> $under */
        $under = [];
        $rest = [];
        $began = microtime(true);
        foreach ($this->late as $key => [$due, $device, $entry]) {
            if ($due <= $round && $device->online) {
                unset($this->late[$key]);
                $this->told['late']++;
                $this->launch($multi, $under, $device, $entry, true, self::PATIENCE_MS);
            }
        }
        do {
            $meanwhile(microtime(true) - $began);
            $over = microtime(true) - $began > $seconds;
            foreach ($this->devices as $device) {
                $busy = array_filter($under, static fn(array $one): bool => $one[0] === $device && ! $one[3]) !== [];
                if ($busy || $over || ! $device->online || $device->waiting === [] || ($rest[$device->name] ?? 0) > microtime(true)) {
                    continue;
                }
                $cut = $this->random->getInt(0, 99) < self::CUT;
                $this->told['cut'] += (int) $cut;
                $patience = $cut ? $this->random->getInt(1, 60) : self::PATIENCE_MS;
                $this->launch($multi, $under, $device, $device->waiting[0], false, $patience);
                if ($this->random->getInt(0, 99) < self::DOUBLED) {
                    $this->told['doubled']++;
                    $this->launch($multi, $under, $device, $device->waiting[0], true, self::PATIENCE_MS);
                }
            }
            curl_multi_exec($multi, $running);
            while (($done = curl_multi_info_read($multi)) !== false) {
                [$device, $entry, $handle, $copy] = $under[(int) spl_object_id($done['handle'])];
                unset($under[(int) spl_object_id($done['handle'])]);
                if (! $copy) {
                    $this->answered($round, $device, $entry, $handle);
                    $stays = $device->waiting !== [] && $device->waiting[0] === $entry;
                    $rest[$device->name] = $stays ? microtime(true) + self::RETRY_S : 0;
                }
                curl_multi_remove_handle($multi, $handle);
            }
            if ($running > 0) {
                curl_multi_select($multi, 0.02);
            } else {
                usleep(2_000);
            }
        } while ($under !== [] || (! $over && $this->waiting() > 0));
        curl_multi_close($multi);
    }

    /** @param array<int, array{Device, Entry, \CurlHandle, bool}> $under */
    private function launch(\CurlMultiHandle $multi, array &$under, Device $device, Entry $entry, bool $copy, int $patienceMs): void
    {
        $entry->sent = true;
        $handle = $device->request($entry->method, $entry->path, $entry->body, $patienceMs);
        curl_multi_add_handle($multi, $handle);
        $under[spl_object_id($handle)] = [$device, $entry, $handle, $copy];
    }

    private function answered(int $round, Device $device, Entry $entry, \CurlHandle $handle): void
    {
        $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        if ($status >= 200 && $status < 300) {
            array_shift($device->waiting);
            $this->truth->acknowledge($entry);
            $this->slowestMs = max($this->slowestMs, 1000 * (float) curl_getinfo($handle, CURLINFO_TOTAL_TIME));
            if ($this->random->getInt(0, 99) < self::LATE) {
                $this->late[] = [$round + $this->random->getInt(1, 6), $device, $entry];
            }
        } elseif ($status === 419) {
            $this->told['renewed']++;
            $device->renew();
        } elseif ($status >= 400 && $status < 500 && ! \in_array($status, [401, 429], true)) {
            array_shift($device->waiting);
            $this->refused[] = "{$status} {$entry->method} {$entry->record}: ".substr((string) curl_multi_getcontent($handle), 0, 200);
        } else {
            $this->told['failed']++;
        }
    }

    /** Entries that wait on devices that are online. */
    public function waiting(): int
    {
        return array_sum(array_map(static fn(Device $one): int => $one->online ? \count($one->waiting) : 0, $this->devices));
    }

    public function lateOnes(): int
    {
        return \count($this->late);
    }

    private static function id(): string
    {
        return strtolower((string) new \Symfony\Component\Uid\Ulid);
    }
}
