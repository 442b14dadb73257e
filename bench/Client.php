<?php

declare(strict_types=1);

/** A signed-in device that talks to the running app and looks at the clock. */
final class Client
{
    private CurlHandle $curl;

    public function __construct(private readonly string $base)
    {
        $this->curl = curl_init();
        // Cookies are kept in memory.
        curl_setopt($this->curl, CURLOPT_COOKIEFILE, '');
    }

    public function signIn(string $email, string $password): void
    {
        $this->ask('GET', '/sanctum/csrf-cookie');
        $this->must('POST', '/api/sign-in', ['email' => $email, 'password' => $password]);
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array{int, float, mixed} status, milliseconds, body
     */
    public function ask(string $method, string $path, ?array $body = null): array
    {
        return $this->send($method, $path, $body === null ? '' : (string) json_encode($body), ['Content-Type: application/json']);
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return mixed the body of the answer
     */
    public function must(string $method, string $path, ?array $body = null): mixed
    {
        return self::body($this->ask($method, $path, $body));
    }

    public function upload(string $path, string $field, string $file): mixed
    {
        return self::body($this->send('POST', $path, [$field => new CURLFile($file, 'text/csv')], []));
    }

    /**
     * @param  string|array<string, CURLFile>  $body
     * @param  list<string>  $headers
     * @return array{int, float, mixed}
     */
    private function send(string $method, string $path, string|array $body, array $headers): array
    {
        $token = '';
        foreach (curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $cookie) {
            $parts = explode("\t", $cookie);
            $token = $parts[5] === 'XSRF-TOKEN' ? urldecode($parts[6]) : $token;
        }
        curl_setopt($this->curl, CURLOPT_URL, $this->base.$path ?: '/');
        curl_setopt($this->curl, CURLOPT_CUSTOMREQUEST, $method ?: null);
        curl_setopt_array($this->curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_POSTFIELDS => $body,
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Referer: '.$this->base, "X-XSRF-TOKEN: {$token}", ...$headers],
        ]);
        $began = hrtime(true);
        $answer = curl_exec($this->curl);

        return [curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE), (hrtime(true) - $began) / 1.0e6, json_decode((string) $answer, true)];
    }

    /** @param array{int, float, mixed} $answer */
    private static function body(array $answer): mixed
    {
        if ($answer[0] < 200 || $answer[0] >= 300) {
            fwrite(STDERR, "The server answered {$answer[0]}: ".json_encode($answer[2])."\n");
            exit(1);
        }

        return $answer[2];
    }
}

/** @param list<float> $all */
function median(array $all): float
{
    sort($all);

    return $all[intdiv(count($all), 2)];
}
