<?php

declare(strict_types=1);

namespace LowPoint\Bench\Mutation;

/** What the browser does by itself, with the tests that load the changed file. */
final readonly class FrontGround extends Ground
{
    private const MOST_S = 600;

    public function mutants(): array
    {
        $said = shell_exec('cd '.escapeshellarg($this->root).' && node bench/Mutation/front.mjs');

        /** @var list<array{file: string, line: int, from: int, to: int, was: string, becomes: string}> $all */
        $all = json_decode((string) $said, true, flags: JSON_THROW_ON_ERROR);

        return array_map(static fn(array $one): Mutant => new Mutant(...$one), $all);
    }

    public function copy(int $worker): string
    {
        $settings = ['package.json', 'tsconfig.json', 'vitest.config.ts'];
        $copy = $this->copyOf($worker, 'resources', 'contract', 'lang', 'core/src', 'core/bin', ...$settings);
        symlink("{$this->root}/node_modules", "{$copy}/node_modules");

        return $copy;
    }

    public function command(Mutant $mutant, string $copy): string
    {
        return 'timeout '.self::MOST_S." node_modules/.bin/vitest related --run --bail=1 {$mutant->file}";
    }
}
