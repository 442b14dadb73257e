<?php

declare(strict_types=1);

namespace LowPoint\Core\ShotChoice;

use LowPoint\Core\Evidence\Spread;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;

/** How a student's own strikes scatter, once enough of their first touches are known. */
final readonly class OwnStrikes
{
    /** His latest balls, and how many of them it takes to speak of his own scatter. Origin: chosen by us. */
    private const LATEST = 60;

    private const ENOUGH = 8;

    /** A student who never misses his length by more is measured by too few balls, per cent. Origin: chosen by us. */
    private const LEAST_CARRY_SD_PCT = 2.0;

    private function __construct(
        /** Null while nothing of his own is known. */
        public ?Scatter $scatter,
        public int $balls,
    ) {}

    public static function unknown(): self
    {
        return new self(null, 0);
    }

    /**
     * @param  list<float>  $touches  first touches on turf, or in sand, mm, latest first
     * @param  float|null  $carrySdPct  scatter of a length, per cent of its carry; null while it is not known
     * @param  array<int|string, float>  $rollRatios  loft of the club as built => his own roll per carry
     */
    public static function of(array $touches, Lie $lie, ?float $carrySdPct, array $rollRatios = []): self
    {
        $spread = Spread::ofKnown(\array_slice($touches, 0, self::LATEST));
        $usual = Scatter::usual($lie);
        $carrySd = $carrySdPct === null
            ? Scatter::USUAL_CARRY_SD_PCT
            : max(self::LEAST_CARRY_SD_PCT, min(Scatter::CARRY_SD_PCT[1], $carrySdPct));
        if ($spread->n < self::ENOUGH || $spread->mean === null || $spread->sd === null) {
            return new self($rollRatios === [] ? null : new Scatter($usual->touch, $usual->depth, $carrySd, $rollRatios), $spread->n);
        }
        $touch = new Normal($spread->mean, min(Scatter::LOW_POINT_SD_MM[1], $spread->sd));

        return new self(new Scatter($touch, $usual->depth, $carrySd, $rollRatios, true), $spread->n);
    }

    public function inWords(): string
    {
        return match (true) {
            $this->scatter?->own === true => "own strikes, {$this->balls} balls",
            $this->balls > 0 => 'own strikes from '.self::ENOUGH." balls with a touch on, {$this->balls} so far",
            default => Scatter::USUAL_WORDS,
        };
    }
}
