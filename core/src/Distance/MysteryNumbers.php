<?php

declare(strict_types=1);

namespace LowPoint\Core\Distance;

use LowPoint\Core\InvalidInput;

/** Random target numbers inside a band the student owns, whole metres, never two alike in a row. */
final class MysteryNumbers
{
    public const BAND_M = [1, 150];

    private const MOST = 60;

    /**
     * @return list<int> metres
     *
     * @throws InvalidInput for a band that is none
     */
    public static function draw(int $fromM, int $toM, int $count, int $seed): array
    {
        if ($fromM < self::BAND_M[0] || $toM > self::BAND_M[1] || $toM - $fromM < 1) {
            throw InvalidInput::one('band', [$fromM, $toM], self::BAND_M[0].' to '.self::BAND_M[1].' m, at least one metre wide');
        }
        if ($count < 1 || $count > self::MOST) {
            throw InvalidInput::one('count', $count, '1 to '.self::MOST);
        }
        $dice = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $numbers = [];
        while (\count($numbers) < $count) {
            $next = $dice->getInt($fromM, $toM);
            if ($next !== end($numbers)) {
                $numbers[] = $next;
            }
        }

        return $numbers;
    }
}
