<?php

declare(strict_types=1);

namespace App\Academy;

use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Open;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;

/**
 * Constants of the strike model that are to be others, and why. None = the model as it ships.
 *
 * @phpstan-type CalibrationChangesShape array<string, float>
 */
#[Schema('Recalibrate')]
final readonly class Recalibrate
{
    /** @param array<array-key, mixed> $changes as the core checks them */
    public function __construct(
        #[Open('CalibrationChanges'), Key('Key of the constant => figure.')]
        public array $changes,
        #[Text('Reason', 200, filled: true)]
        public string $reason,
    ) {}
}
