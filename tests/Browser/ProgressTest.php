<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Attributes\Group;

/** The question after three weeks, answered on the screen for each story of Saltgrass. */
final class ProgressTest extends BrowserTestCase
{
    /** Other tests have held lessons with these students: their stories begin anew. */
    public static function setUpBeforeClass(): void
    {
        self::beginAnew();
    }

    public function test_a_fixed_an_improving_a_slipping_a_not_practising_and_a_new_student(): void
    {
        $this->signIn();
        $this->see('Iwan Tesh');
        $list = $this->shown();
        self::assertLessThan(strpos($list, 'Bea Achterberg'), strpos($list, 'Iwan Tesh'), 'who slips stands first');
        $this->see('slipping, ');
        self::assertSame([], $this->axe());
        $stories = [
            'Bea Achterberg' => ['Handle too far forward at address: fixed', 'the mark was met', 'On to the next cause', 'sessions done'],
            'Callum Strand' => [
                'Dragging the handle: improving',
                'in 100 that it is better than at first',
                'Keep the set-up and the drill.',
            ],
            'Iwan Tesh' => ['Face open where the sand is thin: slipping', 'Open it again'],
            'Tam Okoro' => ['Stance too wide for a short swing: too early to say', '0 of'],
            'Odile Marsh' => [
                'Scooping: too early to say',
                'One lesson only: a retest on another day tells.',
                'No practice planned so far.',
            ],
        ];
        foreach ($stories as $student => $words) {
            $this->visit('/');
            $this->openStudent($student);
            $this->press('How sure?');
            foreach ($words as $said) {
                $this->see($said);
            }
        }
        $this->visit('/');
        $this->openStudent('Bea Achterberg');
        $this->see('9 of 10 clean');
        self::assertSame([], $this->axe());
        $this->press('Records');
        $this->press('Reports of all 4 lessons');
        $this->see('4 of 4 reports made');
        $this->see('Fetch them (zip)');
        $this->browser->executeScript('document.querySelector("[role=link]").dispatchEvent(new MouseEvent("click", {bubbles: true}))');
        $this->see('Ball 1');
        $this->press('Close');
        self::assertSame([], $this->consoleErrors());
    }

    public function test_a_student_is_found_added_and_begun_with(): void
    {
        $this->signIn();
        $this->element('input[type=search]')->sendKeys('odi');
        $this->until(
            fn(): bool => ! str_contains($this->shown(), 'Bea Achterberg') && str_contains($this->shown(), 'Odile Marsh'),
            'The search does not narrow the list.',
        );
        $this->press('Add a student');
        $this->type('Name', str_repeat('x', 500));
        $this->press('Add the student');
        $this->see('allowed: 1 to 200 characters');
        $this->type('Name', 'Wren Adair ורן');
        $this->press('left-handed');
        $this->press('knee');
        $this->press('Add the student');
        $this->see('No lesson yet.');
        $this->click('main a[href$="/begin"]');
        $this->press('Begin the lesson');
        $this->see('left-handed');
        self::assertSame([], $this->consoleErrors());
    }

    public function test_every_measure_stands_over_one_line_of_time_with_what_was_handed_out(): void
    {
        $this->signIn();
        $this->openStudent('Bea Achterberg');
        $this->press('Over time');
        foreach (
            [
                'Handle too far forward at address. Centre pointer, Shaft up',
                'Good strikes',
                'First touch, on average',
                'Scatter of the first touch',
                'Set-up against the card',
                'Drill scores',
                'Practice sessions',
                'Confidence',
            ] as $title
        ) {
            $this->see($title);
        }
        self::assertSame([], $this->axe());
        $this->pick('Which look', 'Ball position');
        $this->until(
            fn(): bool => str_contains($this->element('figure:has(select[aria-label="Which look"]) svg')->getText(), '%'),
            'The ball position has no per cent.',
        );

        $this->press('As a table');
        $this->see('2 of');
        $table = $this->element('figure table')->getText();
        self::assertMatchesRegularExpression(
            '/\d+ \w+ Before 29 % 9 % to 59 % 7/',
            $table,
            'two of seven with the interval of Jeffreys',
        );
        $folder = $this->downloads();
        $this->press('CSV');
        $this->press('SVG');
        $this->until(
            static fn(): bool => is_file("{$folder}/Good strikes.csv") && is_file("{$folder}/Good strikes.svg"),
            'Table and picture cannot be taken along.',
        );
        $rows = array_map(
            static fn(string $line): array => str_getcsv($line, escape: ''),
            file("{$folder}/Good strikes.csv", FILE_IGNORE_NEW_LINES) ?: [],
        );
        self::assertSame(['date', 'of', 'share', '90 % from', '90 % to', 'n'], $rows[0]);
        self::assertEqualsWithDelta(2 / 7, (float) $rows[1][2], 1.0e-6);
        self::assertNotFalse(simplexml_load_file("{$folder}/Good strikes.svg"));

        // A mark leads to its lesson, and the way back to the same sight.
        $this->browser->executeScript(
            'document.querySelector("figure [role=link]").dispatchEvent(new MouseEvent("click", {bubbles: true}))',
        );
        $this->until(fn(): bool => str_contains($this->browser->getCurrentURL(), '/lessons/'), 'The mark leads nowhere.');
        $this->browser->navigate()->back();
        $this->see('Scatter of the first touch');
        self::assertSame([], $this->consoleErrors());
    }

    public function test_what_is_unlike_is_not_compared_and_can_be_looked_at_alone(): void
    {
        $this->signIn();
        $this->openStudent('Callum Strand');
        $this->see('improving');
        $this->click('main a[href$="/begin"]');
        $this->press('light rough');
        $this->press('Begin the lesson');
        $this->see('No balls yet');
        foreach (['d', 's', 'f'] as $i => $touch) {
            $this->keys($touch, '2');
            $this->readingOf($i + 1);
        }
        $this->visit('/');
        $this->openStudent('Callum Strand');
        $this->see('Dragging the handle: improving');
        $this->press('How sure?');
        $this->see('Not comparable: light rough is not');
        $lessons = fn(): int => \count($this->browser->findElements(WebDriverBy::cssSelector('section[aria-label^="Lesson of"]')));
        self::assertGreaterThan(2, $lessons());
        $this->press('light rough');
        $this->until(static fn(): bool => $lessons() === 1, 'Lessons from other lies are still shown.');
        $this->see('0 of 3 clean');
        $this->press('Report and more');
        $this->press('What was changed');
        $this->see('as it was entered');
        self::assertSame([], $this->axe());
        self::assertSame([], $this->consoleErrors());
    }

    public function test_a_lesson_opens_with_last_time_and_the_retest_is_one_press_away(): void
    {
        $this->signIn();
        $this->openStudent('Petra Lindqvale');
        $this->click('main a[href$="/begin"]');
        $this->see('Last time: ');
        $this->see('Feel: ');
        $this->press('Begin with the retest: bunker');
        $this->see('Retest 0/10');
        $this->see('How sure is the student');
        $this->press('8');
        self::assertSame([], $this->axe());
        $this->keys('a', '1', 'a', '1');
        $this->readingOf(2);
        $this->see('Retest 2/10');
        self::assertSame([], $this->consoleErrors());
    }

    #[Group(self::OFFLINE)]
    public function test_progress_can_be_read_in_the_dark_on_a_phone_and_without_a_network(): void
    {
        $this->signIn();
        $this->devTools('Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-color-scheme', 'value' => 'dark']]]);
        $this->openStudent('Noor Calloway');
        $this->see('Open this lesson');
        self::assertSame([], $this->axe());
        $this->press('Over time');
        $this->see('Good strikes');
        self::assertSame([], $this->axe());

        $this->devTools('Emulation.setDeviceMetricsOverride', [
            'width' => 390,
            'height' => 844,
            'deviceScaleFactor' => 1,
            'mobile' => true,
        ]);
        self::assertLessThanOrEqual(
            390,
            (int) $this->browser->executeScript('return document.documentElement.scrollWidth'),
            'nothing sticks out of a phone',
        );
        $this->press('Lesson by lesson');
        $this->see('Open this lesson');
        self::assertLessThanOrEqual(390, (int) $this->browser->executeScript('return document.documentElement.scrollWidth'));
        self::assertSame([], $this->axe());
        $this->quiet();

        $this->network(offline: true);
        $this->press('Over time');
        $this->see('Good strikes');
        $this->network(offline: false);
    }
}
