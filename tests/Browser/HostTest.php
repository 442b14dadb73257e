<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;

/** What only the running app shows: whose name it answers to. */
final class HostTest extends TestCase
{
    public function test_it_answers_to_its_own_name_and_to_no_other(): void
    {
        self::assertSame(200, self::answered((string) parse_url((string) getenv('LOW_POINT_URL'), PHP_URL_HOST)));
        self::assertSame(200, self::answered('localhost'));
        foreach (['evil.example', '127.0.0.1.evil.example', 'evil127.0.0.1'] as $host) {
            self::assertSame(400, self::answered($host), $host);
        }
    }

    private static function answered(string $host): int
    {
        $curl = curl_init(getenv('LOW_POINT_URL').'/api/ping');
        self::assertNotFalse($curl);
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => ["Host: {$host}", 'Accept: application/json']]);
        curl_exec($curl);

        return curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
    }
}
