<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\MadeUpPlayer;

/** From a picture of which the truth is known to measured figures in the lesson. */
final class MeasureTest extends BrowserTestCase
{
    use MadeUpPlayer;

    #[TestWith(['Bea Achterberg', 1])]
    #[TestWith(['Callum Strand', -1])]
    public function test_a_picture_is_marked_in_twelve_touches_and_its_figures_are_taken_over(string $student, int $toTarget): void
    {
        $this->signIn();
        $this->beginLesson($student);
        $this->press('Measure from a picture');
        $this->see('Nobody stands in front of the club');
        self::assertSame([], $this->axe());
        $path = $this->downloads().'/address.svg';
        file_put_contents($path, $this->drawn($toTarget));
        $this->choose($path);
        $this->see('Mark the edge of the ball on its left');
        $began = microtime(true);
        foreach ($this->points($toTarget) as $point) {
            $this->tap($point);
        }
        $this->see('All marked.');
        $this->see('Feet apart');
        self::assertEqualsWithDelta(self::LEAN_DEG, $this->figure('Shaft lean'), 1.0);
        self::assertEqualsWithDelta(self::BALL_PCT, $this->figure('Ball position'), 4.0);
        self::assertEqualsWithDelta(self::STANCE_MM / 10, $this->figure('Feet apart'), 2.5);
        self::assertLessThan(60.0, microtime(true) - $began);
        self::assertSame([], $this->axe());
        $this->press('Take these over');
        $this->see('Seen');
        $this->until(fn(): bool => str_contains((string) $this->seen('shaft_lean_deg'), '°'), 'The lean is not taken over.');
        self::assertSame([], $this->consoleErrors());
    }

    public function test_what_is_no_picture_and_what_gives_no_figure_is_said_in_plain_words(): void
    {
        $this->signIn();
        $this->beginLesson('Tam Okoro');
        $this->press('Measure from a picture');
        $path = $this->downloads().'/letter.jpg';
        file_put_contents($path, 'Dear coach, this is no picture.');
        $this->choose($path);
        $this->see('letter.jpg is no picture that this browser can show');
        $path = $this->downloads().'/address.svg';
        file_put_contents($path, $this->drawn(1));
        $this->choose($path);
        $this->see('Mark the edge of the ball');
        $this->press('Cannot see it');
        $this->press('Cannot see it');
        $this->tap([800, 600]);
        $this->tap([801, 601]);
        $this->see('so that there is a direction');
        $this->press('Undo');
        $this->press('Undo');
        $this->see('Mark the edge of the ball on its left');
    }

    private function figure(string $label): float
    {
        $cell = fn(): string => (string) $this->browser->executeScript(
            'return [...document.querySelectorAll("tr")].find((row) => row.textContent.startsWith(arguments[0]))?.cells[1].textContent ?? ""',
            [$label],
        );
        $this->until(fn(): bool => $cell() !== '', "There is no {$label}.");

        return (float) str_replace('−', '-', $cell());
    }
}
