<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;

/** The question to the strike model alone: a club, how it is delivered, where and how the arc meets the ground. */
final readonly class StrikeRequest
{
    /** The figures of a request beside club and lie, with what is taken when they are absent. */
    private const DEFAULTS = ['lean_deg' => 0.0, 'open_deg' => 0.0, 'path_deg' => 0.0, 'arc_radius_mm' => 1100.0];

    private function __construct(public Swing $swing) {}

    /** @throws InvalidInput with every fault found */
    public static function fromJson(string $json): self
    {
        return self::fromValue(RequestJson::decoded($json));
    }

    /** @throws InvalidInput with every fault found */
    public static function fromValue(mixed $data): self
    {
        if (! \is_array($data) || array_is_list($data)) {
            throw InvalidInput::one('request', $data, 'an object with: '.implode(', ', self::keys()));
        }
        $faults = [];
        foreach (array_keys($data) as $key) {
            if (! \in_array($key, self::keys(), true)) {
                $faults[] = new Fault((string) $key, 'unknown key', 'one of the keys '.implode(', ', self::keys()));
            }
        }
        $number = static function (string $key, mixed $value, float $min, float $max, string $unit) use (&$faults): float {
            $fault = Field::number($key, $unit, $min, $max)->fault($key, $value);
            if ($fault !== null) {
                $faults[] = $fault;
            }

            return \is_int($value) || \is_float($value) ? (float) $value : 0.0;
        };
        $part = static fn(string $key): array => \is_array($data[$key] ?? null) ? $data[$key] : [];
        $club = $part('club');
        $loft = $number('club.loft_deg', $club['loft_deg'] ?? null, Club::LOFT_DEG[0], Club::LOFT_DEG[1], 'degrees');
        $bounce = $number('club.bounce_deg', $club['bounce_deg'] ?? null, Club::BOUNCE_DEG[0], Club::BOUNCE_DEG[1], 'degrees');
        $lieAngle = $number('club.lie_deg', $club['lie_deg'] ?? Club::STANDARD_LIE_DEG, Club::LIE_DEG[0], Club::LIE_DEG[1], 'degrees');
        $lean = $number('lean_deg', $data['lean_deg'] ?? self::DEFAULTS['lean_deg'], -25, 35, 'degrees');
        $open = $number('open_deg', $data['open_deg'] ?? self::DEFAULTS['open_deg'], -30, 70, 'degrees');
        $path = $number('path_deg', $data['path_deg'] ?? self::DEFAULTS['path_deg'], -25, 25, 'degrees');
        $radius = $number(
            'arc_radius_mm',
            $data['arc_radius_mm'] ?? self::DEFAULTS['arc_radius_mm'],
            Arc::RADIUS_MM[0],
            Arc::RADIUS_MM[1],
            'mm',
        );
        $byTouch = isset($data['touch_mm']);
        if ($byTouch && isset($data['low_point_mm'])) {
            $faults[] = new Fault('touch_mm', 'both', 'either touch_mm or low_point_mm');
        }
        $where = $byTouch ? 'touch_mm' : 'low_point_mm';
        $place = $part($where);
        $depth = $part('depth_mm');
        $placeMean = $number("{$where}.mean", $place['mean'] ?? null, -500, 500, 'mm');
        $placeSd = $number("{$where}.sd", $place['sd'] ?? null, 0, 200, 'mm');
        $depthMean = $number('depth_mm.mean', $depth['mean'] ?? null, -100, 100, 'mm');
        $depthSd = $number('depth_mm.sd', $depth['sd'] ?? null, 0, 50, 'mm');
        $lie = \is_string($data['lie'] ?? null) ? Lie::tryFrom($data['lie']) : null;
        if ($lie === null) {
            $faults[] = new Fault('lie', $data['lie'] ?? null, implode(', ', array_column(Lie::cases(), 'value')));
        }
        if ($faults !== [] || $lie === null) {
            throw new InvalidInput($faults);
        }

        $place = new Normal($placeMean, $placeSd);
        $swing = new Swing(
            new Club($loft, $bounce, $lieAngle),
            $lie,
            $radius,
            $place,
            new Normal($depthMean, $depthSd),
            $lean,
            $open,
            $path,
        );

        return new self($byTouch ? $swing->touching($place) : $swing);
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

    /** @return list<string> */
    private static function keys(): array
    {
        return ['club', 'lean_deg', 'open_deg', 'path_deg', 'lie', 'arc_radius_mm', 'low_point_mm', 'touch_mm', 'depth_mm'];
    }
}
