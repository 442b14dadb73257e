<?php

declare(strict_types=1);

/** A progress bar on standard error, drawn when it changes by a per cent. */
function progress(string $what, int $done, int $of): void
{
    $percent = intdiv(100 * $done, $of);
    if ($done === $of || $percent !== intdiv(100 * ($done - 1), $of)) {
        fprintf(STDERR, "\r%-24s [%-25s] %3d %%%s", $what, str_repeat('=', intdiv($percent, 4)), $percent, $done === $of ? "\n" : '');
    }
}
