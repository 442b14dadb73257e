<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Academy\AccountLinkMail;
use App\Academy\Doors;
use App\Academy\Sharing;
use App\Models\AccountLink;
use App\Models\AuditEntry;
use App\Models\Lesson;
use App\Models\Role;
use App\Models\ShareLevel;
use App\Models\Student;
use App\Models\User;
use App\Students\StudentController;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** An academy: who comes in, who sees whose students, what its lead is told. The test's coach leads. */
final class AcademyTest extends TestCase
{
    private const NEW = ['name' => 'Tove Brandt', 'email' => 'tove@saltgrass.example', 'password' => 'dunes-in-the-wind'];

    public function test_an_invitation_opens_once_for_whoever_holds_it(): void
    {
        $door = $this->invited('coach');
        $this->app['auth']->forgetGuards();
        $this->getJson($door)->assertOk()->assertJson(['academy' => $this->coach()->academy->name, 'coach' => null]);

        $this->fromHere()
            ->postJson($door, ['password' => 'short'] + self::NEW)
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.key', 'password');
        $this->fromHere()->postJson($door, self::NEW)->assertOk()->assertJson(['name' => 'Tove Brandt', 'role' => 'coach']);
        $this->getJson('/api/me')->assertOk()->assertJsonPath('email', self::NEW['email']);
        $this->fromHere()->postJson($door, ['email' => 'b@saltgrass.example'] + self::NEW)->assertStatus(410);
        $this->getJson($door)->assertStatus(410);
        self::assertSame($this->coach()->academy_id, User::query()->where('email', self::NEW['email'])->sole()->academy_id);
        self::assertSame(0, User::query()->where('email', 'b@saltgrass.example')->count());
        // What is stored does not open the door.
        self::assertStringNotContainsString(basename($door), (string) json_encode(DB::table('account_links')->get()));
    }

    public function test_of_many_who_found_the_link_unused_one_gets_through(): void
    {
        $token = basename($this->invited('coach'));
        $doors = app(Doors::class);
        $found = array_map(static fn(): ?AccountLink => $doors->find($token), range(1, 5));
        $joined = [];
        foreach ($found as $i => $link) {
            self::assertNotNull($link);
            $joined[] = $doors->join($link, ['email' => "coach{$i}@saltgrass.example"] + self::NEW) !== null;
        }

        self::assertSame([true, false, false, false, false], $joined);
    }

    public function test_an_invitation_runs_out_after_seven_days_and_can_be_closed_before(): void
    {
        $door = $this->invited('lead');
        $this->travel(AccountLink::DAYS)->days();
        $this->travel(1)->minutes();
        $this->getJson($door)->assertStatus(410);
        $this->travelBack();

        $door = $this->invited('coach');
        $id = $this->getJson('/api/academy/links')->assertOk()->json('0.id');
        $this->deleteJson("/api/academy/links/{$id}")->assertNoContent();
        $this->fromHere()->postJson($door, self::NEW)->assertStatus(410);
    }

    public function test_a_forgotten_password_is_made_anew_by_a_link_of_the_lead_and_ends_all_sessions(): void
    {
        $idris = $this->colleague();
        DB::table('sessions')->insert([
            'id' => str_repeat('a', 40), 'user_id' => $idris->id, 'payload' => '', 'last_activity' => time(),
            'ip_address' => '10.0.0.1', 'user_agent' => 'x',
        ]);
        $this->actingAs($this->coach());
        $first = (string) $this->postJson('/api/academy/links', ['coach_id' => $idris->id])->assertCreated()->json('path');
        $second = (string) $this->postJson('/api/academy/links', ['coach_id' => $idris->id])->assertCreated()->json('path');
        $door = '/api/doors/'.basename($second);
        // One made before opens no longer.
        $this->getJson('/api/doors/'.basename($first))->assertStatus(410);
        $this->getJson($door)->assertOk()->assertJsonPath('coach.email', $idris->email);
        $this->app['auth']->forgetGuards();
        $this->fromHere()->postJson($door, ['password' => 'marram-and-wind'])->assertOk()->assertJsonPath('email', $idris->email);

        self::assertTrue(Hash::check('marram-and-wind', (string) $idris->refresh()->getAuthPassword()));
        self::assertSame(0, DB::table('sessions')->where('id', str_repeat('a', 40))->count());
    }

    public function test_a_link_is_mailed_only_where_a_mail_server_is_set_up(): void
    {
        Mail::fake();
        $this->actingAs($this->coach());
        $this->postJson('/api/academy/links', ['role' => 'coach', 'email' => 'tove@saltgrass.example'])->assertJsonPath('mailed', false);
        Mail::assertNothingSent();
        config(['mail.default' => 'array']);
        $path = $this->postJson('/api/academy/links', ['role' => 'coach', 'email' => 'tove@saltgrass.example'])
            ->assertJsonPath('mailed', true)
            ->json('path');
        Mail::assertSent(
            AccountLinkMail::class,
            static fn(AccountLinkMail $mail): bool => $mail->hasTo('tove@saltgrass.example')
                && str_contains($mail->render(), (string) $path)
                && str_contains($mail->render(), 'choose a name'),
        );
    }

    public function test_what_is_shared_is_read_or_taught_and_ends(): void
    {
        [$student, $idris] = [$this->student(), $this->colleague()];
        $address = "/api/students/{$student->id}";
        $this->actingAs($this->coach())->putJson("{$address}/shares/{$idris->id}", ['level' => 'read'])->assertOk();
        $this->getJson("{$address}/shares")->assertOk()->assertJson([['coach' => $idris->name, 'level' => 'read']]);

        $this->actingAs($idris)->getJson($address)->assertOk()->assertJson([
            'coach' => $this->coach()->name, 'may' => ['update' => false, 'delete' => false, 'move' => false],
        ]);
        self::assertSame([$student->name], $this->getJson('/api/students')->json('*.name'));
        self::assertSame([$this->coach()->name], $this->getJson('/api/today')->json('students.*.coach'));
        $this->putLesson(self::id(), ['student_id' => $student->id])->assertForbidden();

        $this->actingAs($this->coach())->putJson("{$address}/shares/{$idris->id}", ['level' => 'teach'])->assertOk();
        $this->actingAs($idris);
        [$lesson] = $this->beginLesson($student);
        $this->getJson("/api/lessons/{$lesson}")->assertOk()->assertJsonPath('lesson.given_by', $idris->name);
        // What he gave he may take back, as long as he teaches; what another gave he may not.
        $this->deleteJson("/api/lessons/{$lesson}")->assertNoContent();
        self::assertSame([$lesson], $this->getJson('/api/bin')->json('*.id'));
        $this->deleteJson("/api/lessons/{$this->earlierLesson()->id}")->assertForbidden();

        $this->actingAs($this->coach())->deleteJson("{$address}/shares/{$idris->id}")->assertNoContent();
        $this->actingAs($idris)->getJson($address)->assertForbidden();
        self::assertSame([], $this->getJson('/api/students')->json());
        self::assertSame(0, $this->getJson('/api/today')->json('all'));
        self::assertSame([], $this->getJson('/api/bin')->json());
    }

    public function test_a_student_handed_over_is_the_others_with_all_lessons(): void
    {
        [$student, $idris] = [$this->student(), $this->colleague()];
        $this->actingAs($this->coach());
        $this->getJson('/api/today')->assertJsonPath('all', 1);
        $this->postJson("/api/students/{$student->id}/hand-over", ['coach_id' => $idris->id, 'keeps' => null])
            ->assertOk()
            ->assertJsonPath('coach', $idris->name);
        $this->getJson('/api/today')->assertJsonPath('all', 0);
        // The coach leads: he still sees the student, and teaches him no more.
        $this->getJson("/api/students/{$student->id}")->assertOk()->assertJsonPath('may.update', false);
        $this->actingAs($idris)->getJson("/api/students/{$student->id}")->assertOk()->assertJsonPath('may.delete', true);
        self::assertSame($this->earlierLesson()->id, $this->getJson("/api/students/{$student->id}")->json('lessons.0.id'));
        $this->getJson('/api/today')->assertJsonPath('all', 1);
        $this->postJson("/api/students/{$student->id}/hand-over", ['coach_id' => $idris->id])->assertConflict();
        $this->postJson("/api/students/{$student->id}/hand-over", ['coach_id' => User::factory()->create()->id])->assertNotFound();
    }

    public function test_what_a_coach_was_shared_ends_with_the_student_he_hands_on(): void
    {
        [$student, $idris] = [$this->student(), $this->colleague()];
        $third = User::factory()->for($this->coach()->academy)->createOne(['role' => Role::Coach]);
        app(Sharing::class)->share($this->coach(), $student, $idris, ShareLevel::Teach);
        $over = fn(User $from, User $to): TestResponse => $this->actingAs($from)->postJson(
            "/api/students/{$student->id}/hand-over",
            ['coach_id' => $to->id, 'keeps' => null],
        );
        $over($this->coach(), $idris)->assertOk();
        self::assertSame([], $this->getJson("/api/students/{$student->id}/shares")->json(), 'one share at most, and none with himself');
        $over($idris, $third)->assertOk();

        $this->actingAs($idris->refresh())->getJson("/api/students/{$student->id}")->assertForbidden();
        self::assertSame([], $this->getJson('/api/students')->json());
    }

    public function test_a_device_leaves_the_lesson_that_its_coach_may_no_longer_teach(): void
    {
        [$student, $idris] = [$this->student(), $this->colleague()];
        app(Sharing::class)->share($this->coach(), $student, $idris, ShareLevel::Teach);
        $this->actingAs($idris);
        $device = (string) $this->postJson('/api/feed-devices', ['name' => 'Monitor'])->json('id');
        $this->putJson("/api/feed-devices/{$device}/lesson", ['lesson_id' => $this->earlierLesson()->id])->assertOk();
        app(Sharing::class)->share($this->coach(), $student, $idris, ShareLevel::Read);

        self::assertNull(DB::table('feed_devices')->where('id', $device)->value('lesson_id'));
    }

    public function test_who_has_left_signs_in_no_more_and_somebody_always_leads(): void
    {
        $idris = $this->colleague();
        $idris->update(['password' => 'marram-and-wind']);
        $in = fn() => $this->fromHere()->postJson('/api/sign-in', ['email' => $idris->email, 'password' => 'marram-and-wind']);
        $in()->assertOk();
        $this->flushSession();
        $this->actingAs($this->coach());
        $this->putJson("/api/academy/coaches/{$this->coach()->id}", ['role' => 'coach', 'left' => false])->assertConflict();
        $this->putJson("/api/academy/coaches/{$this->coach()->id}", ['role' => 'lead', 'left' => true])->assertConflict();
        $this->putJson("/api/academy/coaches/{$idris->id}", ['role' => 'coach', 'left' => true])->assertOk();
        $in()->assertUnprocessable();
        $this->flushSession();
        $this->actingAs($this->coach());
        $this->putJson("/api/students/{$this->student()->id}/shares/{$idris->id}", ['level' => 'read'])->assertConflict();
        $this->putJson("/api/academy/coaches/{$idris->id}", ['role' => 'lead', 'left' => false])->assertOk();
        $in()->assertOk()->assertJsonPath('role', 'lead');
    }

    public function test_the_lead_reads_the_students_of_a_coach_page_by_page(): void
    {
        $idris = $this->colleague();
        Student::factory()->for($idris, 'coach')->count(StudentController::PAGE + 1)->create();
        $this->actingAs($this->coach());
        $page = fn(int $n): TestResponse => $this->getJson("/api/academy/coaches/{$idris->id}/students?page={$n}");

        $page(1)->assertOk()->assertJsonCount(StudentController::PAGE, 'students')->assertJsonPath('next_page', 2);
        $page(2)->assertOk()->assertJsonCount(1, 'students')->assertJsonPath('next_page', null);
    }

    public function test_the_audit_trail_says_who_did_what_and_is_only_added_to(): void
    {
        [$student, $idris] = [$this->student(), $this->colleague()];
        $this->actingAs($this->coach());
        $this->putJson("/api/students/{$student->id}/shares/{$idris->id}", ['level' => 'read'])->assertOk();
        self::assertSame($student->name, $this->getJson('/api/academy/audit')->json('lines.0.student'));
        $this->get('/api/archive')->assertOk();
        $this->deleteJson("/api/students/{$student->id}/for-good")->assertOk();

        $lines = $this->getJson('/api/academy/audit')->assertOk()->json('lines');
        self::assertSame(['erased', 'exported', 'shared'], array_column($lines, 'deed'));
        // Who was erased is named no more, not even by an id.
        self::assertSame(['', null, ''], array_column($lines, 'student'));
        self::assertSame($idris->name, $lines[2]['about']['with']);
        self::assertSame(0, Artisan::call('erased:check', ['words' => [$student->id, $student->name]]));

        $sheet = $this->get('/api/academy/audit.csv')->assertOk()->streamedContent();
        self::assertSame(6, substr_count($sheet, "\n"));
        $entries = AuditEntry::query();
        foreach ([static fn() => $entries->update(['coach_name' => 'x']), static fn() => $entries->delete()] as $change) {
            try {
                DB::transaction($change);
            } catch (QueryException $e) {
                self::assertStringContainsString('only added to', $e->getMessage());
                continue;
            }
            self::fail('a line of the audit trail was changed');
        }
    }

    public function test_the_lead_is_told_who_teaches_how_much_and_what_is_overdue(): void
    {
        $idris = $this->colleague();
        $student = Student::factory()->for($idris, 'coach')->createOne();
        Lesson::factory()->for($student)->createOne(['coach_id' => $idris->id, 'began_at' => now()]);
        Lesson::factory()->for($student)->createOne(['coach_id' => $idris->id, 'began_at' => now()->subMonthNoOverflow()->startOfMonth()]);
        $standing = json_encode(['recheck' => today()->subDay()->toDateString()]);
        DB::table('students')->where('id', $student->id)->update(['standing' => $standing]);
        Student::factory()->for($idris, 'coach')->createOne();
        $outlook = $this->actingAs($this->coach())->getJson('/api/academy/outlook')->assertOk();
        $told = array_column($outlook->json('coaches'), null, 'id')[$idris->id];

        self::assertSame([2, 1, 1], [$told['students'], $told['lessons_this_month'], $told['overdue']]);
    }

    public function test_outcomes_are_those_of_the_academy_and_too_few_say_nothing(): void
    {
        $idris = $this->colleague();
        $this->courses($idris, 19, 'fixed');
        $this->courses(User::factory()->createOne(), 30, 'no_change');
        $this->actingAs($this->coach());
        $outcome = $this->getJson('/api/academy/outlook')->assertOk()->json('outcomes.0');
        self::assertSame(['scoop', 'chip', 19, null], [$outcome['cause'], $outcome['shot'], $outcome['students'], $outcome['fixed']]);

        $this->courses($idris, 1, 'fixed');
        $this->courses($idris, 5, 'too_early');
        // They are counted anew behind the first answer after ten minutes; after a day without any, before it.
        $counted = [];
        foreach ([9, 0, 2, 0] as $later) {
            $this->travel($later)->minutes();
            $counted[] = $this->getJson('/api/academy/outlook')->json('outcomes.0.students');
        }
        self::assertSame([19, 19, 19, 25], $counted);
        $outcome = $this->getJson('/api/academy/outlook')->assertOk()->json('outcomes.0');
        $this->courses($idris, 1, 'too_early');
        $this->travel(25)->hours();
        self::assertSame(26, $this->getJson('/api/academy/outlook')->json('outcomes.0.students'));
        self::assertSame([25, 20, 20], [$outcome['students'], $outcome['judged'], $outcome['fixed']['count']]);
        self::assertSame([2, 2, 2], $outcome['lessons']);
    }

    public function test_outcomes_are_counted_at_night_so_that_the_first_look_of_a_day_does_not_wait(): void
    {
        $idris = $this->colleague();
        $this->courses($idris, 3, 'fixed');
        $this->command('attention:refresh')->assertOk()->run();
        $this->courses($idris, 4, 'fixed');
        $this->travel(9)->hours();

        $told = $this->actingAs($this->coach())->getJson('/api/academy/outlook')->assertOk();
        self::assertSame(3, $told->json('outcomes.0.students'));
    }

    public function test_a_calibration_has_a_reason_a_history_and_is_named_in_readings(): void
    {
        $idris = $this->colleague();
        $student = Student::factory()->for($idris, 'coach')->taught()->createOne();
        $lesson = $student->lessons()->firstOrFail();
        $set = $lesson->sets()->firstOrFail();
        $reading = fn(): array => $this->actingAs($idris->refresh())
            ->getJson("/api/lessons/{$lesson->id}")
            ->assertOk()
            ->json("readings.{$set->id}");
        $before = $reading();
        self::assertNull($before['calibrated']);
        $this->getJson("/api/students/{$student->id}/progress")->assertOk();

        $this->actingAs($this->coach());
        $put = fn(array $changes, string $why) => $this->putJson('/api/academy/calibration', ['changes' => $changes, 'reason' => $why]);
        $put(['fairway.drag' => 9], 'wet turf')->assertUnprocessable()->assertJsonPath('faults.0.key', 'changes.fairway.drag');
        $put(['fairway.drag' => 0.09], '')->assertUnprocessable()->assertJsonPath('faults.0.key', 'reason');
        $put(['fairway.drag' => 0.09], 'wet turf')->assertOk()->assertJsonPath('history.0.reason', 'wet turf');

        $after = $reading();
        self::assertSame([$this->coach()->academy->name, 'wet turf'], [$after['calibrated']['by'], $after['calibrated']['reason']]);
        self::assertNotSame($before['model'], $after['model']);
        // What was summed up by the model as it was is summed up again.
        self::assertNotSame($set->refresh()->getAttribute('summary_of'), $set->change_count);

        $put([], 'as it ships again')->assertForbidden();
        $this->actingAs($this->coach());
        $put([], 'as it ships again')->assertOk()->assertJsonCount(2, 'history');
        self::assertEquals($before, $reading());
        $deeds = $this->actingAs($this->coach())->getJson('/api/academy/audit')->json('lines.*.deed');
        self::assertSame(['recalibrated', 'recalibrated'], $deeds);
    }

    private function colleague(): User
    {
        return User::factory()->for($this->coach()->academy)->createOne(['role' => Role::Coach]);
    }

    private function courses(User $coach, int $count, string $verdict): void
    {
        foreach (Student::factory()->count($count)->for($coach, 'coach')->create() as $student) {
            DB::table('courses')->insert([
                'student_id' => $student->id, 'cause' => 'scoop', 'shot' => 'chip',
                'verdict' => $verdict, 'lessons' => 2, 'drills' => '["Towel"]',
            ]);
        }
    }

    /** @return string address of the door */
    private function invited(string $role): string
    {
        $path = $this->actingAs($this->coach())->postJson('/api/academy/links', ['role' => $role])->assertCreated()->json('path');

        return '/api/doors/'.basename((string) $path);
    }
}
