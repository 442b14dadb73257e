<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\CaseFile;

use LowPoint\Core\CaseFile\UsualRequest;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\UsualWay;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Strike\Lie;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class UsualRequestTest extends TestCase
{
    public function test_what_is_not_said_is_not_kept(): void
    {
        self::assertSame(
            ['chip' => ['school' => 'handle_ahead', 'carry_m' => 12.0], 'bunker' => ['lie' => 'sand_firm']],
            UsualRequest::read([
                'chip' => ['school' => 'handle_ahead', 'lie' => null, 'carry_m' => 12],
                'pitch' => [],
                'bunker' => ['lie' => 'sand_firm'],
            ]),
        );
    }

    #[TestWith([['putt' => []], 'usual'])]
    #[TestWith([['chip' => ['lie' => 'sand_soft']], 'usual.chip.lie'])]
    #[TestWith([['chip' => ['school' => 'open_across']], 'usual.chip.school'])]
    #[TestWith([['bunker' => ['lie' => 'sand_plugged', 'school' => 'open_across']], 'usual.bunker.school'])]
    #[TestWith([['pitch' => ['carry_m' => 900]], 'usual.pitch.carry_m'])]
    #[TestWith([['pitch' => ['wind' => 3]], 'usual.pitch.wind'])]
    #[TestWith(['chip', 'usual'])]
    public function test_what_cannot_be_is_named(mixed $usual, string $key): void
    {
        try {
            UsualRequest::read($usual);
        } catch (InvalidInput $e) {
            self::assertSame($key, $e->faults[0]->key);

            return;
        }
        self::fail('not refused');
    }

    public function test_his_own_choice_goes_before_the_academys_and_either_gives_way_to_the_lie(): void
    {
        $school = static fn(array $own, ?string $common): ?School => UsualWay::of(Shot::Chip, $own, $common)->school;

        self::assertSame(School::HandleAhead, $school(['school' => 'handle_ahead'], 'centre_ahead'));
        self::assertSame(School::CentreAhead, $school([], 'centre_ahead'));
        self::assertNull($school([], null));
        self::assertNull($school(['lie' => 'ball_down'], 'centre_ahead'));
        self::assertSame(Lie::SandMedium, UsualWay::of(Shot::Bunker, [], null)->lie);
        self::assertSame(14.0, UsualWay::of(Shot::Bunker, ['carry_m' => 14], null)->carryM);
    }
}
