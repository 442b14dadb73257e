<?php

declare(strict_types=1);

namespace LowPoint\Core\Statements;

use LowPoint\Core\Evidence\Observable;

/**
 * Which way a statement sends a figure.
 *
 * @phpstan-type DirectionShape array{observable: value-of<Observable>, to: 'more'|'less'|'range'}
 */
final readonly class Direction
{
    private function __construct(
        public Observable $what,
        /** Null: into its range, wherever it is now. */
        public ?bool $more,
    ) {}

    public static function of(Observable $what, ?bool $more): self
    {
        return new self($what, $more);
    }

    public function opposes(self $other): bool
    {
        return $this->what === $other->what && $this->more !== null && $other->more !== null && $this->more !== $other->more;
    }

    /** @return DirectionShape */
    public function toArray(): array
    {
        return [
            'observable' => $this->what->value,
            'to' => match ($this->more) {
                true => 'more',
                false => 'less',
                null => 'range',
            },
        ];
    }
}
