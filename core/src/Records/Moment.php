<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

use LowPoint\Core\Fault;

/** A moment (ISO 8601), or a day (YYYY-MM-DD); not before the first of these, and not further ahead of the clock than so much. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Moment implements Kind
{
    /** Nothing that is kept here was before. Origin: chosen by us. */
    public const FIRST = '2000-01-01';

    public const DAY = '+1 day';

    public const YEARS = '+5 years';

    private const MOMENT = '/^\d{4}-\d\d-\d\d[T ]\d\d:\d\d(:\d\d(\.\d{1,9})?)?(Z|[+-]\d\d:?\d\d)?$/D';

    private const ONLY_DAY = '/^\d{4}-\d\d-\d\d$/D';

    /** @param string $ahead as PHP reads a change of date: how far ahead of now */
    public function __construct(
        private string $ahead = self::DAY,
        private bool $day = false,
    ) {}

    public function read(string $key, mixed $value, Read $read): ?\DateTimeImmutable
    {
        $moment = $this->of($value);
        $ahead = \DateInterval::createFromDateString($this->ahead) ?: throw new \LogicException("No change of date: {$this->ahead}");
        $last = $read->now()->add($ahead);
        if ($moment !== null && $moment->format('Y-m-d') >= self::FIRST && $moment < $last) {
            return $moment;
        }
        $such = $this->day ? 'a day such as 2026-11-24' : 'a time such as 2026-11-24T10:05:00Z';
        $until = $this->ahead === self::DAY ? 'tomorrow' : $last->format('Y-m-d');

        return $read->refuse(new Fault($key, $value, "{$such}, from ".self::FIRST." to {$until}"));
    }

    /** @return \DateTimeImmutable|null null where it is no such day or time; without a zone it is taken as UTC */
    private function of(mixed $value): ?\DateTimeImmutable
    {
        if (! \is_string($value) || (preg_match(self::ONLY_DAY, $value) !== 1 && ($this->day || preg_match(self::MOMENT, $value) !== 1))) {
            return null;
        }
        try {
            $moment = new \DateTimeImmutable($value, new \DateTimeZone('UTC'));
        } catch (\Exception) {
            return null;
        }

        // The thirtieth of February is read as the second of March otherwise.
        return checkdate((int) substr($value, 5, 2), (int) substr($value, 8, 2), (int) substr($value, 0, 4)) ? $moment : null;
    }

    public function write(mixed $held): mixed
    {
        return $held instanceof \DateTimeInterface ? $held->format($this->day ? 'Y-m-d' : \DATE_ATOM) : $held;
    }

    public function schema(Shape $shape): array
    {
        return ['type' => 'string'];
    }
}
