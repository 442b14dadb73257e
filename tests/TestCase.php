<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Lesson;
use App\Models\Student;
use App\Models\User;
use Database\Factories\LessonFactory;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\PendingCommand;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\MethodNotAllowedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Tests\Support\Contract;

/** Feature tests: the API over HTTP on a real MariaDB, with the demo world in it; most tests make their own coach and student beside it. */
abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    protected bool $seed = true;

    protected const CHIP = LessonFactory::CHIP;

    private ?User $coach = null;

    private ?User $otherCoach = null;

    private ?Student $student = null;

    protected function setUp(): void
    {
        parent::setUp();
        // Files of one test are none of the next; before the first of them the demo world has asked for the disk already.
        Storage::fake('local');
        $this->app->forgetInstance('filesystem.disk');
    }

    /**
     * Sends a request; an answer of the API is held against the contract, whatever the test asks of it.
     *
     * @param  string  $method
     * @param  string  $uri
     * @param  array<string, mixed>  $parameters
     * @param  array<string, mixed>  $cookies
     * @param  array<string, mixed>  $files
     * @param  array<string, mixed>  $server
     * @param  string|null  $content
     * @return TestResponse<Response>
     */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null): TestResponse
    {
        $response = parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        self::hold($uri, $response, $method);

        return $response;
    }

    /** @param TestResponse<Response>|array<string, mixed> $answer a response, or the body of one */
    protected static function hold(string $uri, TestResponse|array $answer, string $method = 'GET'): void
    {
        $request = Request::create($uri, $method);
        try {
            $route = Route::getRoutes()->match($request);
        } catch (NotFoundHttpException | MethodNotAllowedHttpException) {
            return;
        }
        if (str_starts_with($route->uri(), 'api/')) {
            Contract::instance()->holds(
                $route,
                $request,
                $answer instanceof TestResponse ? $answer->baseResponse : new JsonResponse($answer),
            );
        }
    }

    /**
     * @param  array<string, mixed>  $parameters
     */
    protected function command(string $command, array $parameters = []): PendingCommand
    {
        $pending = $this->artisan($command, $parameters);
        self::assertInstanceOf(PendingCommand::class, $pending);

        return $pending;
    }

    /** The coach of this test: nobody of the demo world. */
    protected function coach(): User
    {
        return $this->coach ??= User::factory()->createOne();
    }

    protected function otherCoach(): User
    {
        return $this->otherCoach ??= User::factory()->createOne();
    }

    /** A student of that coach, with one lesson behind him. */
    protected function student(): Student
    {
        return $this->student ??= Student::factory()->for($this->coach(), 'coach')->taught()->createOne();
    }

    protected function earlierLesson(): Lesson
    {
        return $this->student()->lessons()->oldest('began_at')->firstOrFail();
    }

    /** As a page of this origin. */
    protected function fromHere(): static
    {
        return $this->withHeader('Origin', (string) config('app.url'))->withHeader('Referer', (string) config('app.url'));
    }

    protected static function id(): string
    {
        return (string) Str::ulid();
    }

    /**
     * Begins a chip lesson with one set, as the bench does.
     *
     * @return array{string, string} ids of lesson and set
     */
    protected function beginLesson(?Student $student = null): array
    {
        [$lesson, $set] = [self::id(), self::id()];
        $this->putLesson($lesson, ['student_id' => ($student ?? $this->student())->id])->assertOk();
        $this->putJson("/api/lessons/{$lesson}/sets/{$set}", ['purpose' => 'before', 'setup' => [], 'motion' => []])->assertOk();

        return [$lesson, $set];
    }

    /**
     * @param  array<string, mixed>  $over
     * @return TestResponse<\Illuminate\Http\Response>
     */
    protected function putLesson(string $id, array $over): TestResponse
    {
        return $this->putJson("/api/lessons/{$id}", [
            'task' => self::CHIP,
            'began_at' => '2026-11-24T10:00:00Z',
            'closed_at' => null,
            ...$over,
        ]);
    }

    /**
     * @param  array<string, mixed>  $seen
     * @return TestResponse<\Illuminate\Http\Response>
     */
    protected function putBall(string $lesson, string $set, string $ball, array $seen): TestResponse
    {
        return $this->putJson("/api/lessons/{$lesson}/sets/{$set}/balls/{$ball}", ['seen' => $seen, 'hit_at' => '2026-11-24T10:05:00Z']);
    }
}
