<?php

declare(strict_types=1);

namespace LowPoint\Bench\Mutation;

/** What Laravel is asked, with the feature tests on a store of each worker's own. */
final readonly class AppGround extends Ground
{
    private const IN_WORLD = '. bin/lib/common.sh && . bin/lib/world.sh && . bin/lib/database.sh && enter_world test';

    private const MOST_S = 1200;

    public function mutants(): array
    {
        return $this->php('app');
    }

    public function copy(int $worker): string
    {
        return $this->copyOf(
            $worker,
            'app',
            'artisan',
            'bin',
            'bootstrap',
            'composer.json',
            'config',
            'contract',
            'core/src',
            'core/bin',
            'core/composer.json',
            'database',
            'docs',
            'lang',
            'phpunit.xml',
            'public',
            'resources',
            'routes',
            'tests',
            'vendor',
            'bench',
        );
    }

    public function command(Mutant $mutant, string $copy): string
    {
        $phpunit = 'as_owner timeout '.self::MOST_S.' vendor/bin/phpunit --do-not-cache-result --stop-on-defect';
        $nearest = implode('|', array_map(static fn(string $test): string => basename($test, '.php'), $this->nearest($mutant)));

        return self::isCode($mutant->file)." && {$this->world()} && ".($nearest === ''
            ? ''
            : "{$phpunit} --testsuite feature --filter ".escapeshellarg("/({$nearest})::/").' && ').
            "{$phpunit} --testsuite feature";
    }

    public function leave(string $copy): void
    {
        exec('cd '.escapeshellarg($copy).' && bash -c '.escapeshellarg(self::IN_WORLD.' && stop_part database'));
        parent::leave($copy);
    }

    /** Its own store, started by the first change that is tried. */
    private function world(): string
    {
        return self::IN_WORLD.' && start_database low_point_test && settle http://localhost';
    }

    /** @return list<string> the tests that speak of the class, or of one of its room */
    private function nearest(Mutant $mutant): array
    {
        $tests = glob("{$this->root}/tests/Feature/*Test.php") ?: [];
        $room = \dirname($mutant->file) === 'app' ? '' : 'App\\'.explode('/', $mutant->file)[1].'\\';
        foreach ([basename($mutant->file, '.php'), $room, $this->room($mutant->file), rtrim($this->room($mutant->file), 's')] as $word) {
            $near = array_filter(
                $tests,
                static fn(string $test): bool => $word !== ''
                && (str_contains((string) file_get_contents($test), $word) || str_contains(basename($test), $word)),
            );
            if ($near !== []) {
                return array_values($near);
            }
        }

        return [];
    }
}
