<?php

declare(strict_types=1);

namespace LowPoint\Core\ShotChoice;

/** What a student's own good strikes roll per carry, by club; on greens about as fast and as level as the table's. */
final class OwnRoll
{
    /** So many balls of a club replace the table (handbook 6.1); his latest ones. The second chosen by us. */
    private const ENOUGH = 5;

    private const LATEST = 40;

    /** A ball that flew no further tells nothing of its roll, m. Origin: chosen by us. */
    private const LEAST_CARRY_M = 1.0;

    /**
     * @param  list<array{float, float, float}>  $balls  loft of the club as built, degrees; carry and roll, m; latest first
     * @return array<int|string, float> loft => median of roll per carry, of clubs with enough balls
     */
    public static function ratios(array $balls): array
    {
        $byClub = [];
        foreach ($balls as [$loft, $carry, $roll]) {
            if ($carry >= self::LEAST_CARRY_M) {
                $byClub[(string) $loft][] = $roll / $carry;
            }
        }
        $ratios = [];
        foreach ($byClub as $loft => $all) {
            $latest = \array_slice($all, 0, self::LATEST);
            if (\count($latest) >= self::ENOUGH) {
                sort($latest);
                $middle = intdiv(\count($latest), 2);
                $median = \count($latest) % 2 === 1 ? $latest[$middle] : ($latest[$middle - 1] + $latest[$middle]) / 2;
                $ratios[(string) $loft] = max(Scatter::ROLL_RATIO[0], min(Scatter::ROLL_RATIO[1], $median));
            }
        }

        return $ratios;
    }
}
