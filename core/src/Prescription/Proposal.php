<?php

declare(strict_types=1);

namespace LowPoint\Core\Prescription;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Cure;
use LowPoint\Core\Causes\Effort;
use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Drills\Drill;
use LowPoint\Core\Drills\DrillHandout;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Practice\PracticeResources;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Swing;
use LowPoint\Core\Wording\Words;

/**
 * One idea: the set-up figures that it needs, one feel, at most two drills, and the measure that must move (handbook 05).
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type SetupChangeShape from SetupChange
 * @phpstan-import-type DrillHandoutShape from DrillHandout
 * @phpstan-type ProposalShape array{
 *     setup: list<SetupChangeShape>,
 *     feel: ToldShape|null,
 *     feels: array{outside: ToldShape, inside: ToldShape, sound: ToldShape}|null,
 *     drills: list<DrillHandoutShape>,
 *     other_drills: list<DrillHandoutShape>,
 *     left_out: list<array{id: string, name: ToldShape, why: ToldShape}>,
 *     stop: ToldShape|null,
 *     measure: ToldShape|null,
 * }
 */
final readonly class Proposal
{
    public const MOST_DRILLS = 2;

    private const FOR_A_STALLED_CHEST = 'stick_clear';

    /**
     * @param  list<SetupChange>  $setup  what belongs together, in the order in which it is taken
     * @param  array{outside: string, inside: string, sound: string}|null  $feels
     * @param  list<DrillHandout>  $drills
     * @param  list<DrillHandout>  $otherDrills
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

    public static function for(
        Cause $cause,
        EvidenceContext $context,
        SetupCard $card,
        ?Swing $swing,
        DrillLibrary $library,
        Words $words,
        ?PracticeResources $resources = null,
    ): self {
        $resources ??= new PracticeResources(limits: $context->case->limits);
        $task = $context->case->task;
        $fit = $leftOut = [];
        foreach (self::serving($cause, $context) as $id) {
            $drill = $library->find($id);
            if ($drill === null || ! $drill->suits($task)) {
                continue;
            }
            $why = $resources->against($drill);
            if ($why === null) {
                $fit[] = $drill;
            } else {
                $leftOut[] = ['id' => $drill->id, 'name' => $drill->name, 'why' => $why];
            }
        }
        $first = self::differing($fit);
        $sheet = static fn(Drill $drill): DrillHandout => DrillHandout::for($drill, $card, $swing, $words);

        return new self(
            self::setup($cause->cure, $context, $card, $words),
            $words->allTold($cause->cure->feels),
            array_map($sheet, $first),
            array_map($sheet, array_values(array_filter($fit, static fn(Drill $drill): bool => ! \in_array($drill, $first, true)))),
            $leftOut,
            $words->told($cause->cure->stop),
            $words->told($cause->cure->measure),
        );
    }

    /**
     * The figures that have to change; where none was seen to, those of a set-up cure that nobody has looked at; else the idea
     * in words.
     *
     * @return non-empty-list<SetupChange>
     */
    private static function setup(Cure $cure, EvidenceContext $context, SetupCard $card, Words $words): array
    {
        $first = $cure->asSeen($context);
        $changes = $first === null ? [] : [SetupChange::inWords($words->told($first))];
        foreach ($cure->corrections as $correction) {
            $changes[] =
                SetupChange::of($correction, $context->case, $card, $words) ??
                ($cure->effort === Effort::Setup ? SetupChange::toLookAt($correction, $context->case, $card, $words) : null);
        }
        $changes = array_values(array_filter($changes));

        // A figure is no motion: where the motion is the fault, the idea is told beside the figures.
        return $changes === [] || ($cure->effort !== Effort::Setup && $first === null)
            ? [...$changes, SetupChange::inWords($words->told($cure->idea))]
            : $changes;
    }

    /**
     * Drills of the cause, best first. Where the chest was seen to stall, the one that makes it turn comes first.
     *
     * @return list<string>
     */
    private static function serving(Cause $cause, EvidenceContext $context): array
    {
        $drills = $cause->cure->drills;
        $stalls = $context->case->seen->choice(Observable::ChestTurn) === 'stalls' && \in_array(self::FOR_A_STALLED_CHEST, $drills, true);

        return $stalls ? array_values(array_unique([self::FOR_A_STALLED_CHEST, ...$drills])) : $drills;
    }

    /**
     * The best ones that do not train the same thing twice.
     *
     * @param  list<Drill>  $drills
     * @return list<Drill>
     */
    private static function differing(array $drills): array
    {
        $chosen = [];
        foreach ($drills as $drill) {
            if (\count($chosen) < self::MOST_DRILLS && ! isset($chosen[$drill->trains->name])) {
                $chosen[$drill->trains->name] = $drill;
            }
        }

        return array_values($chosen);
    }

    /** @return ProposalShape */
    public function toArray(): array
    {
        $sheet = static fn(DrillHandout $sheet): array => $sheet->toArray();

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
