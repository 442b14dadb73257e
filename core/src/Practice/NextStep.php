<?php

declare(strict_types=1);

namespace LowPoint\Core\Practice;

/** What comes after the last runs of a drill: on after two passes, easier after two fails (handbook 05). */
enum NextStep: string
{
    case Repeat = 'repeat';
    case Mix = 'mix';
    case Harder = 'harder';
    case Easier = 'easier';
    case NextDrill = 'next_drill';

    /** So many alike in a row move a drill on or ease it. Origin: handbook 05. */
    private const IN_A_ROW = 2;

    /** @param list<bool> $passes of this drill, oldest first */
    public static function after(array $passes): self
    {
        $alike = 0;
        foreach (array_reverse($passes) as $passed) {
            if ($passed !== end($passes)) {
                break;
            }
            $alike++;
        }
        if ($passes === [] || $alike < self::IN_A_ROW) {
            return self::Repeat;
        }
        if (end($passes) === false) {
            return self::Easier;
        }

        return match (true) {
            $alike < 2 * self::IN_A_ROW => self::Mix,
            $alike < 3 * self::IN_A_ROW => self::Harder,
            default => self::NextDrill,
        };
    }

    /** In the drill's own words of what is easier and harder. */
    public function text(string $easier, string $harder): string
    {
        return match ($this) {
            self::Repeat => 'Once more, as it is.',
            self::Mix => 'Passed twice: now mix targets and lies.',
            self::Harder => "Now harder: {$harder}",
            self::Easier => "Twice not passed: make it easier. {$easier}",
            self::NextDrill => 'This one is done. On to the next drill.',
        };
    }
}
