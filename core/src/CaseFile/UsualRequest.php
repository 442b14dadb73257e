<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Read;

/** How a coach begins with each shot: school, lie, carry; what is not said there is not said. */
final class UsualRequest
{
    /**
     * @return array<string, array{school?: string, lie?: string, carry_m?: float}> by shot, without what says nothing
     *
     * @throws InvalidInput with every fault found
     */
    public static function read(mixed $value): array
    {
        $shots = array_column(Shot::cases(), 'value');
        if (! \is_array($value) || array_diff(array_keys($value), $shots) !== []) {
            throw InvalidInput::one('usual', $value, 'an object with the keys '.implode(', ', $shots));
        }
        $usual = $faults = [];
        foreach (Shot::cases() as $shot) {
            if (! isset($value[$shot->value])) {
                continue;
            }
            try {
                $said = self::ofShot($shot, $value[$shot->value]);
            } catch (InvalidInput $e) {
                foreach ($e->faults as $fault) {
                    $faults[] = new Fault("usual.{$shot->value}.{$fault->key}", $fault->value, $fault->allowed);
                }
                continue;
            }
            if ($said !== []) {
                $usual[$shot->value] = $said;
            }
        }

        return $faults === [] ? $usual : throw new InvalidInput($faults);
    }

    /** @return array{school?: string, lie?: string, carry_m?: float} */
    private static function ofShot(Shot $shot, mixed $value): array
    {
        $said = Read::record(UsualAsked::class, $value);
        if ($said->lie !== null && ! \in_array($said->lie, $shot->lies(), true)) {
            throw InvalidInput::one('lie', $said->lie->value, implode(', ', array_column($shot->lies(), 'value')));
        }
        $schools = $said->lie === null
            ? array_values(array_filter(School::cases(), static fn(School $one): bool => $one->teaches($shot)))
            : School::suiting($shot, $said->lie);
        if ($said->school !== null && ! \in_array($said->school, $schools, true)) {
            throw InvalidInput::one('school', $said->school->value, implode(', ', array_column($schools, 'value')));
        }

        return array_filter(
            ['school' => $said->school?->value, 'lie' => $said->lie?->value, 'carry_m' => $said->carryM],
            static fn(mixed $one): bool => $one !== null,
        );
    }
}
