<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Simulation\FilmedSwing;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\MadeUpPlayer;

/** From a picture of which the truth is known to measured figures in the lesson. */
final class MeasureTest extends BrowserTestCase
{
    use MadeUpPlayer;
    use MarksFilms;

    #[TestWith(['Bea Achterberg', 1])]
    #[TestWith(['Callum Strand', -1])]
    public function test_a_picture_is_marked_in_twelve_touches_and_its_figures_are_taken_over(string $student, int $toTarget): void
    {
        $this->signIn();
        $this->beginLesson($student);
        $this->press('Measure from a picture or a film');
        $this->see('Nobody stands in front of the club');
        self::assertSame([], $this->axe());
        $path = $this->downloads().'/address.svg';
        file_put_contents($path, $this->drawn($toTarget));
        $this->choose($path);
        $this->see('Mark the edge of the ball on its left');
        foreach ($this->points($toTarget) as $point) {
            $this->tapAt($point, [self::WIDTH, self::HEIGHT]);
        }
        $this->see('All marked.');
        $this->see('Feet apart');
        self::assertEqualsWithDelta(self::LEAN_DEG, $this->figure('Shaft lean'), 1.0);
        self::assertEqualsWithDelta(self::BALL_PCT, $this->figure('Ball position'), 4.0);
        self::assertEqualsWithDelta(self::STANCE_MM / 10, $this->figure('Feet apart'), 2.5);
        self::assertSame([], $this->axe());
        $this->press('Keep this picture with the lesson');
        $this->see('Kept with the lesson.');
        $this->press('Keep this picture with the lesson');
        $this->until(fn(): bool => \count($this->all('section[aria-label="Kept pictures"] img')) === 2, 'Two are not kept.');
        foreach ($this->all('section[aria-label="Kept pictures"] li > button') as $picture) {
            $this->until(fn(): bool => $this->touched($picture), 'A kept picture stays covered.');
        }
        $this->until(fn(): bool => \count($this->all('section[aria-label="Kept pictures"] figure')) === 2, 'They do not lie side by side.');
        self::assertSame([], $this->axe());
        $this->press('Delete');
        $this->see('The picture was deleted.');
        $this->browser->executeScript(
            '[...document.querySelectorAll("button")].filter((one) => one.textContent === "Undo").at(-1).click()',
        );
        $this->until(fn(): bool => \count($this->all('section[aria-label="Kept pictures"] li')) === 2, 'It does not come back.');
        $this->press('Take these over');
        $this->see('Seen');
        $this->until(fn(): bool => str_contains((string) $this->seen('shaft_lean_deg'), '°'), 'The lean is not taken over.');
        self::assertSame([], $this->consoleErrors());
    }

    /** The clubhead is marked in so many frames after the strike, and before it. */
    private const MARKED = [-3, 7];

    /** So far off a click may be, px. */
    private const CLICK_PX = 2.0;

    public function test_a_film_settles_whether_the_club_still_falls_at_the_ball(): void
    {
        $swing = FilmedSwing::shipped()['callum'];
        $this->signIn();
        $this->beginLesson('Callum Strand');
        $this->press('Measure from a picture or a film');
        $this->press('A left-hander who thins');
        $this->see('Mark the edge of the ball on its left');
        self::assertSame([], $this->axe());
        $this->trace($swing, new Dice(7));
        $this->see('Still falling at the ball');
        self::assertEqualsWithDelta($swing->lowPointMm / 10, $this->figure('Low point'), 1.2);
        self::assertEqualsWithDelta($swing->attackDeg(), $this->figure('Attack angle'), 1.0);
        self::assertEqualsWithDelta($swing->leanDeg, $this->figure('Shaft lean'), 1.0);
        self::assertSame([], $this->axe());
        $this->press('Take these over');
        $this->see('Seen');
        foreach (['attack_deg', 'low_point_mm', 'shaft_lean_deg'] as $what) {
            $this->until(fn(): bool => str_contains((string) $this->seen($what), '±'), "{$what} does not stand as measured.");
        }
        self::assertSame([], $this->consoleErrors());
    }

    public function test_the_next_clubhead_is_offered_and_taken_with_one_touch_never_by_itself(): void
    {
        $swing = FilmedSwing::shipped()['odile'];
        $this->signIn();
        $this->beginLesson('Odile Marsh');
        $this->press('Measure from a picture or a film');
        $this->press('One who rises into the ball');
        $this->see('Mark the edge of the ball on its left');
        $this->ground($swing, static fn(array $at): array => $at);
        $first = FilmedSwing::AT_ADDRESS + FilmedSwing::BEFORE - 5;
        $this->goTo($first);
        foreach ([-5, -4, -3] as $frame) {
            $this->tapAt($swing->seen($frame)['head'], $swing->camera->size);
        }
        $this->see('3 of 9 marked');
        foreach ([-2, -1, 0, 1] as $i => $frame) {
            $ring = fn(): array => (array) $this->browser->executeScript(
                'const ring = document.querySelector("[data-testid=offered]");'
                    .'return ring ? [Number(ring.getAttribute("cx")), Number(ring.getAttribute("cy"))] : []',
            );
            $this->until(fn(): bool => $ring() !== [] && $this->frame() === $first + 3 + $i, 'Nothing is offered.');
            self::assertEqualsWithDelta($swing->seen($frame)['head'], $ring(), 6.0, "frame {$frame}");
            self::assertStringContainsString(3 + $i.' of 9 marked', $this->element('main')->getText());
            $this->press('Take the ring');
            $this->see(4 + $i.' of 9 marked');
        }
        $this->see('Already rising at the ball');
    }

    #[Group(self::OFFLINE)]
    public function test_marks_made_without_a_connection_are_worked_out_on_the_device_and_alike_when_it_comes(): void
    {
        $swing = FilmedSwing::shipped()['odile'];
        $this->signIn();
        $this->beginLesson('Odile Marsh');
        $this->press('Measure from a picture or a film');
        // The film is on the device, as one that was just taken would be.
        $this->choose((string) realpath(__DIR__.'/../../public/films/odile.webm'));
        $this->see('frame 0');
        $this->see('Figures come without a connection too');
        $this->network(offline: true);
        $this->ground($swing, static fn(array $at): array => $at);
        $this->goTo(FilmedSwing::AT_ADDRESS + FilmedSwing::BEFORE - 6);
        foreach (range(-6, 2) as $i => $frame) {
            $this->tapAt($swing->seen($frame)['head'], $swing->camera->size);
            $this->see($i + 1 .($i < 8 ? ' of 9 marked' : ' marked'));
        }
        $this->see('Already rising at the ball');
        $onTheDevice = $this->figure('Low point');
        self::assertEqualsWithDelta($swing->lowPointMm / 10, $onTheDevice, 0.8);
        // Gone back a frame, the clubhead in it is nudged there and back by a key.
        $this->keys(WebDriverKeys::ARROW_LEFT);
        $this->see('nudge the one in this frame');
        $this->keys('d', 'a');
        // A reload loses the film, which is nowhere but on the device, but none of the marks.
        $this->browser->navigate()->refresh();
        $this->choose((string) realpath(__DIR__.'/../../public/films/odile.webm'));
        $this->see('9 marked: that is plenty');
        $this->see('Already rising at the ball');
        $this->network(offline: false);
        $this->keys('d', 'a');
        self::assertEqualsWithDelta($onTheDevice, $this->figure('Low point'), 0.3, 'The server says what the device said.');
    }

    public function test_a_film_of_two_gigabytes_is_read_in_pieces(): void
    {
        $path = $this->downloads().'/long.webm';
        copy((string) realpath(__DIR__.'/../../public/films/odile.webm'), $path);
        $file = fopen($path, 'r+');
        self::assertNotFalse($file);
        ftruncate($file, 2_200_000_000);
        fclose($file);
        $this->signIn();
        $this->beginLesson('Odile Marsh');
        $this->press('Measure from a picture or a film');
        $this->until(fn(): bool => $this->all('input[type=file]') !== [], 'There is no file to choose.');
        // The driver sits on this machine: the file goes nowhere.
        $this->all('input[type=file]')[0]->sendKeys($path);
        $this->see('frame 0');
        $used = (float) $this->browser->executeScript('return performance.memory.usedJSHeapSize');
        self::assertLessThan(300e6, $used);
        self::assertSame([], $this->consoleErrors());
    }

    public function test_stepping_a_frame_is_quick(): void
    {
        $this->signIn();
        $this->beginLesson('Bea Achterberg');
        $this->press('Measure from a picture or a film');
        $this->press('Handle forward, before the change');
        $this->see('frame 0');
        $took = $this->browser->executeAsyncScript(
            <<<'JS'
            const done = arguments[0];
            const shown = () => document.querySelector('[data-testid=frame]').textContent;
            const press = (name) => document.querySelector(`button[aria-label="${name}"]`).click();
            (async () => {
                const times = [];
                for (const name of [...Array(12).fill('1 frame on'), ...Array(6).fill('1 frame back')]) {
                    const [before, began] = [shown(), performance.now()];
                    press(name);
                    while (shown() === before) await new Promise(requestAnimationFrame);
                    times.push(performance.now() - began);
                }
                done(times.sort((a, b) => a - b));
            })();
            JS
            ,
        );
        self::assertIsArray($took);
        fwrite(STDERR, sprintf("   a step of a frame at 1080p: median %d ms, slowest %d ms\n", $took[9], $took[17]));
        self::assertCount(18, $took, 'each step shows another frame');
    }

    private function trace(FilmedSwing $swing, Dice $dice): void
    {
        $click = static fn(array $at): array => [$at[0] + $dice->normal(0, self::CLICK_PX), $at[1] + $dice->normal(0, self::CLICK_PX)];
        $this->ground($swing, $click);
        $this->goTo(FilmedSwing::AT_ADDRESS + FilmedSwing::BEFORE + self::MARKED[0]);
        foreach (range(...self::MARKED) as $i => $frame) {
            $this->tapAt($click($swing->seen($frame)['head']), $swing->camera->size);
            $this->see($i + 1 .($i < 8 ? ' of 9 marked' : ' marked'));
        }
    }

    public function test_what_is_no_picture_and_what_gives_no_figure_is_said_in_plain_words(): void
    {
        $this->signIn();
        $this->beginLesson('Tam Okoro');
        $this->press('Measure from a picture or a film');
        $path = $this->downloads().'/letter.jpg';
        file_put_contents($path, 'Dear coach, this is no picture.');
        $this->choose($path);
        $this->see('letter.jpg is no picture that this browser can show');
        foreach (['letter.mp4' => 'Dear coach, this is no film.', 'empty.webm' => ''] as $name => $bytes) {
            file_put_contents($path = $this->downloads()."/{$name}", $bytes);
            $this->choose($path);
            $this->see("{$name} is no film that can be read here: MP4, MOV, WebM work.");
        }
        // Half of a film is shown as far as it goes.
        file_put_contents(
            $path = $this->downloads().'/half.webm',
            substr((string) file_get_contents(__DIR__.'/../../public/films/odile.webm'), 0, 120_000),
        );
        $this->choose($path);
        $this->see('frame 0');
        $path = $this->downloads().'/address.svg';
        file_put_contents($path, $this->drawn(1));
        $this->choose($path);
        $this->see('Mark the edge of the ball');
        $this->press('Cannot see it');
        $this->press('Cannot see it');
        $this->tapAt([800, 600], [self::WIDTH, self::HEIGHT]);
        $this->see('Mark the clubhead');
        $this->tapAt([801, 601], [self::WIDTH, self::HEIGHT]);
        $this->see('so that there is a direction');
        $this->press('Undo');
        $this->press('Undo');
        $this->see('Mark the edge of the ball on its left');
    }

    /** @return list<\Facebook\WebDriver\WebDriverElement> */
    private function all(string $css): array
    {
        return array_values($this->browser->findElements(\Facebook\WebDriver\WebDriverBy::cssSelector($css)));
    }
}
