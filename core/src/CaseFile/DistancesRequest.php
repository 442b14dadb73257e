<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Distance\CarriedBall;
use LowPoint\Core\Distance\DistanceChart;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Items;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Open;
use LowPoint\Core\Records\Read;
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

    public const LONGEST_NAME = 60;

    /** @var list<string> */
    private array $clubs;

    /** @var array<string, float> */
    private array $lofts;

    /**
     * @param  array<array-key, mixed>  $clubs  by name, or with loft
     * @param  list<CarriedAsked>  $balls
     *
     * @throws InvalidInput for a club that is none
     */
    public function __construct(
        #[Open('array')]
        array $clubs = [],
        #[Items(CarriedAsked::class, most: self::MOST_BALLS)]
        private array $balls = [],
        #[Number('', 'm', TargetNumber::RANGE_M[0], TargetNumber::RANGE_M[1])]
        private ?float $targetM = null,
    ) {
        [$this->clubs, $this->lofts] = self::clubs($clubs);
    }

    /** @throws InvalidInput with every fault found */
    public static function fromJson(string $json): self
    {
        return self::fromValue(RequestJson::decoded($json));
    }

    /** @throws InvalidInput with every fault found */
    public static function fromValue(mixed $data): self
    {
        return Read::record(self::class, $data);
    }

    /** @return ChartShape as in handbook 12.2 */
    public function answer(Words $words = new Words): array
    {
        return DistanceChart::of(
            $this->clubs,
            $this->lofts,
            array_map(static fn(CarriedAsked $ball): CarriedBall => $ball->ball(), $this->balls),
            $words,
        )->toArray($this->targetM);
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array{list<string>, array<string, float>} names, and lofts by name
     *
     * @throws InvalidInput with every fault found
     */
    private static function clubs(array $given): array
    {
        $read = new Read;
        if (! array_is_list($given) || \count($given) > self::MOST_CLUBS) {
            throw InvalidInput::one('clubs', $given, 'a list of at most '.self::MOST_CLUBS.' clubs');
        }
        [$names, $lofts] = [[], []];
        foreach ($given as $i => $club) {
            $name = \is_array($club) ? $club['name'] ?? null : $club;
            $name = \is_int($name) || \is_float($name) ? (string) $name : $name;
            if (! \is_string($name) || trim($name) === '' || mb_strlen($name) > self::LONGEST_NAME) {
                $read->refuse(new Fault("clubs[{$i}]", $club, 'a name, or an object with name and loft_deg'));

                continue;
            }
            $names[] = $name;
            if (\is_array($club) && isset($club['loft_deg'])) {
                $loft = (new Number('Loft', 'degrees', ...Club::LOFT_DEG))->read("clubs[{$i}].loft_deg", $club['loft_deg'], $read);
                $lofts[$name] = (float) $loft;
            }
        }
        $read->check();

        return [$names, $lofts];
    }
}
