<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests;

use PHPUnit\Framework\TestCase;

final class BoundaryTest extends TestCase
{
    public function test_the_core_uses_nothing_but_itself_and_php(): void
    {
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(\dirname(__DIR__).'/src', \FilesystemIterator::SKIP_DOTS));
        $seen = 0;
        foreach ($files as $file) {
            $code = (string) file_get_contents((string) $file);
            preg_match_all('/^use (?:function |const )?\\\\?([A-Za-z_]+(?:\\\\[A-Za-z_]+)?)/m', $code, $uses);
            self::assertSame([], array_diff($uses[1], ['LowPoint\\Core', 'Random\\Engine', 'Random\\Randomizer']), (string) $file);
            $seen++;
        }
        self::assertGreaterThan(40, $seen);
    }

    public function test_no_way_leads_from_a_room_back_to_itself(): void
    {
        $root = \dirname(__DIR__).'/src';
        $uses = [];
        foreach (glob("{$root}/*/*.php") ?: [] as $file) {
            $room = basename(\dirname($file));
            $pattern = '/(?:^use |@phpstan-import-type \w+ from )\\\\?LowPoint\\\\Core\\\\(\w+)\\\\/m';
            preg_match_all($pattern, (string) file_get_contents($file), $found);
            $uses[$room] = array_unique([...$uses[$room] ?? [], ...array_diff($found[1], [$room])]);
        }
        self::assertArrayHasKey('Records', $uses);
        self::assertSame([], self::inCircles($uses));
    }

    /**
     * What leads back to itself, or to what does.
     *
     * @param  array<string, array<string>>  $uses
     * @return list<string>
     */
    public static function inCircles(array $uses): array
    {
        // Rooms that use none of those left are taken out, until nothing is left but circles.
        for ($before = 0; $before !== \count($uses);) {
            $before = \count($uses);
            $uses = array_filter($uses, static fn(array $of): bool => array_intersect($of, array_keys($uses)) !== []);
        }

        return array_keys($uses);
    }
}
