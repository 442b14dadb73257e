<?php

declare(strict_types=1);

namespace LowPoint\Core\Wording;

use LowPoint\Core\Fault;

/** What is wrong with something that was typed, as the form names it and in the units of the reader. */
final readonly class Refusals
{
    /** What the members of a list are called. */
    private const MEMBERS = ['bag' => 'Club', 'clubs' => 'Club', 'balls' => 'Ball'];

    /** A key may end with the unit of what stands there. */
    private const UNIT = '/_(?:mm|m|deg|pct|px|m_s)$/';

    public function __construct(private Words $words = new Words) {}

    /** "Club 4, loft: 99° is not allowed; allowed: 18 to 72°" */
    public function say(Fault $fault): string
    {
        if ($fault->label === '') {
            return $fault->message();
        }
        // "6 of 10" is a figure; the range of it is from 1 to 10.
        $unit = str_starts_with($fault->unit, 'of ') ? '' : $fault->unit;
        $number = \is_int($fault->value) || (\is_float($fault->value) && is_finite($fault->value));
        $value = $number ? $this->words->typed((float) $fault->value, $unit) : $fault->shownValue();
        $said = $fault->value === null || $fault->value === '' ? 'nothing stands there' : "{$value} is not allowed";
        $allowed = $fault->range === null
            ? $this->words->told($fault->allowed)
            : $this->words->between($fault->range[0], $fault->range[1], $unit);

        return "{$this->name($fault)}: {$said}; allowed: {$allowed}";
    }

    private function name(Fault $fault): string
    {
        $parts = explode('.', $fault->key);
        $last = (string) end($parts);
        $label = \in_array($fault->label, [$fault->key, $last], true)
            ? strtr((string) preg_replace(self::UNIT, '', $last), '_', ' ')
            : $fault->label;
        foreach ($parts as $part) {
            if (preg_match('/^(\w+)\[(\d+)\]$/', $part, $member) === 1 && isset(self::MEMBERS[$member[1]])) {
                $name = self::MEMBERS[$member[1]];

                // What it is called is called like it.
                return "{$name} ".((int) $member[2] + 1).($label === $name ? '' : ', '.lcfirst($label));
            }
        }

        return ucfirst($label);
    }
}
