<?php

declare(strict_types=1);

namespace LowPoint\Bench\Mutation;

/** One small change of one file. */
final readonly class Mutant
{
    public function __construct(
        public string $file,
        public int $line,
        public int $from,
        public int $to,
        public string $was,
        public string $becomes,
    ) {}

    public function apply(string $code): string
    {
        return substr_replace($code, $this->becomes, $this->from, $this->to - $this->from);
    }

    public function name(): string
    {
        return "{$this->file}:{$this->line}  {$this->was}  ->  {$this->becomes}";
    }

    /** The same however the file around it moves. */
    public function timeless(): string
    {
        return "{$this->file}  {$this->was}  ->  {$this->becomes}";
    }
}
