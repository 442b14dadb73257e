<?php

declare(strict_types=1);

namespace LowPoint\Bench\Faults;

/** A signed-in device as the app's own outbox is: entries go out one after another and are forgotten when they are acknowledged. */
final class Device
{
    /** @var list<Entry> */
    public array $waiting = [];

    public bool $online = true;

    private int $number;

    /** As it was after signing in: an old cookie of a session stays good. */
    private string $cookie = '';

    private string $token = '';

    public function __construct(
        public readonly string $name,
        private readonly string $base,
        int $clockMs,
    ) {
        $this->number = $clockMs;
    }

    public function next(): int
    {
        return ++$this->number;
    }

    public function signIn(string $email, string $password): void
    {
        $jar = tempnam(sys_get_temp_dir(), 'faults') ?: throw new \RuntimeException('no temporary file can be made');
        foreach ([['GET', '/sanctum/csrf-cookie', []], ['POST', '/api/sign-in', ['email' => $email, 'password' => $password]]] as $step) {
            $handle = $this->request(...[...$step, 15_000]);
            curl_setopt_array($handle, [CURLOPT_COOKIEFILE => $jar, CURLOPT_COOKIEJAR => $jar]);
            curl_exec($handle);
            $cookies = [];
            foreach (curl_getinfo($handle, CURLINFO_COOKIELIST) as $line) {
                $parts = explode("\t", $line);
                $cookies[$parts[5]] = $parts[6];
            }
            curl_close($handle);
            unset($handle);
            $this->token = urldecode($cookies['XSRF-TOKEN'] ?? '');
        }
        unlink($jar);
        $this->cookie = implode('; ', array_map(static fn($name, $value): string => "{$name}={$value}", array_keys($cookies), $cookies));
    }

    /**
     * @param  array<string, mixed>  $body
     * @return mixed the body of the answer
     */
    public function must(string $method, string $path, array $body = []): mixed
    {
        for ($try = 0; $try < 40; $try++) {
            $handle = $this->request($method, $path, $body, 15_000);
            $answer = (string) curl_exec($handle);
            $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
            if ($status >= 200 && $status < 300) {
                return json_decode($answer, true);
            }
            if ($status >= 400 && $status < 500) {
                break;
            }
            usleep(250_000);
        }
        fwrite(STDERR, "\n{$method} {$path} was answered with {$status}: {$answer}\n");
        exit(1);
    }

    /** @param array<string, mixed> $body */
    public function request(string $method, string $path, array $body, int $timeoutMs): \CurlHandle
    {
        $handle = curl_init($this->base.$path);
        if ($handle === false) {
            throw new \RuntimeException('no request can be made');
        }
        curl_setopt_array($handle, [
            CURLOPT_CUSTOMREQUEST => $method ?: 'GET',
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT_MS => max(1, $timeoutMs),
            CURLOPT_NOSIGNAL => true,
            CURLOPT_POSTFIELDS => $method === 'GET' ? '' : (string) json_encode($body),
            CURLOPT_HTTPHEADER => [
                'Accept: application/json',
                'Content-Type: application/json',
                'Referer: '.$this->base,
                'X-XSRF-TOKEN: '.$this->token,
                ...$this->cookie === '' ? [] : ["Cookie: {$this->cookie}"],
            ],
        ]);

        return $handle;
    }
}
