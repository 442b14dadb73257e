<?php

declare(strict_types=1);

namespace LowPoint\Core\Distance;

/**
 * What a club carries at one length of the backswing, m.
 *
 * @phpstan-type CellShape array{
 *     club: string,
 *     backswing: string,
 *     mean_m: float,
 *     sd_m: float,
 *     // 0 where it is fitted.
 *     n: int,
 *     // 90 %.
 *     low_m: float,
 *     high_m: float,
 *     source: 'measured'|'fitted',
 * }
 */
final readonly class ChartCell
{
    /**
     * @param  float  $meanSd  standard error of the mean
     * @param  float  $lowM  90 % interval of the mean
     * @param  bool  $measured  else it is from the fit of its neighbours
     */
    public function __construct(
        public string $club,
        public string $backswing,
        public float $meanM,
        public float $sdM,
        public int $n,
        public float $meanSd,
        public float $lowM,
        public float $highM,
        public bool $measured,
    ) {}

    /** @return CellShape */
    public function toArray(): array
    {
        return [
            'club' => $this->club,
            'backswing' => $this->backswing,
            'mean_m' => round($this->meanM, 2),
            'sd_m' => round($this->sdM, 2),
            'n' => $this->n,
            'low_m' => round($this->lowM, 2),
            'high_m' => round($this->highM, 2),
            'source' => $this->measured ? 'measured' : 'fitted',
        ];
    }
}
