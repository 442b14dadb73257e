<?php

declare(strict_types=1);

namespace Tests\Browser;

use LowPoint\Core\Simulation\FilmedSwing;

/** The films of made-up swings that ship with the app, as a phone would have taken them. Run by bin/films, not with the tests. */
final class Films extends BrowserTestCase
{
    use MakesFilms;

    public function test_films(): void
    {
        $folder = \dirname(__DIR__, 2).'/public/films';
        is_dir($folder) || mkdir($folder);
        foreach (FilmedSwing::shipped() as $id => $swing) {
            file_put_contents("{$folder}/{$id}.webm", $film = $this->film($swing));
            fwrite(STDERR, sprintf("%s: %d kB\n", $id, \strlen($film) / 1024));
            self::assertGreaterThan(10_000, \strlen($film));
        }
    }
}
