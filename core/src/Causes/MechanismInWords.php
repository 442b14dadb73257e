<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes;

use LowPoint\Core\Evidence\BallTrait;
use LowPoint\Core\Wording\Words;

/** The numbers of a fault's mechanism, each as a sentence that a coach can argue with. */
final class MechanismInWords
{
    /** @return list<string> */
    public static function of(Mechanism $fault, Words $words): array
    {
        $told = [];
        if ($fault->uphillMm !== 0.0) {
            $told[] = "The first touch goes about {$words->ground($fault->uphillMm)} toward the uphill foot.";
        }
        if (abs($fault->touchMm) >= 0.5) {
            $told[] =
                "The first touch goes about {$words->ground($fault->touchMm)} ".
                ($fault->touchMm < 0 ? 'behind' : 'ahead').
                ", give or take {$words->ground($fault->touchSdMm)}.";
        }
        if ($fault->scatter > 1.0) {
            $told[] = 'The touch wanders '.self::times($fault->scatter).' as much as a sound player’s.';
        }
        if (abs($fault->depthMm) > 0.05) {
            $told[] = 'The marks are '.($fault->depthMm > 0 ? 'deeper.' : 'shallower.');
        }
        if ($fault->noContact > 0.0) {
            $told[] = "About {$words->percent($fault->noContact)} of the balls are passed without touching the ground.";
        }
        if ($fault->carry !== 0.0) {
            $told[] =
                "Good strikes carry about {$words->percent(abs($fault->carry))} ".
                ($fault->carryEitherWay ? 'long or short.' : ($fault->carry < 0 ? 'short.' : 'long.'));
        }
        if ($fault->carryScatter > 1.0) {
            $told[] = 'The carry of good strikes scatters '.self::times($fault->carryScatter).' as much as a sound player’s.';
        }
        if ($fault->startDeg !== 0.0) {
            $told[] =
                "Balls start about {$words->degrees($fault->startDeg)} to the ".($fault->startDeg < 0 ? 'lead' : 'trail').' side.';
        }
        if ($fault->hosel > 0.0) {
            $told[] = "About {$words->percent($fault->hosel)} of the balls come off the neck of the club.";
        }
        foreach ($fault->traits as $trait => $share) {
            $told[] = "About {$words->percent($share)} of the balls ".$words->told(BallTrait::from($trait)->phrase()).'.';
        }

        return $told;
    }

    /** "1.5 times" */
    public static function times(float $factor): string
    {
        return rtrim(rtrim(sprintf('%.2f', $factor), '0'), '.').' times';
    }
}
