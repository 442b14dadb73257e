<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Reading\CausePicture;
use LowPoint\Core\Showing\Part;
use LowPoint\Core\Showing\State;
use LowPoint\Core\Showing\View;
use PHPUnit\Framework\TestCase;

final class CausePictureTest extends TestCase
{
    /** A fault that moves the touch is drawn on that side of a sound strike, as far as its mechanism says. */
    public function test_the_ground_is_met_where_the_mechanism_says(): void
    {
        $pictures = new CausePicture;
        $drawn = 0;
        foreach (CauseLibrary::standard()->all() as $cause) {
            $ground = self::ground($pictures->of($cause));
            if (abs($cause->mechanism->touchMm) < 10.0) {
                self::assertNull($ground, $cause->id);
                continue;
            }
            self::assertNotNull($ground, $cause->id);
            $at = static fn(State $state): float => array_values(array_filter(
                $ground->parts,
                static fn(Part $one): bool => $one->state === $state && $one->toArray()['kind'] === 'arrow',
            ))[0]->points[0][0];
            self::assertEqualsWithDelta($cause->mechanism->touchMm, $at(State::Now) - $at(State::Asked), 1.0e-6, $cause->id);
            $drawn++;
        }
        self::assertGreaterThan(15, $drawn);
    }

    public function test_what_the_cure_asks_of_the_set_up_is_drawn_without_a_figure_of_now(): void
    {
        $cause = CauseLibrary::standard()->find('handle_forward_setup');
        self::assertInstanceOf(Cause::class, $cause);
        [$first] = (new CausePicture)->of($cause);
        self::assertSame('face_on', $first->view);
        self::assertSame([['asked' => 'shaft 0 to 3° ahead', 'now' => null]], $first->rows);
    }

    /** @param list<View> $views */
    private static function ground(array $views): ?View
    {
        return array_values(array_filter($views, static fn(View $one): bool => $one->view === 'ground'))[0] ?? null;
    }
}
