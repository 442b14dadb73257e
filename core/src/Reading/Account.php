<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

/** How a case is explained, in figures: the suppositions with their weights, and what each kind of evidence says of each cause. */
final readonly class Account
{
    /**
     * @param  list<string>  $causes  ids
     * @param  list<array{list<int>, list<int>, float}>  $suppositions  causes by place that it holds, those among them that are there now,
     *     and the log of its weight without a correction
     * @param  list<float>  $shares  of the suppositions, without a correction
     * @param  list<array<value-of<TermGroup>, float>>  $evidence  of each cause: logs over nothing wrong
     */
    public function __construct(
        public array $causes,
        public array $suppositions,
        public array $shares,
        public array $evidence,
    ) {}
}
