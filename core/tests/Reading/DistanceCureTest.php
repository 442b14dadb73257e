<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Reading\DistanceCure;
use PHPUnit\Framework\TestCase;

final class DistanceCureTest extends TestCase
{
    public function test_free_speed_is_answered_by_the_length_alone(): void
    {
        self::assertStringContainsString('shorten the backswing', DistanceCure::of('free', true));
        self::assertStringContainsString('lengthen the backswing', DistanceCure::of('free', false));
    }

    public function test_a_forced_hit_is_never_cured_by_a_shorter_swing_nor_a_quitting_one_by_a_longer(): void
    {
        foreach ([true, false] as $long) {
            self::assertStringNotContainsString('shorte', DistanceCure::of('forced', $long));
            self::assertStringNotContainsString('lengthen', DistanceCure::of('quitting', $long));
        }
    }

    public function test_what_was_not_looked_at_is_asked(): void
    {
        self::assertStringContainsString('?', DistanceCure::of(null, true));
        self::assertStringContainsString('?', DistanceCure::of(null, false));
    }

    public function test_every_answer_to_the_look_has_a_cure_of_its_own(): void
    {
        foreach ([true, false] as $long) {
            $told = array_map(
                static fn(string $speed): string => DistanceCure::of($speed, $long),
                array_keys(Observable::SpeedChange->field()->choices),
            );
            self::assertSame(\count($told), \count(array_unique($told)));
            self::assertStringNotContainsString('?', implode(' ', $told));
        }
    }
}
