<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Swing;
use LowPoint\Core\Wording\Words;

/**
 * A drill made out for one student: with the distances that this student's arc asks for.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type GoalShape from Goal
 * @phpstan-import-type DoseShape from Drill
 * @phpstan-import-type PassShape from Drill
 * @phpstan-import-type DrawnShape from Drill
 * @phpstan-type DrillHandoutShape array{
 *     id: string,
 *     name: ToldShape,
 *     purpose: ToldShape,
 *     equipment: list<ToldShape>,
 *     grounds: list<string>,
 *     steps: list<ToldShape>,
 *     trade: array{better: ToldShape, worse: ToldShape},
 *     distances: list<ToldShape>,
 *     picture: list<DrawnShape>,
 *     dose: DoseShape,
 *     pass: PassShape,
 *     goal: GoalShape,
 *     // Ways in which it can be scored.
 *     kinds?: list<value-of<Scoring>>,
 *     easier: ToldShape,
 *     harder: ToldShape,
 *     feel: ToldShape,
 *     cautions: list<ToldShape>,
 * }
 */
final readonly class DrillHandout
{
    /** @param list<string> $distances */
    private function __construct(
        public Drill $drill,
        public array $distances,
        public DrillPicture $picture,
        private Words $words,
    ) {}

    /** @param Swing|null $swing null = no balls seen yet, so nothing can be computed */
    public static function for(Drill $drill, SetupCard $card, ?Swing $swing, Words $words): self
    {
        return new self(
            $drill,
            $drill->computed === null || $swing === null ? [] : ($drill->computed)($swing, $words),
            DrillPicture::of($drill, $card, $swing),
            $words,
        );
    }

    /** @return DrillHandoutShape */
    public function toArray(): array
    {
        return $this->words->allTold([
            'id' => $this->drill->id,
            'name' => $this->drill->name,
            'purpose' => $this->drill->purpose,
            'equipment' => $this->drill->equipment,
            'grounds' => $this->drill->grounds,
            'steps' => $this->drill->steps,
            'trade' => $this->drill->trade(),
            'distances' => $this->distances,
            'picture' => $this->picture->shapes,
            'dose' => $this->drill->dose,
            'pass' => ['kind' => $this->drill->pass['kind']->value] + $this->drill->pass,
            'goal' => Goal::of($this->drill)->toArray(),
            'kinds' => array_column($this->drill->pass['kind']->instead(), 'value'),
            'easier' => $this->drill->easier,
            'harder' => $this->drill->harder,
            'feel' => $this->drill->feel,
            'cautions' => [...$this->drill->cautions, ...Cautions::GENERAL],
        ]);
    }
}
