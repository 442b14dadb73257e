<?php

declare(strict_types=1);

namespace LowPoint\Core\Feed;

use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Field;

/**
 * A ball as a measuring device tells of it (handbook 12.5). Units are fixed: m, m/s, degrees, mm; signs as in handbook 01.
 *
 * @phpstan-type FeedBallShape array{
 *     // A ULID: the same one twice is stored once.
 *     id: string,
 *     at?: string|null,
 *     carry_m?: float|null,
 *     roll_m?: float|null,
 *     start_deg?: float|null,
 *     launch_deg?: float|null,
 *     ball_speed_m_s?: float|null,
 *     club_speed_m_s?: float|null,
 *     attack_deg?: float|null,
 *     path_deg?: float|null,
 *     face_deg?: float|null,
 *     low_point_mm?: float|null,
 *     dynamic_loft_deg?: float|null,
 * }
 * @phpstan-type FeedShape list<FeedBallShape>
 */
final readonly class ToldBall
{
    private const ULID = '/^[0-7][0-9A-HJKMNP-TV-Z]{25}$/i';

    private const LONGEST_AT = 40;

    /** m/s²; and what spin and rounding may add to the vacuum range. Origin: chosen by us. */
    private const GRAVITY = 9.81;

    private const WITH_SPIN = 1.3;

    private const ROUNDED_M = 1.0;

    private const LONGEST_KEY = 40;

    /**
     * @param  array<string, float>  $figures
     * @param  list<string>  $unknown  keys that were kept out
     */
    private function __construct(
        public string $id,
        public ?\DateTimeImmutable $at,
        public array $figures,
        public array $unknown,
    ) {}

    /** @return array<string, Field> every figure, by key */
    public static function fields(): array
    {
        return [
            'carry_m' => Field::number('Carry', 'm', 0, SeenBall::FARTHEST_M),
            'roll_m' => Field::number('Roll', 'm', 0, SeenBall::FARTHEST_M),
            'start_deg' => Field::number('Start', 'degrees', -45, 45),
            'launch_deg' => Field::number('Launch', 'degrees', -10, 85),
            'ball_speed_m_s' => Field::number('Ball speed', 'm/s', 0, 100),
            'club_speed_m_s' => Field::number('Club speed', 'm/s', 0, 80),
            'attack_deg' => Field::number('Attack', 'degrees', -30, 30),
            'path_deg' => Field::number('Path', 'degrees', -45, 45),
            'face_deg' => Field::number('Face', 'degrees', -60, 60),
            'low_point_mm' => Field::number('Low point', 'mm', -400, 400),
            'dynamic_loft_deg' => Field::number('Loft at the strike', 'degrees', 0, 85),
        ];
    }

    /** @throws InvalidInput with every fault found */
    public static function read(mixed $data): self
    {
        if (! \is_array($data) || array_is_list($data)) {
            throw InvalidInput::one('ball', $data, 'an object with id, and what was measured: '.implode(', ', array_keys(self::fields())));
        }
        $faults = [];
        $id = $data['id'] ?? null;
        if (! \is_string($id) || preg_match(self::ULID, $id) !== 1) {
            $faults[] = new Fault('id', $id, 'a ULID, 26 characters');
        }
        $at = self::moment($data['at'] ?? null);
        if (($data['at'] ?? null) !== null && $at === null) {
            $faults[] = new Fault('at', $data['at'], 'a moment as in RFC 3339, 2026-11-25T10:00:00Z');
        }
        $figures = $unknown = [];
        $fields = self::fields();
        foreach ($data as $key => $value) {
            if ($key === 'id' || $key === 'at' || $value === null) {
                continue;
            }
            $key = (string) $key;
            $field = $fields[$key] ?? null;
            $fault = $field?->fault($key, $value);
            if ($field === null) {
                $unknown[] = mb_strimwidth(mb_scrub($key), 0, self::LONGEST_KEY, '…');
            } elseif ($fault !== null) {
                $faults[] = $fault;
            } elseif (\is_int($value) || \is_float($value)) {
                $figures[$key] = (float) $value;
            }
        }
        $fault = self::tooFar($figures);
        $faults = [...$faults, ...$fault === null ? [] : [$fault]];
        if ($faults !== [] || ! \is_string($id)) {
            throw new InvalidInput($faults === [] ? [new Fault('id', $id, 'a ULID')] : $faults);
        }

        return new self(strtoupper($id), $at, $figures, $unknown);
    }

    /**
     * No ball flies further than it would without air, and a little for what its spin may carry it.
     *
     * @param  array<string, float>  $figures
     */
    private static function tooFar(array $figures): ?Fault
    {
        $speed = $figures['ball_speed_m_s'] ?? null;
        $carry = $figures['carry_m'] ?? null;
        if ($speed === null || $carry === null) {
            return null;
        }
        $farthest = self::WITH_SPIN * ($speed ** 2 / self::GRAVITY) + self::ROUNDED_M;

        return $carry <= $farthest
            ? null
            : new Fault('carry_m', $carry, sprintf('up to %.0f m with a ball speed of %.1f m/s', $farthest, $speed));
    }

    private static function moment(mixed $value): ?\DateTimeImmutable
    {
        if (! \is_string($value) || \strlen($value) > self::LONGEST_AT) {
            return null;
        }
        // Devices tell nanoseconds, and write t and z; RFC 3339 lets them.
        $value = (string) preg_replace('/(\.\d{6})\d+/', '$1', strtoupper($value));
        foreach (['Y-m-d\TH:i:sP', 'Y-m-d\TH:i:s.vP', 'Y-m-d\TH:i:s.uP'] as $format) {
            $at = \DateTimeImmutable::createFromFormat($format, $value);
            if ($at !== false && \DateTimeImmutable::getLastErrors() === false) {
                return $at;
            }
        }

        return null;
    }
}
