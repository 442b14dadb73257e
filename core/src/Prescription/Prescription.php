<?php

declare(strict_types=1);

namespace LowPoint\Core\Prescription;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\View;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Drills\DrillSheet;
use LowPoint\Core\Practice\Means;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Swing;
use LowPoint\Core\Wording\Words;

/** One set-up change, one feel, at most two drills, and the measure that must move (handbook 05). */
final readonly class Prescription
{
    private const MOST_DRILLS = 2;

    /**
     * @param  list<SetupChange>  $setup
     * @param  array{outside: string, inside: string, sound: string}|null  $feels
     * @param  list<DrillSheet>  $drills
     * @param  list<DrillSheet>  $otherDrills
     * @param  list<array{id: string, name: string, why: string}>  $leftOut
     */
    private function __construct(
        public array $setup,
        public ?array $feels,
        public array $drills,
        public array $otherDrills,
        public array $leftOut,
        public ?string $stop,
        public ?string $measure,
    ) {}

    /** What there is to prescribe when there is nothing to cure, or nothing is known yet. */
    public static function nothing(): self
    {
        return new self([], null, [], [], [], null, null);
    }

    public static function for(Cause $cause, View $view, SetupCard $card, ?Swing $swing, DrillLibrary $library, Words $words, ?Means $means = null): self
    {
        $means ??= new Means(limits: $view->case->limits);
        $fit = $leftOut = [];
        foreach ($cause->cure->drills as $id) {
            $drill = $library->find($id);
            if ($drill === null || ! \in_array($view->case->task->shot, $drill->shots, true)) {
                continue;
            }
            $why = $means->against($drill);
            if ($why === null) {
                $fit[] = DrillSheet::for($drill, $card, $swing, $words);
            } else {
                $leftOut[] = ['id' => $drill->id, 'name' => $drill->name, 'why' => $why];
            }
        }

        return new self(
            [SetupChange::toCard($cause->cure->change, $words->told($cause->cure->setupText), $view->case, $card, $words)],
            $words->allTold($cause->cure->feels),
            \array_slice($fit, 0, self::MOST_DRILLS),
            \array_slice($fit, self::MOST_DRILLS),
            $leftOut,
            $words->told($cause->cure->stop),
            $words->told($cause->cure->measure),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $sheet = static fn(DrillSheet $sheet): array => $sheet->toArray();

        return [
            'setup' => array_map(static fn(SetupChange $change): array => $change->toArray(), $this->setup),
            'feel' => $this->feels['outside'] ?? null,
            'feels' => $this->feels,
            'drills' => array_map($sheet, $this->drills),
            'other_drills' => array_map($sheet, $this->otherDrills),
            'left_out' => $this->leftOut,
            'stop' => $this->stop,
            'measure' => $this->measure,
        ];
    }
}
