<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The pictures of the README, one of each main view, from the demo data. Run by bin/screenshots, not with the tests. */
final class Screenshots extends BrowserTestCase
{
    public function test_pictures(): void
    {
        $this->visit('/');
        $this->see('Sign in');
        $this->picture('sign-in');
        $this->signIn();
        $this->see('Bea Achterberg');
        $this->picture('students');

        $this->press('Bea Achterberg');
        $this->see('Before');
        $this->see('of 7 clean');
        $this->picture('student');
        $this->press('Begin a lesson');
        $this->see('What does the student believe');
        $this->picture('begin-lesson');

        $this->browser->navigate()->back();
        $this->press('Open this lesson');
        $this->press('Side by side');
        $this->see('5 of 7 clean');
        $this->picture('side-by-side');
        $this->press('Before');
        $this->see('Work on first');
        $this->picture('lesson-bench');
        $this->press('Handle too far forward');
        $this->see('What speaks for it');
        $this->picture('evidence');
        $this->press('Close');
        $this->press('Change it');
        $this->see('Drills, at most two');
        $this->picture('prescription');

        $this->visit('/');
        $this->press('Petra Lindqvale');
        $this->press('Open this lesson');
        $this->see('Work on first');
        $this->picture('lesson-bench-sand');
        $this->visit('/library');
        $this->see('Handle too far forward');
        $this->picture('library');

        $this->visit('/');
        $this->press('Callum Strand');
        $this->press('Open this lesson');
        $this->see('Thin on the way down');
        $this->picture('lesson-bench-left-handed');
    }

    private function picture(string $name): void
    {
        usleep(400_000);
        $this->browser->takeScreenshot(\dirname(__DIR__, 2)."/docs/screenshots/{$name}.png");
        $this->addToAssertionCount(1);
    }
}
