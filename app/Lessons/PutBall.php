<?php

declare(strict_types=1);

namespace App\Lessons;

use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Moment;
use LowPoint\Core\Records\Open;
use LowPoint\Core\Records\Schema;

/**
 * One ball, and when it was hit.
 *
 * @phpstan-type FromDeviceShape array{device: string, number: int, coach?: string}
 * @phpstan-type DeleteBallShape array{from?: FromDeviceShape}
 */
#[Schema('PutBall', nulls: false)]
final readonly class PutBall
{
    /** Told of every entry of a lesson. */
    public const FROM = 'The device that sends it, and a number that only grows there: what comes late changes nothing.';

    /** @param array<array-key, mixed>|null $from heard by the models (HearsDevices) */
    public function __construct(
        public SeenBall $seen,
        #[Moment]
        public \DateTimeImmutable $hitAt,
        #[Open('FromDevice'), Key(self::FROM)]
        public ?array $from = null,
    ) {}

    /** @throws InvalidInput where such a strike is none of this shot */
    public function of(Shot $shot): SeenBall
    {
        try {
            return $this->seen->of($shot);
        } catch (InvalidInput $e) {
            throw $e->under('seen.');
        }
    }
}
