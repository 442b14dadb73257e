<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DrillResult;
use App\Models\Lesson;
use App\Models\PracticeNote;
use App\Models\ShareLink;
use App\Models\Student;
use Illuminate\Support\Carbon;
use Symfony\Component\Process\Process;
use Tests\Support\Saltgrass;
use Tests\TestCase;

final class PracticeTest extends TestCase
{
    use Saltgrass;

    private const RUN = [
        'drill' => 'shaft_up',
        'goal' => ['kind' => 'count', 'need' => 7, 'of' => 10],
        'attempts' => [true, true, false, true, true, true, true, true, false, true],
        'done_at' => '2026-11-20T17:00:00Z',
    ];

    private Student $bea;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->coach());
        $this->bea = $this->student('Bea');
    }

    public function test_a_plan_keeps_the_ids_of_its_visits_when_it_is_made_anew_or_moved(): void
    {
        $first = $this->plan(['days' => [1 => 20, 4 => 20]])
            ->assertOk()
            ->json('plan.sessions');
        $again = $this->plan(['days' => [2 => 30, 4 => 20]])
            ->assertOk()
            ->json('plan.sessions');
        $ids = fn(array $sessions): array => array_column(
            array_filter($sessions, static fn(array $one): bool => $one['day'] >= Carbon::today()->toDateString()),
            'id',
        );
        self::assertSame($ids($first), $ids($again));

        $session = $again[array_key_last($again)]['id'];
        $before = $this->events();
        $later = Carbon::today()->addWeeks(6)->toDateString();
        $this->putJson("/api/students/{$this->bea->id}/plan/sessions/{$session}", ['day' => $later])->assertOk();
        $after = $this->events();
        self::assertSame(array_keys($before), array_keys($after), 'no event twice, none lost');
        self::assertSame($later, $after["{$session}@low-point"]['start']);
        self::assertSame($before["{$session}@low-point"]['sequence'] + 1, $after["{$session}@low-point"]['sequence']);
        $this->putJson("/api/students/{$this->bea->id}/plan/sessions/{$session}", ['day' => 'soon'])->assertStatus(422);
    }

    public function test_the_game_at_the_end_says_why_it_is_there_and_can_be_left_out(): void
    {
        $added = static fn(array $practice): array => array_filter(array_column($practice['drills'], 'added', 'id'));
        $from = Carbon::today()->toDateString();
        // What is over stays as it was planned.
        $coming = static fn(array $practice): array => array_filter(
            $practice['plan']['sessions'],
            static fn(array $one): bool => $one['day'] >= $from,
        );
        $planned = static fn(array $practice): array => array_column(array_merge(...array_column($coming($practice), 'items')), 'drill');
        $with = $this->plan([])->assertOk()->json();
        self::assertSame(['six_to_save' => 'Added, so that it holds on the course.'], $added($with));
        self::assertContains('six_to_save', $planned($with));

        $without = $this->plan(['game' => false])->assertOk()->json();
        self::assertSame([], $added($without));
        self::assertNotContains('six_to_save', $planned($without));
        self::assertFalse($without['plan']['made_from']['game']);

        // Nobody made a plan: nothing is added that nobody chose.
        $this->bea->plan()->delete();
        self::assertSame([], $added($this->getJson("/api/students/{$this->bea->id}/practice")->json()));
    }

    public function test_the_students_page_begins_with_the_change_and_what_went_well(): void
    {
        $link = basename((string) $this->postJson("/api/students/{$this->bea->id}/links", ['days' => 10])->json('path'));
        $page = fn(string $language): array => $this->getJson("/api/shared/{$link}?language={$language}")->assertOk()->json();
        $told = $page('en');
        self::assertSame('Bring the grip end back toward the middle of the body', $told['change']);
        self::assertSame('2 of 7, then 5 of 7 clean', $told['success']);
        self::assertSame(['face_on', 'above'], \array_slice(array_column($told['asked'], 'view'), 0, 2));
        self::assertSame([], $told['setup'], 'all of it is in the pictures');
        self::assertSame('Das Griffende zurück zur Körpermitte bringen', $page('de')['change']);
    }

    public function test_a_visit_that_is_no_more_is_cancelled_in_the_calendar_not_forgotten(): void
    {
        $this->plan(['days' => [1 => 20, 3 => 20, 5 => 20], 'weeks' => 2]);
        $this->plan(['days' => [1 => 20], 'weeks' => 1]);

        self::assertContains('CANCELLED', array_column($this->events(), 'status'));
    }

    public function test_a_plan_of_no_minutes_or_no_ground_is_refused_by_name(): void
    {
        $this->plan(['days' => [1 => 0]])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.message', 'days.1: 0 is not allowed; allowed: 5 to 180 minutes, whole');
        $this->plan(['days' => []])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'days');
        $this->plan(['grounds' => []])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'grounds');
        $this->plan(['grounds' => ['moon']])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'grounds.0');
        self::assertNull($this->student('Rafe')->plan);
    }

    public function test_a_page_of_a_student_never_overwrites_what_the_coach_has_logged(): void
    {
        $token = basename((string) $this->postJson("/api/students/{$this->bea->id}/links", ['days' => 30])->json('path'));
        [$ofCoach, $ofStudent] = [self::id(), self::id()];
        $this->putJson("/api/students/{$this->bea->id}/results/{$ofCoach}", self::RUN)->assertOk();
        $before = DrillResult::query()->findOrFail($ofCoach)->getAttributes();
        $worse = ['note' => 'mine', 'attempts' => [false]] + self::RUN;
        $this->putJson("/api/shared/{$token}/results/{$ofCoach}", $worse)->assertForbidden();
        self::assertSame($before, DrillResult::query()->findOrFail($ofCoach)->getAttributes());
        $this->putJson("/api/students/{$this->bea->id}/results/{$ofCoach}", $worse)->assertOk()->assertJsonPath('note', 'mine');

        // The coach may put right what the student has logged, and the student what is his.
        $this->putJson("/api/shared/{$token}/results/{$ofStudent}", self::RUN)->assertOk();
        $this->putJson("/api/shared/{$token}/results/{$ofStudent}", $worse)->assertOk()->assertJsonPath('note', 'mine');
        $this->putJson("/api/students/{$this->bea->id}/results/{$ofStudent}", self::RUN)->assertOk()->assertJsonPath('by', 'coach');
        $this->putJson("/api/shared/{$token}/results/{$ofStudent}", $worse)->assertForbidden();
    }

    public function test_a_link_that_was_closed_stays_so(): void
    {
        $made = $this->postJson("/api/students/{$this->bea->id}/links", ['days' => 30])->json();
        $address = '/api/shared/'.basename((string) $made['path']);
        $this->deleteJson("/api/students/{$this->bea->id}/links/{$made['id']}")->assertOk();
        $closed = ShareLink::query()->whereKey($made['id'])->sole()->revoked_at;
        self::assertNotNull($closed);
        $this->travel(2)->minutes();
        foreach ([$address, "{$address}/export"] as $page) {
            $this->getJson($page)->assertNotFound();
        }
        $this->postJson("/api/students/{$this->bea->id}/links", ['days' => 30])->assertCreated();
        $this->deleteJson("/api/students/{$this->bea->id}/links/{$made['id']}")->assertOk();

        self::assertEquals($closed, ShareLink::query()->whereKey($made['id'])->sole()->revoked_at, 'since when is not forgotten');
        $this->getJson($address)->assertNotFound();
    }

    public function test_a_result_sent_twice_is_stored_once_and_scored_by_the_core(): void
    {
        $id = self::id();
        $before = $this->bea->results()->count();
        foreach ([1, 2] as $ignored) {
            $this->putJson("/api/students/{$this->bea->id}/results/{$id}", self::RUN)
                ->assertOk()
                ->assertJsonPath('passed', true)
                ->assertJsonPath('text', '8 of 10');
        }
        self::assertSame($before + 1, $this->bea->results()->count());
        $this->putJson("/api/students/{$this->bea->id}/results/".self::id(), [...self::RUN, 'attempts' => ['maybe']])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'attempts[0]');
        $this->putJson("/api/students/{$this->bea->id}/results/".self::id(), [...self::RUN, 'confidence' => 11])->assertStatus(422);
        $this->putJson("/api/students/{$this->student('Callum')->id}/results/{$id}", self::RUN)->assertStatus(403);
    }

    public function test_a_run_has_no_more_balls_than_its_goal_and_a_way_of_scoring_that_is_no_more_is_as_the_drill_has_it(): void
    {
        $put = fn(array $over) => $this->putJson("/api/students/{$this->bea->id}/results/".self::id(), [...self::RUN, ...$over]);
        $put(['attempts' => array_fill(0, 11, true)])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'attempts');
        $put(['attempts' => [true, true, true, true, true, true, true]])->assertOk()->assertJsonPath('passed', false);

        $pairs = array_map(static fn(int $i): array => [$i % 2, $i % 2 === 0 ? 10 : 6], range(0, 9));
        $put(['drill' => 'two_finishes', 'goal' => ['kind' => 'error', 'need' => 30, 'of' => 10], 'attempts' => $pairs])
            ->assertOk()
            ->assertJsonPath('passed', true)
            ->assertJsonPath('text', 'held 10 m, released 6 m: they differ by 40 %');
        $this->getJson("/api/students/{$this->bea->id}/progress")->assertOk();
    }

    public function test_who_hits_too_far_is_told_by_how_much_and_which_band_to_practise_in(): void
    {
        $practice = $this->getJson("/api/students/{$this->student('Noor')->id}/practice")->assertOk();
        self::assertMatchesRegularExpression('/^The good strikes flew \d+ m past the 30 m asked for\.$/', $practice->json('fault.seen'));
        self::assertContains('Carry inside your band, 19 m to 43 m, with no effort.', $practice->json('drills.*.pass.text'));
    }

    public function test_a_private_link_shows_this_student_alone_takes_results_and_can_be_closed(): void
    {
        $this->bea->update(['about' => 'Only for the coach to know.']);
        $made = $this->postJson("/api/students/{$this->bea->id}/links", ['days' => 30])->assertStatus(201);
        $token = basename((string) $made->json('path'));
        self::assertNull(ShareLink::query()->where('token_hash', $token)->first(), 'the token itself is not stored');
        $this->app['auth']->forgetGuards();

        $page = $this->getJson("/api/shared/{$token}")
            ->assertOk()
            ->assertHeader('X-Robots-Tag', 'noindex, nofollow, noarchive');
        self::assertSame('Bea Achterberg', $page->json('student.name'));
        self::assertStringNotContainsString('Only for the coach', (string) $page->getContent());
        foreach (['Callum', 'Iwan', 'Maren'] as $other) {
            self::assertStringNotContainsString($other, (string) $page->getContent());
        }
        $this->putJson("/api/shared/{$token}/results/".self::id(), self::RUN)->assertOk();
        self::assertSame('student', $this->bea->results()->first()?->logged_by);
        $this->get("/p/{$token}")->assertOk();
        $this->getJson("/api/shared/{$token}/export")
            ->assertOk()
            ->assertJsonPath('student.name', 'Bea Achterberg');
        $this->getJson('/api/students')->assertStatus(401);

        $this->actingAs($this->coach());
        $this->deleteJson("/api/students/{$this->bea->id}/links/{$made->json('id')}")
            ->assertOk()
            ->assertJsonPath('open', false);
        $this->getJson("/api/shared/{$token}")
            ->assertStatus(404)
            ->assertJsonPath('message', 'This page is closed. Ask your coach for a new link.');
        $this->get("/p/{$token}")->assertStatus(404);

        $this->postJson("/api/students/{$this->bea->id}/links/{$made->json('id')}/restore")->assertOk()->assertJsonPath('open', true);
        $this->getJson("/api/shared/{$token}")->assertOk();
    }

    public function test_the_student_says_in_a_word_how_it_went_and_the_coach_hears_it(): void
    {
        $token = basename((string) $this->postJson("/api/students/{$this->bea->id}/links", ['days' => 30])->json('path'));
        $id = self::id();
        $said = ['kind' => 'hurts', 'said_at' => now()->subDays(2)->toIso8601String()];
        foreach ([1, 2] as $twice) {
            $this->putJson("/api/shared/{$token}/notes/{$id}", $said)->assertOk()->assertJsonPath('kind', 'hurts');
        }
        $this->putJson("/api/shared/{$token}/notes/".self::id(), ['kind' => 'tired'] + $said)
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.key', 'kind');

        $this->getJson("/api/shared/{$token}")->assertJsonCount(1, 'said')->assertJsonPath('said.0.text', 'says that it hurts');
        $this->getJson("/api/students/{$this->bea->id}/progress")->assertJsonPath('practice.said.0.kind', 'hurts');
        $first = $this->getJson('/api/today')->json('students.0');
        self::assertSame(['Bea Achterberg', 'hurts', 'says that it hurts, 2 days ago'], [
            $first['name'],
            $first['group'],
            $first['reasons'][0],
        ]);

        $this->deleteJson("/api/shared/{$token}/notes/{$id}")->assertNoContent();
        self::assertNotSame('hurts', $this->getJson('/api/today')->json('students.0.group'));

        $other = Student::factory()->create();
        PracticeNote::query()->create(['id' => self::id(), 'student_id' => $other->id, 'kind' => 'no_time', 'said_at' => now()]);
        $others = $other->practiceNotes()->firstOrFail()->id;
        $this->putJson("/api/shared/{$token}/notes/{$others}", $said)->assertForbidden();
        $this->deleteJson("/api/shared/{$token}/notes/{$others}")->assertNoContent();
        self::assertSame(1, $other->practiceNotes()->count(), 'a link reaches one student alone');
    }

    public function test_an_expired_link_is_closed_and_guessing_is_slowed_down(): void
    {
        $token = basename((string) $this->postJson("/api/students/{$this->bea->id}/links", ['days' => 1])->json('path'));
        $this->travel(2)->days();
        $this->getJson("/api/shared/{$token}")->assertStatus(404);

        $answers = [];
        for ($guess = 0; $guess < 200; $guess++) {
            $answers[] = $this->getJson('/api/shared/'.bin2hex(random_bytes(20)))->getStatusCode();
        }
        self::assertSame([404, 429], array_values(array_unique($answers)));
        self::assertGreaterThan(100, array_count_values($answers)[429]);
    }

    public function test_a_student_may_erase_what_the_student_logged_and_the_door_closes(): void
    {
        $token = basename((string) $this->postJson("/api/students/{$this->bea->id}/links", ['days' => 30])->json('path'));
        $this->putJson("/api/students/{$this->bea->id}/results/".self::id(), self::RUN)->assertOk();
        $logged = $this->bea->results()->reorder()->where('logged_by', 'student')->count();

        $this->deleteJson("/api/shared/{$token}")
            ->assertOk()
            ->assertJsonPath('erased', $logged);
        self::assertSame(['coach'], DrillResult::query()->where('student_id', $this->bea->id)->distinct()->pluck('logged_by')->all());
        $this->getJson("/api/shared/{$token}")->assertStatus(404);
    }

    public function test_doses_of_nothing_and_of_ten_thousand_are_refused_and_a_changed_one_is_handed_out(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $give = fn(array $goal) => $this->putJson("/api/lessons/{$lesson}/prescription", [
            'set_id' => $set,
            'cause' => 'scoop',
            'feel' => 'Quiet hands.',
            'drills' => ['lead_leg'],
            'goals' => ['lead_leg' => $goal],
            'sentence' => str_repeat('ש', 500),
        ]);

        $give(['balls' => 0])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.message', 'goals.lead_leg.balls: 0 is not allowed; allowed: 1 to 50, whole');
        $give(['balls' => 10000])->assertStatus(422);
        $give(['kind' => 'streak', 'need' => 4])
            ->assertOk()
            ->assertJsonPath('prescription.content.drills.0.goal.text', '4 in a row');
        self::assertSame(str_repeat('ש', 500), Lesson::query()->findOrFail($lesson)->prescription?->content['sentence']);
    }

    public function test_every_report_is_one_page_of_selectable_text_in_embedded_fonts_on_a4_and_letter(): void
    {
        Lesson::query()
            ->firstOrFail()
            ->student->update(['name' => str_repeat('Ångström 🏌 ', 16)]);
        $papers = ['a4' => '595', 'letter' => '612'];
        foreach (Lesson::query()->with('student')->get() as $i => $lesson) {
            $this->actingAs($lesson->student->coach);
            // The one with the longest name on both, the others on one after the other.
            $on = $i === 0 ? $papers : \array_slice($papers, $i % 2, 1);
            foreach ($on as $paper => $width) {
                $file = tempnam(sys_get_temp_dir(), 'report');
                file_put_contents(
                    (string) $file,
                    $this->get("/api/lessons/{$lesson->id}/report?paper={$paper}")
                        ->assertOk()
                        ->assertHeader('Content-Type', 'application/pdf')
                        ->getContent(),
                );
                $info = self::tool('pdfinfo', (string) $file);
                self::assertMatchesRegularExpression('/Pages:\s+1\n/', $info, $lesson->student->name);
                self::assertMatchesRegularExpression("/Page size:\\s+{$width}/", $info);
                self::assertMatchesRegularExpression('/Tagged:\s+yes\n/', $info);
                self::assertMatchesRegularExpression('/Title:\s+Lesson of /', $info);
                self::assertStringContainsString('/Lang (en)', (string) file_get_contents((string) $file));
                self::assertStringContainsString('What was seen', self::tool('pdftotext', (string) $file, '-'));
                self::assertDoesNotMatchRegularExpression(
                    '/\bno\s+(yes|no)\s+(yes|no)\s+\d/',
                    self::tool('pdffonts', (string) $file),
                    'every font is embedded',
                );
                unlink((string) $file);
            }
        }
        $this->actingAs($this->otherCoach())
            ->get("/api/lessons/{$this->earlierLesson('Rafe')->id}/report?paper=napkin", ['Accept' => 'application/json'])
            ->assertStatus(422);
    }

    public function test_ten_reports_are_made_by_the_queue_and_fetched_as_one_zip(): void
    {
        $lessons = Lesson::query()
            ->whereIn('student_id', $this->coach()->students()->select('id'))
            ->limit(10)
            ->pluck('id')
            ->all();
        $batch = $this->postJson('/api/reports', ['lessons' => $lessons, 'paper' => 'a4'])
            ->assertStatus(202)
            ->json('id');
        $this->getJson("/api/reports/{$batch}")
            ->assertOk()
            ->assertJsonPath('done', \count($lessons))
            ->assertJsonPath('finished', true);
        $this->get("/api/reports/{$batch}/zip")
            ->assertOk()
            ->assertDownload('reports.zip');

        $this->actingAs($this->otherCoach())
            ->getJson("/api/reports/{$batch}")
            ->assertStatus(404);
        $this->postJson('/api/reports', ['lessons' => $lessons, 'paper' => 'a4'])->assertStatus(403);
    }

    /**
     * @param  array<string, mixed>  $over
     * @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response>
     */
    private function plan(array $over): \Illuminate\Testing\TestResponse
    {
        return $this->putJson("/api/students/{$this->bea->id}/plan", [
            'days' => [2 => 20, 6 => 30],
            'grounds' => ['grass', 'sand'],
            'equipment' => null,
            'weeks' => 2,
            'from' => Carbon::today()->toDateString(),
            ...$over,
        ]);
    }

    /** @return array<string, array{start: string, sequence: int, status: string}> by UID, as another library reads the file */
    private function events(): array
    {
        $file = (string) $this->get("/api/students/{$this->bea->id}/practice.ics")
            ->assertOk()
            ->assertHeader('Content-Type', 'text/calendar; charset=utf-8')
            ->getContent();
        $process = new Process(
            [
                'node',
                '--input-type=module',
                '-e',
                <<<'JS'
                import ICAL from 'ical.js';
                import { readFileSync } from 'node:fs';
                const calendar = new ICAL.Component(ICAL.parse(readFileSync(0, 'utf8')));
                const events = calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
                const told = (one) => ({
                    start: one.startDate.toString(), sequence: one.sequence, status: one.component.getFirstPropertyValue('status'),
                });
                console.log(JSON.stringify(Object.fromEntries(events.map((one) => [one.uid, told(one)]))));
                JS
                ,
            ],
            base_path(),
            input: $file,
        );

        return json_decode($process->mustRun()->getOutput(), true, 8, JSON_THROW_ON_ERROR);
    }

    private static function tool(string ...$command): string
    {
        return (new Process($command))->mustRun()->getOutput();
    }
}
