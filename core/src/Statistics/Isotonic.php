<?php

declare(strict_types=1);

namespace LowPoint\Core\Statistics;

/** The never falling row nearest to a row of figures: pool adjacent violators (Barlow and others, 1972). */
final class Isotonic
{
    /**
     * @param  list<float>  $figures
     * @param  list<float>  $weights  above 0
     * @return list<float>
     */
    public static function of(array $figures, array $weights): array
    {
        /** @var list<array{float, float, int}> $pools mean, weight, how many */
        $pools = [];
        foreach ($figures as $i => $figure) {
            $pool = [$figure, $weights[$i], 1];
            while ($pools !== [] && $pools[\count($pools) - 1][0] > $pool[0]) {
                [$mean, $weight, $many] = array_pop($pools);
                $pool = [($mean * $weight + $pool[0] * $pool[1]) / ($weight + $pool[1]), $weight + $pool[1], $many + $pool[2]];
            }
            $pools[] = $pool;
        }

        return array_merge(...array_map(static fn(array $pool): array => array_fill(0, $pool[2], $pool[0]), $pools));
    }
}
