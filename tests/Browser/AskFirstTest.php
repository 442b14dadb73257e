<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A coach who wishes it says what he thinks before the reading does (handbook 16.4). */
final class AskFirstTest extends BrowserTestCase
{
    public function test_the_reading_waits_for_the_coachs_own_answer_and_blind_cases_for_all_of_them(): void
    {
        self::beginAnew();
        $this->signIn();
        $this->visit('/you');
        $this->see('Your own answer first');
        $this->askFirst();
        $this->visit('/');
        $this->beginLesson('Noor Calloway');
        foreach ([1, 2, 3] as $ball) {
            $this->keys('d', '2');
            $this->readingOf($ball);
        }
        $this->see('What do you think it is?');
        self::assertStringNotContainsString('Look next', $this->shown());
        self::assertSame([], $this->axe());
        $this->press('Nothing wrong');
        $this->see('Look next');
        // Balls that come later are read at once: the answer was given.
        $this->keys('d', '2');
        $this->readingOf(4);
        $this->see('Look next');
        $this->until(function (): bool {
            $this->visit('/you');
            $this->see('Your own answer first');

            return str_contains($this->shown(), 'in 0 of 1 sets') || str_contains($this->shown(), 'in 1 of 1 sets');
        }, 'The answer is not counted.');
        $this->askFirst();
        $this->press('Test the readings with twelve cases');
        $this->see('12 cases are not answered yet');
        self::assertSame([], $this->axe());
        self::assertSame([], $this->consoleErrors());
    }

    private function askFirst(): void
    {
        $this->browser->executeScript(
            '[...document.querySelectorAll("label")].find((one) => /^Ask me what/.test(one.textContent)).click()',
        );
        usleep(500_000);
    }
}
