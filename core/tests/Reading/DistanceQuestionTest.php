<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Reading\DistanceQuestion;
use LowPoint\Core\Wording\Units;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DistanceQuestionTest extends TestCase
{
    private const CLUB = ['loft_deg' => 54, 'bounce_deg' => 10];

    public function test_it_asks_of_a_good_strike_that_went_wrong_in_length_and_of_no_other(): void
    {
        $question = $this->of([['strike' => 'clean', 'carry_m' => 41]]);
        self::assertSame('The last one carried 41 m, 11 m long. Forced, quitting or free?', $question?->text);
        self::assertTrue($question->asks);
        self::assertNull($this->of([]));
        self::assertNull($this->of([['strike' => 'clean', 'carry_m' => 32]]));
        self::assertNull($this->of([['strike' => 'heavy', 'carry_m' => 41]]));
        self::assertNull($this->of([['strike' => 'clean']]));
        self::assertNull($this->of([['strike' => 'clean', 'carry_m' => 41], ['strike' => 'clean', 'carry_m' => 30]]));
        self::assertNull($this->of([['strike' => 'clean', 'carry_m' => 41]], [], ['carry_m' => null]));
        $sand = ['shot' => 'bunker', 'lie' => 'sand_medium'];
        self::assertNull($this->of([['strike' => 'splash', 'carry_m' => 41]], [], $sand));
        $yards = $this->of([['strike' => 'clean', 'carry_m' => 41]], [], [], Units::Imperial);
        self::assertStringContainsString('44.8 yd, 12 yd long', (string) $yards?->text);
    }

    #[TestWith(['forced', 41, 'take the hit out, then lengthen the backswing'])]
    #[TestWith(['free', 41, 'shorten the backswing'])]
    #[TestWith(['quitting', 41, 'shorten the backswing'])]
    #[TestWith(['quitting', 22, 'a shorter backswing'])]
    #[TestWith(['free', 22, 'lengthen the backswing'])]
    #[TestWith(['forced', 22, 'lengthen the backswing'])]
    public function test_the_answer_decides_between_opposite_cures(string $speed, float $carryM, string $cure): void
    {
        $question = $this->of([['strike' => 'clean', 'carry_m' => $carryM]], ['speed_change' => $speed]);
        self::assertFalse($question?->asks);
        self::assertStringContainsString($cure, (string) $question?->text);
    }

    /**
     * @param  list<array<string, mixed>>  $balls
     * @param  array<string, mixed>  $motion
     * @param  array<string, mixed>  $task
     */
    private function of(array $balls, array $motion = [], array $task = [], Units $units = Units::Metric): ?DistanceQuestion
    {
        return DistanceQuestion::of(
            CaseReader::fromValue([
                'format' => CaseReader::FORMAT,
                'task' => $task + ['shot' => 'pitch', 'lie' => 'fairway', 'club' => self::CLUB, 'carry_m' => 30],
                'setup' => [],
                'motion' => $motion,
                'balls' => $balls,
            ]),
            new Words($units),
        );
    }
}
