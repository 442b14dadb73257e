<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** The part of a case in which an observable stands. */
enum Group: string
{
    case Task = 'task';
    case Setup = 'setup';
    case Motion = 'motion';
    case Ball = 'balls';
}
