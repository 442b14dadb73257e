<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

/** What is told of a property beside what it holds. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Key
{
    /**
     * @param  string  $about  for the contract
     * @param  string|null  $name  where it is not the property's in snake_case
     * @param  bool  $always  written though it is what stands there unsaid
     * @param  string|null  $nullSays  the property that is true where null stands here; else null is the same as nothing
     * @param  bool  $sandOnly  asked of shots from sand only
     * @param  list<string>  $sheet  what the column is called on sheets
     * @param  int  $since  the version of the record it came with: files of before do not have it, older devices do not know it
     */
    public function __construct(
        public string $about = '',
        public ?string $name = null,
        public bool $always = false,
        public ?string $nullSays = null,
        public bool $sandOnly = false,
        public array $sheet = [],
        public int $since = 1,
    ) {}
}
