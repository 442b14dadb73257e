<?php

declare(strict_types=1);

namespace LowPoint\Core\Club;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Text;

/** A club as built. Angles in degrees. */
final readonly class Club
{
    public const LOFT_DEG = [18.0, 72.0];

    public const BOUNCE_DEG = [-2.0, 20.0];

    public const LIE_DEG = [55.0, 70.0];

    public const STANDARD_LIE_DEG = 64.0;

    /** The wedge of most chips and all stock bunker shots; scatter is told of a swing with it. Origin: chosen by us. */
    private const STOCK_LOFT_DEG = 56.0;

    /** Loft and bounce. Origin: what most bags hold, handbook 06. */
    private const USUAL = [[46.0, 6.0], [52.0, 8.0], [56.0, 12.0], [60.0, 8.0]];

    /** @throws InvalidInput outside the ranges above */
    public function __construct(
        #[Number('Loft', 'degrees', self::LOFT_DEG[0], self::LOFT_DEG[1])]
        public float $loftDeg,
        #[Number('Bounce', 'degrees', self::BOUNCE_DEG[0], self::BOUNCE_DEG[1])]
        public float $bounceDeg,
        #[Number('Lie angle', 'degrees', self::LIE_DEG[0], self::LIE_DEG[1]), Key(always: true)]
        public float $lieDeg = self::STANDARD_LIE_DEG,
        #[Text('Club', 60)]
        public ?string $name = null,
    ) {
        InvalidInput::unlessBetween('club.loft_deg', $loftDeg, ...[...self::LOFT_DEG, 'degrees']);
        InvalidInput::unlessBetween('club.bounce_deg', $bounceDeg, ...[...self::BOUNCE_DEG, 'degrees']);
        InvalidInput::unlessBetween('club.lie_deg', $lieDeg, ...[...self::LIE_DEG, 'degrees']);
    }

    /** @return non-empty-list<self> the clubs most players have for these shots */
    public static function usual(): array
    {
        return array_map(static fn(array $one): self => new self(...$one), self::USUAL);
    }

    /**
     * The stock wedge of a bag, or what comes nearest to it.
     *
     * @param  non-empty-list<self>  $clubs
     */
    public static function stock(array $clubs): self
    {
        $off = static fn(self $club): float => abs($club->loftDeg - self::STOCK_LOFT_DEG);
        usort($clubs, static fn(self $a, self $b): int => $off($a) <=> $off($b));

        return $clubs[0];
    }

    public function unnamed(): self
    {
        return new self($this->loftDeg, $this->bounceDeg, $this->lieDeg);
    }

    /** The way a coach says it: "56/12". */
    public function label(): string
    {
        return ($this->name !== null && $this->name !== '' ? $this->name.' ' : '').round($this->loftDeg).'/'.round($this->bounceDeg);
    }
}
