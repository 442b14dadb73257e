<?php

declare(strict_types=1);

namespace Tests\Feature;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\CoachRoutes;
use Tests\Support\FromSchema;
use Tests\TestCase;

/**
 * Whatever is sent to an address that writes: it is taken, or refused in words, and never breaks. More of it: LOW_POINT_FUZZ=2000
 * bin/test.
 */
final class FuzzTest extends TestCase
{
    use CoachRoutes;

    private const INPUTS = 80;

    private const SEED = 20261125;

    public function test_no_input_breaks_an_address_that_writes(): void
    {
        $this->withoutMiddleware(\Illuminate\Routing\Middleware\ThrottleRequests::class);
        $this->actingAs($this->coach());
        $paths = FromSchema::contract()['paths'];
        $inputs = (int) (getenv('LOW_POINT_FUZZ') ?: self::INPUTS);
        $taken = $refused = $addresses = 0;
        $token = basename((string) $this->postJson("/api/students/{$this->student('Bea')->id}/links", ['days' => 3])->json('path'));
        foreach ([...$this->coachRoutes(), ...$this->linkRoutes($token)] as [$method, $address, $route]) {
            $schema = $paths['/'.$route->uri()][strtolower($method)]['requestBody']['content']['application/json']['schema'] ?? null;
            if ($schema === null) {
                continue;
            }
            $addresses++;
            $make = new FromSchema(new Randomizer(new Mt19937(self::SEED + $addresses)));
            for ($i = 0; $i < $inputs; $i++) {
                $body = $make->value($schema);
                $answer = $this->json($method, $address, (array) $body);
                $status = $answer->baseResponse->getStatusCode();
                self::assertLessThan(
                    500,
                    $status,
                    "{$method} {$route->uri()} breaks on ".
                        json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR).
                        ': '.
                        $answer->getContent(),
                );
                $status < 400 ? $taken++ : $refused++;
                if ($status === 422) {
                    self::assertNotSame('', $answer->json('message'), "{$method} {$route->uri()}");
                }
            }
        }

        self::assertGreaterThan(15, $addresses);
        // Neither is everything refused, which would try nothing, nor is everything taken.
        self::assertGreaterThan($inputs, $taken);
        self::assertGreaterThan($inputs, $refused);
    }
}
