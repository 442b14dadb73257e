<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Contract\OpenApi;
use PHPUnit\Framework\AssertionFailedError;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Tests\Support\CoachRoutes;
use Tests\TestCase;

/** Every route answers as contract/openapi.json says. All other feature tests hold their answers against it as well (TestCase::call). */
final class ContractTest extends TestCase
{
    use CoachRoutes;

    public function test_every_address_answers_the_right_coach_as_the_contract_says(): void
    {
        $this->actingAs($this->coach());
        $refused = [];
        foreach ($this->coachRoutes() as [$method, $address, $route]) {
            // What takes away goes last, or nothing would be left to ask for.
            if ($method === 'DELETE') {
                continue;
            }
            $answer = $this->json($method, $address, $this->body($route));
            if ($answer->baseResponse->getStatusCode() >= 400) {
                $refused["{$method} {$route->uri()}"] = $answer->baseResponse->getStatusCode();
            }
        }
        foreach ($this->coachRoutes() as [$method, $address]) {
            if ($method === 'DELETE' && ! str_contains($address, 'for-good')) {
                $this->json($method, $address);
            }
        }
        ksort($refused);

        // A batch and an archive that nobody began, a sheet that was read before, and files sent as JSON.
        self::assertSame(
            [
                'GET api/archive/readings/{id}' => 404,
                'GET api/reports/{batch}' => 404,
                'GET api/reports/{batch}/zip' => 404,
                'POST api/archive' => 422,
                'POST api/bin/lessons/{lessonId}' => 404,
                'POST api/bin/students/{studentId}' => 404,
                'POST api/me/second-factor' => 422,
                'POST api/me/second-factor/code' => 409,
                'POST api/reports' => 422,
                'POST api/sheets/{import}/check' => 409,
                'POST api/sheets/{import}/confirm' => 409,
                'PUT api/me/second-factor' => 409,
            ],
            $refused,
        );
    }

    public function test_the_contract_can_be_read_and_taken_away_by_anybody(): void
    {
        $page = (string) $this->get('/docs/api')->assertOk()->getContent();
        foreach (['/api/lessons/{lesson}/sets/{set}/balls/{ball}', 'shape-Reading', 'Stores the ball with this id'] as $told) {
            self::assertStringContainsString($told, $page);
        }
        self::assertStringNotContainsString('<script', $page);
        $file = $this->get('/docs/openapi.json')->assertOk()->baseResponse;
        self::assertInstanceOf(BinaryFileResponse::class, $file);
        self::assertSame(OpenApi::written(), $file->getFile()->getPathname());
    }

    public function test_an_answer_with_a_key_too_many_or_too_few_breaks_the_contract(): void
    {
        $this->actingAs($this->coach());
        $this->getJson('/api/me')->assertOk();
        foreach (
            [
                ['name' => 'x', 'email' => 'y'],
                ['name' => 'x', 'email' => 'y', 'units' => 'metric', 'more' => 1],
                ['name' => 'x', 'email' => 'y', 'units' => 'furlongs'],
            ] as $answer
        ) {
            try {
                self::hold('/api/me', $answer);
            } catch (AssertionFailedError $e) {
                self::assertStringContainsString('breaks the contract', $e->getMessage());
                continue;
            }
            self::fail('not noticed: '.json_encode($answer));
        }
    }
}
