<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;

/** From the prescription to the student's phone and back to the coach. */
final class PracticeTest extends BrowserTestCase
{
    #[Group(self::OFFLINE)]
    public function test_prescribe_plan_share_run_on_the_phone_and_see_it_on_the_coachs_side(): void
    {
        $this->signIn();
        $this->openStudent('Bea Achterberg');
        $this->press('Practice');
        $this->see('Bring the grip end back toward the middle of the body');
        $this->press('Make it anew');
        $this->see('Six to save');
        self::assertSame([], $this->axe());

        // The visit of tomorrow or after moves to another day.
        $visit = $this->element('[data-session]:has(input[type=date])')->getAttribute('data-session');
        $to = date('Y-m-d', time() + 86400 * 12);
        $this->pickDay("[data-session='{$visit}'] input[type=date]", $to);
        $this->until(
            fn(): bool => $this->browser->findElements(WebDriverBy::cssSelector("[data-day='{$to}'][data-session='{$visit}']")) !== [],
            'The visit does not move.',
        );

        $this->printsOnlyWhatIsForPaper();

        $this->press('Make a link');
        $link = $this->element('[data-testid=private-link]')->getAttribute('href');
        $this->browser->manage()->deleteAllCookies();
        $this->devTools('Emulation.setDeviceMetricsOverride', [
            'width' => 390,
            'height' => 844,
            'deviceScaleFactor' => 1,
            'mobile' => true,
        ]);
        $this->browser->get((string) $link);
        $this->see('Let the grip end look at your middle');
        self::assertStringNotContainsString('Sign in', $this->shown());
        self::assertSame([], $this->axe());
        self::assertLessThanOrEqual(390, $this->browser->executeScript('return document.documentElement.scrollWidth'));
        self::assertLessThan(1700, $this->browser->executeScript('return document.documentElement.scrollHeight'));

        $this->pick('Language', 'Deutsch');
        $this->see('Lass das Griffende auf deine Mitte schauen');
        self::assertSame('de', $this->browser->executeScript('return document.documentElement.lang'));
        self::assertSame([], $this->axe());
        $this->pick('Sprache', 'English');
        $this->see('Let the grip end look at your middle');

        $this->press('Run Centre pointer');
        foreach (['Hit', 'Hit', 'Miss', 'Hit', 'Hit', 'Miss', 'Hit', 'Hit', 'Hit', 'Miss', 'Undo the last', 'Hit'] as $tap) {
            $this->press($tap);
        }
        $this->see('That is the set.');
        self::assertSame('8 of 10', $this->element('[data-testid=count]')->getText());
        $this->press('9');
        self::assertSame([], $this->axe());
        $this->press('Save');
        $this->see('8 of 10, passed');

        $this->press('It hurts');
        $this->see('Stop practising this and tell your coach.');

        // Without a network the page still opens, and what is counted waits.
        $this->until(
            fn(): bool => $this->browser->executeScript('return navigator.serviceWorker.controller !== null'),
            'The service worker does not take over.',
        );
        $this->network(offline: true);
        $this->browser->navigate()->refresh();
        $this->press('Run Centre pointer');
        $this->press('Miss');
        $this->press('Save');
        $this->see('Saved on this device, waiting for a connection.');
        $this->network(offline: false);
        $this->see('0 of 1, not passed');

        $this->devTools('Emulation.clearDeviceMetricsOverride', []);
        $this->signIn();
        $this->see('says that it hurts, today');
        $this->openStudent('Bea Achterberg');
        $this->press('Practice');
        $this->see('8 of 10, passed');
        $this->see('by student');
        $this->press('Revoke');
        $this->see('revoked');
        $this->browser->get((string) $link);
        $this->see('This page is closed');
        $this->see('Ask your coach for a new link.');
        self::assertSame([], $this->consoleErrors());
    }

    /** @param list<string> $taps */
    #[TestWith(['streak', 'need:3', ['Miss', 'Hit', 'Hit', 'Hit'], '3 in a row', '3 in a row, passed'])]
    #[TestWith(['ladder', 'need:1;of:1', ['Hit', 'Hit', 'Miss', 'Hit', 'Hit', 'Hit', 'Hit'], 'Rung 4 of 4', 'rung 4 of 4, passed'])]
    #[TestWith(['free', '', ['One more', 'One more'], '2', 'done, passed'])]
    public function test_every_way_of_scoring_is_counted_and_verdicted(
        string $kind,
        string $mark,
        array $taps,
        string $shown,
        string $logged,
    ): void {
        $this->prescribe($kind, $mark);
        foreach ($taps as $tap) {
            $this->press($tap);
        }
        self::assertSame($shown, $this->element('[data-testid=count]')->getText());
        $this->press($kind === 'free' ? 'Done' : 'Save');
        $this->see($logged);
    }

    public function test_errors_to_mystery_numbers_and_a_clock(): void
    {
        $this->signIn();
        $this->openStudent('Noor Calloway');
        $this->press('Practice');
        $this->press('Run Mystery numbers');
        $before = 0;
        for ($ball = 0; $ball < 12; $ball++) {
            $target = (int) $this->element('[data-testid=count]')->getText();
            self::assertNotSame($before, $target, 'never two alike in a row');
            $before = $target;
            $this->element('input[inputmode=decimal]')->sendKeys((string) ($target + 1));
            $this->press('Next ball');
            $this->see($ball < 11 ? 'Ball '.($ball + 2) : 'That is the set.');
        }
        $this->press('Save');
        $this->see('% over 12');
        $this->visit('/');

        $this->prescribe('timed', 'need:60');
        $this->press('Start');
        $this->press('Stop');
        $this->press('Save');
        $this->see('seconds, passed');
    }

    public function test_a_double_tap_does_everything_once(): void
    {
        $this->signIn();
        $count = fn(string $path, string $of): int => (int) $this->browser->executeAsyncScript(
            'const [path, of, done] = arguments; fetch("/api/" + path, {headers: {Accept: "application/json"}}).then(r => '
                .'r.json()).then(d => done((of === "" ? d : of.split(".").reduce((so, key) => so[key], d)).length))',
            [$path, $of],
        );
        $this->press('Add a student');
        $this->type('Name', 'Twice Tapped');
        $this->tapTwice('Add the student');
        $this->see('No lesson yet.');
        $id = basename((string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH));
        self::assertSame(1, $count('today?q=Twice', 'students'));

        $this->click('main a[href$="/begin"]');
        $this->tapTwice('Begin the lesson');
        $this->see('No balls yet');
        self::assertSame(1, $count("students/{$id}", 'lessons'));
        $lesson = basename((string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH));
        $this->look('release', 'thrown');
        foreach ([1, 2, 3] as $ball) {
            $this->keys('a', '2');
            $this->readingOf($ball);
        }
        $this->press('Prescribe');
        $this->see('Drills, at most');
        $this->tapTwice('Hand it out');
        $this->see('Handed out');
        $this->tapTwice('Hit the next set');
        $this->see('After 0');
        $this->until(fn(): bool => $count("lessons/{$lesson}", 'lesson.sets') === 2, 'A double tap begins other than one set.');
        $this->tapTwice('Close');
        $this->see('Open this lesson');

        $this->press('Practice');
        $this->tapTwice('Make the plan');
        $this->see('Make it anew');
        $visits = $count("students/{$id}/practice", 'plan.sessions');
        $this->tapTwice('Make it anew');
        $this->tapTwice('Make a link');
        $this->element('[data-testid=private-link]');
        self::assertSame(1, $count("students/{$id}/links", ''));
        self::assertSame($visits, $count("students/{$id}/practice", 'plan.sessions'));
        $this->press('Run Centre pointer');
        $this->press('Hit');
        $this->tapTwice('Save');
        $this->see('1 of 1, not passed');
        self::assertSame(1, $count("students/{$id}/practice", 'results'));
        self::assertSame([], $this->consoleErrors());
    }

    /** As a thumb in a hurry does: twice at the same place within a moment. */
    private function tapTwice(string $words): void
    {
        $this->see($words);
        $this->browser->executeScript(
            <<<'JS'
            const words = arguments[0];
            const buttons = [...document.querySelectorAll('button')];
            const button = buttons.filter((one) => one.textContent.trim().endsWith(words) && one.offsetParent !== null).at(-1);
            const box = button.getBoundingClientRect();
            button.click();
            // The second tap hits whatever lies there by then.
            document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2)?.closest('button')?.click();
            JS
            ,
            [$words],
        );
    }

    /** Hands out the first drill of a scooping student, scored this way, and begins to run it. */
    private function prescribe(string $kind, string $mark): void
    {
        $this->visit('/');
        $this->until(
            fn(): bool => str_contains($this->shown(), 'Students') || str_contains($this->shown(), 'Password'),
            'Neither students nor sign-in.',
        );
        if (str_contains($this->shown(), 'Password')) {
            $this->signIn();
        }
        $this->beginLesson('Odile Marsh');
        $this->look('release', 'thrown');
        foreach ([1, 2, 3] as $ball) {
            $this->keys('a', '2');
            $this->readingOf($ball);
        }
        $this->keys('p');
        $this->see('Drills, at most');
        $this->press('Dose and pass mark');
        $this->browser->executeScript(
            'const select = document.querySelector("[role=dialog] details select"); '
                .'Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, "value").set.call(select, arguments[0]); '
                .'select.dispatchEvent(new Event("change", {bubbles: true}));',
            [$kind],
        );
        foreach (array_filter(explode(';', $mark)) as $pair) {
            [$key, $value] = explode(':', $pair);
            $input = $this->browser->findElement(
                WebDriverBy::xpath(
                    "//*[@role='dialog']//details//label[starts-with(normalize-space(.), '"
                        .($key === 'need' ? 'pass at' : 'of')
                        ."')]//input",
                ),
            );
            $input->clear();
            $input->sendKeys($value);
        }
        $this->press('Hand it out');
        $this->see('Handed out');
        $this->until(
            fn(): bool => $this->browser->executeAsyncScript(
                'const done = arguments[0]; fetch("/api/"+location.pathname.slice(1), {headers: {Accept: '
                    .'"application/json"}}).then(r => r.json()).then(p => done(p.lesson.prescription !== null))',
            ) === true,
            'The prescription is not stored.',
        );
        $this->visit(
            (string) $this->browser->executeScript('return document.querySelector("header a").getAttribute("href")').'/practice',
        );
        $this->press('Run ');
    }

    /** On paper nothing can be pressed, what is folded stands open, and of the coach's own tools nothing is left. */
    private function printsOnlyWhatIsForPaper(): void
    {
        $this->devTools('Emulation.setEmulatedMedia', ['media' => 'print']);
        [$pressed, $steps, $words, $still] = $this->browser->executeScript(
            'const shown = (one) => one.checkVisibility() && one.getBoundingClientRect().height > 0;'
            .'const some = (css) => [...document.querySelectorAll(css)].filter(shown).length;'
            .'return [some("button, input, select"), some("details:not([open]) li"), document.body.innerText, some("details img")];',
        );
        $this->devTools('Emulation.setEmulatedMedia', ['media' => '']);
        self::assertSame(0, $pressed);
        self::assertGreaterThan(3, $steps, 'what a drill asks stands open');
        self::assertGreaterThan(1, $still, 'its pictures at rest among it');
        self::assertStringNotContainsString('Private link', $words);
    }
}
