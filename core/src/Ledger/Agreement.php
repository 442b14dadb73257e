<?php

declare(strict_types=1);

namespace LowPoint\Core\Ledger;

/** What a coach thought before he saw the reading, held against it and against what it really was (handbook 16.4). */
final readonly class Agreement
{
    private function __construct(
        public int $answered,
        public int $agreed,
        public int $settled,
        public int $coachRight,
        public int $readingRight,
    ) {}

    /** @param iterable<array{thought: string, read: string, was: string|null}> $answers causes, or Line::NOTHING; null = nobody said */
    public static function of(iterable $answers): self
    {
        $answered = $agreed = $settled = $coach = $reading = 0;
        foreach ($answers as ['thought' => $thought, 'read' => $read, 'was' => $was]) {
            $answered++;
            $agreed += (int) ($thought === $read);
            if ($thought !== $read && $was !== null) {
                $settled++;
                $coach += (int) ($thought === $was);
                $reading += (int) ($read === $was);
            }
        }

        return new self($answered, $agreed, $settled, $coach, $reading);
    }

    /** @return list<string> */
    public function sentences(): array
    {
        if ($this->answered === 0) {
            return [];
        }
        $told = ["You and the reading named the same in {$this->agreed} of {$this->answered} sets."];
        if ($this->settled > 0) {
            $told[] = "Where you did not, and it was said later what it really was ({$this->settled}): "
                ."you were right {$this->coachRight} times, the reading {$this->readingRight}.";
        }

        return $told;
    }
}
