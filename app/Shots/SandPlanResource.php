<?php

declare(strict_types=1);

namespace App\Shots;

use App\Http\ApiResource;
use Illuminate\Http\Request;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Sand\SandCard;
use LowPoint\Core\ShotChoice\Ballistics;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Wording\Words;

/**
 * The set-up for a ball in sand, drawn and in words.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type SandCardShape from SandCard
 * @phpstan-import-type NamedShape from ApiResource
 * @phpstan-type SandPlanShape array{
 *     card: SandCardShape,
 *     school: ToldShape,
 *     // Where the swing goes, + = to the trail side.
 *     path_deg: float,
 *     // Points of the flight, m along and up.
 *     path: list<array{float, float}>,
 *     // Of ten balls, by strike.
 *     rates: list<ToldShape>,
 *     setup: list<ToldShape>,
 *     // Whether the strikes are the student's own.
 *     strikes: ToldShape,
 *     // How the ball passes the lip; null where there is none.
 *     lip: ToldShape|null,
 *     // That suit this sand.
 *     schools: list<NamedShape>,
 *     caution: ToldShape,
 * }
 *
 * @property array{card: SandCard, carry_m: float, lie: Lie, strikes: string, words: Words, ballistics: Ballistics} $resource
 */
final class SandPlanResource extends ApiResource
{
    /** @return SandPlanShape */
    public function toArray(Request $request): array
    {
        $card = $this->resource['card'];
        $words = $this->resource['words'];

        return [
            'card' => $card->toArray(),
            'school' => $card->school->label(),
            'path_deg' => round($card->pathDeg + $card->aimDeg, 1) + 0.0,
            'path' => $this->resource['ballistics']->path($this->resource['carry_m'], $card->launchDeg),
            'rates' => $card->ratesInWords($words),
            'setup' => $card->inWords($words),
            'strikes' => $this->resource['strikes'],
            'lip' => $card->lipInWords($words),
            'schools' => array_map(
                static fn(School $one): array => ['id' => $one->value, 'name' => $one->label()],
                School::suiting(Shot::Bunker, $this->resource['lie']),
            ),
            'caution' => SandCard::CAUTION,
        ];
    }
}
