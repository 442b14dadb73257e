<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** The bench itself: what can be entered how, at every size and in the dark. */
final class LessonBenchTest extends BrowserTestCase
{
    /** From the list of students to the closed lesson: seven balls, four looks, the prescription, seven balls more. */
    public function test_a_whole_lesson_takes_fewer_than_forty_touches(): void
    {
        // With a lesson that another test left open the list goes on with that one.
        self::beginAnew();
        $this->signIn();
        $this->browser->executeScript('window.touches = 0; addEventListener("pointerdown", () => { window.touches++; }, true);');
        $this->click('a[aria-label$="Odile Marsh"]');
        $this->press('Begin the lesson');
        $this->see('No balls yet');
        $hit = function (array $touches, array $strikes): void {
            foreach ($touches as $i => $mm) {
                $this->tapStrip($mm);
                $this->click('[aria-label=Strike] button:nth-of-type('.$strikes[$i].')');
                $this->readingOf($i + 1);
            }
        };
        $hit([-48, -52, -40, -55, -8, -45, -50], [2, 2, 2, 3, 1, 2, 2]);
        for ($look = 0; $look < 4; $look++) {
            $this->click('section[aria-label="Most useful to check next"] [role=toolbar] button');
            usleep(200_000);
        }
        $this->see('Work on first');
        $this->press('Prescribe');
        $this->press('Hand it out');
        $this->press('Hit the next set');
        $this->see('After 0');
        $hit([-5, -12, -3, -30, 0, -8, -10], [1, 1, 1, 2, 1, 1, 1]);
        $this->press('More');
        $this->press('Close');
        $this->see('Open this lesson');

        $touches = $this->browser->executeScript('return window.touches');
        fwrite(STDOUT, "\n   a whole lesson takes {$touches} touches\n");
        self::assertLessThan(40, $touches);
        self::assertGreaterThan(30, $touches);
    }

    #[Group(self::OFFLINE)]
    public function test_without_a_connection_the_reading_comes_all_the_same_where_the_core_is_kept(): void
    {
        $this->signIn();
        $this->visit('/you');
        $this->press('Keep it here');
        $this->see('Kept here');
        self::assertSame([], $this->axe());
        $this->visit('/');
        $this->beginLesson('Tam Okoro');
        $this->keys('1');
        $this->see('1 of 1 clean');
        $this->network(offline: true);
        $this->keys('d', '2', 'd', '2', '1');
        $this->see('Saved on this device, 3 waiting');
        $this->see('2 of 4 clean');
        self::assertStringNotContainsString('catches up with the connection', $this->shown());
        $onTheDevice = $this->element('[data-testid=reading]')->getText();
        $this->network(offline: false);
        $this->until(fn(): bool => ! str_contains($this->shown(), 'waiting'), 'The balls are not sent.', 30);
        $this->until(
            fn(): bool => $this->element('[data-testid=reading]')->getText() === $onTheDevice,
            'The server reads something else than the device did.',
        );
    }

    public function test_ten_balls_by_key_and_ten_by_touch_take_two_actions_each(): void
    {
        $this->signIn();
        $this->beginLesson('Odile Marsh');

        $actions = 0;
        foreach (str_split('asdfghjkla') as $i => $touch) {
            $this->keys($touch, (string) (1 + ($i % 7)));
            $actions += 2;
        }
        $this->readingOf(10);
        foreach ([-60, -45, -30, -15, 0, 12, 24, 36, 48, 60] as $touch) {
            $this->tapStrip($touch);
            $this->press('heavy');
            $actions += 2;
        }
        $this->readingOf(20);
        self::assertSame(2, $actions / 20);
    }

    public function test_a_coach_hands_out_his_own_bundle_and_finds_it_again(): void
    {
        $this->signIn();
        $this->beginLesson('Bea Achterberg');
        $this->lookExactly('shaft_lean_deg', '12');
        foreach (['d', 's', 'd'] as $i => $touch) {
            $this->keys($touch, '2');
            $this->readingOf($i + 1);
        }
        $this->press('Prescribe');
        $this->press('Your own way');
        $this->see('Set-up, any figures');
        $this->pick('Add a figure', 'Feet apart');
        $this->type('Feet apart', '12');
        $this->type('Feel, in your words', 'Hands asleep, chest awake.');
        $this->press('A drill of your own');
        $this->type('Name', 'Gate');
        $this->type('What it is for', 'Start the ball on line.');
        $this->type('Steps, one a line', 'Two tees a hand apart, a metre ahead.');
        $this->press('+ tee');
        $this->type('ahead, − behind', '500000');
        $this->press('Keep the drill');
        $this->see('Ahead: 500000 cm is not allowed');
        $this->type('ahead, − behind', '100');
        $this->press('Keep the drill');
        $this->see('Gate: Start the ball on line.');
        self::assertSame([], $this->axe());
        $this->type('Keep it as a card named', 'Narrow and soft');
        $this->press('Keep the card');
        $this->see('It is offered the next time.');
        $this->press('Hand it out');
        $this->see('Handed out');

        $this->press('Change it');
        $this->press('Your own way');
        $this->press('Narrow and soft');
        $this->until(
            fn(): bool => $this->element('[role=dialog] input[aria-label="Feet apart"]')->getAttribute('value') === '12',
            'The card does not bring its figures.',
        );
        $this->press('Close');
        self::assertSame([], $this->consoleErrors());
    }

    public function test_the_stance_is_dragged_moved_by_key_and_forgotten_again(): void
    {
        $this->signIn();
        $this->beginLesson('Tam Okoro');

        $this->drag('ball_position_pct', 20, 0);
        $this->until(
            fn(): bool => preg_match('/\d+ %/', (string) $this->seen('ball_position_pct')) === 1,
            'Dragging the ball shows no figure.',
        );
        $this->drag('lead_weight_pct', 30, 0);
        $this->see('% lead');
        $this->drag('shaft_lean_deg', 12, 4);
        $this->until(
            fn(): bool => str_contains((string) $this->seen('shaft_lean_deg'), '°'),
            'Dragging the shaft shows no figure.',
        );
        $handle = $this->browser->findElement(WebDriverBy::cssSelector('[data-handle=shaft_lean_deg]'));
        $before = (int) $handle->getAttribute('aria-valuenow');
        $this->browser->executeScript('arguments[0].focus()', [$handle]);
        $this->keys(WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT);
        $this->until(
            fn(): bool => $this->handleValue('shaft_lean_deg') === $before + 2,
            "Two presses do not add two degrees to {$before}.",
        );
        $this->browser->executeScript('arguments[0].focus()', [
            $this->browser->findElement(WebDriverBy::cssSelector('[data-handle=shaft_lean_deg]')),
        ]);
        $this->keys(WebDriverKeys::DELETE);
        $this->until(
            fn(): bool => $this->seen('shaft_lean_deg') === null,
            'There is no way back to "not looked at".',
        );

        $this->press('as last lesson');
        $this->see('39.9 cm');
        $this->keys('z');
        $this->until(
            fn(): bool => $this->seen('stance_width_mm') === null,
            'One undo does not take the copied set-up back.',
        );
        self::assertSame([], $this->consoleErrors());
    }

    public function test_what_if_shows_the_other_strike_at_once_and_becomes_the_change_handed_out(): void
    {
        $this->signIn();
        $this->beginLesson('Bea Achterberg');
        $this->look('shaft_lean_deg', 'leans a lot');
        foreach (range(1, 4) as $ball) {
            $this->keys('s', '2');
            $this->readingOf($ball);
        }
        $this->keys('i');
        $this->see('As it is');
        // Rate and delivery: a rate told as a count may stay what it was.
        $rate = fn(string $side): string => $this->element("[data-testid={$side}]")->getText();
        $now = $rate('as-is');
        $this->browser->executeScript('document.querySelector("[data-try=shaft_lean_deg] [role=slider]").focus()');
        $this->keys(...array_fill(0, 5, WebDriverKeys::ARROW_LEFT));
        $this->see('Only this');
        $this->until(fn(): bool => $rate('tried') !== $now && $rate('as-is') === $now, 'The try does not move, or today does.');
        $this->keys(...array_fill(0, 4, WebDriverKeys::ARROW_LEFT));
        $this->see('Try this: shaft lean 3°');
        self::assertSame([], $this->axe());
        $this->press('Try this: shaft lean 3°');
        $this->see('Shaft lean 3° (what if)');
        $this->press('Hand it out');
        $this->see('Handed out');
        $this->browser->navigate()->refresh();
        $this->press('Change it');
        $this->press('Close');
        $given = $this->browser->executeAsyncScript(
            'const done = arguments[0]; fetch("/api/"+location.pathname.slice(1), {headers: {Accept: "application/json"}}).then(r => '
                .'r.json()).then(p => done(p.lesson.prescription.content.setup[0]))',
        );
        self::assertEquals(
            ['observable' => 'shaft_lean_deg', 'from' => 12, 'to' => 3, 'range' => null, 'text' => 'Shaft lean 3°, now 12°.'],
            $given,
        );
    }

    public function test_more_about_a_ball_and_what_stood_there_before_a_correction(): void
    {
        $this->signIn();
        $this->beginLesson('Callum Strand');
        $this->keys('g', '4');
        $this->readingOf(1);
        $this->press('flew low');
        $this->press('runs');
        $this->press('1 thin');
        $this->see('Before it was changed');
        $this->press('clean');
        $this->see('thin, at the ball; changed');
        $this->press('Close');
        $this->press('Low point about');
        $this->see('Where the figures come from');
        $this->press('Close');
        $this->browser->navigate()->refresh();
        $this->readingOf(1);
        $this->until(
            fn(): bool => $this->browser->findElements(WebDriverBy::xpath("//button[@aria-pressed='true' and contains(., 'flew low')]"))
                !== [],
            'The low flight is forgotten.',
        );
        self::assertSame([], $this->consoleErrors());
    }

    public function test_a_clock_set_back_a_full_device_and_a_lesson_deleted_elsewhere_are_told_and_lose_nothing(): void
    {
        $this->signIn();
        $lesson = $this->beginLesson('Odile Marsh');
        $this->keys('g', '1');
        $this->readingOf(1);
        $this->browser->executeScript('const now = Date.now; Date.now = () => now() - 86400000;');
        $this->keys('d', '2');
        $this->readingOf(2);
        $this->press('2 heavy');
        $this->press('Close');

        $this->browser->executeScript(
            'window.kept = IDBObjectStore.prototype.add; IDBObjectStore.prototype.add = () => { throw new DOMException("full", '
                .'"QuotaExceededError"); };',
        );
        $this->keys('f', '4');
        $this->readingOf(3);
        $this->see('This device cannot keep entries');
        $this->browser->executeScript('IDBObjectStore.prototype.add = window.kept;');

        $this->store("DELETE FROM lessons WHERE id = '{$lesson}'");
        $this->keys('h', '1');
        $this->see('Not stored: This record does not exist, or no longer.');
        $this->see('Before 4');
        $this->browser->navigate()->refresh();
        $this->see('Not stored: This record does not exist, or no longer.');
    }

    public function test_axe_finds_nothing_in_light_and_dark_on_tablet_and_phone_and_what_matters_stands_out_seven_to_one(): void
    {
        $this->signIn();
        foreach (['Petra Lindqvale', 'Callum Strand'] as $student) {
            $this->openFirstLesson($student);
            $this->see('Work on first');
            foreach (['light', 'dark'] as $scheme) {
                $this->devTools('Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-color-scheme', 'value' => $scheme]]]);
                self::assertSame([], $this->axe('color-contrast-enhanced', 'target-size'), "{$student}, {$scheme}");
            }
        }
        $this->devTools('Emulation.setDeviceMetricsOverride', [
            'width' => 390,
            'height' => 844,
            'deviceScaleFactor' => 1,
            'mobile' => true,
        ]);
        foreach (['Balls', 'Looks', 'Set-up', 'Reading'] as $area) {
            $this->element(
                'nav[aria-label=Areas] button:nth-child('.(1 + array_search($area, ['Balls', 'Looks', 'Set-up', 'Reading'], true)).')',
            )->click();
            self::assertSame([], $this->axe(), "phone, {$area}");
            self::assertLessThanOrEqual(
                390,
                $this->browser->executeScript('return document.documentElement.scrollWidth'),
                "{$area} does not fit a phone",
            );
        }
    }

    public function test_the_bench_needs_no_page_scroll_at_1280_by_800_and_is_left_by_key_alone(): void
    {
        $this->signIn();
        $this->beginLesson('Bea Achterberg');
        self::assertSame(
            [1280, 800],
            $this->browser->executeScript('return [document.documentElement.scrollWidth, document.documentElement.scrollHeight]'),
        );
        $this->keys('?');
        $this->see('first touch, 8 cm left of the ball');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->until(
            fn(): bool => $this->browser->findElements(WebDriverBy::cssSelector('[role=dialog]')) === [],
            'Escape does not close the list of keys.',
        );
        $reached = [];
        for ($i = 0; $i < 70; $i++) {
            $this->keys(WebDriverKeys::TAB);
            $reached[] = $this->browser->executeScript(
                'const e = document.activeElement; return e.dataset.handle ?? e.dataset.look ?? e.getAttribute("aria-label") ?? '
                    .'e.textContent.trim()',
            );
        }
        foreach (['ball_position_pct', 'shaft_lean_deg', 'First touch of the club, along the target line', 'More'] as $stop) {
            self::assertContains($stop, $reached);
        }
    }

    /** What happens elsewhere, behind the back of this browser. */
    private function store(string $sql): void
    {
        $pdo = new \PDO(
            'mysql:host=127.0.0.1;port='.getenv('DB_PORT').';dbname='.getenv('DB_DATABASE'),
            (string) getenv('DB_USERNAME'),
            (string) getenv('DB_PASSWORD'),
        );
        self::assertSame(1, $pdo->exec($sql));
    }

    private function drag(string $handle, int $dx, int $dy): void
    {
        $knob = $this->browser->findElement(WebDriverBy::cssSelector("[data-handle={$handle}] circle"));
        $this->browser->action()->moveToElement($knob)->clickAndHold()->moveByOffset($dx, $dy)->release()->perform();
    }

    private function handleValue(string $handle): int
    {
        return (int) $this->browser->findElement(WebDriverBy::cssSelector("[data-handle={$handle}]"))->getAttribute('aria-valuenow');
    }
}
