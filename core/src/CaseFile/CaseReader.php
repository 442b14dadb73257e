<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Evidence\Group;
use LowPoint\Core\Evidence\Learner;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Observations;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Records\Read;

/**
 * Reads the open case format and reports every fault at once. An absent key means "not looked at"; so does null,
 * except for touch_mm, where null means "did not touch the ground".
 */
final readonly class CaseReader
{
    public const FORMAT = 'low-point-case/1';

    public const MOST_BALLS = 1000;

    private function __construct(private Read $read) {}

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
        $reader = new self(new Read);
        $case = $reader->case($data);
        $reader->read->check();

        return $case ?? throw new \LogicException('A case was neither read nor refused.');
    }

    /** @throws InvalidInput */
    public static function task(mixed $data): Task
    {
        return Read::record(Task::class, $data, 'task');
    }

    /** @throws InvalidInput */
    public static function observations(mixed $setup, mixed $motion, mixed $measured = []): Observations
    {
        $reader = new self(new Read);
        $seen = $reader->looks($setup, $motion, $measured);
        $reader->read->check();

        return $seen;
    }

    /** @throws InvalidInput */
    public static function ball(mixed $data, Shot $shot, string $key = 'ball'): SeenBall
    {
        $reader = new self(new Read);
        $ball = $reader->ballOf($data, $shot, $key);
        $reader->read->check();

        return $ball ?? throw new \LogicException('A ball was neither read nor refused.');
    }

    private function case(mixed $data): ?LessonCase
    {
        $data = $this->read->object('', $data, ['format', 'student', 'task', 'setup', 'motion', 'measured', 'balls'], 'case') ?? [];
        if (($data['format'] ?? null) !== self::FORMAT) {
            $this->read->refuse(new Fault('format', $data['format'] ?? null, self::FORMAT));
        }
        $learner = $this->read->part(Learner::class, $data['student'] ?? [], 'student');
        $task = $this->read->part(Task::class, $data['task'] ?? null, 'task');
        $seen = $this->looks($data['setup'] ?? [], $data['motion'] ?? [], $data['measured'] ?? []);
        // Known even when the rest of the task is at fault, so that the balls can be checked all the same.
        $shot = \is_array($data['task'] ?? null) && \is_string($data['task']['shot'] ?? null) ? Shot::tryFrom($data['task']['shot']) : null;
        $balls = $this->balls($data['balls'] ?? [], $shot);

        return $task === null || $learner === null ? null : new LessonCase($task, $seen, $balls, $learner->handed, $learner->limits);
    }

    private function looks(mixed $setup, mixed $motion, mixed $measured): Observations
    {
        $seen = [...$this->group(Group::Setup, $setup), ...$this->group(Group::Motion, $motion)];

        return new Observations($seen, $this->measured($measured, $seen));
    }

    /** @return array<string, float|string> */
    private function group(Group $group, mixed $data): array
    {
        $observables = Observable::in($group);
        $data = $this->read->object($group->value, $data, array_column($observables, 'value')) ?? [];
        $known = [];
        foreach ($observables as $one) {
            $value = $data[$one->value] ?? null;
            if ($value === null) {
                continue;
            }
            $fault = $one->field()->fault("{$group->value}.{$one->value}", $value);
            $this->read->refuse($fault);
            if ($fault === null && (\is_int($value) || \is_float($value) || \is_string($value))) {
                $known[$one->value] = \is_string($value) ? $value : (float) $value;
            }
        }

        return $known;
    }

    /**
     * Half intervals of what was measured; whatever is not in here was seen by eye.
     *
     * @param  array<string, float|string>  $seen
     * @return array<string, float>
     */
    private function measured(mixed $data, array $seen): array
    {
        $figures = array_filter(Observable::cases(), static fn(Observable $one): bool => $one->field()->kind === 'number');
        $data = $this->read->object('measured', $data, array_column($figures, 'value')) ?? [];
        $halves = [];
        foreach ($figures as $one) {
            $half = $data[$one->value] ?? null;
            if ($half === null) {
                continue;
            }
            $this->read->refuse(self::half($one)->fault("measured.{$one->value}", $half));
            if (! isset($seen[$one->value])) {
                $beside = "only beside a figure under {$one->group()->value}.{$one->value}";
                $this->read->refuse(new Fault("measured.{$one->value}", $half, $beside));
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

    /** @return list<SeenBall> */
    private function balls(mixed $data, ?Shot $shot): array
    {
        if (! \is_array($data) || ! array_is_list($data) || \count($data) > self::MOST_BALLS) {
            $what = \is_array($data) ? \count($data).' balls' : $data;
            $this->read->refuse(new Fault('balls', $what, 'a list of at most '.self::MOST_BALLS.' balls'));

            return [];
        }
        $balls = [];
        foreach ($data as $i => $one) {
            $balls[] = $this->ballOf($one, $shot, "balls[{$i}]");
        }

        return array_values(array_filter($balls));
    }

    private function ballOf(mixed $data, ?Shot $shot, string $key): ?SeenBall
    {
        $ball = $this->read->part(SeenBall::class, $data, $key);
        try {
            return $shot === null ? $ball : $ball?->of($shot);
        } catch (InvalidInput $e) {
            $this->read->refuseAll($e, "{$key}.");

            return null;
        }
    }
}
