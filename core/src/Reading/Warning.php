<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

/**
 * @phpstan-type WarningShape array{id: value-of<WarningId>, text: string}
 */
final readonly class Warning
{
    public function __construct(
        public WarningId $id,
        public string $text,
    ) {}

    /** @return WarningShape */
    public function toArray(): array
    {
        return ['id' => $this->id->value, 'text' => $this->text];
    }
}
