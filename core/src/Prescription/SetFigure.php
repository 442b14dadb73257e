<?php

declare(strict_types=1);

namespace LowPoint\Core\Prescription;

use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Number;

/** A figure of the set-up that is to be so much, in the unit of what is looked at. */
final readonly class SetFigure
{
    /** @throws InvalidInput where it is none, or lies outside the range of the figure */
    public function __construct(
        public Observable $observable,
        #[Number('Figure', '', -1.0e6, 1.0e6)]
        public float $to,
    ) {
        if ($observable->field()->kind !== 'number') {
            throw InvalidInput::one('observable', $observable->value, 'a set-up figure, each once');
        }
        $fault = $observable->field()->fault('to', $to);
        if ($fault !== null) {
            throw new InvalidInput([$fault]);
        }
    }

    /**
     * @param  list<self>  $figures
     * @return list<self>
     *
     * @throws InvalidInput where one stands there twice
     */
    public static function eachOnce(array $figures): array
    {
        $known = [];
        foreach ($figures as $i => $one) {
            if (isset($known[$one->observable->value])) {
                throw InvalidInput::one("figures[{$i}].observable", $one->observable->value, 'a set-up figure, each once');
            }
            $known[$one->observable->value] = true;
        }

        return $figures;
    }
}
