<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** Milliseconds from the key that logs a ball to the updated reading on the screen. Run by bench/latency, not with the tests. */
#[Group(BrowserTestCase::OFFLINE)]
final class InputLatency extends BrowserTestCase
{
    private const BALLS = 20;

    public function test_latency(): void
    {
        $this->signIn();
        $this->beginLesson('Bea Achterberg');
        $this->look('shaft_lean_deg', 'leans a lot');
        $this->browser->executeScript(
            <<<'JS'
            window.times = [];
            let pressed = 0;
            addEventListener('keydown', (event) => { if (/[1-7]/.test(event.key)) pressed = performance.now(); }, true);
            new MutationObserver(() => { requestAnimationFrame(() => window.times.push(performance.now() - pressed)); })
                .observe(document.querySelector('[data-testid=reading]'), { attributeFilter: ['data-balls'] });
            JS
            ,
        );
        for ($ball = 1; $ball <= self::BALLS; $ball++) {
            $this->keys('asdfghjkl'[$ball % 9], (string) (1 + ($ball % 4)));
            $this->readingOf($ball);
        }
        /** @var non-empty-list<float> $times */
        $times = $this->browser->executeScript('return window.times');
        sort($times);
        fwrite(
            STDERR,
            sprintf(
                "\n   from the key to the new reading, %d balls: median %.0f ms, slowest %.0f ms\n",
                \count($times),
                $times[intdiv(\count($times), 2)],
                max($times),
            ),
        );
        self::assertCount(self::BALLS, $times);
    }
}
