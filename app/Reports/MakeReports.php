<?php

declare(strict_types=1);

namespace App\Reports;

use LowPoint\Core\Records\Choice;
use LowPoint\Core\Records\Id;
use LowPoint\Core\Records\Items;
use LowPoint\Core\Records\Schema;

/** Which lessons, and on what paper. */
#[Schema('MakeReports')]
final readonly class MakeReports
{
    public const MOST = 100;

    /** @param list<string> $lessons ids */
    public function __construct(
        #[Items(new Id, most: self::MOST, least: 1, distinct: true)]
        public array $lessons,
        #[Choice('Paper', ['a4' => 'A4', 'letter' => 'Letter'])]
        public string $paper,
    ) {}
}
