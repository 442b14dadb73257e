<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\InvalidInput;

/**
 * Dose and pass mark of a drill as handed out: the drill's own, or what the coach made of them.
 *
 * @phpstan-import-type CountingShape from Counting
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type GoalShape array{
 *     kind: value-of<Scoring>,
 *     need: int|null,
 *     of: int|null,
 *     sets: int,
 *     balls: int,
 *     minutes: int,
 *     text: ToldShape,
 *     // Ladders: the last rung.
 *     rungs: int,
 *     // How a run is counted; what was handed out long ago has none.
 *     counting?: CountingShape,
 *     // Only in what was handed out long ago.
 *     ladder?: list<list<int>>,
 *     // So many balls one run has; null = as many as it takes.
 *     most?: int|null,
 *     // So many runs the dose has: sets of as many balls as are counted; else all of them are one run.
 *     runs?: int,
 *     // What the balls are hit from or with.
 *     parts?: list<ToldShape>,
 *     // Errors: no ball carries further, m.
 *     farthest_m: float,
 * }
 */
final readonly class Goal
{
    public const KEYS = ['kind', 'need', 'of', 'sets', 'balls', 'minutes'];

    /** The last rung of a ladder; the first is 0. Origin: handbook 05. */
    public const RUNGS = 4;

    public const SETS = [1, 10];

    public const BALLS = [1, 50];

    public const MINUTES = [1, 120];

    /** For errors the mark is per cent, for a clock seconds. */
    private const NEED = [
        'count' => [1, 50],
        'streak' => [2, 50],
        'ladder' => [1, 50],
        'error' => [1, 100],
        'timed' => [5, 3600],
        'free' => [0, 0],
        'stations' => [1, 100],
        'contrast' => [1, 95],
    ];

    private function __construct(
        public Scoring $kind,
        public ?int $need,
        public ?int $of,
        public int $sets,
        public int $balls,
        public int $minutes,
    ) {}

    /**
     * @param  array<array-key, mixed>  $over  keys kind, need, of, sets, balls, minutes; absent ones stay as the drill has them
     *
     * @throws InvalidInput naming key, value and range
     */
    public static function of(Drill $drill, array $over = [], string $key = 'goal'): self
    {
        $kind = $over['kind'] ?? null;
        $kinds = array_column($drill->pass['kind']->instead(), 'value');
        if ($kind !== null && ! \in_array($kind, $kinds, true)) {
            throw InvalidInput::one("{$key}.kind", $kind, implode(', ', $kinds));
        }

        return self::read($over, $drill->pass['kind'], ['need' => $drill->pass['need'], 'of' => $drill->pass['of']] + $drill->dose, $key);
    }

    /**
     * @param  array<array-key, mixed>  $over  keys kind, need, of, sets, balls, minutes
     * @param  array{need?: int|null, of?: int|null, sets?: int, balls?: int, minutes?: int}  $else  what stands where a key is absent
     *
     * @throws InvalidInput naming key, value and range
     */
    public static function read(array $over, Scoring $kind = Scoring::Count, array $else = [], string $key = 'goal'): self
    {
        foreach (array_keys($over) as $name) {
            if (! \in_array($name, self::KEYS, true)) {
                throw InvalidInput::one("{$key}.{$name}", $over[$name], implode(', ', self::KEYS));
            }
        }
        if (isset($over['kind'])) {
            $kind =
                (\is_string($over['kind']) ? Scoring::tryFrom($over['kind']) : null) ??
                throw InvalidInput::one("{$key}.kind", $over['kind'], implode(', ', array_column(Scoring::cases(), 'value')));
        }
        $sets = self::whole("{$key}.sets", $over['sets'] ?? ($else['sets'] ?? 1), self::SETS);
        $balls = self::whole("{$key}.balls", $over['balls'] ?? ($else['balls'] ?? 10), self::BALLS);
        $minutes = self::whole("{$key}.minutes", $over['minutes'] ?? ($else['minutes'] ?? 10), self::MINUTES);
        if ($kind === Scoring::Free) {
            return new self($kind, null, null, $sets, $balls, $minutes);
        }
        $need = self::whole("{$key}.need", $over['need'] ?? ($else['need'] ?? 7), self::NEED[$kind->value]);
        $of = match ($kind) {
            Scoring::Count, Scoring::Ladder => self::whole("{$key}.of", $over['of'] ?? ($else['of'] ?? $balls), [$need, 50]),
            Scoring::Error => self::whole("{$key}.of", $over['of'] ?? ($else['of'] ?? 12), [1, 50]),
            Scoring::Stations => self::whole("{$key}.of", $over['of'] ?? ($else['of'] ?? 5), [2, 15]),
            Scoring::Contrast => self::whole("{$key}.of", $over['of'] ?? ($else['of'] ?? 10), [4, 50]),
            default => null,
        };

        return new self($kind, $need, $of, $sets, $balls, $minutes);
    }

    /**
     * A goal as it was handed out or stored with a run; what it does not say, and a way of scoring that the drill has no longer,
     * is as the drill has it.
     *
     * @param  array<array-key, mixed>  $goal
     *
     * @throws InvalidInput naming key, value and range
     */
    public static function stored(array $goal, Drill $drill): self
    {
        $said = self::said($goal);
        $kind = $said['kind'] ?? $drill->pass['kind']->value;

        return \in_array($kind, array_column($drill->pass['kind']->instead(), 'value'), true) ? self::of($drill, $said) : self::of($drill);
    }

    /**
     * @param  array<array-key, mixed>  $goal  as toArray() gives it
     * @return array<array-key, mixed> what of() and read() take of it
     */
    public static function said(array $goal): array
    {
        return array_filter(array_intersect_key($goal, array_flip(self::KEYS)), static fn(mixed $value): bool => $value !== null);
    }

    /** The pass mark in words. */
    public function text(): string
    {
        return match ($this->kind) {
            Scoring::Count => "{$this->need} of {$this->of}",
            Scoring::Streak => "{$this->need} in a row",
            Scoring::Ladder => "{$this->need} of {$this->of} moves one rung up, fewer goes back to the first",
            Scoring::Error => "mean error of {$this->need} % or less over {$this->of}",
            Scoring::Timed => "done in {$this->need} seconds or less",
            Scoring::Free => 'done is passed',
            Scoring::Stations => "{$this->of} from each, spread at most {$this->need} % of the carry",
            Scoring::Contrast => "the two differ by {$this->need} % or more over {$this->of}",
        };
    }

    /** @return GoalShape */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value,
            'need' => $this->need,
            'of' => $this->of,
            'sets' => $this->sets,
            'balls' => $this->balls,
            'minutes' => $this->minutes,
            'text' => $this->text(),
            'rungs' => self::RUNGS,
            'counting' => Counting::of($this),
            'most' => $this->most(),
            'runs' => $this->most() === $this->balls ? $this->sets : 1,
            'parts' => $this->kind->parts(),
            'farthest_m' => SeenBall::FARTHEST_M,
        ];
    }

    /** So many balls one run has, not one more; null = as many as it takes. */
    public function most(): ?int
    {
        return match ($this->kind) {
            Scoring::Count, Scoring::Error, Scoring::Contrast => $this->of,
            Scoring::Stations => \count($this->kind->parts()) * ($this->of ?? 1),
            Scoring::Timed => 1,
            Scoring::Streak, Scoring::Ladder, Scoring::Free => null,
        };
    }

    /** @param array{int, int} $range */
    private static function whole(string $key, mixed $value, array $range): int
    {
        if (! \is_int($value) || $value < $range[0] || $value > $range[1]) {
            throw InvalidInput::one($key, $value, "{$range[0]} to {$range[1]}, whole");
        }

        return $value;
    }
}
