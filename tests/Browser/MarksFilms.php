<?php

declare(strict_types=1);

namespace Tests\Browser;

use LowPoint\Core\Simulation\FilmedSwing;

/** A film marked as a coach would mark it, by one who knows where everything is. */
trait MarksFilms
{
    /** @param \Closure(array{float, float}): array{float, float} $click */
    private function ground(FilmedSwing $swing, \Closure $click): void
    {
        $at = $swing->seen(null);
        $half = $swing->ballPx() / 2;
        $level = [$at['level_a'], $at['level_b']];
        usort($level, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $edges = [[$at['ball'][0] - $half, $at['ball'][1]], [$at['ball'][0] + $half, $at['ball'][1]]];
        foreach ([...$edges, ...$level, $at['head'], $at['shaft']] as $point) {
            $this->tapAt($click($point), $swing->camera->size);
        }
        $this->see('mark the clubhead in each frame');
    }

    /** A figure of those measured, as it is shown: degrees, or cm with what lies behind the ball below nothing. */
    private function figure(string $label): float
    {
        $cell = fn(): string => (string) $this->browser->executeScript(
            'return [...document.querySelectorAll("tr")].find((row) => row.textContent.startsWith(arguments[0]))'
                .'?.cells[1].textContent ?? ""',
            [$label],
        );
        $this->until(fn(): bool => $cell() !== '', "There is no {$label}.");
        $shown = $cell();

        return (str_contains($shown, 'behind') ? -1 : 1) * (float) str_replace('−', '-', $shown);
    }

    private function frame(): int
    {
        return (int) preg_replace('/\D/', '', $this->element('[data-testid=frame]')->getText());
    }

    private function goTo(int $frame): void
    {
        while ($this->frame() !== $frame) {
            $from = $this->frame();
            $this->click(\sprintf('button[aria-label="%s on"]', $frame - $from >= 10 ? '10 frames' : '1 frame'));
            $this->until(fn(): bool => $this->frame() > $from, 'The film does not go on.');
            usleep(150_000);
        }
    }

    /**
     * @param  array{float, float}  $point  px of the film
     * @param  array{int, int}  $size
     */
    private function tapAt(array $point, array $size): void
    {
        $frame = $this->element('[data-testid=picture]');
        $box = $frame->getSize();
        $this->browser
            ->action()
            ->moveToElement(
                $frame,
                (int) round(($point[0] / $size[0] - 0.5) * $box->getWidth()),
                (int) round(($point[1] / $size[1] - 0.5) * $box->getHeight()),
            )
            ->click()
            ->perform();
        usleep(60_000);
    }
}
