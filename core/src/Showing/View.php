<?php

declare(strict_types=1);

namespace LowPoint\Core\Showing;

/**
 * One way of looking at what is asked: where from, what is drawn, and in words what is asked and what is there now.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type PartShape from Part
 * @phpstan-type ViewShape array{
 *     view: 'ground'|'above'|'face_on'|'scale',
 *     title: ToldShape,
 *     // West, south, width and height of what is drawn; y points up.
 *     box: array{float, float, float, float},
 *     parts: list<PartShape>,
 *     rows: list<array{asked: ToldShape, now: ToldShape|null}>,
 * }
 */
final readonly class View
{
    /**
     * @param  'ground'|'above'|'face_on'|'scale'  $view
     * @param  array{float, float, float, float}  $box
     * @param  list<Part>  $parts
     * @param  list<array{asked: string, now: string|null}>  $rows
     */
    public function __construct(
        public string $view,
        public string $title,
        public array $box,
        public array $parts,
        public array $rows,
    ) {}

    /** @return ViewShape */
    public function toArray(): array
    {
        return [
            'view' => $this->view,
            'title' => $this->title,
            'box' => $this->box,
            'parts' => array_map(static fn(Part $one): array => $one->toArray(), $this->parts),
            'rows' => $this->rows,
        ];
    }
}
