<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Read;

/**
 * What a place has learned from its outcomes, on top of the engine (handbook 16.4): how much likelier each cause is than the engine takes
 * it to be, as a log, and how much more or less each kind of evidence tells, as a share of what the engine makes of it. A sign is never
 * turned round.
 *
 * @phpstan-type LearnedShape array{
 *     version: string,
 *     // Confirmed lines of the ledger that it was fitted to.
 *     lines: int,
 *     // By cause, as logs.
 *     bias: array<string, float>,
 *     // By kind of evidence: 0 as the engine has it, -1 it tells nothing.
 *     slopes: array<string, float>,
 *     // The same beside it, by cause.
 *     of_causes: array<string, array<string, float>>,
 * }
 * @phpstan-type NamedLearnedShape array{version: string, lines: int}
 */
final readonly class Learned
{
    /** A cause is never taken to be likelier or less likely than by this, as a log; evidence tells at most so much more. Chosen by us. */
    public const MOST_BIAS = 4.0;

    public const MOST_SLOPE = 1.5;

    public const MOST_LINES = 1_000_000;

    /**
     * @param  int  $lines  confirmed ones that it was fitted to
     * @param  array<string, float>  $bias  by cause
     * @param  array<string, float>  $slopes  by TermGroup
     * @param  array<string, array<string, float>>  $ofCauses  by cause and TermGroup
     */
    public function __construct(
        public int $lines,
        public array $bias = [],
        public array $slopes = [],
        public array $ofCauses = [],
    ) {}

    /**
     * A correction as it is written, or what the command that learns has printed of it.
     *
     * @throws InvalidInput with every fault found
     */
    public static function fromJson(string $json): self
    {
        $data = json_decode($json, true, 16);
        if (\is_array($data) && \array_key_exists('correction', $data)) {
            $data = $data['correction'];
        }
        if (! \is_array($data)) {
            throw InvalidInput::one('correction', $data, 'a correction as learn prints it; with null nothing was learned');
        }

        return self::fromValue($data);
    }

    /**
     * @param  string  $under  the key under which it stands
     *
     * @throws InvalidInput with every fault found
     */
    public static function fromValue(mixed $data, string $under = 'correction'): self
    {
        $read = new Read;
        $known = $read->object($under, $data, ['version', 'lines', 'bias', 'slopes', 'of_causes']) ?? [];
        $lines = $known['lines'] ?? null;
        if (! \is_int($lines) || $lines < 0 || $lines > self::MOST_LINES) {
            $read->refuse(new Fault("{$under}.lines", $lines, '0 to '.self::MOST_LINES.', whole'));
        }
        $causes = array_map(static fn($cause): string => $cause->id, CauseLibrary::standard()->all());
        $groups = array_column(TermGroup::cases(), 'value');
        $bias = self::figures($read, "{$under}.bias", $known['bias'] ?? [], $causes, -self::MOST_BIAS, self::MOST_BIAS);
        $slopes = self::figures($read, "{$under}.slopes", $known['slopes'] ?? [], $groups, -1.0, self::MOST_SLOPE);
        $ofCauses = [];
        foreach ($read->object("{$under}.of_causes", $known['of_causes'] ?? [], $causes) ?? [] as $cause => $own) {
            $ofCauses[$cause] = self::figures($read, "{$under}.of_causes.{$cause}", $own, $groups, -1.0, self::MOST_SLOPE);
        }
        $learned = new self(\is_int($lines) ? $lines : 0, $bias, $slopes, $ofCauses);
        if (isset($known['version']) && $known['version'] !== $learned->version()) {
            $read->refuse(new Fault("{$under}.version", $known['version'], "{$learned->version()}, that of its figures"));
        }
        $read->check();

        return $learned;
    }

    /**
     * What is added to the log of a supposition for a cause that it contains.
     *
     * @param  array<value-of<TermGroup>, float>  $evidence  logs of the engine
     */
    public function adds(string $cause, array $evidence): float
    {
        $log = $this->bias[$cause] ?? 0.0;
        $own = $this->ofCauses[$cause] ?? [];
        foreach ($evidence as $group => $weight) {
            $slope = ($this->slopes[$group] ?? 0.0) + ($own[$group] ?? 0.0);
            $log += max(-1.0, min(self::MOST_SLOPE, $slope)) * $weight;
        }

        return $log;
    }

    public function version(): string
    {
        $figures = json_encode([$this->lines, $this->bias, $this->slopes, $this->ofCauses], JSON_THROW_ON_ERROR);

        return 'learned-'.substr(hash('sha256', $figures), 0, 12);
    }

    /** @return NamedLearnedShape */
    public function named(): array
    {
        return ['version' => $this->version(), 'lines' => $this->lines];
    }

    /** @return LearnedShape */
    public function toArray(): array
    {
        return [
            'version' => $this->version(),
            'lines' => $this->lines,
            'bias' => $this->bias,
            'slopes' => $this->slopes,
            'of_causes' => $this->ofCauses,
        ];
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, float>
     */
    private static function figures(Read $read, string $under, mixed $data, array $keys, float $from, float $to): array
    {
        $figures = [];
        foreach ($read->object($under, $data, $keys) ?? [] as $key => $value) {
            if ((! \is_int($value) && ! \is_float($value)) || $value < $from || $value > $to) {
                $read->refuse(new Fault("{$under}.{$key}", $value, "{$from} to {$to}"));
            } else {
                $figures[$key] = (float) $value;
            }
        }

        return $figures;
    }
}
