<?php

declare(strict_types=1);

namespace LowPoint\Core\ShotChoice;

/** Where the balls of one shot finish, along the line: left and right are not counted. Metres, chances 0..1. */
final readonly class Finish
{
    private const LEAVES_M = [1.0, 2.0];

    /**
     * @param  array{float, float}  $leave80M  leave that one in ten stays below, and one in ten passes
     * @param  array{float, float}  $rests80M  from the ball: where eight in ten finish
     */
    private function __construct(
        public float $meanLeaveM,
        public array $leave80M,
        public array $rests80M,
        public float $within1M,
        public float $within2M,
        public float $shortOfGreen,
        public float $offBack,
        public float $thin,
        public float $heavy,
    ) {}

    /**
     * @param  list<array{float, float}>  $balls  where a ball stops, m from where it lay, and its weight
     * @param  float  $thin  share of strikes with the edge too high
     * @param  float  $heavy  share with too much ground
     */
    public static function of(array $balls, Ground $ground, float $thin, float $heavy): self
    {
        $total = $leaves = $short = $long = 0.0;
        $within = [0.0, 0.0];
        $byLeave = $byPlace = [];
        foreach ($balls as [$at, $weight]) {
            $leave = abs($at - $ground->totalM);
            $total += $weight;
            $leaves += $weight * $leave;
            $short += $at < $ground->edgeM ? $weight : 0.0;
            $long += $at > $ground->backM ? $weight : 0.0;
            foreach (self::LEAVES_M as $i => $most) {
                $within[$i] += $leave <= $most ? $weight : 0.0;
            }
            $byLeave[] = [$leave, $weight];
            $byPlace[] = [$at, $weight];
        }

        return new self(
            $leaves / $total,
            self::tails($byLeave, $total),
            self::tails($byPlace, $total),
            $within[0] / $total,
            $within[1] / $total,
            $short / $total,
            $long / $total,
            $thin,
            $heavy,
        );
    }

    /**
     * @return array{
     *     mean_leave_m: float, leave_80_m: array{float, float}, within_1m: float, within_2m: float, short_of_green: float, off_back: float,
     * }
     */
    public function toArray(): array
    {
        return [
            'mean_leave_m' => round($this->meanLeaveM, 2),
            'leave_80_m' => [round($this->leave80M[0], 2), round($this->leave80M[1], 2)],
            'within_1m' => round($this->within1M, 3),
            'within_2m' => round($this->within2M, 3),
            'short_of_green' => round($this->shortOfGreen, 3),
            'off_back' => round($this->offBack, 3),
        ];
    }

    /**
     * The figures below which a tenth, and above which a tenth of the weight lies.
     *
     * @param  list<array{float, float}>  $figures
     * @return array{float, float}
     */
    private static function tails(array $figures, float $total): array
    {
        usort($figures, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $below = 0.0;
        $low = null;
        foreach ($figures as [$figure, $weight]) {
            $below += $weight;
            if ($low === null && $below >= 0.1 * $total) {
                $low = $figure;
            }
            if ($below >= 0.9 * $total) {
                return [$low ?? $figure, $figure];
            }
        }

        return [$low ?? 0.0, $figures === [] ? 0.0 : end($figures)[0]];
    }
}
