<?php

declare(strict_types=1);

namespace LowPoint\Core\Distance;

use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Statistics\Distributions;
use LowPoint\Core\Statistics\Isotonic;
use LowPoint\Core\Statistics\LinearModel;

/**
 * The cells of a chart. A measured one is the mean of its balls, with Student's interval; its scatter leans on that of all lengths
 * while it has few balls. A gap is filled by log carry = club + length, fitted to the measured means, with lengths never shorter and
 * lofts never longer than the one before.
 */
final readonly class ChartFit
{
    private const LEVEL = 0.9;

    /** The scatter of all lengths counts as so many balls of a length. Origin: chosen by us. */
    private const LEAN = 4;

    /** What a club adds differs from length to length by at least this, sd of the log. Origin: chosen by us. */
    private const LEAST_MISFIT = 0.03;

    /** ... and that much more where the club, or the length, is between two that were measured. */
    private const MISFIT_BETWEEN = 0.05;

    /** A gap may lie so far outside of all that was measured. Origin: handbook 12.2. */
    private const BEYOND = 0.15;

    /** Lengths that are named though nobody logged one, where they lie between two that were. */
    private const USUAL = [Backswing::Hip, Backswing::Rib, Backswing::Shoulder];

    /**
     * @param  list<string>  $clubs
     * @param  array<string, float>  $lofts
     * @param  list<string>  $stations  shortest first
     * @param  array<string, array<string, list<float>>>  $carries  by club and length
     * @param  float  $scatter  within a length, share of its mean
     * @param  int  $freedom  of that
     */
    public function __construct(
        private array $clubs,
        private array $lofts,
        private array $stations,
        private array $carries,
        private float $scatter,
        private int $freedom,
    ) {}

    /** @return list<ChartCell> */
    public function cells(): array
    {
        $measured = [];
        foreach ($this->carries as $club => $stations) {
            foreach ($stations as $station => $figures) {
                $measured["{$club}\n{$station}"] = $this->measured((string) $club, (string) $station, $figures);
            }
        }
        $fit = $this->fit($measured);
        $cells = [];
        foreach (array_unique([...$this->clubs, ...array_map(strval(...), array_keys($this->carries))]) as $club) {
            foreach ($this->named() as $station) {
                $cell = $measured["{$club}\n{$station}"] ?? ($fit === null ? null : $this->fitted($club, $station, $fit, $measured));
                if ($cell !== null) {
                    $cells[] = $cell;
                }
            }
        }

        return $cells;
    }

    /** @param list<float> $figures */
    private function measured(string $club, string $station, array $figures): ChartCell
    {
        $n = \count($figures);
        $mean = array_sum($figures) / $n;
        $squares = array_sum(array_map(static fn(float $one): float => ($one - $mean) ** 2, $figures));
        $lean = min(self::LEAN, max(1, $this->freedom));
        $freedom = $lean + $n - 1;
        $sd = sqrt(($lean * ($this->scatter * $mean) ** 2 + $squares) / $freedom);
        $error = $sd / sqrt($n);
        $reach = $error * Distributions::studentQuantile(0.5 + self::LEVEL / 2, $freedom);

        return new ChartCell(
            $club,
            $station,
            $mean,
            $n > 1 ? sqrt($squares / ($n - 1)) : $sd,
            $n,
            $error,
            max(0.0, $mean - $reach),
            $mean + $reach,
            true,
        );
    }

    /** @param array<string, ChartCell> $measured */
    private function fit(array $measured): ?LinearModel
    {
        $rows = $logs = $weights = [];
        foreach ($measured as $cell) {
            $rows[] = $this->features([$cell->club => 1.0], [$cell->backswing => 1.0]);
            $logs[] = log($cell->meanM);
            $weights[] = (float) $cell->n;
        }

        return $rows === [] ? null : LinearModel::fit($rows, $logs, $weights)?->moved($this->monotone(...));
    }

    /**
     * The coefficients with longer lengths never shorter, and more loft never longer.
     *
     * @param  list<float>  $coefficients
     * @return list<float>
     */
    private function monotone(array $coefficients): array
    {
        $clubs = array_map(strval(...), array_keys($this->carries));
        $first = \count($clubs);
        $balls = fn(string $club, string $station): int => \count($this->carries[$club][$station] ?? []);
        $byStation = array_map(
            fn(string $station): float => (float) array_sum(array_map(static fn(string $club): int => $balls($club, $station), $clubs)),
            $this->stations,
        );
        $lengths = Isotonic::of([0.0, ...\array_slice($coefficients, $first)], $byStation);
        $moved = [
            ...\array_slice($coefficients, 0, $first),
            ...array_map(static fn(float $one): float => $one - $lengths[0], \array_slice($lengths, 1)),
        ];

        $known = array_values(array_filter($clubs, fn(string $club): bool => isset($this->lofts[$club])));
        usort($known, fn(string $a, string $b): int => $this->lofts[$b] <=> $this->lofts[$a]);
        if (\count($known) > 1) {
            $place = array_flip($clubs);
            $carries = Isotonic::of(
                array_map(static fn(string $club): float => $moved[$place[$club]], $known),
                array_map(fn(string $club): float => (float) array_sum(array_map(\count(...), $this->carries[$club])), $known),
            );
            foreach ($known as $i => $club) {
                $moved[$place[$club]] = $carries[$i];
            }
        }

        return array_values($moved);
    }

    /** @param array<string, ChartCell> $measured */
    private function fitted(string $club, string $station, LinearModel $fit, array $measured): ?ChartCell
    {
        $clubs = $this->clubAsMeasured($club);
        $stations = $this->stationAsMeasured($station);
        if ($clubs === null || $stations === null) {
            return null;
        }
        $features = $this->features($clubs, $stations);
        $mean = exp($fit->at($features));
        $means = array_map(static fn(ChartCell $one): float => $one->meanM, $measured);
        if ($means === [] || $mean > (1 + self::BEYOND) * max($means) || $mean < (1 - self::BEYOND) * min($means)) {
            return null;
        }
        // Where the means lie farther from the fit than their balls scatter, clubs and lengths do not simply add up.
        $each = $fit->freedom > 0 ? max($this->scatter ** 2, $fit->squares / $fit->freedom) : $this->scatter ** 2;
        $many = array_sum(array_map(static fn(ChartCell $one): int => $one->n, $measured)) / \count($measured);
        $between = (\count($clubs) > 1 ? 1 : 0) + (\count($stations) > 1 ? 1 : 0);
        $misfit = max(self::LEAST_MISFIT ** 2, ($each - $this->scatter ** 2) / $many) + $between * self::MISFIT_BETWEEN ** 2;
        $error = sqrt($fit->variance($features) * $each + $misfit);
        $reach = $error * Distributions::studentQuantile(0.5 + self::LEVEL / 2, max(1, $this->freedom));

        return new ChartCell(
            $club,
            $station,
            $mean,
            $this->scatter * $mean,
            0,
            $error * $mean,
            $mean * exp(-$reach),
            $mean * exp($reach),
            false,
        );
    }

    /**
     * A club without balls lies between the next longer and the next shorter one that have some.
     *
     * @return array<string, float>|null shares of measured clubs
     */
    private function clubAsMeasured(string $club): ?array
    {
        if (isset($this->carries[$club])) {
            return [$club => 1.0];
        }
        $loft = $this->lofts[$club] ?? null;
        $less = $more = null;
        foreach (array_map(strval(...), array_keys($this->carries)) as $other) {
            $its = $this->lofts[$other] ?? null;
            if ($loft === null || $its === null) {
                continue;
            }
            if ($its <= $loft && ($less === null || $its > $this->lofts[$less])) {
                $less = $other;
            }
            if ($its >= $loft && ($more === null || $its < $this->lofts[$more])) {
                $more = $other;
            }
        }
        if ($less === null || $more === null) {
            return null;
        }
        $apart = $this->lofts[$more] - $this->lofts[$less];
        $share = $apart <= 0.0 ? 0.5 : ($loft - $this->lofts[$less]) / $apart;

        return $less === $more ? [$less => 1.0] : [$less => 1 - $share, $more => $share];
    }

    /** @return array<string, float>|null shares of measured lengths */
    private function stationAsMeasured(string $station): ?array
    {
        if (\in_array($station, $this->stations, true)) {
            return [$station => 1.0];
        }
        $place = array_search($station, $this->named(), true);

        return $place === false || ! isset($this->named()[$place - 1], $this->named()[$place + 1])
            ? null
            : [$this->named()[$place - 1] => 0.5, $this->named()[$place + 1] => 0.5];
    }

    /** @return list<string> the lengths that were logged, and a usual one between two of them */
    private function named(): array
    {
        $named = $this->stations;
        foreach (self::USUAL as $usual) {
            $name = strtolower($usual->name);
            foreach ($named as $i => $one) {
                $next = Backswing::seen($named[$i + 1] ?? null);
                if (Backswing::seen($one)?->value === $usual->value - 1 && $next?->value === $usual->value + 1) {
                    array_splice($named, $i + 1, 0, [$name]);

                    break;
                }
            }
        }

        return array_values($named);
    }

    /**
     * @param  array<string, float>  $clubs
     * @param  array<string, float>  $stations
     * @return list<float> a share for each measured club, and for each length but the shortest
     */
    private function features(array $clubs, array $stations): array
    {
        return [
            ...array_map(static fn(int|string $club): float => $clubs[$club] ?? 0.0, array_keys($this->carries)),
            ...array_map(static fn(string $station): float => $stations[$station] ?? 0.0, \array_slice($this->stations, 1)),
        ];
    }
}
