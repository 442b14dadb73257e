<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Evidence\Mark;
use LowPoint\Core\Strike\Impact;
use LowPoint\Core\Strike\Slice;

/**
 * How balls come out of one delivery, by where the club first touches and which mark it leaves: averages over the depths
 * that such a mark has and over the error with which a touch is read. Kept once worked out, for many hypotheses and balls ask.
 */
final class StrikeTable
{
    /** Kinds of strike that a coach tells apart. */
    public const GOOD = 0;

    private const HEAVY = 1;

    private const THIN = 2;

    private const SKIP = 3;

    private const PICKED = 4;

    /** Free depths behind each mark, mm: a little less, the usual one, a little more. Origin: around the table of handbook 14.2. */
    private const TURF_MM = ['brush' => [0.15, 0.35, 0.6], 'shallow' => [0.7, 1.1, 1.6], 'deep' => [1.5, 2.0, 2.8], '' => [0.4, 1.0, 1.8]];

    private const SAND_MM = ['brush' => [1.5, 2.5, 3.5], 'shallow' => [3.8, 5.0, 6.2], 'deep' => [6.5, 8.0, 10.0], '' => [3.0, 5.0, 7.5]];

    private const NODES = [0.25, 0.5, 0.25];

    /** Error with which a touch is read, mm, as a step to each side. */
    private const READ_MM = 9.0;

    /** Touches are looked up to this much, mm. */
    public const STEP_MM = 5.0;

    /** Where the curve of strikes over touches is taken, mm. */
    private const CURVE_MM = [-160.0, 140.0, 20.0];

    /** A strike word is wrong, or the model is, as often as this. Origin: handbook 14.4, floor .03 for each kind. */
    private const ASTRAY = 0.12;

    /** @var array<string, list<Slice>> */
    private array $slices = [];

    /** @var array<string, list<float>> */
    private array $known = [];

    /** @var list<array{float, list<float>}>|null */
    private ?array $curve = null;

    /** @var array{float, float}|null */
    private ?array $markDepths = null;

    public function __construct(
        private readonly Impact $impact,
        private readonly float $radiusMm,
    ) {}

    /** The kind of a strike word, or of an outcome of the model: they share their words. */
    public static function kind(string $word): int
    {
        return match ($word) {
            'clean', 'splash' => self::GOOD,
            'heavy', 'chunk', 'short', 'left-in' => self::HEAVY,
            'skip' => self::SKIP,
            'picked' => self::PICKED,
            default => self::THIN,
        };
    }

    /**
     * Share of each kind for a ball first touched here with this mark.
     *
     * @return list<float>
     */
    public function shares(float $touchMm, ?Mark $mark): array
    {
        $touchMm = self::STEP_MM * round($touchMm / self::STEP_MM);
        $key = $touchMm.($mark->value ?? '');
        if (isset($this->known[$key])) {
            return $this->known[$key];
        }
        $shares = [0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($this->slicesBehind($mark) as $i => $slice) {
            foreach (self::NODES as $j => $weight) {
                $shares[self::kind($slice->outcome($touchMm + ($j - 1) * self::READ_MM + $slice->halfCutMm)->value)] +=
                    self::NODES[$i] * $weight;
            }
        }

        return $this->known[$key] = self::astray($shares);
    }

    /**
     * Share of each kind for a player whose touches are normal around a mean, mm.
     *
     * @return list<float>
     */
    public function rates(float $meanMm, float $sdMm): array
    {
        $shares = [0.0, 0.0, 0.0, 0.0, 0.0];
        $total = 0.0;
        foreach ($this->curve() as [$touch, $kinds]) {
            $z = ($touch - $meanMm) / $sdMm;
            $weight = exp((-$z * $z) / 2);
            $total += $weight;
            foreach ($kinds as $kind => $share) {
                $shares[$kind] += $weight * $share;
            }
        }
        if ($total < 1.0e-6) {
            return $this->curve()[$meanMm < 0 ? 0 : \count($this->curve()) - 1][1];
        }

        return array_map(static fn(float $share): float => $share / $total, array_values($shares));
    }

    /**
     * Free depths from which a mark is seen as shallow and as deep, mm: what a digging edge adds is counted.
     *
     * @return array{float, float}
     */
    public function markDepthsMm(): array
    {
        if ($this->markDepths !== null) {
            return $this->markDepths;
        }
        $found = [];
        foreach ($this->impact->sand ? $this->impact->calibration->sandMarksMm : $this->impact->calibration->turfMarksMm as $seen) {
            [$low, $high] = [0.0, $seen];
            for ($i = 0; $i < 8; $i++) {
                $middle = ($low + $high) / 2;
                if ($this->impact->seenDepthMm($this->radiusMm, $middle) < $seen) {
                    $low = $middle;
                } else {
                    $high = $middle;
                }
            }
            $found[] = $high;
        }

        return $this->markDepths = [$found[0], $found[1]];
    }

    /** @return list<array{float, list<float>}> */
    private function curve(): array
    {
        if ($this->curve === null) {
            $this->curve = [];
            [$from, $to, $step] = self::CURVE_MM;
            for ($touch = $from; $touch <= $to; $touch += $step) {
                $shares = [0.0, 0.0, 0.0, 0.0, 0.0];
                foreach ($this->slicesBehind(null) as $i => $slice) {
                    $shares[self::kind($slice->outcome($touch + $slice->halfCutMm)->value)] += self::NODES[$i];
                }
                $this->curve[] = [$touch, self::astray($shares)];
            }
        }

        return $this->curve;
    }

    /** @return list<Slice> */
    private function slicesBehind(?Mark $mark): array
    {
        $word = $mark === null || $mark === Mark::None ? '' : $mark->value;

        return $this->slices[$word] ??= array_map(
            fn(float $depth): Slice => $this->impact->slice($this->radiusMm, $depth),
            ($this->impact->sand ? self::SAND_MM : self::TURF_MM)[$word],
        );
    }

    /**
     * @param  array<int, float>  $shares  by kind, all of them in order
     * @return list<float>
     */
    private static function astray(array $shares): array
    {
        return array_map(static fn(float $share): float => (1 - self::ASTRAY) * $share + self::ASTRAY / 4, array_values($shares));
    }
}
