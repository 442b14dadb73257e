<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Club\Handedness;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Simulation\Dice;

/** Draws students with faults as often as coaches meet them, over all shots and lies. */
final readonly class Population
{
    /** Causes without a body: the choice of shot is not a way of swinging. */
    private const NOT_ACTED = ['wrong_shot'];

    public function __construct(
        private Dice $dice,
        private ?World $world = null,
    ) {}

    /** @param bool $sound a player with no fault */
    public function student(bool $sound): MadeUpStudent
    {
        $world = $this->world ?? World::plain();
        $task = $this->task();
        $handed = $this->dice->chance(0.1) ? Handedness::Left : Handedness::Right;
        if ($sound) {
            return MadeUpStudent::with([], $task, $handed, $this->dice, $world, $this->style($task, $world));
        }
        $possible = array_values(
            array_filter(
                CauseLibrary::standard()->for($task),
                static fn(Cause $cause): bool => ! \in_array($cause->id, self::NOT_ACTED, true),
            ),
        );
        $main = $this->draw($possible, $task);
        $causes = [$main];
        if ($this->dice->chance($world->pairShare)) {
            // The second one acts first, so that the main one decides what both touch.
            $second = $this->draw($possible, $task);
            $causes = $second === $main ? [$main] : [$second, $main];
        }
        return MadeUpStudent::with($causes, $task, $handed, $this->dice, $world);
    }

    /** Some sound players follow another school than the usual one, and are none the worse for it. */
    private function style(Task $task, World $world): ?School
    {
        $others = array_values(
            array_filter(
                School::cases(),
                static fn(School $one): bool => $one->suits($task->shot, $task->lie)
                    && $one !== School::standardFor($task->shot, $task->lie),
            ),
        );

        return $others !== [] && $this->dice->chance($world->otherStyles) ? $this->dice->oneOf($others) : null;
    }

    /** @param list<Cause> $possible */
    private function draw(array $possible, Task $task): string
    {
        $often = fn(Cause $cause): float => $cause->prior($task) * ($this->world->met[$cause->id] ?? 1.0);
        $at = $this->dice->share() * array_sum(array_map($often, $possible));
        foreach ($possible as $cause) {
            $at -= $often($cause);
            if ($at <= 0) {
                return $cause->id;
            }
        }

        return $possible[\count($possible) - 1]->id;
    }

    private function task(): Task
    {
        $shot = $this->dice->oneOf(Shot::cases());
        $lie = $this->dice->oneOf($shot->lies());
        $loft = $shot === Shot::Chip ? $this->dice->oneOf([46.0, 52.0, 56.0]) : $this->dice->oneOf([54.0, 56.0, 58.0]);
        $carry = match ($shot) {
            Shot::Chip => $this->dice->between(4, 14),
            Shot::Pitch => $this->dice->between(15, 45),
            Shot::Bunker => $this->dice->between(6, 18),
        };
        $slope =
            $shot !== Shot::Bunker && $this->dice->chance(0.15) ? ($this->dice->chance(0.5) ? 1 : -1) * $this->dice->between(6, 12) : 0.0;

        return new Task(
            $shot,
            $lie,
            new Club($loft, $shot === Shot::Bunker ? 12.0 : $this->dice->oneOf([8.0, 10.0, 12.0])),
            $slope,
            carryM: round($carry, 1),
        );
    }
}
