<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\View;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Wording\Words;

/** One piece of evidence for or against a cause. */
interface Clue
{
    /** @return list<Observable> the looks it needs; empty when it reads the balls alone */
    public function needs(): array;

    /** Log-odds that it adds; null when what it needs was not looked at. */
    public function weight(View $view): ?float;

    /** What was seen, as the middle of a sentence. Only called when weight() is not null. */
    public function text(View $view, Words $words): string;

    /** What it looks at, whatever was seen. */
    public function title(): string;

    /** How it is weighed, for whoever asks why. */
    public function how(Words $words): string;
}
