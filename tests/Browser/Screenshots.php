<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

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
        $this->see('fixed');
        $this->picture('student');
        $this->press('Over time');
        $this->see('Scatter of the first touch');
        $this->picture('student-over-time');
        $this->press('Balls from a sheet');
        $this->choose((string) realpath(__DIR__.'/../../docs/examples/range-sheet.csv'));
        $this->pick('What “Club” holds', 'Which rows to read');
        foreach (['Fat' => 'heavy', 'Pure' => 'clean', 'air' => 'no ground contact'] as $theirs => $ours) {
            $this->pick("What “{$theirs}” is", $ours);
        }
        $this->element('input[type=checkbox]')->click();
        $this->see('4 balls in 2 lessons');
        $this->picture('sheet');
        $this->press('Leave it');
        $this->press('To Bea Achterberg');
        $this->press('Begin a lesson');
        $this->see('What does the student believe');
        $this->picture('begin-lesson');
        $this->browser->navigate()->back();
        $this->press('Practice');
        $this->see('Set-up card');
        $this->picture('practice');
        $this->browser->executeScript('document.querySelector("[aria-label=Plan]").scrollIntoView()');
        $this->picture('plan');
        $this->press('Make a link');
        $link = (string) $this->element('[data-testid=private-link]')->getAttribute('href');

        $this->openFirstLesson('Bea Achterberg');
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
        $this->keys('i');
        $this->see('As it is');
        $this->browser->executeScript('document.querySelector("[data-try=shaft_lean_deg] [role=slider]").focus()');
        $this->keys(...array_fill(0, 10, WebDriverKeys::ARROW_LEFT));
        $this->picture('what-if');
        $this->press('Close');
        $this->press('Change it');
        $this->see('Drills, at most two');
        $this->picture('prescription');

        $this->openFirstLesson('Petra Lindqvale');
        $this->see('Work on first');
        $this->picture('lesson-bench-sand');
        $this->visit('/library');
        $this->see('Handle too far forward');
        $this->picture('library');

        $this->openFirstLesson('Callum Strand');
        $this->see('Thin on the way down');
        $this->picture('lesson-bench-left-handed');
        $this->devTools('Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-color-scheme', 'value' => 'dark']]]);
        $this->picture('lesson-bench-dark');
        $this->devTools('Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-color-scheme', 'value' => 'light']]]);

        $this->devTools('Emulation.setDeviceMetricsOverride', ['width' => 390, 'height' => 844, 'deviceScaleFactor' => 1, 'mobile' => true]);
        $this->picture('lesson-bench-phone');
        $this->browser->get($link);
        $this->press('Run Shaft up');
        foreach (['Hit', 'Hit', 'Miss', 'Hit'] as $tap) {
            $this->press($tap);
        }
        $this->picture('drill-runner-phone');
    }

    private function picture(string $name): void
    {
        usleep(400_000);
        $this->browser->takeScreenshot(\dirname(__DIR__, 2)."/docs/screenshots/{$name}.png");
        $this->addToAssertionCount(1);
    }
}
