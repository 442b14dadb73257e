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

    /** @var array<string, string> as they were after signing in or renewing: an old cookie of a session stays good */
    private array $cookies = [];

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
        $this->take([['GET', '/sanctum/csrf-cookie', []], ['POST', '/api/sign-in', ['email' => $email, 'password' => $password]]]);
    }

    /** The session has ended on the server: as the app does, a fresh token is fetched; the device is remembered. */
    public function renew(): void
    {
        $this->take([['GET', '/sanctum/csrf-cookie', []]]);
    }

    /** @param list<array{string, string, array<string, mixed>}> $steps after which the cookies are kept */
    private function take(array $steps): void
    {
        $jar = tempnam(sys_get_temp_dir(), 'faults') ?: throw new \RuntimeException('no temporary file can be made');
        foreach ($steps as $step) {
            $handle = $this->request(...[...$step, 15_000]);
            curl_setopt($handle, CURLOPT_COOKIEFILE, $jar);
            curl_exec($handle);
            foreach (curl_getinfo($handle, CURLINFO_COOKIELIST) as $line) {
                $parts = explode("\t", $line);
                $this->cookies[$parts[5]] = $parts[6];
            }
        }
        unlink($jar);
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
            if ($status === 419) {
                $this->renew();
            } elseif ($status >= 400 && $status < 500) {
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
                'X-XSRF-TOKEN: '.urldecode($this->cookies['XSRF-TOKEN'] ?? ''),
                'Cookie: '.
                implode('; ', array_map(static fn($name, $value) => "{$name}={$value}", array_keys($this->cookies), $this->cookies)),
            ],
        ]);

        return $handle;
    }
}
