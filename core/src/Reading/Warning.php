<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

final readonly class Warning
{
    public function __construct(
        public WarningId $id,
        public string $text,
    ) {}

    /** @return array{id: string, text: string} */
    public function toArray(): array
    {
        return ['id' => $this->id->value, 'text' => $this->text];
    }
}
