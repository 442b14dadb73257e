<?php

declare(strict_types=1);

namespace Tests\Browser;

use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Simulation\FilmedSwing;

/**
 * Through the whole path: made-up swings filmed, the film opened in the browser, marked with errors of 2 px, and what comes out against the
 * truth. Run by bench/filmed, not with the tests: it takes minutes.
 */
final class FilmedSwings extends BrowserTestCase
{
    use MakesFilms;
    use MarksFilms;

    private const SWINGS = 20;

    private const CLICK_PX = 2.0;

    /** mm between two frames that are marked, about. */
    private const APART_MM = 58.0;

    private const MARKED = 12;

    public function test_filmed_swings(): void
    {
        $this->signIn();
        $near = ['low' => 0, 'lean' => 0];
        for ($seed = 1; $seed <= self::SWINGS; $seed++) {
            $swing = FilmedSwing::drawn($seed);
            file_put_contents($path = sys_get_temp_dir()."/low-point-swing-{$seed}.webm", $this->film($swing));
            [$low, $lean] = $this->measured($swing, $path, new Dice(9000 + $seed));
            unlink($path);
            $near['low'] += abs($low - $swing->lowPointMm) <= 6 ? 1 : 0;
            $near['lean'] += abs($lean - $swing->leanDeg) <= 1 ? 1 : 0;
            fprintf(
                STDERR,
                "swing %2d, %.2f mm a px: low point %6.1f mm (true %6.1f), lean %5.1f (true %5.1f)\n",
                $seed,
                $swing->camera->mmPerPx,
                $low,
                $swing->lowPointMm,
                $lean,
                $swing->leanDeg,
            );
        }
        fprintf(STDERR, "low point within 6 mm: %d of %d; lean within a degree: %d of %2\$d\n", $near['low'], self::SWINGS, $near['lean']);
        self::assertGreaterThanOrEqual(0.8 * self::SWINGS, $near['low']);
        self::assertGreaterThanOrEqual(0.9 * self::SWINGS, $near['lean']);
    }

    /** @return array{float, float} low point, mm, and lean at address, degrees */
    private function measured(FilmedSwing $swing, string $path, Dice $dice): array
    {
        $click = static fn(array $at): array => [$at[0] + $dice->normal(0, self::CLICK_PX), $at[1] + $dice->normal(0, self::CLICK_PX)];
        $this->visit('/');
        $this->see('Students');
        $this->beginLesson($swing->camera->targetRight ? 'Bea Achterberg' : 'Callum Strand');
        $this->press('Measure from a picture or a film');
        $this->see('Nobody stands');
        $this->choose($path);
        $this->see('Mark the edge of the ball on its left');
        $this->ground($swing, $click);
        $aFrame = ($swing->speedMs * 1000) / FilmedSwing::FPS;
        $step = max(1, (int) round(self::APART_MM / $aFrame));
        $middle = (int) round($swing->lowPointMm / $aFrame);
        foreach (range(0, self::MARKED - 1) as $k) {
            $frame = $middle + $step * ($k - intdiv(self::MARKED, 2)) + 1;
            if ($swing->camera->holds($swing->seen($frame)['head'])) {
                $this->goTo(FilmedSwing::AT_ADDRESS + FilmedSwing::BEFORE + $frame);
                $this->tapAt($click($swing->seen($frame)['head']), $swing->camera->size);
                usleep(200_000);
            }
        }
        $this->see('at the ball');
        usleep(1_000_000);

        return [10 * $this->figure('Low point'), $this->figure('Shaft lean')];
    }
}
