<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Schools\Range;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Wording\Words;

/**
 * Which school the reading follows, and whether the evidence speaks for another. The coach is never overruled.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type SchoolChoiceShape array{
 *     id: value-of<School>,
 *     name: ToldShape,
 *     idea: ToldShape,
 *     why: ToldShape,
 *     // Where the club should enter the sand.
 *     entry_mm: array{float, float}|null,
 *     // Another school that fits better what was seen.
 *     offer: array{
 *         id: value-of<School>,
 *         name: ToldShape,
 *         idea: ToldShape,
 *         why: ToldShape,
 *         card: array<string, array{float, float}>,
 *         rate_chosen: float|null,
 *         rate_offered: float|null,
 *     }|null,
 * }
 * @phpstan-type SchoolOffer array{
 *     id: School,
 *     why: ToldShape,
 *     card: array<string, array{float, float}>,
 *     rate_chosen: float|null,
 *     rate_offered: float|null,
 * }
 */
final readonly class SchoolChoice
{
    /** @param SchoolOffer|null $offer */
    private function __construct(
        public School $school,
        public string $why,
        public ?array $offer,
    ) {}

    /** @param list<Warning> $lookAlikes */
    public static function for(EvidenceContext $context, array $lookAlikes, ?StudentFit $fit): self
    {
        $task = $context->case->task;
        $school = School::followedIn($task);
        $why =
            $task->method === null
                ? "Nobody chose a school; {$school->label()} is the usual one for this shot and lie."
                : 'Chosen for this student.';

        return new self($school, $why, self::offer($task, $school, $lookAlikes, $fit));
    }

    public function warning(Words $words): ?Warning
    {
        if ($this->offer === null) {
            return null;
        }
        // Where the model sees no better rate, the pattern alone speaks for the other school.
        $rates =
            $this->offer['rate_chosen'] === null
            || $this->offer['rate_offered'] === null
            || Words::tens($this->offer['rate_offered']) <= Words::tens($this->offer['rate_chosen'])
                ? ''
                : " Good strikes by the model: about {$words->ofTen(
                    $this->offer['rate_chosen'],
                )} with {$this->school->label()}, {$words->ofTen($this->offer['rate_offered'])} with {$this->offer['id']->label()}.";

        return new Warning(WarningId::SchoolConflict, $this->offer['why'].$rates.' The choice is yours.');
    }

    /** @return SchoolChoiceShape */
    public function toArray(): array
    {
        return [
            'id' => $this->school->value,
            'name' => $this->school->label(),
            'idea' => $this->school->idea(),
            'why' => $this->why,
            'entry_mm' => $this->school->entryMm(),
            'offer' =>
                $this->offer === null
                    ? null
                    : ['id' => $this->offer['id']->value, 'name' => $this->offer['id']->label(), 'idea' => $this->offer['id']->idea()] +
                        $this->offer,
        ];
    }

    /**
     * @param  list<Warning>  $lookAlikes
     * @return SchoolOffer|null
     */
    private static function offer(Task $task, School $school, array $lookAlikes, ?StudentFit $fit): ?array
    {
        $ids = array_map(static fn(Warning $warning): WarningId => $warning->id, $lookAlikes);
        [$other, $why] = match (true) {
            ! $school->suits($task->shot, $task->lie) => [
                School::standardFor($task->shot, $task->lie),
                "{$school->label()} does not suit a {$task->shot->value} from this lie ({$task->lie->label()}).",
            ],
            $school === School::HandleAhead && \in_array(WarningId::ThinOnTheWayDown, $ids, true) => [
                School::NeutralShaft,
                'Thin on the way down is the excess of Handle ahead.',
            ],
            $school === School::HandleAhead && \in_array(WarningId::DiggingNotAim, $ids, true) => [
                School::NeutralShaft,
                'Digging is the excess of Handle ahead.',
            ],
            $school === School::OpenAcross && \in_array(WarningId::SandSteep, $ids, true) => [
                School::SquareSplash,
                'Too steep and across is the excess of Open across.',
            ],
            $school === School::SquareSplash && \in_array(WarningId::SandShallow, $ids, true) => [
                School::OpenAcross,
                'Too shallow is the excess of Square splash.',
            ],
            default => [null, ''],
        };
        if ($other === null || $other === $school) {
            return null;
        }
        $rate = static function (School $one) use ($task, $fit): ?float {
            $card = SetupCard::of($one, $task);

            return $fit === null || ! $fit->fits() ? null : $fit->after($fit->swing->redelivered($card->leanDeg(), $card->openDeg()));
        };
        [$chosen, $offered] = [$rate($school), $rate($other)];
        // Beside a school that can be taught here, another is offered only where the model sees it no worse.
        if ($school->suits($task->shot, $task->lie) && $chosen !== null && $offered !== null && $offered < $chosen) {
            return null;
        }
        $card = array_map(static fn(Range $range): array => [$range->from, $range->to], SetupCard::of($other, $task)->figures);

        return ['id' => $other, 'why' => $why, 'card' => $card, 'rate_chosen' => $chosen, 'rate_offered' => $offered];
    }
}
