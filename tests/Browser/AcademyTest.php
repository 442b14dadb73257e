<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** From an installation where nobody is yet to an academy whose coaches share students. */
final class AcademyTest extends BrowserTestCase
{
    private const PASSWORD = 'dunes-in-the-wind';

    public static function tearDownAfterClass(): void
    {
        self::beginAnew();
    }

    public function test_who_begins_makes_an_account_and_may_look_round_in_a_sample(): void
    {
        self::beginEmpty();
        $this->visit('/');
        $this->see('Set up Low Point');
        self::assertSame([], $this->axe());
        $this->type('Name', 'Tove Brandt');
        $this->type('E-mail', 'tove@saltgrass.example');
        $this->type('Password', self::PASSWORD);
        $this->press('Make the account');
        $this->see('Add the first student');
        $this->press('Look round in a sample');
        $this->see('8 students are made up, to look round in.');
        $this->see('Bea Achterberg');
        self::assertSame([], $this->axe());
        $this->press('Take the sample out');
        $this->see('Log ten balls');
        self::assertSame([], $this->consoleErrors());
    }

    public function test_a_coach_is_invited_sets_up_reads_what_is_shared_and_takes_over(): void
    {
        self::beginAnew();
        $this->signIn();
        $this->press('You');
        $this->press('Saltgrass Short Game');
        $this->see('Rechecks overdue');
        self::assertSame([], $this->axe());
        $this->press('Make the link');
        $door = (string) $this->element('[data-testid=private-link]')->getAttribute('href');
        $this->press('Outcomes');
        $this->see('What fewer than 20 students tell is not told.');
        $this->press('Health');
        $this->see('The record store answers');
        $this->leave();

        $this->browser->get($door);
        $this->see('You are invited to Saltgrass Short Game');
        self::assertSame([], $this->axe());
        $this->type('Name', 'Tove Brandt');
        $this->type('E-mail', 'tove@saltgrass.example');
        $this->type('Password', self::PASSWORD);
        $this->press('Come in');
        $this->see('Add the first student');
        $this->press('You');
        $this->see('The usual four, until you say which are yours.');
        self::assertSame([], $this->axe());
        $this->browser->executeScript(
            'const form = document.querySelector("section[aria-label=Clubs]"); '.
                'for (let i = 0; i < 3; i++) form.querySelector("button[aria-label^=Take]").click();',
        );
        $this->fill('section[aria-label=Clubs] input', '54');
        $this->click('section[aria-label=Clubs] button[type=submit]');
        $this->see('Your own.');
        $this->press('yards and inches');
        $this->visit('/');
        $this->press('Add the first student');
        $this->fill('[role=dialog] input', 'Lene Holm');
        $this->press('Add the student');
        $this->press('Begin a lesson');
        $this->see('Carry, yd');
        self::assertStringContainsString('54/', $this->element('[role=group][aria-labelledby]:nth-of-type(3)')->getText());
        $this->leave();

        // The link is used up.
        $this->browser->get($door);
        $this->see('This link is used or has run out.');

        $this->signIn();
        $this->openStudent('Bea Achterberg');
        $this->press('Records');
        $this->click('[aria-label="Shared with Tove Brandt"] button:nth-of-type(2)');
        $this->until(
            fn(): bool => $this->element('[aria-label="Shared with Tove Brandt"] button[data-state=on]')->getText() === 'to read',
            'Bea is not shared.',
        );
        $this->visit('/academy?tab=model');
        $this->see('Drag of the ground');
        $this->fill('input[placeholder="0.0335"]', '0.05');
        $this->type('Why', 'our fairways were sanded');
        $this->press('Recalibrate');
        $this->see('fairway: Drag of the ground, share of speed a mm² 0.05');
        $this->leave();

        $this->signIn('tove', self::PASSWORD);
        $this->see('of Maren Sollis');
        $this->openStudent('Bea Achterberg');
        $this->see('Student of Maren Sollis: yours to read.');
        self::assertStringNotContainsString('Begin a lesson', $this->shown());
        $student = basename((string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH));
        $this->press('Open this lesson');
        $this->see('our fairways were sanded');
        foreach (['Reopen', 'Prescribe', 'Change the task'] as $change) {
            self::assertStringNotContainsString($change, $this->shown());
        }
        self::assertSame([], $this->axe());
        self::assertSame(403, $this->put("/api/students/{$student}"));
        $this->visit("/students/{$student}/practice");
        $this->see('How each drill is done');
        foreach (['Make the plan', 'Run ', 'Make a link'] as $change) {
            self::assertStringNotContainsString($change, $this->shown());
        }
        $this->leave();

        $this->signIn();
        $this->openStudent('Bea Achterberg');
        $this->press('Records');
        $this->element('[role=dialog] select')->sendKeys('Tove');
        $this->press('Hand over');
        $this->see('Bea Achterberg is Tove Brandt’s student now.');
        $this->leave();
        $this->signIn('tove', self::PASSWORD);
        $this->openStudent('Bea Achterberg');
        $this->see('Begin a lesson');
        self::assertSame(200, $this->put("/api/students/{$student}"));
        self::assertSame([], $this->consoleErrors());
    }

    private static function beginEmpty(): void
    {
        exec('php '.escapeshellarg(\dirname(__DIR__, 2).'/artisan').' migrate:fresh --force 2>&1', $said, $code);
        self::assertSame(0, $code, implode("\n", $said));
    }

    private function leave(): void
    {
        $this->visit('/you');
        $this->press('Sign out');
        $this->see('Forgotten?');
    }

    private function fill(string $css, string $text): void
    {
        $this->element($css)->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $this->element($css)->sendKeys($text);
    }

    /** What the API says to a change of the student by whoever is signed in. */
    private function put(string $address): int
    {
        return (int) $this->browser->executeAsyncScript(
            'const done = arguments[1]; const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1]); '.
                'fetch(arguments[0], {method: "PUT", headers: {"Content-Type": "application/json", Accept: "application/json", '.
                '"X-XSRF-TOKEN": token}, body: JSON.stringify({name: "Bea Achterberg", handed: "right", limits: []})})'.
                '.then(r => done(r.status))',
            [$address],
        );
    }
}
