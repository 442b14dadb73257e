<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Archive\AccountArchive;
use Illuminate\Support\Facades\DB;
use Tests\Support\CoachRoutes;
use Tests\TestCase;

/** Guards that must stand before every address, those of tomorrow included. */
final class EveryRouteTest extends TestCase
{
    use CoachRoutes;

    private const NONSENSE = [
        'task' => 'x',
        'setup' => 1,
        'mapping' => [[]],
        'seen' => 'y',
        'days' => 'z',
        'attempts' => '',
        'lessons' => 5,
    ];

    public function test_without_a_session_every_address_of_the_coach_is_shut(): void
    {
        $shut = 0;
        foreach ($this->coachRoutes() as [$method, $address]) {
            $this->json($method, $address)->assertStatus(401);
            $shut++;
        }
        self::assertGreaterThan(40, $shut);
    }

    public function test_another_coach_neither_reads_nor_changes_anything_by_any_address(): void
    {
        $before = $this->tables();
        $this->actingAs($this->otherCoach());
        $tried = 0;
        foreach ($this->coachRoutes() as [$method, $address, $route]) {
            if ($route->parameterNames() === []) {
                continue;
            }
            $tried++;
            $answer = $this->json($method, $address, $this->body($route));
            self::assertContains($answer->status(), [403, 404, 422], "{$method} {$address}");
            self::assertStringNotContainsString('Achterberg', (string) $answer->getContent(), "{$method} {$address}");
        }
        self::assertGreaterThan(30, $tried);
        self::assertEquals($before, $this->tables(), 'nothing was changed');
    }

    public function test_nonsense_is_refused_in_plain_words_by_every_address(): void
    {
        $this->actingAs($this->coach());
        foreach ($this->coachRoutes() as [$method, $address, $route]) {
            if ($method === 'GET' || $method === 'DELETE') {
                continue;
            }
            foreach ([self::NONSENSE, []] as $body) {
                $answer = $this->json($method, $address, $body);
                self::assertLessThan(500, $answer->status(), "{$method} {$address}: {$answer->getContent()}");
                if ($answer->status() === 422) {
                    self::assertNotSame('', $answer->json('faults.0.key'), "{$method} {$address}");
                    self::assertNotSame('', $answer->json('message'));
                }
            }
        }
    }

    /** @return array<string, mixed> */
    private function tables(): array
    {
        $this->ids();
        $tables = [];
        foreach ([...AccountArchive::TABLES, 'share_links'] as $table) {
            $tables[$table] = DB::table($table)
                ->orderBy('id')
                ->get()
                ->map(
                    static fn(object $row): array => array_diff_key((array) $row, [
                        'summary' => 0,
                        'summary_of' => 0,
                        'marks' => 0,
                        'standing' => 0,
                    ]),
                )
                ->all();
        }

        return $tables;
    }
}
