<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** What a student told the coach to take care of. Not a diagnosis. */
enum Limit: string
{
    case Back = 'back';
    case Shoulder = 'shoulder';
    case Elbow = 'elbow';
    case Wrist = 'wrist';
    case Hip = 'hip';
    case Knee = 'knee';
    case Balance = 'balance';
    case Eyesight = 'eyesight';
    case Under14 = 'under_14';

    public function label(): string
    {
        return $this === self::Under14 ? 'under 14' : $this->value;
    }
}
