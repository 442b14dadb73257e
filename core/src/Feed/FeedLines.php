<?php

declare(strict_types=1);

namespace LowPoint\Core\Feed;

use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;

/**
 * What a device has sent in one call: a JSON array, or a ball a line. A line that was cut or is wrong is named; the others hold.
 */
final readonly class FeedLines
{
    public const MOST_BALLS = 500;

    public const MOST_BYTES = 512 * 1024;

    private const DEEPEST = 8;

    private const MOST_TOLD = 20;

    /**
     * @param  list<ToldBall>  $balls
     * @param  list<array{line: int, key: string, message: string}>  $refused
     * @param  list<string>  $unknown  keys that were kept out
     */
    private function __construct(
        public array $balls,
        public array $refused,
        public array $unknown,
    ) {}

    /** @throws InvalidInput where it is too much, or no JSON at all */
    public static function read(string $body): self
    {
        if (\strlen($body) > self::MOST_BYTES) {
            throw InvalidInput::one('feed', \strlen($body).' bytes', 'at most '.self::MOST_BYTES.' in a call');
        }
        $balls = $refused = $unknown = [];
        foreach (self::values($body) as $line => $value) {
            try {
                $ball = ToldBall::read($value instanceof \JsonException ? null : $value);
                $balls[] = $ball;
                $unknown = [...$unknown, ...$ball->unknown];
            } catch (InvalidInput $e) {
                array_push($refused, ...array_map(static fn(Fault $fault): array => [
                    'line' => $line,
                    'key' => $fault->key,
                    'message' => $value instanceof \JsonException ? "line {$line}: no JSON, or cut short" : $fault->message(),
                ], $e->faults));
            }
        }

        $unknown = array_values(array_unique($unknown));

        return new self($balls, \array_slice($refused, 0, self::MOST_TOLD), \array_slice($unknown, 0, self::MOST_TOLD));
    }

    /**
     * @return array<int, mixed> by line, from 1; what is no JSON as the exception
     *
     * @throws InvalidInput
     */
    private static function values(string $body): array
    {
        // Some devices begin with a byte-order mark.
        $body = trim(str_starts_with($body, "\u{FEFF}") ? substr($body, \strlen("\u{FEFF}")) : $body);
        if (str_starts_with($body, '[')) {
            $values = self::decoded($body);
            if ($values instanceof \JsonException || ! \is_array($values)) {
                throw InvalidInput::one('feed', mb_strimwidth(mb_scrub($body), 0, 40, '…'), 'a JSON array of balls, or a ball a line');
            }
            self::notMoreThanAllowed(\count($values));

            return $values === [] ? [] : array_combine(range(1, \count($values)), array_values($values));
        }
        $lines = array_filter(explode("\n", $body), static fn(string $line): bool => trim($line) !== '');
        self::notMoreThanAllowed(\count($lines));
        $values = [];
        foreach ($lines as $i => $line) {
            $values[$i + 1] = self::decoded($line);
        }

        return $values;
    }

    private static function decoded(string $json): mixed
    {
        try {
            return json_decode($json, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            return $e;
        }
    }

    private static function notMoreThanAllowed(int $balls): void
    {
        if ($balls > self::MOST_BALLS) {
            throw InvalidInput::one('feed', "{$balls} balls", 'at most '.self::MOST_BALLS.' in a call');
        }
    }
}
