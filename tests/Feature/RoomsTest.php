<?php

declare(strict_types=1);

namespace Tests\Feature;

use LowPoint\Core\Tests\BoundaryTest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** Arrows between rooms lead one way, in the app and in the browser as in the core. */
final class RoomsTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> folder, what a use of another room looks like, a room that there is */
    public static function parts(): iterable
    {
        yield 'the app' => ['app', '/(?:^use |@phpstan-import-type \w+ from |[(\s])\\\\?App\\\\(\w+)\\\\/m', 'Lessons'];
        yield 'the browser' => ['resources', '/(?:from|import\() ?\'\.\.\/([\w-]+)\//', 'lesson'];
    }

    #[DataProvider('parts')]
    public function test_no_way_leads_from_a_room_back_to_itself(string $part, string $pattern, string $known): void
    {
        $uses = [];
        $files = Finder::create()->files()->in(\dirname(__DIR__, 2)."/{$part}")->depth('> 0')->name(['*.php', '*.ts', '*.tsx'])
            ->notName('*.test.*')->exclude('test');
        foreach ($files as $file) {
            $room = explode('/', $file->getRelativePathname())[0];
            preg_match_all($pattern, $file->getContents(), $found);
            $uses[$room] = array_unique([...$uses[$room] ?? [], ...array_diff($found[1], [$room])]);
        }
        self::assertNotSame([], $uses[$known]);
        self::assertSame([], BoundaryTest::inCircles($uses));
    }

    public function test_a_model_and_what_the_core_reads_of_it_have_names_of_their_own(): void
    {
        $named = static fn(string $folder): array => array_map(
            static fn(\SplFileInfo $file): string => $file->getBasename(),
            iterator_to_array(Finder::create()->files()->name('*.php')->in(\dirname(__DIR__, 2)."/{$folder}"), false),
        );

        self::assertContains('Ball.php', $named('app/Models'));
        self::assertSame([], array_values(array_intersect($named('app/Models'), $named('core/src'))));
    }
}
