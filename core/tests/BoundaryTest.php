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
            preg_match_all('/^use (?:function |const )?\\\\?([A-Za-z_]+)/m', (string) file_get_contents((string) $file), $uses);
            self::assertSame([], array_diff($uses[1], ['LowPoint', 'Random']), (string) $file);
            $seen++;
        }
        self::assertGreaterThan(40, $seen);
    }
}
