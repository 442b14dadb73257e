<?php

declare(strict_types=1);

namespace LowPoint\Core\Statements;

use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Reading\WarningId;

/**
 * One sentence of a reading with the figures in it, where it sends what, and what it rests on (handbook 16.5). Whatever is shown of a
 * reading chooses among these.
 *
 * @phpstan-import-type ToldFigureShape from Figure
 * @phpstan-import-type DirectionShape from Direction
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type StatementShape array{
 *     id: string,
 *     kind: value-of<Kind>,
 *     text: ToldShape,
 *     figures: list<ToldFigureShape>,
 *     direction: DirectionShape|null,
 *     // Balls by their places from 0; earlier sets by how many days ago they were.
 *     rests_on: array{observables: list<value-of<Observable>>, balls: list<int>, earlier: list<int>},
 *     cause: string|null,
 *     warning?: value-of<WarningId>,
 *     asserts?: list<string>,
 * }
 */
final readonly class Statement
{
    /**
     * @param  list<Figure>  $figures
     * @param  list<Observable>  $observables  that it rests on
     * @param  list<int>  $balls  that it rests on
     * @param  list<int>  $earlier  sets that it rests on, days ago
     * @param  list<string>  $asserts  causes that a warning says are at work
     */
    public function __construct(
        public string $id,
        public Kind $kind,
        public string $text,
        public array $figures = [],
        public ?Direction $direction = null,
        public array $observables = [],
        public array $balls = [],
        public array $earlier = [],
        public ?string $cause = null,
        public ?WarningId $warning = null,
        public array $asserts = [],
    ) {}

    /** @return StatementShape */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->value,
            'text' => $this->text,
            'figures' => array_map(static fn(Figure $one): array => $one->toArray(), $this->figures),
            'direction' => $this->direction?->toArray(),
            'rests_on' => [
                'observables' => array_column($this->observables, 'value'),
                'balls' => $this->balls,
                'earlier' => $this->earlier,
            ],
            'cause' => $this->cause,
            ...($this->warning === null ? [] : ['warning' => $this->warning->value, 'asserts' => $this->asserts]),
        ];
    }
}
