<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Tests\Pin;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** No change of the core changes a reading unseen. Where it was meant, bench/pin writes the new figures down, to be read in the diff. */
final class PinnedTest extends TestCase
{
    private const CHANGED = 'This reading has changed. If that was meant, run bench/pin and read the diff.';

    /** Figures as they come out differ in the last bits between machines. */
    private const EQUAL = 2.0e-3;

    /** @return iterable<string, array{LessonCase, array<string, mixed>}> */
    public static function readings(): iterable
    {
        $pinned = self::read(Pin::READINGS);
        foreach (Pin::cases() as $name => $case) {
            yield $name => [$case, $pinned[$name] ?? []];
        }
    }

    /** @param array<string, mixed> $pinned */
    #[DataProvider('readings')]
    public function test_a_reading_is_what_it_was(LessonCase $case, array $pinned): void
    {
        $now = json_decode(json_encode(Pin::reading($case), JSON_THROW_ON_ERROR), true);
        foreach ($now as $part => $told) {
            self::assertArrayHasKey($part, $pinned, self::CHANGED);
            self::assertEqualsWithDelta($pinned[$part], $told, self::EQUAL, "{$part}: ".self::CHANGED);
        }
    }

    public function test_set_up_cards_causes_and_verdicts_are_what_they_were(): void
    {
        self::assertSame(self::read(Pin::CARDS), Pin::cards(), self::CHANGED);
        self::assertEquals(self::read(Pin::CAUSES_TOLD), Pin::causes(), self::CHANGED);
        self::assertEqualsWithDelta(self::read(Pin::VERDICTS), Pin::verdicts(), self::EQUAL, self::CHANGED);
    }

    public function test_the_catalogue_and_what_comes_out_of_touches_and_marks_are_what_they_were(): void
    {
        $plain = static fn(array $all): mixed => json_decode(json_encode($all, JSON_THROW_ON_ERROR), true);
        self::assertEquals(self::read(Pin::CATALOGUE), $plain(Pin::catalogue()), self::CHANGED);
        self::assertEqualsWithDelta(self::read(Pin::STRIKES), $plain(Pin::strikes()), self::EQUAL, self::CHANGED);
    }

    /** @return array<string, mixed> */
    private static function read(string $file): array
    {
        return json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
    }
}
