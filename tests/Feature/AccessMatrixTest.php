<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Student;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Tests\Support\CoachRoutes;
use Tests\TestCase;

/** Who reaches what: every route of the API times everybody who may knock. A route that stands in no row fails. */
final class AccessMatrixTest extends TestCase
{
    use CoachRoutes;

    private const OPEN = ['ping', 'schema', 'session.store', 'feed', 'account.first-start', 'account.make-first'];

    private const LINK = [
        'shared.show',
        'shared.calendar',
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
        'account.change-password',
        'session.index',
        'session.end-others',
        'session.destroy',
        'catalogue',
        'library',
        'own-way.index',
        'measure.made-up',
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
    ];

    /** With a record of a coach in the address. */
    private const RECORD = [
        'own-way.put-card',
        'own-way.delete-card',
        'own-way.put-drill',
        'own-way.delete-drill',
        'archive.reading',
        'bin.restore-student',
        'bin.restore-lesson',
        'bin.delete-student',
        'bin.erase',
        'bin.delete-lesson',
        'student.show',
        'student.put',
        'progress',
        'sheet.index',
        'sheet.store',
        'sheet.show',
        'sheet.check',
        'sheet.confirm',
        'sheet.stop',
        'sheet.go-on',
        'sheet.destroy',
        'sheet.forget-preset',
        'practice.show',
        'practice.put-plan',
        'practice.move-session',
        'practice.calendar',
        'practice.put-result',
        'consent.index',
        'consent.put',
        'consent.withdraw',
        'share-link.index',
        'share-link.store',
        'share-link.destroy',
        'share-link.restore',
        'lesson.put',
        'lesson.show',
        'comparison',
        'history.of-lesson',
        'report',
        'report-batch.show',
        'report-batch.download',
        'case-file',
        'ball-set.put',
        'prescription.propose',
        'prescription.drills',
        'trial',
        'prescription.put',
        'prescription.take-back',
        'ball.put',
        'history.of-ball',
        'ball.destroy',
        'drill-feed.join',
        'drill-feed.show',
        'drill-feed.made-up',
        'drill-feed.counted',
        'feed-device.join',
        'feed-device.destroy',
        'feed-device.of-lesson',
        'feed-device.made-up',
        'feed-device.set-aside',
        // With a student of his in the question.
        'shot.plan',
        'shot.sand',
        'shot.distances',
        'shot.keep-brush',
        'still.index',
        'still.store',
        'still.show',
        'still.destroy',
    ];

    public function test_every_route_stands_in_a_row(): void
    {
        $names = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/')) {
                $names[] = (string) $route->getName();
            }
        }
        $rows = [...self::OPEN, ...self::LINK, ...self::OWN, ...self::RECORD];
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
            if (\in_array($route->getName(), self::RECORD, true)) {
                $status = $this->json($method, $address, $this->body($route))->baseResponse->getStatusCode();
                self::assertContains($status, [403, 404], "{$method} {$route->uri()}");
            }
        }
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
