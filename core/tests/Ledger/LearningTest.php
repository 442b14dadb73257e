<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Ledger;

use LowPoint\Bench\Simulation\RandomCase;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Ledger\Fit;
use LowPoint\Core\Ledger\Gate;
use LowPoint\Core\Ledger\Judged;
use LowPoint\Core\Ledger\Learning;
use LowPoint\Core\Ledger\Ledger;
use LowPoint\Core\Ledger\Line;
use LowPoint\Core\Ledger\Pooled;
use LowPoint\Core\Ledger\SoundStudents;
use LowPoint\Core\Ledger\Taught;
use LowPoint\Core\Reading\Learned;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Reading\TermGroup;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a place learns from its outcomes (handbook 16.4). */
final class LearningTest extends TestCase
{
    public function test_what_was_confirmed_again_and_again_becomes_likelier_there(): void
    {
        $case = Cases::of(['balls' => Cases::balls(5, ['strike' => 'heavy', 'touch_mm' => -55])]);
        $lessons = self::lessons(array_fill(0, 30, new Line($case, confirmed: 'weight_trail_setup')));
        $learned = Fit::to($lessons, 30, new Learned(0));
        $read = static fn(?Learned $with): Reading => ReadingEngine::standard(learned: $with)->read($case);
        $p = static fn(?Learned $with): float => Cases::probability($read($with), 'weight_trail_setup');
        self::assertGreaterThan($p(null) + 0.1, $p($learned));
        self::assertLessThan(0.9, $p($learned), 'it is held back');
    }

    public function test_a_fit_to_nothing_stays_where_it_starts(): void
    {
        $start = new Learned(0, ['scoop' => 0.5], ['touch' => -0.3], ['hang_back' => ['good' => 0.2]]);
        self::assertEquals($start->toArray(), Fit::to([], 0, $start)->toArray());
    }

    public function test_the_gradient_is_that_of_the_log_of_what_is_told(): void
    {
        $case = Cases::of(Cases::BEA);
        foreach (['handle_forward_setup', Line::NOTHING, 'ball_back'] as $confirmed) {
            [$lesson] = self::lessons([new Line($case, confirmed: $confirmed)]);
            $adds = [0 => -0.1, 3 => 0.4];
            [$log, $gains] = $lesson->gain($adds);
            foreach ([0, 1, 3] as $i) {
                $by = 1.0e-5;
                [$more] = $lesson->gain([$i => ($adds[$i] ?? 0.0) + $by] + $adds);
                self::assertEqualsWithDelta(($more - $log) / $by, $gains[$i] ?? 0.0, 1.0e-4, "{$confirmed} {$i}");
            }
        }
    }

    public function test_evidence_of_which_nothing_is_believed_tells_nothing(): void
    {
        $case = Cases::of(Cases::BEA);
        $none = array_fill_keys(array_column(TermGroup::cases(), 'value'), -1.0);
        $reading = ReadingEngine::standard(learned: new Learned(9, slopes: $none))->read($case);
        // Without evidence causes are as likely as they are beforehand, but for pairs and schools.
        self::assertLessThan(0.3, $reading->causes[0]->probability);
        self::assertSame(['version' => (new Learned(9, slopes: $none))->version(), 'lines' => 9], $reading->toArray()['correction']);
        self::assertNull(ReadingEngine::standard()->read($case)->toArray()['correction']);
    }

    public function test_a_place_learns_which_cause_it_is_and_not_that_it_is_any(): void
    {
        $all = array_map(static fn(Cause $cause): string => $cause->id, CauseLibrary::standard()->all());
        $sure = new Learned(99, array_fill_keys($all, Learned::MOST_BIAS), array_fill_keys(array_column(TermGroup::cases(), 'value'), 1.5));
        $plain = ReadingEngine::standard();
        $random = new RandomCase(new Dice(21));
        $moved = 0;
        for ($i = 0; $i < 60; $i++) {
            $case = CaseReader::fromValue($random->valid());
            [$without, $with] = [$plain->read($case), $plain->with($sure)->read($case)];
            if ($without->workOnFirst === null) {
                self::assertNull($with->workOnFirst, "case {$i}: named only by what was learned");
            }
            $moved += (int) (($without->causes[0]->cause->id ?? '') !== ($with->causes[0]->cause->id ?? ''));
        }
        self::assertGreaterThan(0, $moved);
        $sound = Cases::of(['balls' => Cases::balls(8, ['strike' => 'clean', 'touch_mm' => 10, 'mark' => 'shallow'])]);
        $one = new Learned(99, ['ball_back' => Learned::MOST_BIAS]);
        self::assertEqualsWithDelta(
            array_sum(array_column($plain->read($sound)->toArray()['causes'], 'probability')),
            array_sum(array_column($plain->with($one)->read($sound)->toArray()['causes'], 'probability')),
            0.05,
        );
    }

    public function test_unconfirmed_lines_count_by_their_outcome_and_little(): void
    {
        $bad = Cases::of(['setup' => ['shaft_lean_deg' => 12], 'balls' => Cases::balls(8, ['strike' => 'heavy', 'touch_mm' => -45])]);
        $good = Cases::of(['balls' => Cases::balls(8, ['strike' => 'clean', 'touch_mm' => 5])]);
        $of = static fn(?bool $done, mixed $after): ?Taught => Taught::of(
            new Line($bad, 'weight_trail_setup', $done, $after),
            ReadingEngine::standard(),
            Calibration::standard(),
        );
        self::assertTrue($of(true, $good)?->for);
        self::assertFalse($of(true, $bad)?->for);
        self::assertLessThanOrEqual(0.3, $of(true, $good)->weight);
        self::assertLessThan($of(true, $good)->weight, $of(null, $good)?->weight);
        self::assertNull($of(false, $good), 'what was not done says nothing');
        self::assertNull($of(true, null));
    }

    public function test_nothing_is_learned_from_few_lines(): void
    {
        $line = new Line(Cases::of(Cases::BEA), confirmed: 'handle_forward_setup');
        $finding = (new Learning)->from(array_fill(0, Learning::LEAST_CONFIRMED - 1, $line))->toArray();
        self::assertNull($finding['correction']);
        self::assertFalse($finding['adopted']);
        self::assertNull($finding['engine']['log_score']);
        self::assertStringContainsString('59', $finding['why']);
    }

    public function test_lines_are_held_against_a_fit_on_those_before_them(): void
    {
        $lines = [];
        $random = new RandomCase(new Dice(11));
        for ($i = 0; $i < 70; $i++) {
            $case = CaseReader::fromValue($random->valid());
            $lines[] = new Line($case, confirmed: ReadingEngine::standard()->read($case)->causes[$i % 3]->cause->id);
        }
        $finding = (new Learning)->from($lines)->toArray();
        self::assertSame([70, 70, 56], [$finding['lines'], $finding['confirmed'], $finding['held_out']]);
        self::assertNotNull($finding['correction']);
        self::assertNotSame([], $finding['sentences']);
        self::assertFalse($finding['adopted'], 'one of three at random is noise');
        self::assertEquals($finding['correction'], Learned::fromJson((string) json_encode($finding))->toArray());
    }

    public function test_only_a_sure_gain_that_puts_more_first_is_used(): void
    {
        $pairs = static fn(float $gain, float $spread, int $moreFirst): array => array_map(
            static fn(int $i): array => [
                new Judged(-1.0, $i >= 10),
                new Judged(-1.0 + $gain + ($i % 2 === 0 ? $spread : -$spread), $i >= 10 - $moreFirst),
            ],
            range(0, 39),
        );
        self::assertTrue(Gate::isWon($pairs(0.2, 0.3, 2)));
        self::assertFalse(Gate::isWon($pairs(0.2, 0.3, 0)), 'no more stand first');
        self::assertFalse(Gate::isWon($pairs(0.2, 0.3, -2)));
        self::assertFalse(Gate::isWon($pairs(0.1, 0.3, 2)), 'that may be chance');
        self::assertFalse(Gate::isWon($pairs(-0.2, 0.3, 2)));
        self::assertFalse(Gate::isWon([]));
        self::assertTrue(Gate::sparesTheSound(0.05, 0.06));
        self::assertFalse(Gate::sparesTheSound(0.05, 0.062));
    }

    public function test_no_sound_student_is_given_something_to_work_on_by_what_was_learned_alone(): void
    {
        $slopes = array_fill_keys(array_column(TermGroup::cases(), 'value'), Learned::MOST_SLOPE);
        $plain = ReadingEngine::standard();
        $bent = $plain->with(new Learned(99, slopes: $slopes));
        self::assertLessThanOrEqual(SoundStudents::setToWork($plain), SoundStudents::setToWork($bent));
    }

    public function test_a_ledger_that_was_written_reads_back_as_it_was(): void
    {
        $case = Cases::of(Cases::BEA);
        $after = Cases::of(['setup' => ['shaft_lean_deg' => 2]] + Cases::BEA);
        $lines = [new Line($case, 'scoop', true, $after, Line::NOTHING), new Line($case, confirmed: 'ball_back'), new Line($case)];
        self::assertEquals($lines, Ledger::fromJsonLines(Ledger::toJsonLines($lines)));
    }

    public function test_what_the_core_ships_can_be_read(): void
    {
        self::assertSame(0, Pooled::correction()->lines);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function badLedgers(): iterable
    {
        $case = CaseWriter::toJson(Cases::of([]));
        $case = (string) json_encode(json_decode($case));
        yield 'no JSON' => ["{\"case\":{$case}}\nxx", ['line 2']];
        yield 'no cause' => ["{\"case\":{$case},\"worked_on\":\"nix\"}", ['line 1.worked_on']];
        yield 'not "none"' => ["{\"case\":{$case},\"worked_on\":\"none\",\"confirmed\":\"none\"}", ['line 1.worked_on']];
        yield 'neither yes nor no' => ["{\"case\":{$case},\"done\":2}", ['line 1.done']];
        yield 'a key of no line' => ["{\"case\":{$case},\"x\":2}", ['line 1.x']];
        $after = '"after":{"balls":[{"touch_mm":999}]}';
        yield 'a ball that cannot be' => ["{\"case\":{$case},{$after}}", ['line 1.after.balls[0].touch_mm']];
    }

    /** @param list<string> $keys */
    #[DataProvider('badLedgers')]
    public function test_a_bad_ledger_is_refused_by_line_and_field(string $ledger, array $keys): void
    {
        try {
            Ledger::fromJsonLines($ledger);
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertSame($keys, array_column($e->faults, 'key'));
        }
    }

    public function test_a_bad_correction_is_refused_by_field_and_range(): void
    {
        $bad = [
            'lines' => -1,
            'bias' => ['ball_back' => 9, 'nix' => 0],
            'slopes' => ['touch' => 'x'],
            'of_causes' => ['scoop' => ['good' => -2]],
        ];
        try {
            Learned::fromJson((string) json_encode($bad));
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertEqualsCanonicalizing(
                array_map(
                    static fn(string $key): string => "correction.{$key}",
                    ['lines', 'bias.ball_back', 'bias.nix', 'slopes.touch', 'of_causes.scoop.good'],
                ),
                array_values(array_unique(array_column($e->faults, 'key'))),
            );
        }
        $this->expectException(InvalidInput::class);
        Learned::fromJson('{"correction": null}');
    }

    /**
     * @param  list<Line>  $lines
     * @return list<Taught>
     */
    private static function lessons(array $lines): array
    {
        return array_values(
            array_filter(
                array_map(static fn(Line $line): ?Taught => Taught::of($line, ReadingEngine::standard(), Calibration::standard()), $lines),
            ),
        );
    }
}
