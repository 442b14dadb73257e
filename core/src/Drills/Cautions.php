<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

/** What is shown with every drill, on screen and on paper. */
final class Cautions
{
    public const GENERAL = [
        'Keep a clear circle of two club lengths; nobody in front or behind.',
        'Warm up first. Stop at pain.',
        'Low Point gives no medical advice. With pain, dizziness, a recent injury or operation, pregnancy or a heart condition, ask '
            .'a doctor or physiotherapist first.',
        'Follow the rules of the place and the local law; clubs and hard balls can injure. Children practise with a responsible '
            .'adult present and by the safeguarding rules of the club.',
    ];
}
