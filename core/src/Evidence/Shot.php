<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

use LowPoint\Core\Strike\Lie;

enum Shot: string
{
    case Chip = 'chip';
    case Pitch = 'pitch';
    case Bunker = 'bunker';

    public function inSand(): bool
    {
        return $this === self::Bunker;
    }

    /** Where most of its balls lie. */
    public function usualLie(): Lie
    {
        return $this->inSand() ? Lie::SandMedium : Lie::Fairway;
    }

    /** @return list<Lie> */
    public function lies(): array
    {
        return array_values(array_filter(Lie::cases(), fn(Lie $lie): bool => $lie->isSand() === $this->inSand()));
    }

    /** @return list<Strike> the strike words a coach can choose from, in the order of the keys */
    public function strikes(): array
    {
        return $this->inSand()
            ? [Strike::Splash, Strike::Short, Strike::LeftIn, Strike::Picked, Strike::Thin, Strike::Skip]
            : [Strike::Clean, Strike::Heavy, Strike::Chunk, Strike::Thin, Strike::Topped, Strike::Skip, Strike::Hosel];
    }
}
