<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The other shots: the same bench with their lies, strikes, causes and drills. */
final class PitchAndBunkerTest extends BrowserTestCase
{
    public function test_a_bunker_lesson_with_a_skip_on_thin_sand(): void
    {
        $this->signIn();
        $this->openStudent('Iwan Tesh');
        $this->click('main a[href$="/begin"]');
        $this->press('bunker');
        $this->press('thin sand');
        $this->press('Begin the lesson');
        $this->see('No balls yet');
        $this->look('face_open_deg', 'open');
        $this->press('more checks');
        $this->see('Feet dug in');
        foreach ([-60, -52, -70, -58] as $i => $touch) {
            $this->tapStrip($touch);
            $this->press('skip');
            $this->readingOf($i + 1);
        }
        $this->see('0 of 4 splash');
        $this->see('Shut the face a little');
        $this->see('Face open where the sand is thin');
        $this->see('do not tell how many more would be good');
        $this->press('Prescribe');
        $this->see('Thin pop');
        $this->press('Hand it out');
        $this->see('Handed out: Face open where the sand is thin.');
        self::assertSame([], $this->axe());
        self::assertSame([], $this->consoleErrors());
    }

    public function test_a_pitch_lesson_and_the_library(): void
    {
        $this->signIn();
        $this->openStudent('Noor Calloway');
        $this->click('main a[href$="/begin"]');
        $this->press('pitch');
        $this->press('fairway');
        $this->press('Begin the lesson');
        $this->see('No balls yet');
        $this->look('speed_change', 'forced');
        foreach ([1, 2, 3, 4] as $n) {
            $this->keys('g', '2');
            $this->readingOf($n);
        }
        $this->see('0 of 4 clean');
        $this->see('A deliberate hit at the ball');
        self::assertSame([], $this->axe());

        $this->visit('/library');
        $this->see('Handle too far forward at address');
        $this->press('Drills');
        $this->see('Rope swing');
        $this->see('Stop at pain.');
        self::assertSame([], $this->axe());
    }
}
