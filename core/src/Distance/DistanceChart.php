<?php

declare(strict_types=1);

namespace LowPoint\Core\Distance;

use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Wording\Words;

/**
 * How far each club goes at each length of the backswing: measured where balls were logged, fitted where a neighbour tells
 * (handbook 6.2, 12.2). Metres.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type CellShape from ChartCell
 * @phpstan-import-type TargetShape from TargetChoice
 * @phpstan-type ChartShape array{
 *     chart: list<CellShape>,
 *     for_target: list<TargetShape>,
 *     // Scatter of a length as a share of its carry; null with too few balls.
 *     spread_pct: float|null,
 *     // How far the nearest length is off the target; null without one.
 *     bias_m: float|null,
 *     finding: array{id: string, text: ToldShape},
 * }
 */
final readonly class DistanceChart
{
    /** A length scatters by more than this of its mean: distance control is the matter. Origin: handbook 12.2. */
    public const SPREAD_PCT = 8.0;

    /** Fewer balls say nothing of the distances. Origin: chosen by us. */
    private const LEAST_BALLS = 5;

    /** So many are offered for a number. */
    private const CHOICES = 3;

    /** A second way is offered while it is off by no more than this share of the target on average. Origin: chosen by us. */
    private const FARTHEST_OFF = 0.25;

    /** A length is struck in between where its neighbours lie so near, as a share of the target. Origin: chosen by us. */
    private const WIDEST_GAP = 0.5;

    /** What is left between a length named and the length swung in between two, as a share of their gap. Origin: chosen by us. */
    private const IN_BETWEEN_SD = 0.12;

    /**
     * @param  list<ChartCell>  $cells  club by club in the order given, shortest length first
     * @param  float|null  $spreadPct  scatter of a length as a share of its mean, all lengths together; null with too few balls
     */
    private function __construct(
        public array $cells,
        public ?float $spreadPct,
        private int $counted,
        private int $leftOut,
        private Words $words,
    ) {}

    /**
     * @param  list<string>  $clubs  in the order of the bag
     * @param  array<string, float>  $lofts  of the clubs whose loft is known, degrees
     * @param  list<CarriedBall>  $balls
     */
    public static function of(array $clubs, array $lofts, array $balls, Words $words = new Words): self
    {
        $counted = array_values(array_filter($balls, static fn(CarriedBall $one): bool => $one->counts()));
        /** @var array<string, array<string, list<float>>> $carries */
        $carries = [];
        foreach ($counted as $ball) {
            $carries[$ball->club][$ball->backswing][] = $ball->carryM;
        }
        [$scatter, $freedom] = self::pooled($carries);
        $cells = (new ChartFit($clubs, $lofts, self::stations($carries), $carries, $scatter, $freedom))->cells();

        return new self(
            $cells,
            $freedom >= self::LEAST_BALLS - 1 ? 100 * $scatter : null,
            \count($counted),
            \count($balls) - \count($counted),
            $words,
        );
    }

    /**
     * Two or three ways of reaching a number, by expected error.
     *
     * @return list<TargetChoice>
     */
    public function forTarget(float $targetM): array
    {
        $choices = [];
        foreach ($this->byClub() as $club => $cells) {
            foreach ($cells as $i => $cell) {
                $choices[] = $this->choice($cell, $cells[$i - 1] ?? null, $cells[$i + 1] ?? null, $targetM);
            }
        }
        usort($choices, static fn(TargetChoice $a, TargetChoice $b): int => $a->expectedErrorM <=> $b->expectedErrorM);
        // Two lengths of a club that advise the same swing between them are one choice.
        $seen = [];
        $kept = [];
        foreach ($choices as $choice) {
            $key = "{$choice->club} {$choice->note}";
            if (! isset($seen[$key]) || $choice->note === '') {
                $seen[$key] = true;
                $kept[] = $choice;
            }
        }

        return \array_slice(
            array_values(array_filter(
                $kept,
                static fn(TargetChoice $one): bool => $one === $kept[0] || $one->expectedErrorM <= self::FARTHEST_OFF * $targetM,
            )),
            0,
            self::CHOICES,
        );
    }

    /** The length on the body at which a club carries nearest to this, m; null where the chart does not reach there. */
    public function lengthFor(string $club, float $carryM): ?Backswing
    {
        $nearest = null;
        $off = self::FARTHEST_OFF * $carryM;
        foreach ($this->byClub()[$club] ?? [] as $cell) {
            if (abs($cell->meanM - $carryM) <= $off && Backswing::seen($cell->backswing) !== null) {
                [$nearest, $off] = [Backswing::seen($cell->backswing), abs($cell->meanM - $carryM)];
            }
        }

        return $nearest;
    }

    /** How far the best way of reaching the target is off it, m; null without balls. */
    public function biasM(float $targetM): ?float
    {
        $best = $this->forTarget($targetM)[0] ?? null;

        return $best === null ? null : $best->expectedM - $targetM;
    }

    /** @return array{DistanceFinding, string} */
    public function finding(?float $targetM): array
    {
        $left = $this->leftOut === 0
            ? ''
            : ' '.Words::sentence("{$this->words->count($this->leftOut)} not counted: mishit, forced or quitting");
        if ($this->counted < self::LEAST_BALLS || $this->spreadPct === null) {
            return [
                DistanceFinding::TooFew,
                Words::sentence("{$this->words->count($this->counted)} clean at free speed: five at one length begin a chart").$left,
            ];
        }
        $off = $targetM === null ? null : $this->biasM($targetM);
        $error = $targetM === null ? 0.0 : $this->nearest($targetM)->meanSd ?? 0.0;
        if ($off !== null && abs($off) > (self::SPREAD_PCT / 100) * $targetM && abs($off) > Normal::HALF_OF_90 * $error) {
            $by = $this->words->course(abs($off));

            return $off > 0
                ? [DistanceFinding::TooLong, "The nearest carries {$by} too far: shorten the backswing.".$left]
                : [DistanceFinding::TooShort, "The nearest is {$by} short: lengthen the backswing.".$left];
        }
        $spread = round($this->spreadPct);

        return $this->spreadPct > self::SPREAD_PCT
            ? [
                DistanceFinding::Spread,
                "One length scatters by {$spread} % of its carry: distance control, not technique. Stations, then bracketing.".$left,
            ]
            : [DistanceFinding::Ok, "One length scatters by {$spread} % of its carry: the distances hold.".$left];
    }

    /** @return ChartShape as in handbook 12.2 */
    public function toArray(?float $targetM): array
    {
        [$finding, $text] = $this->finding($targetM);
        $bias = $targetM === null ? null : $this->biasM($targetM);

        return [
            'chart' => array_map(static fn(ChartCell $one): array => $one->toArray(), $this->cells),
            'for_target' => $targetM === null
                ? []
                : array_map(static fn(TargetChoice $one): array => $one->toArray(), $this->forTarget($targetM)),
            'spread_pct' => $this->spreadPct === null ? null : round($this->spreadPct, 1),
            'bias_m' => $bias === null ? null : round($bias, 2),
            'finding' => ['id' => $finding->value, 'text' => $text],
        ];
    }

    /** @return array<string, list<ChartCell>> shortest length first */
    private function byClub(): array
    {
        $clubs = [];
        foreach ($this->cells as $cell) {
            $clubs[$cell->club][] = $cell;
        }

        return $clubs;
    }

    private function nearest(float $targetM): ?ChartCell
    {
        $cells = $this->cells;
        usort($cells, static fn(ChartCell $a, ChartCell $b): int => abs($a->meanM - $targetM) <=> abs($b->meanM - $targetM));

        return $cells[0] ?? null;
    }

    private function choice(ChartCell $cell, ?ChartCell $shorter, ?ChartCell $longer, float $targetM): TargetChoice
    {
        $plain = new TargetChoice(
            $cell->club,
            $cell->backswing,
            $cell->meanM,
            self::meanError($cell->meanM - $targetM, hypot($cell->sdM, $cell->meanSd)),
            '',
        );
        $other = $targetM > $cell->meanM ? $longer : $shorter;
        if ($other === null) {
            return $plain;
        }
        $gap = abs($other->meanM - $cell->meanM);
        $share = $gap <= 0.0 ? 0.0 : ($targetM - $cell->meanM) / ($other->meanM - $cell->meanM);
        if ($share <= 0.0 || $share > 0.5 || $gap > self::WIDEST_GAP * $targetM) {
            return $plain;
        }
        $sd = sqrt(
            (1 - $share) * $cell->sdM ** 2 + $share * $other->sdM ** 2
            + ((1 - $share) * $cell->meanSd) ** 2 + ($share * $other->meanSd) ** 2
            + (self::IN_BETWEEN_SD * $gap) ** 2,
        );
        $error = self::meanError(0.0, $sd);
        if ($error >= $plain->expectedErrorM) {
            return $plain;
        }
        [$low, $high] = $other->meanM > $cell->meanM ? [$cell, $other] : [$other, $cell];
        $where = $share > 0.4 ? 'halfway' : "nearer {$cell->backswing}";

        return new TargetChoice(
            $cell->club,
            $cell->backswing,
            $targetM,
            $error,
            "between {$low->backswing} and {$high->backswing} with the {$cell->club}: {$where}",
        );
    }

    /** Mean distance from nothing of a normal figure: sd sqrt(2 / pi) exp(-m^2 / 2 sd^2) + m (2 Phi(m / sd) - 1). */
    private static function meanError(float $mean, float $sd): float
    {
        if ($sd <= 0.0) {
            return abs($mean);
        }
        $z = $mean / $sd;

        return $sd * sqrt(2 / M_PI) * exp((-$z * $z) / 2) + $mean * (2 * Normal::cumulative($z) - 1);
    }

    /**
     * Lengths from the shortest to the longest: by their order on the body where all have one, else by what they carry.
     *
     * @param  array<string, array<string, list<float>>>  $carries
     * @return list<string>
     */
    private static function stations(array $carries): array
    {
        $sums = [];
        foreach ($carries as $stations) {
            foreach ($stations as $name => $figures) {
                $sums[$name] = [...$sums[$name] ?? [], ...array_map(log(...), $figures)];
            }
        }
        $names = array_map(strval(...), array_keys($sums));
        $mean = static fn(string $name): float => array_sum($sums[$name]) / \count($sums[$name]);
        $known = array_filter($names, static fn(string $name): bool => Backswing::seen($name) === null) === [];
        usort(
            $names,
            static fn(string $a, string $b): int => $known
                ? Backswing::seen($a)?->value <=> Backswing::seen($b)?->value
                : $mean($a) <=> $mean($b),
        );

        return $names;
    }

    /**
     * Scatter of the log of the carry within a length, all lengths together, and its degrees of freedom.
     *
     * @param  array<string, array<string, list<float>>>  $carries
     * @return array{float, int}
     */
    private static function pooled(array $carries): array
    {
        $squares = 0.0;
        $freedom = 0;
        foreach ($carries as $stations) {
            foreach ($stations as $figures) {
                $mean = array_sum($figures) / \count($figures);
                foreach ($figures as $one) {
                    $squares += ($one / $mean - 1) ** 2;
                }
                $freedom += \count($figures) - 1;
            }
        }

        return [$freedom === 0 ? self::SPREAD_PCT / 100 : sqrt($squares / $freedom), $freedom];
    }
}
