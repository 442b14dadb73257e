<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Read;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;

/** The question to the strike model alone: a club, how it is delivered, where and how the arc meets the ground. */
final readonly class StrikeRequest
{
    public Swing $swing;

    /** @throws InvalidInput unless the place of the arc is told, and in one way */
    public function __construct(
        Club $club,
        Lie $lie,
        ArcDepthAsked $depthMm,
        ?ArcPlaceAsked $lowPointMm = null,
        ?ArcPlaceAsked $touchMm = null,
        #[Number('', 'degrees', -25, 35)]
        float $leanDeg = 0.0,
        #[Number('', 'degrees', -30, 70)]
        float $openDeg = 0.0,
        #[Number('', 'degrees', -25, 25)]
        float $pathDeg = 0.0,
        #[Number('', 'mm', Arc::RADIUS_MM[0], Arc::RADIUS_MM[1])]
        float $arcRadiusMm = 1100.0,
    ) {
        if (($lowPointMm === null) === ($touchMm === null)) {
            throw InvalidInput::one('touch_mm', $touchMm === null ? null : 'both', 'either touch_mm or low_point_mm');
        }
        $place = ($touchMm ?? $lowPointMm)?->normal() ?? new Normal(0.0, 0.0);
        $swing = new Swing($club->unnamed(), $lie, $arcRadiusMm, $place, $depthMm->normal(), $leanDeg, $openDeg, $pathDeg);
        $this->swing = $touchMm === null ? $swing : $swing->touching($place);
    }

    /** @throws InvalidInput with every fault found */
    public static function fromJson(string $json): self
    {
        return self::fromValue(RequestJson::decoded($json));
    }

    /** @throws InvalidInput with every fault found */
    public static function fromValue(mixed $data): self
    {
        return Read::record(self::class, $data);
    }

    /**
     * The answer. The what-if "window" re-delivers the club with the usual school's card for this lie.
     *
     * @return array<string, mixed>
     */
    public function answer(StrikeModel $model): array
    {
        $shot = $this->swing->lie->isSand() ? Shot::Bunker : Shot::Chip;
        $card = SetupCard::of(School::standardFor($shot, $this->swing->lie), new Task($shot, $this->swing->lie, $this->swing->club));
        $delivered = $this->swing->delivered();
        $window = $model->window($this->swing);
        $rates = $model->rates($this->swing);
        $whatIf = $model->whatIf($this->swing, StrikeModel::good($rates), $window, $card->leanDeg(), $card->openDeg());

        return [
            'delivered' => [
                'loft_deg' => round($delivered->loftDeg, 2),
                'bounce_deg' => round($delivered->bounceDeg, 2),
                'azimuth_deg' => round($delivered->azimuthDeg, 2) + 0.0,
            ],
            'rates' => array_map(static fn(float $share): float => round($share, 4), $rates),
            'good_rate' => round($whatIf->now, 4),
            'window_mm' => $window?->toArray(),
            'touch_window_mm' => $model->touchWindow($this->swing)?->toArray(),
            'what_if' => ['aim' => round($whatIf->aim, 4), 'scatter' => round($whatIf->scatter, 4), 'window' => round($whatIf->window, 4)],
        ];
    }
}
