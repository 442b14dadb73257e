<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Distance\CarriedBall;
use LowPoint\Core\Distance\DistanceChart;
use LowPoint\Core\Evidence\Ball;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Wording\Words;

/**
 * "How far does he hit what, and what for this number?" as a question (handbook 12.2).
 *
 * @phpstan-import-type ChartShape from DistanceChart
 */
final readonly class DistancesRequest
{
    private const MOST_BALLS = 5000;

    private const MOST_CLUBS = 20;

    private const LONGEST_NAME = 60;

    /**
     * @param  list<string>  $clubs
     * @param  array<string, float>  $lofts
     * @param  list<CarriedBall>  $balls
     */
    private function __construct(
        private array $clubs,
        private array $lofts,
        private array $balls,
        private ?float $targetM,
    ) {}

    /** @throws InvalidInput with every fault found */
    public static function fromJson(string $json): self
    {
        return self::fromValue(RequestJson::decoded($json));
    }

    /** @throws InvalidInput with every fault found */
    public static function fromValue(mixed $data): self
    {
        $fields = RequestFields::of($data, ['clubs', 'balls', 'target_m']);
        [$clubs, $lofts] = self::clubs($fields);
        $balls = [];
        foreach ($fields->parts('balls', self::MOST_BALLS, 'club', 'backswing', 'speed_change', 'strike', 'carry_m') as $ball) {
            $balls[] = self::ball($ball);
            $fields->takeFaultsOf($ball);
        }
        $target = $fields->optional('target_m', TargetNumber::RANGE_M, 'm');
        $fields->check();

        return new self($clubs, $lofts, array_values(array_filter($balls)), $target);
    }

    /** @return ChartShape as in handbook 12.2 */
    public function answer(Words $words = new Words): array
    {
        return DistanceChart::of($this->clubs, $this->lofts, $this->balls, $words)->toArray($this->targetM);
    }

    /**
     * Clubs by name, or with loft and bounce.
     *
     * @return array{list<string>, array<string, float>}
     */
    private static function clubs(RequestFields $fields): array
    {
        $given = $fields->value('clubs') ?? [];
        if (! \is_array($given) || ! array_is_list($given) || \count($given) > self::MOST_CLUBS) {
            $fields->fault('clubs', $given, 'a list of at most '.self::MOST_CLUBS.' clubs');

            return [[], []];
        }
        [$names, $lofts] = [[], []];
        foreach ($given as $i => $club) {
            $name = \is_array($club) ? $club['name'] ?? null : $club;
            $loft = \is_array($club) ? $club['loft_deg'] ?? null : null;
            if (\is_int($name) || \is_float($name)) {
                $name = (string) $name;
            }
            if (! \is_string($name) || trim($name) === '' || mb_strlen($name) > self::LONGEST_NAME) {
                $fields->fault("clubs[{$i}]", $club, 'a name, or an object with name and loft_deg');

                continue;
            }
            $names[] = $name;
            if ($loft !== null) {
                $fault = Field::number('Loft', 'degrees', ...Club::LOFT_DEG)->fault("clubs[{$i}].loft_deg", $loft);
                if ($fault !== null || ! is_numeric($loft)) {
                    $fields->fault("clubs[{$i}].loft_deg", $loft, implode(' to ', Club::LOFT_DEG).' degrees');
                } else {
                    $lofts[$name] = (float) $loft;
                }
            }
        }

        return [$names, $lofts];
    }

    private static function ball(RequestFields $ball): ?CarriedBall
    {
        $club = $ball->name('club', self::LONGEST_NAME);
        $backswing = $ball->name('backswing', self::LONGEST_NAME);
        $speed = $ball->value('speed_change');
        $field = Observable::SpeedChange->field();
        if ($speed !== null && $field->fault('speed_change', $speed) !== null) {
            $ball->fault('speed_change', $speed, $field->allowed());
        }
        $strike = $ball->has('strike') ? $ball->choice('strike', Strike::cases(), Strike::Clean) : null;
        $carry = $ball->number('carry_m', [0.0, Ball::FARTHEST_M], 'm');

        return $club === null || $backswing === null
            ? null
            : new CarriedBall($club, $backswing, $carry, $strike, \is_string($speed) ? $speed : null);
    }
}
