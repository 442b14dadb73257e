<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\InvalidInput;

/** A carry that is asked for. */
final class TargetNumber
{
    public const RANGE_M = [2.0, 150.0];

    /**
     * @param  mixed  $value  as it stands in an address
     *
     * @throws InvalidInput outside the range
     */
    public static function of(mixed $value): ?float
    {
        if ($value === null || $value === '') {
            return null;
        }
        if (! is_numeric($value) || $value < self::RANGE_M[0] || $value > self::RANGE_M[1]) {
            throw InvalidInput::one('target_m', $value, implode(' to ', self::RANGE_M).' m');
        }

        return (float) $value;
    }
}
