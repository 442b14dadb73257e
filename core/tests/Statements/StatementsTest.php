<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Statements;

use LowPoint\Bench\Simulation\BehaviourKind;
use LowPoint\Bench\Simulation\LessonVoices;
use LowPoint\Bench\Simulation\Population;
use LowPoint\Bench\Simulation\RandomCase;
use LowPoint\Bench\Simulation\Voices;
use LowPoint\Bench\Simulation\World;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Reading\WarningId;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Statements\Figure;
use LowPoint\Core\Statements\Kind;
use LowPoint\Core\Statements\Statement;
use LowPoint\Core\Statements\Statements;
use LowPoint\Core\Tests\Cases;
use LowPoint\Core\Tests\Reading\CoachCasesTest;
use LowPoint\Core\Wording\Units;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** One voice (handbook 16.5): what a reading says never speaks against itself, and every number in it is one of its figures. */
final class StatementsTest extends TestCase
{
    /** @param array{case: array<string, mixed>} $told */
    #[DataProvider('coachCases')]
    public function test_no_students_reading_speaks_against_itself(array $told): void
    {
        $case = CaseReader::fromValue($told['case']);
        self::assertSame([], self::voices(ReadingEngine::standard(), $case));
        $imperial = new Words(Units::Imperial);
        self::assertSame([], self::voices(ReadingEngine::standard($imperial), $case, $imperial), 'in inches');
    }

    /** @return iterable<string, array{array{case: array<string, mixed>}}> */
    public static function coachCases(): iterable
    {
        return CoachCasesTest::cases();
    }

    #[TestWith([0])]
    #[TestWith([1])]
    #[TestWith([2])]
    public function test_looks_given_as_words_are_told_as_these_words(int $answer): void
    {
        $looks = ['setup' => [], 'motion' => []];
        foreach (Observable::byEye() as $one) {
            $answers = $one->field()->answers;
            if ($one->field()->kind === 'number' && $answers !== []) {
                $looks[$one->group()->value][$one->value] = $answers[$answer % \count($answers)]->label;
            }
        }
        $case = Cases::of($looks + ['balls' => Cases::balls(6, ['strike' => 'heavy', 'touch_mm' => -30, 'mark' => 'deep'])]);
        self::assertSame([], self::voices(ReadingEngine::standard(), $case));
        $lean = self::named(Statements::of(ReadingEngine::standard()->read($case)), 'shaft_lean_deg');
        self::assertIsString($lean->value);
    }

    #[Group('draws')]
    public function test_no_random_case_nor_made_up_student_speaks_against_itself(): void
    {
        $engine = ReadingEngine::standard();
        $random = new RandomCase(new Dice(61), new Dice(62));
        $again = new RandomCase(new Dice(63), new Dice(64), earlier: new Dice(65));
        for ($i = 0; $i < 300; $i++) {
            self::assertSame([], self::voices($engine, CaseReader::fromValue(($i % 2 === 0 ? $random : $again)->valid())), "case {$i}");
        }
        foreach (BehaviourKind::cases() as $kind) {
            $population = new Population(new Dice(66), World::drawn($kind, 67));
            for ($i = 0; $i < 30; $i++) {
                self::assertSame([], self::voices($engine, $population->student(false)->realisticLesson()), "{$kind->value} {$i}");
            }
        }
    }

    #[Group('draws')]
    #[TestWith([Units::Metric])]
    #[TestWith([Units::Imperial])]
    public function test_no_sentence_of_a_whole_course_speaks_against_another(Units $units): void
    {
        $words = new Words($units);
        $engine = ReadingEngine::standard($words);
        $each = intdiv(76, \count(BehaviourKind::cases()));
        foreach (BehaviourKind::cases() as $at => $kind) {
            $population = new Population(new Dice(81 + $at), World::drawn($kind, 91 + $at));
            for ($i = 0; $i < $each; $i++) {
                self::assertSame([], LessonVoices::against($engine, $population->student($i % 5 === 0), $words), "{$kind->value} {$i}");
            }
        }
    }

    public function test_a_second_set_of_a_lesson_is_told_beside_the_first_with_the_figures_of_both(): void
    {
        $set = static fn(int $good): array => [
            ...Cases::balls($good, ['strike' => 'clean', 'touch_mm' => -5]),
            ...Cases::balls(6 - $good, ['strike' => 'heavy', 'touch_mm' => -60]),
        ];
        $told = static fn(int $daysAgo): array => Statements::of(
            Cases::read(['balls' => $set(5), 'earlier' => [['days_ago' => $daysAgo, 'label' => 'before', 'balls' => $set(1)]]]),
        );
        $today = array_values(array_filter($told(0), static fn(Statement $one): bool => $one->kind === Kind::Comparison));
        self::assertSame('1 of 6, then 5 of 6 clean', $today[0]->text);
        self::assertSame(
            [['good.count', 1, 'first'], ['good.of', 6, 'first'], ['good.count', 5, 'last'], ['good.of', 6, 'last']],
            array_map(static fn(Figure $one): array => [$one->name, $one->value, $one->set], $today[0]->figures),
        );
        self::assertStringEndsWith('in 100 that it is better.', $today[1]->text);
        self::assertNotContains(Kind::Comparison, array_column($told(7), 'kind'), 'another day is no set of this lesson');
    }

    public function test_every_look_is_told_what_it_speaks_for_what_is_left_for_later_and_what_fits(): void
    {
        $told = self::texts(Cases::read([
            'setup' => ['ball_position_pct' => 24, 'shaft_lean_deg' => 11, 'stance_width_mm' => 400, 'grip_down_mm' => 30],
            'balls' => [...Cases::balls(6, ['strike' => 'chunk', 'touch_mm' => -45, 'mark' => 'deep']),
                ...Cases::balls(2, ['strike' => 'clean', 'touch_mm' => -5, 'mark' => 'brush'])],
        ]));
        self::assertStringContainsString('speaks for handle too far forward at address', $told['look.shaft_lean_deg']);
        self::assertMatchesRegularExpression('/left for later\.$/', $told['look.stance_width_mm']);
        self::assertStringEndsWith('fits, and is left as it is.', $told['look.grip_down_mm']);
    }

    public function test_a_warning_sends_nowhere_without_a_figure_and_never_against_what_is_worked_on(): void
    {
        $open = Cases::read([
            'task' => ['shot' => 'bunker', 'lie' => 'sand_soft'],
            'setup' => ['face_open_deg' => 60],
            'balls' => Cases::balls(2, ['strike' => 'left-in', 'mark' => 'deep', 'sand_direction' => 'left']),
        ]);
        self::assertNull($open->workOnFirst);
        $steep = self::of($open, WarningId::SandSteep);
        self::assertSame('less', $steep->direction?->toArray()['to']);
        self::assertSame(60.0, self::named([$steep], 'face_open_deg')->value);
        self::assertStringContainsString('now 60° open', $steep->text);

        $square = self::of(Cases::read([
            'task' => ['shot' => 'bunker', 'lie' => 'sand_soft'],
            'setup' => ['face_open_deg' => 30],
            'balls' => Cases::balls(2, ['strike' => 'left-in', 'mark' => 'deep', 'sand_direction' => 'left']),
        ]), WarningId::SandSteep);
        self::assertNull($square->direction, 'it is as the school has it');
        self::assertStringNotContainsString('squarer', $square->text);

        $scatter = Cases::read([
            'balls' => [
                ...Cases::balls(3, ['strike' => 'heavy', 'touch_mm' => -60]),
                ...Cases::balls(3, ['strike' => 'thin', 'touch_mm' => 30]),
            ],
        ]);
        self::assertStringContainsString('Do not move the ball.', self::of($scatter, WarningId::ScatterNotAim)->text);
        self::assertNull(self::of($scatter, WarningId::ScatterNotAim)->direction);
    }

    public function test_a_change_of_the_set_up_says_which_way_it_goes(): void
    {
        $reading = Cases::read([
            'setup' => ['lead_weight_pct' => 40],
            'balls' => Cases::balls(6, ['strike' => 'heavy', 'touch_mm' => -50]),
        ]);
        self::assertSame('weight_trail_setup', $reading->workOnFirst?->cause->id);
        $ways = [];
        foreach (Statements::of($reading) as $one) {
            if ($one->kind === Kind::Setup && $one->direction !== null) {
                $ways += array_column([$one->direction->toArray()], 'to', 'observable');
            }
        }
        self::assertSame(['lead_weight_pct' => 'more', 'sternum_ahead_mm' => 'range'], $ways);
    }

    public function test_a_range_that_holds_nearly_everything_is_not_told(): void
    {
        $random = new RandomCase(new Dice(71), new Dice(72));
        $wide = 0;
        for ($i = 0; $i < 300; $i++) {
            $prediction = ReadingEngine::standard()->read(CaseReader::fromValue($random->valid()))->prediction;
            if ($prediction?->range !== null && round(10 * $prediction->range[1]) - round(10 * $prediction->range[0]) >= 7) {
                self::assertStringNotContainsString('between', $prediction->text());
                $wide++;
            }
        }
        self::assertGreaterThan(0, $wide);
    }

    public function test_what_all_balls_come_to_does_not_stand_against_what_a_warning_says_of_some(): void
    {
        $reading = Cases::read([
            'setup' => ['shaft_lean_deg' => 12, 'ball_position_pct' => 25],
            'balls' => [
                ...Cases::balls(4, ['strike' => 'thin', 'touch_mm' => 25]),
                ...Cases::balls(4, ['strike' => 'clean', 'touch_mm' => -40]),
            ],
        ]);
        $warning = self::of($reading, WarningId::ThinOnTheWayDown);
        self::assertContains('ball_back', $warning->asserts);
        self::assertSame([], array_filter(
            Statements::of($reading),
            static fn(Statement $one): bool => $one->kind === Kind::Against && \in_array($one->cause, $warning->asserts, true),
        ));
        $upright = Cases::read([
            'setup' => ['shaft_lean_deg' => 0],
            'balls' => Cases::balls(6, ['strike' => 'thin', 'touch_mm' => 25]),
        ]);
        self::assertNotContains('handle_forward_setup', self::of($upright, WarningId::ThinOnTheWayDown)->asserts, 'seen otherwise');
    }

    public function test_few_good_balls_are_no_reason_for_one_cause_and_none_is_no_reason_against_another(): void
    {
        $words = implode(' ', self::texts(Cases::read(['balls' => Cases::balls(6, ['strike' => 'heavy', 'touch_mm' => -60])])));
        self::assertStringNotContainsString('were good', $words);
        $mostly = self::texts(Cases::read([
            'balls' => [
                ...Cases::balls(8, ['strike' => 'clean', 'touch_mm' => -5]),
                ...Cases::balls(2, ['strike' => 'heavy', 'touch_mm' => -60]),
            ],
        ]));
        self::assertContains('Eight of ten were good.', $mostly);
    }

    public function test_a_share_told_of_the_cure_is_held_against_the_balls_as_they_were_seen(): void
    {
        foreach (CoachCasesTest::cases() as [$told]) {
            $reading = ReadingEngine::standard()->read(CaseReader::fromValue($told['case']));
            if (preg_match('~instead of (\d+)~', $reading->prediction?->text() ?? '', $now) === 1) {
                self::assertSame((int) round(10 * $reading->pattern->good()->share()), (int) $now[1]);
            }
        }
    }

    public function test_where_misses_touch_down_as_good_ones_do_touch_alone_explains_nothing(): void
    {
        $balls = static fn(int $misses): array => [
            ...Cases::balls(4, ['strike' => 'clean', 'touch_mm' => -5]),
            ...Cases::balls($misses, ['strike' => 'thin', 'touch_mm' => -4]),
            ...Cases::balls(3, ['strike' => 'heavy', 'touch_mm' => -110]),
        ];
        self::assertFalse(Cases::read(['balls' => $balls(4)])->touchTells());
        self::assertTrue(Cases::read(['balls' => $balls(2)])->touchTells());
        self::assertNull(Cases::read(['balls' => Cases::balls(4, ['strike' => 'clean', 'touch_mm' => -5])])->touchTells());
        $one = [...Cases::balls(5, ['strike' => 'clean', 'touch_mm' => -5]), ...Cases::balls(1, ['strike' => 'thin', 'touch_mm' => -4])];
        self::assertNull(Cases::read(['balls' => $one])->touchTells(), 'of one miss nothing is said');
        self::assertArrayHasKey('touch_alone', self::texts(Cases::read(['balls' => $balls(4)])));
    }

    /** @return list<string> */
    private static function voices(ReadingEngine $engine, LessonCase $case, Words $words = new Words): array
    {
        $reading = $engine->read($case);

        return Voices::against(Statements::of($reading, $words), $reading);
    }

    /** @return array<string, string> by id */
    private static function texts(Reading $reading): array
    {
        return array_column(
            array_map(static fn(Statement $one): array => [$one->id, $one->text], Statements::of($reading)),
            1,
            0,
        );
    }

    private static function of(Reading $reading, WarningId $id): Statement
    {
        $found = array_filter(Statements::of($reading), static fn(Statement $one): bool => $one->warning === $id);

        return array_values($found)[0] ?? self::fail("no {$id->value}");
    }

    /** @param list<Statement> $statements */
    private static function named(array $statements, string $name): Figure
    {
        foreach ($statements as $one) {
            foreach ($one->figures as $figure) {
                if ($figure->name === $name) {
                    return $figure;
                }
            }
        }
        self::fail("no figure {$name}");
    }
}
