<?php

declare(strict_types=1);

namespace App\Store;

/** The settings at hand are not those of this app, or the store they lead to is not its own. */
final class ForeignStore extends \RuntimeException
{
    /** @param string $started the installation this was started for */
    public static function settingsOf(string $settings, string $started): self
    {
        return new self("The settings are those of the installation {$settings}; this was started for {$started}.");
    }

    public static function stamped(string $stamp, string $settings): self
    {
        return new self("The store belongs to the installation {$stamp}; the settings are for {$settings}.");
    }

    public static function nameless(string $stamp): self
    {
        return new self("The store belongs to the installation {$stamp}; the settings name none (LOW_POINT_INSTALLATION).");
    }
}
