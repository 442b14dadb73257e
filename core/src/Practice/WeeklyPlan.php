<?php

declare(strict_types=1);

namespace LowPoint\Core\Practice;

use LowPoint\Core\Drills\Drill;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\InvalidInput;

/**
 * The week of a student: the minutes that are really there, spread over the days that are really free (handbook 05).
 * Sand and turf go on the same visit; each visit that is long enough, and always the last one, ends on a transfer game.
 */
final readonly class WeeklyPlan
{
    public const MINUTES = [5, 180];

    /** Offered before the student has said what he has: three short visits. Origin: handbook 05, short and often. */
    public const USUAL = ['days' => [2 => 20, 4 => 20, 6 => 30], 'minutes' => 20, 'grounds' => ['grass', 'sand'], 'weeks' => 2];

    /** From this carry on there is no saving with chip and putt: numbers are what is played, m. Origin: chosen by us. */
    private const LONG_PITCH_M = 30.0;

    /** Shorter visits are for the drill alone, but for the last one of the week. Origin: chosen by us. */
    private const ROOM_FOR_TRANSFER = 25;

    private const TRANSFER_MINUTES = 10;

    private const LEAST_ITEM = 3;

    /** From here on two days beat one. Origin: handbook 05, short and often. */
    private const LONG_VISIT = 45;

    /** Breaks are due after so many minutes. Origin: handbook 05. */
    private const BREAK_EACH = 15;

    /**
     * @param  array<int, list<PlannedItem>>  $visits  ISO weekday (1 = Monday) => what is done, in order
     * @param  list<string>  $notes  what a coach would say to it
     */
    private function __construct(
        public array $visits,
        public array $notes,
    ) {}

    /**
     * @param  list<Drill>  $drills  those handed out
     * @param  array<int, int>  $minutes  ISO weekday => minutes
     * @param  Task  $task  the shot that was worked on: the game at the end fits it
     * @param  Mode  $phase  blocked first; random once the pass mark was met twice
     * @param  bool  $game  visits end on one
     *
     * @throws InvalidInput for days or minutes that cannot be, or when no drill can be done with these means
     */
    public static function of(
        array $drills,
        array $minutes,
        PracticeResources $resources,
        Task $task,
        Mode $phase = Mode::Blocked,
        bool $game = true,
    ): self {
        self::check($minutes);
        $notes = [];
        $fit = [];
        foreach ($drills as $drill) {
            $against = $resources->against($drill);
            if ($against === null) {
                $fit[] = $drill;
            } else {
                $notes[] = "{$drill->name} is left out: {$against}.";
            }
        }
        $transfer = $game ? self::game($task) : null;
        if ($transfer !== null && $resources->against($transfer) !== null) {
            $notes[] = "No transfer game: {$transfer->name} {$resources->against($transfer)}.";
            $transfer = null;
        }
        if ($fit === [] && $transfer === null) {
            throw InvalidInput::one(
                'grounds',
                $resources->grounds,
                'grounds and equipment on which at least one of the drills can be done',
            );
        }
        ksort($minutes);
        $last = max(array_keys($minutes));
        $visits = [];
        $turn = 0;
        foreach ($minutes as $day => $length) {
            $ends =
                $transfer !== null && ($day === $last || $length >= self::ROOM_FOR_TRANSFER)
                    ? min(self::TRANSFER_MINUTES, intdiv($length, 2))
                    : 0;
            $visits[$day] = self::visit($fit, $length - $ends, $turn, $phase);
            if ($transfer !== null && $ends > 0) {
                $visits[$day][] = new PlannedItem($transfer, $fit === [] ? $length : $ends, Mode::Transfer);
            }
            $turn++;
        }
        if (\count($minutes) === 1 && $minutes[$last] >= self::LONG_VISIT) {
            $notes[] = 'Two days of '.intdiv($minutes[$last], 2).' minutes do more than one long one.';
        }
        if (max($minutes) > self::BREAK_EACH) {
            $notes[] = 'A break each '.self::BREAK_EACH.' minutes; mind heat and sun.';
        }

        return new self($visits, $notes);
    }

    /**
     * One plan a week: blocked in the first, mixed from the second on.
     *
     * @param  list<Drill>  $drills  those handed out
     * @param  array<int, int>  $minutes  ISO weekday => minutes
     * @return list<self> one a week
     *
     * @throws InvalidInput as of()
     */
    public static function weeks(
        int $weeks,
        array $drills,
        array $minutes,
        PracticeResources $resources,
        Task $task,
        bool $game = true,
    ): array {
        return array_map(
            static fn(int $week): self => self::of($drills, $minutes, $resources, $task, $week === 1 ? Mode::Blocked : Mode::Random, $game),
            range(1, max(1, $weeks)),
        );
    }

    /**
     * The game at the end, where it is none of those handed out.
     *
     * @param  list<string>  $given  ids of the drills handed out
     */
    public static function gameBeside(array $given, Task $task): ?Drill
    {
        $game = self::game($task);

        return \in_array($game->id, $given, true) ? null : $game;
    }

    /** What each plan ends on: chip and putt near the green, numbers from further away. */
    public static function game(Task $task): Drill
    {
        $long = $task->shot === Shot::Pitch && ($task->carryM ?? 0.0) >= self::LONG_PITCH_M;

        return DrillLibrary::standard()->find($long ? 'mystery_numbers' : 'six_to_save') ??
            throw new \LogicException('The game at the end is gone.');
    }

    /**
     * All drills where there is time for each, else as many as there is time for, another one first each day.
     *
     * @param  list<Drill>  $drills
     * @return list<PlannedItem>
     */
    private static function visit(array $drills, int $minutes, int $turn, Mode $phase): array
    {
        if ($drills === [] || $minutes < 1) {
            return [];
        }
        $many = min(\count($drills), max(1, intdiv($minutes, self::LEAST_ITEM)));
        $items = [];
        for ($i = 0; $i < $many; $i++) {
            $drill = $drills[($turn + $i) % \count($drills)];
            $items[] = new PlannedItem($drill, intdiv($minutes, $many) + ($i < $minutes % $many ? 1 : 0), $phase);
        }

        return $items;
    }

    /**
     * @param  array<int, int>  $minutes
     *
     * @phpstan-assert non-empty-array<int, int> $minutes
     */
    private static function check(array $minutes): void
    {
        if ($minutes === []) {
            throw InvalidInput::one('days', [], 'at least one day of the week');
        }
        foreach ($minutes as $day => $length) {
            if ($day < 1 || $day > 7) {
                throw InvalidInput::one('days', $day, '1 (Monday) to 7 (Sunday)');
            }
            if ($length < self::MINUTES[0] || $length > self::MINUTES[1]) {
                throw InvalidInput::one("days.{$day}", $length, self::MINUTES[0].' to '.self::MINUTES[1].' minutes');
            }
        }
    }
}
