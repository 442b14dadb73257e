<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Club\Handedness;
use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Evidence\Ball;
use LowPoint\Core\Evidence\Field;
use LowPoint\Core\Evidence\Flight;
use LowPoint\Core\Evidence\Group;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Evidence\Mark;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Observations;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Strike\Lie;

/**
 * Reads the open case format and reports every fault at once. An absent key means "not looked at"; so does null,
 * except for touch_mm, where null means "did not touch the ground".
 */
final class CaseReader
{
    public const FORMAT = 'low-point-case/1';

    public const MOST_BALLS = 1000;

    public const LONGEST_BELIEF = 500;

    /** @var list<Fault> */
    private array $faults = [];

    /** Known even when the rest of the task is at fault, so that the balls can be checked all the same. */
    private ?Shot $shot = null;

    private function __construct() {}

    /** @throws InvalidInput with every fault found */
    public static function fromJson(string $json): LessonCase
    {
        try {
            $data = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw InvalidInput::one('case', mb_strimwidth(mb_scrub($json), 0, 40, '…'), "a JSON object ({$e->getMessage()})");
        }

        return self::fromValue($data);
    }

    /** @throws InvalidInput with every fault found */
    public static function fromValue(mixed $data): LessonCase
    {
        $reader = new self;
        $case = $reader->case($data);
        if ($reader->faults !== [] || $case === null) {
            throw new InvalidInput($reader->faults === [] ? [new Fault('case', $data, 'a case')] : $reader->faults);
        }

        return $case;
    }

    /** @throws InvalidInput */
    public static function task(mixed $data): Task
    {
        $reader = new self;
        $task = $reader->readTask($data);
        if ($reader->faults !== [] || $task === null) {
            throw new InvalidInput($reader->faults === [] ? [new Fault('task', $data, 'a task')] : $reader->faults);
        }

        return $task;
    }

    /** @throws InvalidInput */
    public static function observations(mixed $setup, mixed $motion, mixed $measured = []): Observations
    {
        $reader = new self;
        $seen = [...$reader->readGroup(Group::Setup, $setup), ...$reader->readGroup(Group::Motion, $motion)];
        $halves = $reader->readMeasured($measured, $seen);
        if ($reader->faults !== []) {
            throw new InvalidInput($reader->faults);
        }

        return new Observations($seen, $halves);
    }

    /** @throws InvalidInput */
    public static function ball(mixed $data, Shot $shot, string $key = 'ball'): Ball
    {
        $reader = new self;
        $ball = $reader->readBall($data, $key, $shot);
        if ($reader->faults !== []) {
            throw new InvalidInput($reader->faults);
        }

        return $ball;
    }

    private function case(mixed $data): ?LessonCase
    {
        $data = $this->object('case', $data, ['format', 'student', 'task', 'setup', 'motion', 'measured', 'balls']);
        if (($data['format'] ?? null) !== self::FORMAT) {
            $this->fault('format', $data['format'] ?? null, self::FORMAT);
        }
        $student = $this->object('student', $data['student'] ?? [], ['handed', 'limits']);
        $handed = $this->enum(Handedness::class, 'student.handed', $student['handed'] ?? Handedness::Right->value);
        $limits = $this->limits($student['limits'] ?? []);
        $task = $this->readTask($data['task'] ?? null);
        $setup = $this->readGroup(Group::Setup, $data['setup'] ?? []);
        $motion = $this->readGroup(Group::Motion, $data['motion'] ?? []);
        $seen = [...$setup, ...$motion];
        $halves = $this->readMeasured($data['measured'] ?? [], $seen);
        $balls = $this->balls($data['balls'] ?? []);

        return $task === null || $handed === null
            ? null
            : new LessonCase($task, new Observations($seen, $halves), $balls, $handed, $limits);
    }

    private function readTask(mixed $data): ?Task
    {
        $fields = Task::fields();
        $data = $this->object('task', $data, ['shot', 'lie', 'club', 'method', 'belief', ...array_keys($fields)]);
        $shot = $this->shot = $this->enum(Shot::class, 'task.shot', $data['shot'] ?? null);
        $lie = $this->enum(Lie::class, 'task.lie', $data['lie'] ?? null);
        $method = isset($data['method']) ? $this->enum(School::class, 'task.method', $data['method']) : null;
        $club = $this->club($data['club'] ?? null);
        $belief = $data['belief'] ?? null;
        if ($belief !== null) {
            $this->check('task.belief', $belief, Field::text('Belief', self::LONGEST_BELIEF));
        }
        $known = $this->known('task', $data, $fields);
        if ($shot === null || $lie === null || $club === null) {
            return null;
        }
        try {
            return new Task(
                $shot,
                $lie,
                $club,
                self::float($known['slope_deg'] ?? null) ?? 0.0,
                self::float($known['side_slope_deg'] ?? null) ?? 0.0,
                self::float($known['carry_m'] ?? null),
                self::float($known['roll_m'] ?? null),
                self::float($known['lip_height_m'] ?? null),
                self::float($known['lip_distance_m'] ?? null),
                isset($known['flight_wanted']) ? Flight::from((string) $known['flight_wanted']) : Flight::Stock,
                $method,
                \is_string($belief) ? $belief : null,
                Backswing::seen(self::string($known['own_length'] ?? null)),
            );
        } catch (InvalidInput $e) {
            array_push($this->faults, ...$e->faults);

            return null;
        }
    }

    private function club(mixed $data): ?Club
    {
        $fields = Task::clubFields();
        $data = $this->object('task.club', $data, array_keys($fields));
        $before = \count($this->faults);
        $known = $this->known('task.club', $data, $fields);
        foreach (['loft_deg', 'bounce_deg'] as $needed) {
            if (! isset($data[$needed])) {
                $this->fault("task.club.{$needed}", null, $fields[$needed]->allowed());
            }
        }
        if (\count($this->faults) > $before) {
            return null;
        }

        return new Club(
            (float) ($known['loft_deg'] ?? 0),
            (float) ($known['bounce_deg'] ?? 0),
            (float) ($known['lie_deg'] ?? Club::STANDARD_LIE_DEG),
            isset($known['name']) ? (string) $known['name'] : null,
        );
    }

    /** @return array<string, float|string> */
    private function readGroup(Group $group, mixed $data): array
    {
        $observables = Observable::in($group);
        $keys = array_map(static fn(Observable $one): string => $one->value, $observables);
        $data = $this->object($group->value, $data, $keys);
        $fields = array_combine($keys, array_map(static fn(Observable $one): Field => $one->field(), $observables));

        return array_map(
            static fn(float|int|string $value): float|string => \is_string($value) ? $value : (float) $value,
            $this->known($group->value, $data, $fields),
        );
    }

    /**
     * Half intervals of what was measured; whatever is not in here was seen by eye.
     *
     * @param  array<string, float|string>  $seen
     * @return array<string, float>
     */
    private function readMeasured(mixed $data, array $seen): array
    {
        $figures = array_filter(Observable::cases(), static fn(Observable $one): bool => $one->field()->kind === 'number');
        $keys = array_map(static fn(Observable $one): string => $one->value, $figures);
        $data = $this->object('measured', $data, array_values($keys));
        $halves = [];
        foreach ($figures as $one) {
            $half = $data[$one->value] ?? null;
            if ($half === null) {
                continue;
            }
            $this->check("measured.{$one->value}", $half, self::half($one));
            if (! isset($seen[$one->value])) {
                $this->fault("measured.{$one->value}", $half, "only beside a figure under {$one->group()->value}.{$one->value}");
            } elseif (\is_int($half) || \is_float($half)) {
                $halves[$one->value] = (float) $half;
            }
        }

        return $halves;
    }

    /** Half of the 90 % interval of a figure that was measured. */
    public static function half(Observable $what): Field
    {
        $field = $what->field();

        return Field::number("Half of the 90 % interval of {$field->label}", $field->unit, 0, $field->max - $field->min);
    }

    /** @return list<Ball> */
    private function balls(mixed $data): array
    {
        if (! \is_array($data) || ! array_is_list($data) || \count($data) > self::MOST_BALLS) {
            $this->fault('balls', \is_array($data) ? \count($data).' balls' : $data, 'a list of at most '.self::MOST_BALLS.' balls');

            return [];
        }
        $balls = [];
        foreach ($data as $i => $one) {
            $balls[] = $this->readBall($one, "balls[{$i}]", $this->shot);
        }

        return $balls;
    }

    private function readBall(mixed $data, string $key, ?Shot $shot): Ball
    {
        $fields = Ball::fields();
        $data = $this->object($key, $data, array_keys($fields));
        $known = $this->known($key, $data, $fields);
        $strike = Strike::tryFrom((string) ($known['strike'] ?? ''));
        if ($strike !== null && $shot !== null && ! \in_array($strike, $shot->strikes(), true)) {
            $this->fault(
                "{$key}.strike",
                $strike->value,
                "for a {$shot->value}: ".implode(', ', array_map(static fn(Strike $one): string => $one->value, $shot->strikes())),
            );
        }

        return new Ball(
            $strike,
            self::float($known['touch_mm'] ?? null),
            \array_key_exists('touch_mm', $data) && $data['touch_mm'] === null,
            Mark::tryFrom((string) ($known['mark'] ?? '')),
            self::float($known['mark_length_mm'] ?? null),
            self::string($known['flight'] ?? null),
            self::float($known['start_deg'] ?? null),
            self::float($known['carry_m'] ?? null),
            self::float($known['finish_m'] ?? null),
            self::string($known['roll'] ?? null),
            self::string($known['sound'] ?? null),
            self::string($known['sand_direction'] ?? null),
            self::string($known['note'] ?? null),
            self::float($known['roll_m'] ?? null),
        );
    }

    /** @return list<Limit> */
    private function limits(mixed $data): array
    {
        if (! \is_array($data) || ! array_is_list($data)) {
            $this->fault('student.limits', $data, 'a list of: '.self::allowed(Limit::class));

            return [];
        }
        $limits = [];
        foreach ($data as $i => $one) {
            $limit = $this->enum(Limit::class, "student.limits[{$i}]", $one);
            if ($limit !== null && ! \in_array($limit, $limits, true)) {
                $limits[] = $limit;
            }
        }

        return $limits;
    }

    /**
     * The values of the known keys that are present and not null; each fault is noted.
     *
     * @param  array<string, mixed>  $data
     * @param  array<string, Field>  $fields
     * @return array<string, float|int|string>
     */
    private function known(string $under, array $data, array $fields): array
    {
        $known = [];
        foreach ($fields as $key => $field) {
            $value = $data[$key] ?? null;
            if (
                $value !== null
                && $this->check("{$under}.{$key}", $value, $field)
                && (\is_int($value) || \is_float($value) || \is_string($value))
            ) {
                $known[$key] = $value;
            }
        }

        return $known;
    }

    private function check(string $key, mixed $value, Field $field): bool
    {
        $fault = $field->fault($key, $value);
        if ($fault !== null) {
            $this->faults[] = $fault;
        }

        return $fault === null;
    }

    /**
     * @param  list<string>  $allowed
     * @return array<string, mixed>
     */
    private function object(string $key, mixed $data, array $allowed): array
    {
        if (! \is_array($data) || ($data !== [] && array_is_list($data))) {
            $this->fault($key, $data, 'an object with: '.implode(', ', $allowed));

            return [];
        }
        $object = [];
        foreach ($data as $name => $value) {
            if (! \in_array($name, $allowed, true)) {
                $this->fault(($key === 'case' ? '' : "{$key}.").$name, 'unknown key', 'one of the keys '.implode(', ', $allowed));
            }
            $object[(string) $name] = $value;
        }

        return $object;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T|null
     */
    private function enum(string $enum, string $key, mixed $value): ?\BackedEnum
    {
        $case = \is_string($value) ? $enum::tryFrom($value) : null;
        if ($case === null) {
            $this->fault($key, $value, self::allowed($enum));
        }

        return $case;
    }

    /** @param class-string<\BackedEnum> $enum */
    private static function allowed(string $enum): string
    {
        return implode(', ', array_map(static fn(\BackedEnum $case): string => (string) $case->value, $enum::cases()));
    }

    private function fault(string $key, mixed $value, string $allowed): void
    {
        $this->faults[] = new Fault($key, $value, $allowed);
    }

    private static function float(float|int|string|null $value): ?float
    {
        return $value === null ? null : (float) $value;
    }

    private static function string(float|int|string|null $value): ?string
    {
        return $value === null ? null : (string) $value;
    }
}
