<?php

declare(strict_types=1);

namespace App\Account;

/** The password of the demo world is known to everybody: its coaches sign in only where the app answers to nobody but its own machine. */
final class DemoSignIn
{
    /** A name that nobody has (RFC 2606). */
    public const DOMAIN = '@saltgrass.example';

    private const HERE = ['localhost', '127.0.0.1', '[::1]'];

    public static function isRefused(string $email): bool
    {
        return str_ends_with(strtolower($email), self::DOMAIN) && ! self::isHere();
    }

    /** The app answers on its own machine alone. */
    public static function isHere(): bool
    {
        return \in_array(parse_url((string) config('app.url'), PHP_URL_HOST), self::HERE, true);
    }
}
