<?php

declare(strict_types=1);

namespace App\Academy;

use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Named;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;
use LowPoint\Core\Records\Within;

/** What an academy has in common. */
#[Schema('PutAcademy')]
final readonly class PutAcademy
{
    /**
     * @param  array<array-key, School>  $schools
     *
     * @throws InvalidInput for a school that does not teach the shot
     */
    public function __construct(
        #[Text('Name', 200, filled: true)]
        public string $name,
        #[Within(new Named('', School::class), most: 3)]
        #[Key('Shot => the school it is taught in here; one that is not named goes by the lie.')]
        public array $schools,
        #[Key('Of all its coaches; absent = as it is.')]
        public ?bool $asksSecondFactor = null,
    ) {
        foreach ($schools as $shot => $school) {
            $of = Shot::tryFrom((string) $shot);
            if ($of === null || ! $school->teaches($of)) {
                throw InvalidInput::one("schools.{$shot}", $school->value, 'a shot, and a school that teaches it');
            }
        }
    }
}
