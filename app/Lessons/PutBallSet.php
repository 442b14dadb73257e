<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\BallSet;
use LowPoint\Core\Evidence\Purpose;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Open;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;

/** What a set of balls is for, and what was seen of it since; what may stand there hangs on what is there already. */
#[Schema('PutBallSet')]
final readonly class PutBallSet
{
    /**
     * @param  array<array-key, mixed>  $setup
     * @param  array<array-key, mixed>  $motion
     * @param  array<array-key, mixed>  $measured
     * @param  array<array-key, mixed>|null  $from
     */
    public function __construct(
        public Purpose $purpose,
        #[Open('Observed'), Key('Null takes a look back; an absent key leaves it.')]
        public array $setup,
        #[Open('Observed')]
        public array $motion,
        #[Open('Measured'), Key('Of figures among these that were measured: half of the 90 % interval. One without was seen by eye.')]
        public array $measured = [],
        #[Number('Confidence', 'of 10', 1, BallSet::MOST_SURE, whole: true)]
        public ?int $confidence = null,
        #[Text('What the coach thinks', 60, filled: true)]
        #[Key('Before he saw the reading: the id of a cause, or none. The first one stays.')]
        public ?string $thought = null,
        #[Open('FromDevice'), Key(PutBall::FROM)]
        public ?array $from = null,
    ) {}
}
