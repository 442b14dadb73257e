<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Academy\Sharing;
use App\Models\Role;
use App\Models\ShareLevel;
use App\Models\Student;
use App\Models\User;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoachRoutes;
use Tests\TestCase;

/** Who reaches what: every route of the API times everybody who may knock. A route that stands in no row fails. */
final class AccessMatrixTest extends TestCase
{
    use CoachRoutes;

    private const OPEN = ['ping', 'schema', 'session.store', 'feed', 'account.first-start', 'account.make-first'];

    /** Whoever holds a link into an account. */
    private const DOOR = ['account-link.door', 'account-link.enter'];

    private const LINK = [
        'shared.show',
        'shared.calendar',
        'student-trail.of-link',
        'shared.export',
        'shared.put-result',
        'shared.erase',
        'practice-note.put',
        'practice-note.destroy',
    ];

    /** Of whoever is signed in, without anybody's record in the address. */
    private const OWN = [
        'session.show',
        'account.put',
        'sample.take',
        'sample.leave',
        'account.change-email',
        'account.change-password',
        'second-factor.begin',
        'second-factor.turn-on',
        'second-factor.say',
        'second-factor.turn-off',
        'session.index',
        'session.end-others',
        'session.end',
        'session.destroy',
        'catalogue',
        'library',
        'own-way.index',
        'measure.made-up',
        'asked-first.show',
        'blind-cases.show',
        'blind-cases.judge',
        'measure.picture',
        'measure.trace',
        'shot.brush',
        'feed-device.index',
        'feed-device.store',
        'today',
        'archive.show',
        'archive.store',
        'bin.index',
        'student.index',
        'report-batch.store',
        'academy.show',
    ];

    /** With a record of a coach in the address: what has to be allowed to reach it. */
    private const RECORD = [
        'own-way.put-card' => 'own',
        'own-way.delete-card' => 'own',
        'own-way.put-drill' => 'own',
        'own-way.delete-drill' => 'own',
        'archive.reading' => 'own',
        'bin.restore-student' => 'delete',
        'bin.restore-lesson' => 'delete',
        'bin.delete-student' => 'delete',
        'bin.erase' => 'delete',
        'student-trail.of-student' => 'view',
        'bin.delete-lesson' => 'delete',
        'student.show' => 'view',
        'student.put' => 'update',
        'progress' => 'view',
        'sheet.index' => 'view',
        'sheet.store' => 'update',
        'sheet.show' => 'view',
        'sheet.check' => 'update',
        'sheet.confirm' => 'update',
        'sheet.stop' => 'update',
        'sheet.go-on' => 'update',
        'sheet.destroy' => 'update',
        'sheet.forget-preset' => 'own',
        'practice.show' => 'view',
        'practice.put-plan' => 'update',
        'practice.move-session' => 'update',
        'practice.calendar' => 'view',
        'practice.put-result' => 'update',
        'consent.index' => 'view',
        'consent.put' => 'update',
        'consent.withdraw' => 'update',
        'share-link.index' => 'view',
        'share-link.store' => 'update',
        'share-link.destroy' => 'update',
        'share-link.restore' => 'update',
        'lesson.put' => 'update',
        'lesson.show' => 'view',
        'comparison' => 'view',
        'history.of-lesson' => 'view',
        'report' => 'view',
        'report-batch.show' => 'own',
        'report-batch.download' => 'own',
        'case-file' => 'view',
        'ball-set.put' => 'update',
        'prescription.propose' => 'view',
        'prescription.drills' => 'view',
        'trial' => 'view',
        'prescription.put' => 'update',
        'prescription.take-back' => 'update',
        'prescription.confirm' => 'update',
        'ball.put' => 'update',
        'history.of-ball' => 'view',
        'ball.destroy' => 'update',
        'drill-feed.join' => 'own',
        'drill-feed.show' => 'view',
        'drill-feed.made-up' => 'view',
        'drill-feed.counted' => 'update',
        'feed-device.join' => 'own',
        'feed-device.destroy' => 'own',
        'feed-device.of-lesson' => 'view',
        'feed-device.made-up' => 'view',
        'feed-device.set-aside' => 'update',
        'shot.plan' => 'view',
        'shot.sand' => 'view',
        'shot.distances' => 'view',
        'shot.keep-brush' => 'update',
        'still.index' => 'view',
        'still.store' => 'update',
        'still.show' => 'view',
        'still.destroy' => 'update',
        'student-share.index' => 'view',
        'student-share.put' => 'move',
        'student-share.destroy' => 'move',
        'student-share.hand-over' => 'move',
        'academy.put-coach' => 'lead',
        'academy.students' => 'lead',
        'archive.of-coach' => 'lead',
        'account-link.destroy' => 'lead',
        // Of the installation: the lead of the first academy alone.
        'health' => 'lead',
    ];

    /** Of the lead alone, without a record in the address. */
    private const LEAD = [
        'academy.put',
        'academy.outlook',
        'calibration.show',
        'calibration.put',
        'ledger.show',
        'ledger.put',
        'ledger.learn',
        'ledger.lines',
        'academy.audit',
        'academy.audit-sheet',
        'account-link.index',
        'account-link.store',
    ];

    /** Who may do what with a student of the owner's (handbook 13.2). "own": what belongs to an account and to no student. */
    private const MAY = [
        'owner' => ['view', 'update', 'delete', 'move', 'own'],
        'lead' => ['view', 'move', 'lead'],
        'teaches' => ['view', 'update'],
        'reads' => ['view'],
        'handed over' => [],
        'colleague' => [],
        'other academy' => [],
    ];

    public function test_every_route_stands_in_a_row(): void
    {
        $names = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/')) {
                $names[] = (string) $route->getName();
            }
        }
        $rows = [...self::OPEN, ...self::DOOR, ...self::LINK, ...self::OWN, ...self::LEAD, ...array_keys(self::RECORD)];
        sort($names);
        sort($rows);

        self::assertSame($rows, $names);
    }

    public function test_nobody_and_the_holder_of_a_link_reach_nothing_of_a_coach(): void
    {
        $token = $this->token($this->student('Bea'));
        $this->app['auth']->forgetGuards();
        foreach ($this->coachRoutes() as [$method, $address, $route]) {
            $this->json($method, $address, $this->body($route))->assertStatus(401);
            $this->json($method, "{$address}?token={$token}", ['token' => $token], ['Authorization' => "Bearer {$token}"])->assertStatus(
                401,
            );
        }
    }

    public function test_another_coach_reaches_no_record(): void
    {
        $this->actingAs($this->otherCoach());
        foreach ($this->coachRoutes() as [$method, $address, $route]) {
            if (isset(self::RECORD[$route->getName()])) {
                $status = $this->json($method, $address, $this->body($route))->baseResponse->getStatusCode();
                self::assertContains($status, [403, 404], "{$method} {$route->uri()}");
            }
        }
    }

    /** @param list<string> $may */
    #[DataProvider('persons')]
    public function test_each_person_reaches_what_the_table_says_and_nothing_else(string $person, array $may): void
    {
        $people = $this->people();
        foreach ($this->coachRoutes() as [$method, $address, $route]) {
            $name = (string) $route->getName();
            $needs = \in_array($name, self::LEAD, true) ? 'lead' : self::RECORD[$name] ?? null;
            // Of his own academy everybody may do what he is in it.
            if ($needs === null || (! isset(self::RECORD[$name]) && $person === 'other academy')) {
                continue;
            }
            $right = $this->answered($people[$needs === 'lead' ? 'lead' : 'owner'], $method, $address, $route);
            $status = $this->answered($people[$person], $method, $address, $route);
            if (\in_array($needs, $may, true)) {
                self::assertSame($right, $status, "{$person}: {$method} {$route->uri()}");
                self::assertNotContains($status, [401, 403], "{$person}: {$method} {$route->uri()}");
            } else {
                self::assertContains($status, [403, 404], "{$person}: {$method} {$route->uri()}");
            }
        }
    }

    /** @return array<string, array{string, list<string>}> */
    public static function persons(): array
    {
        $who = array_keys(self::MAY);

        return array_combine($who, array_map(static fn(string $one): array => [$one, self::MAY[$one]], $who));
    }

    /** What was done is taken back at once, so that each finds the same. */
    private function answered(User $coach, string $method, string $address, Route $route): int
    {
        DB::beginTransaction();
        $this->actingAs($coach);
        $body = $this->body($route);
        $status = $this->json($method, $address, $body)->baseResponse->getStatusCode();
        DB::rollBack();

        return $status;
    }

    /** @return array<string, User> Bea is the owner's, and Maren leads them all */
    private function people(): array
    {
        $lead = $this->coach('Maren');
        $new = static fn(): User => User::factory()->for($lead->academy)->createOne(['role' => Role::Coach]);
        $people = [
            'owner' => $new(),
            'lead' => $lead,
            'teaches' => $new(),
            'reads' => $new(),
            'handed over' => $new(),
            'colleague' => $new(),
            'other academy' => User::factory()->createOne(),
        ];
        $bea = $this->student('Bea');
        $sharing = app(Sharing::class);
        $sharing->handOver($lead, $bea, $people['handed over'], null);
        $sharing->handOver($lead, $bea->refresh(), $people['owner'], null);
        foreach ([$bea->refresh(), Student::query()->findOrFail($this->ids()['spare'])] as $student) {
            $sharing->share($lead, $student, $people['teaches'], ShareLevel::Teach);
            $sharing->share($lead, $student, $people['reads'], ShareLevel::Read);
        }

        return $people;
    }

    public function test_a_link_opens_its_own_student_alone_and_not_once_it_is_revoked(): void
    {
        [$bea, $callum] = [$this->student('Bea'), $this->student('Callum')];
        [$ofBea, $ofCallum, $revoked] = [$this->token($bea), $this->token($callum), $this->token($bea)];
        $bea->links()
            ->reorder()
            ->latest('id')
            ->firstOrFail()
            ->update(['revoked_at' => now()]);
        $this->app['auth']->forgetGuards();
        foreach ([[$revoked, 404], [str_repeat('x', 43), 404], [$ofCallum, 200], [$ofBea, 200]] as [$token, $wanted]) {
            foreach ($this->linkRoutes($token) as [$method, $address, $route]) {
                // What erases closes the door: it is tried where nothing can be erased, and then last of all.
                if ($method === 'DELETE' && $wanted === 200) {
                    continue;
                }
                $answer = $this->json($method, $address, $this->body($route));
                $told = (string) ($answer->baseResponse->getContent() ?: '');
                self::assertLessThan(500, $answer->baseResponse->getStatusCode(), "{$method} {$route->uri()}");
                self::assertSame($wanted, $this->plain($answer->baseResponse->getStatusCode()), "{$method} {$route->uri()} {$told}");
                if ($token === $ofCallum) {
                    self::assertStringNotContainsString('Achterberg', $told, "{$method} {$route->uri()}");
                }
            }
        }
        $this->deleteJson("/api/shared/{$ofBea}")->assertOk();
        $this->getJson("/api/shared/{$ofBea}")->assertStatus(404);
        $this->getJson("/api/shared/{$ofCallum}")->assertOk();
    }

    /** A run that the coach has logged is refused to the student: the door is open all the same. */
    private function plain(int $status): int
    {
        return $status === 403 ? 200 : $status;
    }

    private function token(Student $student): string
    {
        $path = $this->actingAs($this->coach())
            ->postJson("/api/students/{$student->id}/links", ['days' => 3])
            ->assertCreated()
            ->json('path');

        return basename((string) $path);
    }
}
