<?php

declare(strict_types=1);

namespace LowPoint\Core\Prescription;

use LowPoint\Core\Evidence\Field;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;

/**
 * What a coach hands out in his own way for one shot: any set-up figures, a feel, drills; kept to be offered again.
 *
 * @phpstan-type PutOwnCardShape array{
 *     name: string,
 *     shot: value-of<Shot>,
 *     figures: list<array{observable: string, to: float}>,
 *     feel: string,
 *     drills: list<string>,
 * }
 */
final readonly class OwnCard
{
    public const MOST_FIGURES = 6;

    private const KEYS = ['name', 'shot', 'figures', 'feel', 'drills'];

    /**
     * @param  list<array{observable: string, to: float}>  $figures  in the order in which they are taken
     * @param  list<string>  $drills  ids
     */
    private function __construct(
        public string $name,
        public Shot $shot,
        public array $figures,
        public string $feel,
        public array $drills,
    ) {}

    /**
     * @param  array<array-key, mixed>  $value
     *
     * @throws InvalidInput naming key, value and range
     */
    public static function of(array $value): self
    {
        foreach (array_keys($value) as $key) {
            if (! \in_array($key, self::KEYS, true)) {
                throw InvalidInput::one((string) $key, $value[$key], implode(', ', self::KEYS));
            }
        }
        $shot = \is_string($value['shot'] ?? null) ? Shot::tryFrom($value['shot']) : null;
        $drills = $value['drills'] ?? null;
        if (
            ! \is_array($drills)
            || ! array_is_list($drills)
            || \count($drills) > Prescription::MOST_DRILLS
            || array_filter($drills, is_string(...)) !== $drills
        ) {
            throw InvalidInput::one('drills', $drills, 'at most '.Prescription::MOST_DRILLS.' ids of drills');
        }

        return new self(
            self::text('name', $value['name'] ?? null, 60),
            $shot ?? throw InvalidInput::one('shot', $value['shot'] ?? null, implode(', ', array_column(Shot::cases(), 'value'))),
            self::figures($value['figures'] ?? []),
            self::text('feel', $value['feel'] ?? null, 500),
            $drills,
        );
    }

    /**
     * @return list<array{observable: string, to: float}>
     *
     * @throws InvalidInput naming key, value and range
     */
    public static function figures(mixed $value): array
    {
        if (! \is_array($value) || ! array_is_list($value) || \count($value) > self::MOST_FIGURES) {
            throw InvalidInput::one('figures', $value, 'a list of at most '.self::MOST_FIGURES);
        }
        $figures = [];
        foreach ($value as $i => $one) {
            $id = \is_array($one) && \is_string($one['observable'] ?? null) ? $one['observable'] : '';
            $to = \is_array($one) ? $one['to'] ?? null : null;
            $what = Observable::tryFrom($id);
            if ($what === null || $what->field()->kind !== 'number' || isset($figures[$id])) {
                throw InvalidInput::one(
                    "figures.{$i}.observable",
                    \is_array($one) ? $one['observable'] ?? null : $one,
                    'a set-up figure, each once',
                );
            }
            $fault = $what->field()->fault("figures.{$i}.to", $to);
            if ($fault !== null || (! \is_int($to) && ! \is_float($to))) {
                throw new InvalidInput([$fault ?? new Fault("figures.{$i}.to", $to, 'a number')]);
            }
            $figures[$id] = ['observable' => $id, 'to' => (float) $to];
        }

        return array_values($figures);
    }

    /** @return PutOwnCardShape */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'shot' => $this->shot->value,
            'figures' => $this->figures,
            'feel' => $this->feel,
            'drills' => $this->drills,
        ];
    }

    private static function text(string $key, mixed $value, int $longest): string
    {
        return Field::text($key, $longest)->filled($key, $value);
    }
}
