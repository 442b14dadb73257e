<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Language\Phrases;
use App\Models\ShareLink;
use App\Models\Student;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Drills\Cautions;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Drills\Goal;
use LowPoint\Core\Drills\LineFigure;
use LowPoint\Core\Practice\NextStep;
use LowPoint\Core\Practice\PracticeWord;
use LowPoint\Core\Reading\PatternText;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Simulation\RandomCase;
use LowPoint\Core\Tests\Pin;
use LowPoint\Core\Wording\Language;
use LowPoint\Core\Wording\Units;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** A student's page in his own language, every word of it. */
final class LanguageTest extends TestCase
{
    private const CASES = 150;

    #[TestWith([Units::Metric])]
    #[TestWith([Units::Imperial])]
    public function test_whatever_can_be_handed_out_is_known_in_german(Units $units): void
    {
        $german = Phrases::in(Language::German);
        $unknown = array_values(array_filter(
            array_unique($this->allThatCanBeHandedOut(new Words($units))),
            static fn(string $text): bool => ! $german->knows($text),
        ));

        self::assertSame([], $unknown);
    }

    /** @return list<string> */
    private function allThatCanBeHandedOut(Words $words): array
    {
        $texts = [...Cautions::GENERAL, ...array_map($words->told(...), array_merge(...array_values(Pin::cards()))), ...$this->ofReadings($words)];
        foreach (PracticeWord::cases() as $word) {
            array_push($texts, $word->label(), $word->answer(), $word->told());
        }
        foreach (DrillLibrary::standard()->all() as $drill) {
            array_push($texts, $drill->name, $drill->purpose, $drill->feel, $drill->pass['text'], Goal::of($drill)->text());
            array_push($texts, ...$drill->steps, ...$drill->cautions, ...$drill->equipment, ...$drill->pass['kind']->parts());
            array_push($texts, ...array_column(LineFigure::of($drill->id, []) ?? [], 'words'));
            foreach (NextStep::cases() as $next) {
                $texts[] = $next->text($drill->easier, $drill->harder);
            }
        }
        foreach (CauseLibrary::standard()->all() as $cause) {
            array_push($texts, $cause->name, $cause->cure->stop, $cause->cure->idea, ...array_values($cause->cure->feels));
        }

        return array_map($words->told(...), array_values(array_filter($texts)));
    }

    /** @return list<string> what is worked out for one student: figures to change, distances of drills, what was seen */
    private function ofReadings(Words $words): array
    {
        $texts = [];
        $random = new RandomCase(new Dice(2026));
        $engine = ReadingEngine::standard($words);
        for ($i = 0; $i < self::CASES; $i++) {
            $case = CaseReader::fromValue($random->valid());
            $reading = $engine->read($case);
            $told = $reading->toArray()['prescription'];
            array_push($texts, ...array_column($told['setup'], 'text'));
            foreach ([...$told['drills'], ...$told['other_drills']] as $drill) {
                array_push($texts, ...$drill['distances']);
            }
            foreach (\array_slice($reading->causes, 0, 3) as $cause) {
                $texts[] = (new PatternText($words))->seenFor($cause->cause, $reading->pattern, $case);
            }
        }

        return $texts;
    }

    public function test_the_page_speaks_as_the_device_asks_unless_coach_or_reader_say_otherwise(): void
    {
        $student = Student::query()->where('name', 'like', 'Bea%')->firstOrFail();
        ShareLink::query()->create([
            'student_id' => $student->id,
            'token_hash' => ShareLink::hash('open-sesame'),
            'expires_at' => now()->addDay(),
        ]);
        $spoken = fn(string $device, string $query = ''): array => $this->getJson("/api/shared/open-sesame{$query}", [
            'Accept-Language' => $device,
        ])->assertOk()->json();

        self::assertSame('en', $spoken('fr-FR,fr;q=0.9')['language']);
        $german = $spoken('de-AT,de;q=0.9,en;q=0.5');
        self::assertSame('de', $german['language']);
        self::assertSame('Erst aufwärmen. Bei Schmerz aufhören.', $german['cautions'][1]);
        self::assertSame('en', $spoken('de', '?language=en')['language']);
        $this->getJson('/api/shared/open-sesame?language=xx')->assertUnprocessable();
        $student->update(['language' => 'de']);
        self::assertSame('de', $spoken('en')['language']);
        self::assertNotSame($spoken('en', '?language=en')['fault']['title'], $spoken('en')['fault']['title']);
        $this->getJson('/api/shared/shut', ['Accept-Language' => 'de'])
            ->assertNotFound()
            ->assertJsonPath('message', 'Diese Seite ist geschlossen. Bitte deinen Trainer um einen neuen Link.');
    }
}
