<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BallSet;
use App\Reading\SetReading;
use LowPoint\Bench\Simulation\Voices;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Statements\Statements;
use Tests\TestCase;

/** Nothing that is said of the demo world speaks against itself (handbook 16.5). */
final class VoicesTest extends TestCase
{
    public function test_no_set_of_the_demo_world_speaks_against_itself(): void
    {
        $engine = ReadingEngine::standard();
        $sets = BallSet::query()->with('balls', 'lesson.student', 'lesson.sets')->get();
        self::assertGreaterThan(20, $sets->count());
        foreach ($sets as $set) {
            $reading = $engine->read(app(SetReading::class)->caseInTime($set->lesson, $set));
            self::assertSame([], Voices::against(Statements::of($reading), $reading), $set->id);
        }
    }
}
