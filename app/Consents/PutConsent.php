<?php

declare(strict_types=1);

namespace App\Consents;

use App\Models\ConsentPurpose;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Moment;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;

/** That a guardian agreed. */
#[Schema('PutConsent')]
final readonly class PutConsent
{
    public function __construct(
        public ConsentPurpose $purpose,
        #[Text('Given by', 100, filled: true), Key('Name, and what he or she is to the child.')]
        public string $givenBy,
        #[Moment(day: true), Key('The day; today where it is left out.')]
        public ?\DateTimeImmutable $givenOn = null,
    ) {}
}
