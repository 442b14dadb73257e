<?php

declare(strict_types=1);

namespace LowPoint\Bench\Mutation;

/** The rules, with their own tests; those that draw many made-up students are left out. */
final readonly class CoreGround extends Ground
{
    private const MOST_S = 400;

    public function mutants(): array
    {
        return $this->php('core/src');
    }

    public function copy(int $worker): string
    {
        return $this->copyOf(
            $worker,
            'core/src',
            'core/tests',
            'core/bin',
            'core/vendor',
            'core/composer.json',
            'core/phpunit.xml',
            'docs/handbook',
            'bench',
        );
    }

    public function command(Mutant $mutant, string $copy): string
    {
        $room = $this->room($mutant->file);
        $tests = 'timeout '.self::MOST_S.' vendor/bin/phpunit --do-not-cache-result --stop-on-defect --exclude-group draws';

        $nearest = is_dir("{$copy}/core/tests/{$room}") ? "{$tests} tests/{$room} && " : '';

        return self::isCode($mutant->file)." && cd core && {$nearest}{$tests}";
    }
}
