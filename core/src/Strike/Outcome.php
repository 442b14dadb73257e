<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

/** How the model says that a ball comes out. All but `Missed` are strike words. */
enum Outcome: string
{
    case Clean = 'clean';
    case Heavy = 'heavy';
    case Chunk = 'chunk';
    case Thin = 'thin';
    case Topped = 'topped';
    case Skip = 'skip';
    case Splash = 'splash';
    case Short = 'short';
    case LeftIn = 'left-in';
    case Picked = 'picked';
    case Missed = 'missed';

    public function isGood(): bool
    {
        return $this === self::Clean || $this === self::Splash;
    }
}
