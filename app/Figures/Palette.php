<?php

declare(strict_types=1);

namespace App\Figures;

/** The colours of the screens by daylight, for figures on paper: read from the one file that has them. */
final class Palette
{
    private const FILE = 'theme/palette.css';

    /** @return string as #rrggbb */
    public static function colour(string $name): string
    {
        /** @var array<string, string>|null $colours */
        static $colours = null;
        $colours ??= self::read();

        return $colours[$name] ?? throw new \LogicException("The palette has no {$name}.");
    }

    /** @return array<string, string> of the first :root, which is daylight */
    private static function read(): array
    {
        $css = (string) file_get_contents(resource_path(self::FILE));
        preg_match('/:root \{(.*?)\}/s', $css, $daylight);
        preg_match_all('/--([\w-]+): (#[0-9a-f]{6});/', $daylight[1] ?? '', $found);

        return array_combine($found[1], $found[2]);
    }
}
