<?php

declare(strict_types=1);

namespace App\Account;

/** The password of the demo world is known to everybody: its coaches sign in only where the app answers to nobody but its own machine. */
final class DemoSignIn
{
    /** A name that nobody has (RFC 2606). */
    private const DOMAIN = '@saltgrass.example';

    private const HERE = ['localhost', '127.0.0.1', '[::1]'];

    public static function isRefused(string $email): bool
    {
        $host = parse_url((string) config('app.url'), PHP_URL_HOST);

        return str_ends_with(strtolower($email), self::DOMAIN) && ! \in_array($host, self::HERE, true);
    }
}
