<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Evidence\EarlierSet;
use LowPoint\Core\Evidence\Group;
use LowPoint\Core\Evidence\Learner;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Observations;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Evidence\Tried;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Records\Layout;
use LowPoint\Core\Records\Read;

/**
 * Reads the open case format and reports every fault at once. An absent key means "not looked at"; so does null,
 * except for touch_mm, where null means "did not touch the ground".
 */
final readonly class CaseReader
{
    public const FORMAT = 'low-point-case/1';

    private const KEYS = ['format', 'student', 'task', 'setup', 'motion', 'measured', 'balls', 'earlier'];

    public const MOST_BALLS = 1000;

    public const MOST_EARLIER = 12;

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
        $data = $this->read->object('', $data, self::KEYS, 'case') ?? [];
        if (($data['format'] ?? null) !== self::FORMAT) {
            $this->read->refuse(new Fault('format', $data['format'] ?? null, self::FORMAT));
        }
        $learner = $this->read->part(Learner::class, $data['student'] ?? [], 'student');
        $task = $this->read->part(Task::class, $data['task'] ?? null, 'task');
        $seen = $this->looks($data['setup'] ?? [], $data['motion'] ?? [], $data['measured'] ?? []);
        // Known even when the rest of the task is at fault, so that the balls can be checked all the same.
        $shot = \is_array($data['task'] ?? null) && \is_string($data['task']['shot'] ?? null) ? Shot::tryFrom($data['task']['shot']) : null;
        $balls = $this->balls($data['balls'] ?? [], $shot);

        $earlier = $this->earlier($data['earlier'] ?? [], $shot);

        return $task === null || $learner === null
            ? null
            : new LessonCase($task, $seen, $balls, $learner->handed, $learner->limits, $earlier);
    }

    /** @return list<EarlierSet> */
    private function earlier(mixed $data, ?Shot $shot): array
    {
        if (! \is_array($data) || ! array_is_list($data) || \count($data) > self::MOST_EARLIER) {
            $what = \is_array($data) ? \count($data).' sets' : $data;
            $this->read->refuse(new Fault('earlier', $what, 'a list of at most '.self::MOST_EARLIER.' sets, the newest, oldest first'));

            return [];
        }
        $earlier = [];
        $days = PHP_INT_MAX;
        foreach ($data as $i => $one) {
            $set = $this->earlierSet($one, $shot, "earlier[{$i}]");
            if ($set !== null && $set->tried->daysAgo > $days) {
                $this->read->refuse(
                    new Fault("earlier[{$i}].days_ago", $set->tried->daysAgo, "at most {$days}, as of the set before it: oldest first"),
                );
            }
            $days = $set->tried->daysAgo ?? $days;
            $earlier[] = $set;
        }

        return array_values(array_filter($earlier));
    }

    private function earlierSet(mixed $data, ?Shot $shot, string $key): ?EarlierSet
    {
        $tells = Layout::of(Tried::class)->keys();
        $data = $this->read->object($key, $data, [...$tells, 'setup', 'motion', 'measured', 'balls']);
        if ($data === null) {
            return null;
        }
        $tried = $this->read->part(Tried::class, array_intersect_key($data, array_flip($tells)), $key);
        $workedOn = $tried->workedOn ?? null;
        if ($workedOn !== null && CauseLibrary::standard()->find($workedOn) === null) {
            $this->read->refuse(new Fault("{$key}.worked_on", $workedOn, 'the id of a cause, as "ball_back", or null'));
        }
        $seen = $this->looks($data['setup'] ?? [], $data['motion'] ?? [], $data['measured'] ?? [], "{$key}.");
        $balls = $this->balls($data['balls'] ?? [], $tried->task->shot ?? $shot, "{$key}.balls");

        return $tried === null ? null : new EarlierSet($tried, $seen, $balls);
    }

    /** @param string $under what their keys begin with */
    private function looks(mixed $setup, mixed $motion, mixed $measured, string $under = ''): Observations
    {
        $told = [...$this->group(Group::Setup, $setup, $under), ...$this->group(Group::Motion, $motion, $under)];
        $seen = $words = [];
        foreach ($told as $id => $value) {
            $field = Observable::from($id)->field();
            $figure = \is_string($value) ? $field->figureOf($value) : null;
            $seen[$id] = $figure ?? $value;
            if ($figure !== null && \is_string($value)) {
                $words[$id] = $value;
            }
        }

        return new Observations($seen, $this->measured($measured, $seen, $under), words: $words);
    }

    /** @return array<string, float|string> */
    private function group(Group $group, mixed $data, string $under): array
    {
        $observables = Observable::in($group);
        $data = $this->read->object($under.$group->value, $data, array_column($observables, 'value')) ?? [];
        $known = [];
        foreach ($observables as $one) {
            $value = $data[$one->value] ?? null;
            if ($value === null) {
                continue;
            }
            $fault = self::look($one, "{$under}{$group->value}.{$one->value}", $value);
            $this->read->refuse($fault);
            if ($fault === null && (\is_int($value) || \is_float($value) || \is_string($value))) {
                $known[$one->value] = \is_string($value) ? $value : (float) $value;
            }
        }

        return $known;
    }

    /** A measured look may be told by its word on the screen (handbook 16.5). */
    private static function look(Observable $what, string $key, mixed $value): ?Fault
    {
        if (\is_string($value) && $what->field()->figureOf($value) !== null) {
            return null;
        }
        $fault = $what->field()->fault($key, $value);
        $words = $what->field()->kind === 'number' ? array_column($what->field()->answers, 'label') : [];

        return $fault === null || $words === [] || ! \is_string($value)
            ? $fault
            : new Fault($key, $value, "{$fault->allowed}, or one of the words ".implode(', ', $words));
    }

    /**
     * Half intervals of what was measured; whatever is not in here was seen by eye.
     *
     * @param  array<string, float|string>  $seen
     * @return array<string, float>
     */
    private function measured(mixed $data, array $seen, string $under): array
    {
        $figures = array_filter(Observable::cases(), static fn(Observable $one): bool => $one->field()->kind === 'number');
        $data = $this->read->object("{$under}measured", $data, array_column($figures, 'value')) ?? [];
        $halves = [];
        foreach ($figures as $one) {
            $half = $data[$one->value] ?? null;
            if ($half === null) {
                continue;
            }
            $this->read->refuse(self::half($one)->fault("{$under}measured.{$one->value}", $half));
            if (! isset($seen[$one->value])) {
                $beside = "only beside a figure under {$under}{$one->group()->value}.{$one->value}";
                $this->read->refuse(new Fault("{$under}measured.{$one->value}", $half, $beside));
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
    private function balls(mixed $data, ?Shot $shot, string $key = 'balls'): array
    {
        if (! \is_array($data) || ! array_is_list($data) || \count($data) > self::MOST_BALLS) {
            $what = \is_array($data) ? \count($data).' balls' : $data;
            $this->read->refuse(new Fault($key, $what, 'a list of at most '.self::MOST_BALLS.' balls'));

            return [];
        }
        $balls = [];
        foreach ($data as $i => $one) {
            $balls[] = $this->ballOf($one, $shot, "{$key}[{$i}]");
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
