<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

/**
 * What to be wary of; where it is for the student too, in words for him.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type WarningShape array{id: value-of<WarningId>, text: ToldShape}
 */
final readonly class Warning
{
    public function __construct(
        public WarningId $id,
        public string $text,
        public ?string $forStudent = null,
    ) {}

    /** @return WarningShape */
    public function toArray(): array
    {
        return ['id' => $this->id->value, 'text' => $this->text];
    }
}
