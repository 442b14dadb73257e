<?php

declare(strict_types=1);

namespace LowPoint\Core\Measuring;

use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Normal;

/**
 * All that was marked in a picture, as a flat list of numbers that each carry an error: coordinates in px (x to the right, y down)
 * and a ball's diameter. Figures are functions of this list, so that errors are propagated alike for all of them.
 */
final class Marks
{
    /** px; more is no picture that anybody marks. Origin: chosen by us. */
    public const LARGEST_PX = 20000;

    private const CLICK_SD_PX = 2.0;

    private const CLICK_RANGE_PX = [0.1, 40.0];

    private const STEP_PX = 0.01;

    /** Two marks nearer than this give no direction, px. Origin: chosen by us. */
    private const NEAREST_PX = 5.0;

    private const KNOWN_MM = [20.0, 3000.0];

    private const BALL_PX = [3.0, 2000.0];

    /** Half-width that an unknown roll adds to every angle, degrees (handbook 11.2). */
    public const UNKNOWN_ROLL_DEG = 3.0;

    /** @var array<string, array{float, float}> */
    private array $points = [];

    /** @var 'level'|'upright'|null */
    private ?string $vertical = null;

    /** @var 'ball'|'length'|null */
    private ?string $scaled = null;

    private float $ballPx = 0.0;

    private float $knownMm = 0.0;

    /** @var list<Fault> */
    private array $faults = [];

    private function __construct(
        public readonly bool $targetRight,
        public readonly float $clickSdPx,
        /** @var array{float, float}|null */
        private readonly ?array $size,
    ) {}

    /**
     * @param  array<array-key, mixed>  $said  target, click_sd_px, size, level or upright, scale
     *
     * @throws InvalidInput
     */
    public static function read(array $said): self
    {
        $target = $said['target'] ?? 'right';
        if (! \in_array($target, ['right', 'left'], true)) {
            throw InvalidInput::one('target', $target, 'right, left');
        }
        $click = $said['click_sd_px'] ?? self::CLICK_SD_PX;
        if (! self::isNumber($click) || $click < self::CLICK_RANGE_PX[0] || $click > self::CLICK_RANGE_PX[1]) {
            throw InvalidInput::one('click_sd_px', $click, self::CLICK_RANGE_PX[0].' to '.self::CLICK_RANGE_PX[1].' px');
        }
        $size = self::pair($said['size'] ?? null);
        if (isset($said['size']) && ($size === null || min($size) < 1 || max($size) > self::LARGEST_PX)) {
            throw InvalidInput::one('size', $said['size'], 'width and height, 1 to '.self::LARGEST_PX.' px each');
        }
        $marks = new self($target === 'right', (float) $click, $size);
        if (isset($said['level'], $said['upright'])) {
            throw InvalidInput::one('upright', 'both', 'either level or upright');
        }
        foreach (['level', 'upright'] as $kind) {
            if (isset($said[$kind])) {
                $two = \is_array($said[$kind]) ? array_values($said[$kind]) : [];
                if (\count($two) !== 2) {
                    throw InvalidInput::one($kind, $said[$kind], 'two points');
                }
                $marks->take("{$kind}[0]", $two[0], 'vertical a');
                $marks->take("{$kind}[1]", $two[1], 'vertical b');
                $marks->vertical = $kind;
            }
        }
        $marks->readScale($said['scale'] ?? null);

        return $marks;
    }

    private function readScale(mixed $scale): void
    {
        if ($scale === null) {
            return;
        }
        if (! \is_array($scale) || (! isset($scale['ball_px']) && ! isset($scale['mm']))) {
            throw InvalidInput::one('scale', $scale, 'ball_px, or from, to and mm');
        }
        if (isset($scale['ball_px'])) {
            $px = $scale['ball_px'];
            if (! self::isNumber($px) || $px < self::BALL_PX[0] || $px > self::BALL_PX[1]) {
                throw InvalidInput::one('scale.ball_px', $px, self::BALL_PX[0].' to '.self::BALL_PX[1].' px');
            }
            [$this->scaled, $this->ballPx] = ['ball', (float) $px];

            return;
        }
        $mm = $scale['mm'];
        if (! self::isNumber($mm) || $mm < self::KNOWN_MM[0] || $mm > self::KNOWN_MM[1]) {
            throw InvalidInput::one('scale.mm', $mm, self::KNOWN_MM[0].' to '.self::KNOWN_MM[1].' mm');
        }
        $this->take('scale.from', $scale['from'] ?? null, 'scale a');
        $this->take('scale.to', $scale['to'] ?? null, 'scale b');
        [$this->scaled, $this->knownMm] = ['length', (float) $mm];
    }

    /** A point under its name; what is none, or lies outside the picture, is a fault. */
    public function take(string $key, mixed $value, ?string $as = null): void
    {
        $point = self::pair($value);
        if ($point === null) {
            $this->faults[] = new Fault($key, $value, 'x and y in px');
        } elseif ($this->size !== null && ($point[0] < 0 || $point[1] < 0 || $point[0] > $this->size[0] || $point[1] > $this->size[1])) {
            $this->faults[] = new Fault($key, $value, "inside the picture: x 0 to {$this->size[0]}, y 0 to {$this->size[1]}");
        } elseif ($this->size === null && max(abs($point[0]), abs($point[1])) > self::LARGEST_PX) {
            $this->faults[] = new Fault($key, $value, 'x and y up to '.self::LARGEST_PX.' px');
        } else {
            $this->points[$as ?? $key] = $point;
        }
    }

    /** @throws InvalidInput with every fault found, and where two marks that give a direction lie on one spot */
    public function check(): void
    {
        if ($this->faults !== []) {
            throw new InvalidInput($this->faults);
        }
        foreach ([['vertical a', 'vertical b', (string) $this->vertical], ['scale a', 'scale b', 'scale.to']] as [$a, $b, $key]) {
            if ($this->has($a, $b)) {
                $this->apart($a, $b, $key);
            }
        }
    }

    /** @throws InvalidInput where they are not */
    public function apart(string $a, string $b, string $key): void
    {
        [[$ax, $ay], [$bx, $by]] = [$this->points[$a], $this->points[$b]];
        if (hypot($bx - $ax, $by - $ay) < self::NEAREST_PX) {
            throw InvalidInput::one(
                $key,
                [$bx, $by],
                'a point at least '.self::NEAREST_PX.' px from the other one, so that there is a direction',
            );
        }
    }

    public function has(string ...$names): bool
    {
        return array_diff($names, array_keys($this->points)) === [];
    }

    public function isScaled(): bool
    {
        return $this->scaled !== null;
    }

    public function isLevelled(): bool
    {
        return $this->vertical !== null;
    }

    /** Camera roll, degrees: + = the level falls away to the right of the picture. 0 where nothing says it. */
    public function rollDeg(): float
    {
        return rad2deg($this->roll());
    }

    /** mm of one px. */
    public function mmPerPx(): float
    {
        if ($this->scaled === 'length') {
            [[$ax, $ay], [$bx, $by]] = [$this->points['scale a'], $this->points['scale b']];

            return $this->knownMm / hypot($bx - $ax, $by - $ay);
        }

        return self::ballMm() / $this->ballPx;
    }

    private static function ballMm(): float
    {
        return 2 * Calibration::BALL_RADIUS_MM;
    }

    /** px across the ball in this picture. */
    public function pxAcrossTheBall(): ?float
    {
        return $this->scaled === null ? null : self::ballMm() / $this->mmPerPx();
    }

    /** @return array{float, float} px: along the ground toward the target, and up */
    public function ground(string $name): array
    {
        return $this->turned($this->points[$name], $this->roll());
    }

    /**
     * A place on the ground, back in the picture.
     *
     * @param  array{float, float}  $ground  px: toward the target, and up
     * @return array{float, float} px: x to the right, and y down
     */
    public function picture(array $ground): array
    {
        $roll = $this->roll();
        $x = ($this->targetRight ? 1 : -1) * $ground[0];

        return [$x * cos($roll) + $ground[1] * sin($roll), $x * sin($roll) - $ground[1] * cos($roll)];
    }

    /** @return array{float, float} as it was marked, px */
    public function raw(string $name): array
    {
        return $this->points[$name];
    }

    /** @return array{float, float}|null width and height, px */
    public function size(): ?array
    {
        return $this->size;
    }

    /**
     * A figure with its 90 % interval: each number that was marked is off by a click error of its own; an unknown roll adds what three
     * degrees of it would change.
     *
     * @param  \Closure(self): float  $figure
     */
    public function estimate(\Closure $figure): Estimated
    {
        $value = $figure($this);
        $variance = 0.0;
        foreach ($this->points as $name => $point) {
            foreach ([0, 1] as $axis) {
                $moved = function (float $by) use ($name, $point, $axis, $figure): float {
                    $other = clone $this;
                    $point[$axis] += $by;
                    $other->points[$name] = $point;

                    return $figure($other);
                };
                $variance += (($moved(self::STEP_PX) - $moved(-self::STEP_PX)) / (2 * self::STEP_PX)) ** 2;
            }
        }
        if ($this->scaled === 'ball') {
            $moved = function (float $by) use ($figure): float {
                $other = clone $this;
                $other->ballPx += $by;

                return $figure($other);
            };
            $variance += (($moved(self::STEP_PX) - $moved(-self::STEP_PX)) / (2 * self::STEP_PX)) ** 2;
        }
        $half = Normal::HALF_OF_90 * $this->clickSdPx * sqrt($variance);
        if ($this->vertical === null) {
            $half += abs($figure($this->rolledBy(self::UNKNOWN_ROLL_DEG)) - $value);
        }

        return new Estimated($value, $half);
    }

    /** The same picture with the camera turned, about the corner of the picture. */
    private function rolledBy(float $degrees): self
    {
        $other = clone $this;
        foreach ($other->points as $name => [$x, $y]) {
            $r = deg2rad($degrees);
            $other->points[$name] = [$x * cos($r) + $y * sin($r), -$x * sin($r) + $y * cos($r)];
        }

        return $other;
    }

    private function roll(): float
    {
        if ($this->vertical === null) {
            return 0.0;
        }
        [[$ax, $ay], [$bx, $by]] = [$this->points['vertical a'], $this->points['vertical b']];
        if ($this->vertical === 'level') {
            // Whichever of the two was marked first.
            return $bx >= $ax ? atan2($by - $ay, $bx - $ax) : atan2($ay - $by, $ax - $bx);
        }

        return $by <= $ay ? atan2($bx - $ax, $ay - $by) : atan2($ax - $bx, $by - $ay);
    }

    /**
     * @param  array{float, float}  $point
     * @return array{float, float}
     */
    private function turned(array $point, float $roll): array
    {
        [$x, $y] = $point;

        return [($this->targetRight ? 1 : -1) * ($x * cos($roll) + $y * sin($roll)), $x * sin($roll) - $y * cos($roll)];
    }

    /** @return array{float, float}|null */
    private static function pair(mixed $value): ?array
    {
        $two = \is_array($value) ? array_values($value) : [];

        return \count($two) === 2 && self::isNumber($two[0]) && self::isNumber($two[1]) ? [(float) $two[0], (float) $two[1]] : null;
    }

    /** @phpstan-assert-if-true int|float $value */
    private static function isNumber(mixed $value): bool
    {
        return \is_int($value) || (\is_float($value) && is_finite($value));
    }
}
