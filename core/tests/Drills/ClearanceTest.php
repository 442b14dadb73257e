<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Drills;

use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Drills\Clearance;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Strike\Arc;
use PHPUnit\Framework\TestCase;

final class ClearanceTest extends TestCase
{
    public function test_the_distance_it_names_is_the_nearest_centimetre_that_clears(): void
    {
        foreach ([800, 1100, 1500] as $radius) {
            foreach ([-30, 20, 80] as $lowPoint) {
                foreach ([0.0, 3.0, 7.0] as $depth) {
                    $clearance = new Clearance(new Arc($radius, $lowPoint, $depth));
                    $nearest = $clearance->nearestMm();
                    self::assertTrue($clearance->clears($nearest));
                    self::assertFalse($clearance->clears($nearest - 10.01));
                }
            }
        }
    }

    public function test_a_low_point_ahead_clears_nearer_than_one_behind(): void
    {
        self::assertLessThan((new Clearance(new Arc(1100, -30, 2)))->nearestMm(), (new Clearance(new Arc(1100, 40, 2)))->nearestMm());
    }

    public function test_every_drill_that_a_cause_names_is_in_the_library_with_its_texts(): void
    {
        $library = DrillLibrary::standard();
        foreach (CauseLibrary::standard()->all() as $cause) {
            self::assertNotSame([], $cause->cure->drills, $cause->id);
            foreach ($cause->cure->drills as $id) {
                $drill = $library->find($id);
                self::assertNotNull($drill, "{$cause->id} names {$id}");
                self::assertGreaterThanOrEqual(3, \count($drill->steps), $id);
                self::assertNotSame('', $drill->pass['text'], $id);
            }
        }
    }
}
