<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Prescription;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Prescription\Proposal;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One change, one feel, at most two drills: whatever is found, and whoever it is found in. */
final class ProposalTest extends TestCase
{
    /** @return iterable<string, array{Cause, array<string, mixed>}> every cause where it can be */
    public static function everywhere(): iterable
    {
        foreach (CauseLibrary::standard()->all() as $cause) {
            foreach (Shot::cases() as $shot) {
                foreach ($shot->lies() as $lie) {
                    $task = [
                        'shot' => $shot->value,
                        'lie' => $lie->value,
                        'club' => ['loft_deg' => 56, 'bounce_deg' => 10],
                        'carry_m' => $shot === Shot::Pitch ? 30 : 9,
                        'slope_deg' => 8,
                    ];
                    if ($cause->appliesTo(Cases::of(['task' => $task])->task)) {
                        yield "{$cause->id}, {$shot->value}, {$lie->value}" => [$cause, $task];
                    }
                }
            }
        }
    }

    /** @param array<string, mixed> $task */
    #[DataProvider('everywhere')]
    public function test_it_is_short_complete_and_fits_the_shot(Cause $cause, array $task): void
    {
        $given = self::for($cause, ['task' => $task]);

        self::assertNotSame([], $given->setup);
        self::assertNotSame('', trim($given->setup[0]->text));
        self::assertNotNull($given->feels);
        self::assertLessThanOrEqual(2, \count($given->drills));
        self::assertGreaterThanOrEqual(1, \count($given->drills), 'something to practise');
        self::assertNotNull($given->stop);
        self::assertNotNull($given->measure);
        foreach ($given->toArray()['drills'] as $drill) {
            $known = DrillLibrary::standard()->find($drill['id']);
            self::assertContains($task['shot'], array_column($known->shots ?? [], 'value'), "{$drill['id']} is not for this shot");
            self::assertNotSame('', $drill['pass']['text']);
            self::assertNotSame([], $drill['cautions'], 'the usual cautions stand with every drill');
        }
        if ($given->setup[0]->what !== null) {
            self::assertNull($given->setup[0]->what->field()->fault('to', $given->setup[0]->to), 'a figure that can be set up');
        }
    }

    #[DataProvider('limits')]
    public function test_no_drill_is_given_that_a_students_limits_forbid_and_what_is_left_out_is_told(Limit $limit): void
    {
        $left = 0;
        foreach (self::everywhere() as [$cause, $task]) {
            $given = self::for($cause, ['task' => $task, 'student' => ['limits' => [$limit->value]]]);
            foreach ([...$given->drills, ...$given->otherDrills] as $sheet) {
                self::assertArrayNotHasKey($limit->value, $sheet->drill->notWith);
            }
            foreach ($given->toArray()['left_out'] as $one) {
                $left++;
                self::assertNotSame('', $one['why']);
            }
        }
        $forbidden = array_filter(DrillLibrary::standard()->all(), static fn($drill): bool => isset($drill->notWith[$limit->value]));
        self::assertTrue($forbidden === [] || $left > 0, 'nothing is left out in silence');
    }

    /** @return iterable<string, array{Limit}> */
    public static function limits(): iterable
    {
        foreach (Limit::cases() as $limit) {
            yield $limit->value => [$limit];
        }
    }

    public function test_with_nothing_to_cure_nothing_is_given(): void
    {
        $reading = Cases::read(['balls' => Cases::balls(8, ['strike' => 'clean', 'touch_mm' => -4, 'mark' => 'brush'])]);

        self::assertNull($reading->workOnFirst);
        self::assertSame([], $reading->prescription->drills);
        self::assertEquals(Proposal::nothing()->toArray(), $reading->prescription->toArray());
    }

    /** @param array<string, mixed> $case */
    private static function for(Cause $cause, array $case): Proposal
    {
        return ReadingEngine::standard()->prescribe(Cases::of($case), $cause);
    }
}
