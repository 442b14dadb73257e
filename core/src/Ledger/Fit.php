<?php

declare(strict_types=1);

namespace LowPoint\Core\Ledger;

use LowPoint\Core\Reading\Learned;

/**
 * A correction fitted to lessons by maximum likelihood, each of its figures held back toward where it starts as a normal prior does.
 * Steps by the sign of the gradient, each figure at its own pace (resilient propagation, Riedmiller and Braun 1993).
 */
final class Fit
{
    /** How far a bias, a slope and a slope of one cause stray from where they start, sd. Origin: chosen on worlds of made-up students. */
    private const BIAS_SD = 0.8;

    private const SLOPE_SD = 0.25;

    private const OWN_SLOPE_SD = 0.12;

    private const STEPS = 36;

    private const STEPS_FROM_NEAR = 14;

    private const FIRST_STEP = 0.05;

    private const LONGEST_STEP = 0.3;

    private const LEAST_STEP = 0.001;

    private const LONGER = 1.2;

    private const SHORTER = 0.5;

    /**
     * @param  list<Taught>  $lessons
     * @param  int  $confirmed  how many of the lines they come from were confirmed
     * @param  Learned  $from  what it is held back toward
     * @param  (\Closure(int, int): void)|null  $progress  steps done, of all
     * @param  Learned|null  $begin  where it begins, if that is known to be near: then fewer steps do
     */
    public static function to(
        array $lessons,
        int $confirmed,
        Learned $from,
        ?\Closure $progress = null,
        ?Learned $begin = null,
    ): Learned {
        $start = self::flat($from);
        $now = self::flat($begin ?? $from);
        $steps = $begin === null ? self::STEPS : self::STEPS_FROM_NEAR;
        $step = $before = [];
        for ($at = 1; $at <= $steps; $at++) {
            $slopes = self::slope($lessons, self::learned($now, $confirmed));
            foreach ($slopes + $now as $key => $ignored) {
                $sd = match (substr_count($key, ' ')) {
                    0 => self::BIAS_SD,
                    1 => self::SLOPE_SD,
                    default => self::OWN_SLOPE_SD,
                };
                $gradient = ($slopes[$key] ?? 0.0) - (($now[$key] ?? 0.0) - ($start[$key] ?? 0.0)) / $sd ** 2;
                $turned = $gradient * ($before[$key] ?? 0.0);
                $size = ($step[$key] ?? self::FIRST_STEP) * ($turned > 0 ? self::LONGER : ($turned < 0 ? self::SHORTER : 1.0));
                $step[$key] = max(self::LEAST_STEP, min(self::LONGEST_STEP, $size));
                $before[$key] = $gradient;
                $now[$key] = self::bound($key, ($now[$key] ?? 0.0) + $step[$key] * ($gradient <=> 0.0));
            }
            if ($progress !== null) {
                $progress($at, $steps);
            }
        }

        return self::learned($now, $confirmed);
    }

    /**
     * @param  list<Taught>  $lessons
     * @return array<string, float> gradient of the log-likelihood, by figure
     */
    private static function slope(array $lessons, Learned $learned): array
    {
        $slopes = [];
        foreach ($lessons as $lesson) {
            [, $gains] = $lesson->gain(self::adds($lesson, $learned));
            foreach ($gains as $i => $gain) {
                $cause = $lesson->account->causes[$i];
                $slopes[$cause] = ($slopes[$cause] ?? 0.0) + $gain;
                foreach ($lesson->account->evidence[$i] as $group => $weight) {
                    $slopes[" {$group}"] = ($slopes[" {$group}"] ?? 0.0) + $gain * $weight;
                    $slopes["{$cause}  {$group}"] = ($slopes["{$cause}  {$group}"] ?? 0.0) + $gain * $weight;
                }
            }
        }

        return $slopes;
    }

    /** @return array<int, float> what a correction adds, by place of the cause */
    public static function adds(Taught $lesson, Learned $learned): array
    {
        $adds = [];
        foreach ($lesson->account->causes as $i => $cause) {
            $adds[$i] = $learned->adds($cause, $lesson->account->evidence[$i]);
        }

        return $adds;
    }

    /** @return array<string, float> "cause", " group" and "cause  group" */
    private static function flat(Learned $learned): array
    {
        $flat = $learned->bias;
        foreach ($learned->slopes as $group => $slope) {
            $flat[" {$group}"] = $slope;
        }
        foreach ($learned->ofCauses as $cause => $own) {
            foreach ($own as $group => $slope) {
                $flat["{$cause}  {$group}"] = $slope;
            }
        }

        return $flat;
    }

    /** @param array<string, float> $flat */
    private static function learned(array $flat, int $lines): Learned
    {
        $bias = $slopes = $ofCauses = [];
        foreach ($flat as $key => $value) {
            $value = round($value, 4);
            if ($value === 0.0 || $value === -0.0) {
                continue;
            }
            $parts = explode(' ', $key);
            match (\count($parts)) {
                1 => ($bias[$key] = $value),
                2 => ($slopes[$parts[1]] = $value),
                default => ($ofCauses[$parts[0]][$parts[2]] = $value),
            };
        }

        return new Learned($lines, $bias, $slopes, $ofCauses);
    }

    private static function bound(string $key, float $value): float
    {
        return str_contains($key, ' ')
            ? max(-1.0, min(Learned::MOST_SLOPE, $value))
            : max(-Learned::MOST_BIAS, min(Learned::MOST_BIAS, $value));
    }
}
