<?php

declare(strict_types=1);

namespace LowPoint\Core\Ledger;

/** When a correction may be used: only while it wins on later lines, and accuses no more of the sound (handbook 16.4). */
final class Gate
{
    /**
     * How sure the gain in the log score has to be, in standard errors. With a gain in the first place as well, which noise does not bring,
     * none of 12 made-up ledgers of noise came through and ten of 12 true ones did. Origin: chosen by us.
     */
    private const SURE = 2.5;

    /** No more sound students are given something to work on than this share. Origin: handbook 16.4. */
    private const SOUND_MORE = 0.01;

    /** @param list<array{Judged, Judged}> $pairs each later confirmed line, by the engine and corrected */
    public static function isWon(array $pairs): bool
    {
        $first = static fn(int $of): int => \count(array_filter($pairs, static fn(array $pair): bool => $pair[$of]->first));

        return $first(1) > $first(0)
            && self::sure(array_map(static fn(array $pair): float => $pair[1]->logScore - $pair[0]->logScore, $pairs)) >= self::SURE;
    }

    /**
     * @param  float  $engine  share of sound students who are given something to work on
     * @param  float  $corrected  the same with the correction
     */
    public static function sparesTheSound(float $engine, float $corrected): bool
    {
        return $corrected - $engine <= self::SOUND_MORE;
    }

    /**
     * How many standard errors the mean lies above nothing.
     *
     * @param  list<float>  $gains
     */
    private static function sure(array $gains): float
    {
        $n = \count($gains);
        if ($n < 2) {
            return 0.0;
        }
        $mean = array_sum($gains) / $n;
        $squares = array_sum(array_map(static fn(float $one): float => ($one - $mean) ** 2, $gains));

        return $squares <= 0.0 ? 0.0 : $mean / sqrt($squares / ($n - 1) / $n);
    }
}
