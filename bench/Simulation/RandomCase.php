<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\Group;
use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Records\Layout;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Strike\Lie;

/** Cases that make no sense but are allowed, and cases that are not: for trying the engine and the reader. */
final readonly class RandomCase
{
    /** Figures stand at a bound of their range as often as this. */
    /** Share of figures that were measured, and the widest of their half intervals. */
    private const MEASURED = 0.2;

    private const WIDEST_HALF = 5.0;

    private const AT_BOUND = 0.2;

    private const MOST_BALLS = 15;

    private const MOST_EARLIER = 4;

    /**
     * @param  Dice|null  $measuring  for what is measured and not seen by eye; null: nothing is
     * @param  Dice  $later  for keys that came later, so that what was drawn before stays the same
     * @param  Dice|null  $earlier  for sets that came before; null: none did
     */
    public function __construct(
        private readonly Dice $dice,
        private readonly ?Dice $measuring = null,
        private readonly Dice $later = new Dice(2),
        private readonly ?Dice $earlier = null,
    ) {}

    /** @return array<string, mixed> a case that the reader takes */
    public function valid(): array
    {
        $shot = $this->dice->oneOf(Shot::cases());
        $club = [
            'loft_deg' => $this->value(Layout::fields(Club::class)['loft_deg'], $this->dice),
            'bounce_deg' => $this->value(Layout::fields(Club::class)['bounce_deg'], $this->dice),
        ];
        $balls = [];
        for ($i = (int) $this->dice->between(0, self::MOST_BALLS + 0.99); $i > 0; $i--) {
            $balls[] = $this->ball($shot);
        }

        $case = [
            'format' => CaseReader::FORMAT,
            'student' => [
                'handed' => $this->dice->oneOf(['right', 'left']),
                'limits' => $this->dice->chance(0.2) ? [$this->dice->oneOf(Limit::cases())->value] : [],
            ],
            'task' => [
                'shot' => $shot->value,
                'lie' => $this->dice->oneOf(array_map(static fn(Lie $lie): string => $lie->value, $shot->lies())),
                'club' => $club,
                'method' => $this->dice->chance(0.5) ? $this->dice->oneOf(School::cases())->value : null,
                'belief' => $this->dice->chance(0.3) ? $this->dice->oneOf(['scoop', 'I lift it', '…', '']) : null,
                ...$this->ofRecord(Task::class, 0.4, ['belief']),
            ],
            'setup' => $this->some(self::fields(Group::Setup), $this->dice->share()),
            'motion' => $this->some(self::fields(Group::Motion), $this->dice->share()),
            'balls' => $balls,
        ];

        if ($this->measuring?->chance(self::MEASURED) === true) {
            $case['motion'][Observable::LowPoint->value] = $this->measuring->between(
                Observable::LowPoint->field()->min,
                Observable::LowPoint->field()->max,
            );
        }

        return $case + $this->measured($case['setup'] + $case['motion']) + $this->earlier($shot);
    }

    /** @return array{earlier?: list<array<string, mixed>>} */
    private function earlier(Shot $shot): array
    {
        if ($this->earlier === null) {
            return [];
        }
        $sets = [];
        $days = 0;
        for ($i = (int) $this->earlier->between(0, self::MOST_EARLIER + 0.99); $i > 0; $i--) {
            $balls = [];
            for ($b = (int) $this->earlier->between(0, self::MOST_BALLS + 0.99); $b > 0; $b--) {
                $balls[] = $this->ball($shot);
            }
            array_unshift($sets, [
                'days_ago' => $days,
                'label' => $this->earlier->oneOf(['', '3 Nov', 'before']),
                'worked_on' => $this->earlier->chance(0.6) ? $this->earlier->oneOf(CauseLibrary::standard()->all())->id : null,
                'done' => $this->earlier->oneOf([true, false, null]),
                'setup' => $this->some(self::fields(Group::Setup), $this->earlier->share()),
                'motion' => $this->some(self::fields(Group::Motion), $this->earlier->share()),
                'balls' => $balls,
            ]);
            $days += (int) $this->earlier->between(0, 30);
        }

        return $sets === [] ? [] : ['earlier' => $sets];
    }

    /** @return array<string, mixed> a case with one thing wrong in it */
    public function broken(): array
    {
        $case = $this->valid();
        $setup = self::fields(Group::Setup);
        $wrong = $this->dice->oneOf([[], ['x' => 1], true, 'text', -1.0e9, 1.0e9, INF, NAN]);
        /** @var array<string, mixed> $task */
        $task = $case['task'];
        /** @var array<string, mixed> $seen */
        $seen = $case['setup'];
        if ($this->earlier?->chance(0.5) === true) {
            return ['earlier' => $this->earlier->oneOf(self::brokenEarlier())] + $case;
        }
        switch ((int) $this->dice->between(0, 7.99)) {
            case 0:
                $case['format'] = $wrong;
                break;
            case 1:
                $task[$this->dice->oneOf(['shot', 'lie', 'club', 'carry_m', 'slope_deg', 'method'])] = $wrong === [] ? ['x' => 1] : $wrong;
                $case['task'] = $task;
                break;
            case 2:
                unset($task[$this->dice->oneOf(['shot', 'lie', 'club'])]);
                $case['task'] = $task;
                break;
            case 3:
                $seen[$this->dice->oneOf(array_keys($setup))] = $wrong;
                $case['setup'] = $seen;
                break;
            case 4:
                $seen['no_such_look'] = 1;
                $case['setup'] = $seen;
                break;
            case 5:
                $case['balls'] = [[$this->dice->oneOf(['touch_mm', 'strike', 'mark', 'carry_m']) => $wrong]];
                break;
            case 6:
                $case['student'] = ['handed' => $wrong];
                break;
            default:
                $case[$this->dice->oneOf(['setup', 'motion', 'balls'])] = 7;
        }

        return $case;
    }

    /** @return list<mixed> */
    private static function brokenEarlier(): array
    {
        return [
            7,
            ['days_ago' => 1],
            [['days_ago' => -1]],
            [['days_ago' => 1.5]],
            [[]],
            [['days_ago' => 1, 'worked_on' => 'no_such_cause']],
            [['days_ago' => 1, 'done' => 'yes']],
            [['days_ago' => 1, 'balls' => [['touch_mm' => 1.0e9]]]],
            [['days_ago' => 1, 'setup' => ['shaft_lean_deg' => 1.0e9]]],
            [['days_ago' => 1], ['days_ago' => 2]],
            array_fill(0, CaseReader::MOST_EARLIER + 1, ['days_ago' => 1]),
            [['days_ago' => 1, 'no_such_key' => 1]],
        ];
    }

    /** @return array<string, mixed> */
    private function ball(Shot $shot): array
    {
        $ball = $this->ofRecord(SeenBall::class, $this->dice->share());
        unset($ball['strike']);
        if ($this->dice->chance(0.8)) {
            $ball['strike'] = $this->dice->oneOf(array_map(static fn(Strike $strike): string => $strike->value, $shot->strikes()));
        }
        if ($this->dice->chance(0.15)) {
            $ball['touch_mm'] = null;
        }

        return $ball;
    }

    /**
     * @param  class-string  $record
     * @param  list<string>  $but
     * @return array<string, mixed>
     */
    private function ofRecord(string $record, float $share, array $but = []): array
    {
        $fields = array_diff_key(Layout::fields($record), array_flip($but));
        $slots = Layout::of($record)->slots;
        $came = array_filter($fields, static fn(string $key): bool => $slots[$key]->told->since > 1, ARRAY_FILTER_USE_KEY);

        return $this->some(array_diff_key($fields, $came), $share) + $this->some($came, $share, $this->later);
    }

    /**
     * @param  array<string, Field>  $fields
     * @return array<string, mixed>
     */
    private function some(array $fields, float $share, ?Dice $dice = null): array
    {
        $some = [];
        foreach ($fields as $key => $field) {
            if (($dice ?? $this->dice)->chance($share)) {
                $some[$key] = $this->value($field, $dice ?? $this->dice);
            }
        }

        return $some;
    }

    /**
     * @param  array<string, mixed>  $seen
     * @return array{measured?: array<string, float>}
     */
    private function measured(array $seen): array
    {
        $halves = [];
        foreach ($seen as $key => $value) {
            if (\is_float($value) && $this->measuring?->chance(self::MEASURED) === true) {
                $halves[$key] = $this->measuring->between(0, self::WIDEST_HALF);
            }
        }

        return $halves === [] ? [] : ['measured' => $halves];
    }

    private function value(Field $field, Dice $dice): float|string
    {
        if ($field->kind === 'number') {
            return $dice->chance(self::AT_BOUND) ? $dice->oneOf([$field->min, $field->max]) : $dice->between($field->min, $field->max);
        }
        $words = array_keys($field->choices);

        return $words === [] ? 'a note' : $dice->oneOf($words);
    }

    /** @return array<string, Field> */
    private static function fields(Group $group): array
    {
        $fields = [];
        foreach (Observable::byEye() as $one) {
            if ($one->group() === $group) {
                $fields[$one->value] = $one->field();
            }
        }

        return $fields;
    }
}
