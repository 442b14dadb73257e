<?php

declare(strict_types=1);

namespace LowPoint\Core\Distance;

use LowPoint\Core\InvalidInput;

/** Random target numbers inside a band the student owns, whole metres, two in a row apart enough to be two swings (handbook 12.2). */
final class MysteryNumbers
{
    public const BAND_M = [1, 150];

    private const MOST = 60;

    /** Two in a row lie at least so far apart, m; in a narrow band as far as a third of it. Origin: handbook 12.2. */
    private const APART_M = 3;

    /** Enough for one run of the drill, with some to spare. */
    public const A_RUN = 40;

    /** Around the carry that was worked on, as shares of it; where none was, from here to there, m. Origin: chosen by us. */
    private const AROUND = [0.6, 1.4];

    private const USUAL_M = [10, 40];

    /** @return array{int, int} metres that the student who works on this carry is to own */
    public static function band(?float $carryM): array
    {
        if ($carryM === null || $carryM <= 0.0) {
            return self::USUAL_M;
        }
        $from = max(self::BAND_M[0], (int) floor(self::AROUND[0] * $carryM));

        return [$from, min(self::BAND_M[1], max($from + 2, (int) ceil(self::AROUND[1] * $carryM)))];
    }

    /**
     * @param  non-empty-list<float>  $meansM  what the student carries at each length he has logged
     * @return array{int, int} metres from the shortest of them to the longest: the band he owns
     */
    public static function owned(array $meansM): array
    {
        $from = max(self::BAND_M[0], (int) floor(min($meansM)));

        return [$from, min(self::BAND_M[1], max($from + 2, (int) ceil(max($meansM))))];
    }

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
        $apart = max(1, min(self::APART_M, intdiv($toM - $fromM, 3)));
        $numbers = [];
        while (\count($numbers) < $count) {
            $next = $dice->getInt($fromM, $toM);
            if ($numbers === [] || abs($next - end($numbers)) >= $apart) {
                $numbers[] = $next;
            }
        }

        return $numbers;
    }
}
