<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests;

use PHPUnit\Framework\TestCase;

/** Two rooms of the core that use each other could as well be one. */
final class CyclesTest extends TestCase
{
    private const SRC = __DIR__.'/../src';




    public function test_no_room_leads_back_to_itself(): void
    {
        $uses = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::SRC, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $room = explode('/', substr($file->getPathname(), \strlen(self::SRC) + 1))[0];
            preg_match_all('/^use LowPoint\\\\Core\\\\(\w+)\\\\/m', (string) file_get_contents($file->getPathname()), $found);
            $uses[$room] = array_unique([...$uses[$room] ?? [], ...array_diff($found[1], [$room])]);
        }
        self::assertGreaterThan(12, \count($uses));
        $both = [];
        foreach ($uses as $one => $others) {
            foreach ($others as $other) {
                if ($one < $other && \in_array($one, $uses[$other] ?? [], true)) {
                    $both[] = "{$one} and {$other}";
                }
            }
        }
        self::assertSame([], $both);
    }
}
