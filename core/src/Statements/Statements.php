<?php

declare(strict_types=1);

namespace LowPoint\Core\Statements;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Evidence\EarlierSet;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Tally;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Progress\CleanRate;
use LowPoint\Core\Progress\Comparison;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Reading\Warning;
use LowPoint\Core\Reading\WarningStep;
use LowPoint\Core\Reading\WeighedCause;
use LowPoint\Core\Reading\WeighedClue;
use LowPoint\Core\Wording\Words;

/** Everything that a reading says, sentence by sentence (handbook 16.5). */
final readonly class Statements
{
    private KnownFigures $figures;

    private function __construct(
        private Reading $reading,
        private Words $words,
    ) {
        $this->figures = new KnownFigures($reading, $words);
    }

    /** @return list<Statement> each id once */
    public static function of(Reading $reading, Words $words = new Words): array
    {
        $all = new self($reading, $words);
        $told = [
            ...$all->pattern(),
            ...(new LooksTold($reading, $words))->all(),
            ...array_merge(...array_map($all->cause(...), $reading->causes)),
            ...array_merge(...array_map($all->warning(...), $reading->warnings, array_keys($reading->warnings))),
            ...$all->next(),
            ...$all->work(),
            ...array_map($all->setup(...), $reading->prescription->setup, array_keys($reading->prescription->setup)),
            ...$all->feels(),
            ...$all->prediction(),
            ...CourseTold::comparison($all->besideFirstSet()),
            ...$all->limits(),
        ];

        return array_values(array_filter($told, static fn(Statement $one): bool => $one->text !== ''));
    }

    /** @return list<Statement> */
    private function pattern(): array
    {
        $balls = array_keys($this->reading->pattern->balls);
        $told = [];
        foreach (
            [
                'pattern' => $this->reading->patternText,
                'pattern.headline' => $this->reading->headline,
                'pattern.detail' => $this->reading->detail,
            ] as $id => $text
        ) {
            $told[] = new Statement($id, Kind::Seen, $text, Numbers::told($id, $text, $this->figures->pattern()), balls: $balls);
        }
        [$id, $text] = ['pattern.low_point', $this->reading->lowPointText];
        $told[] = new Statement($id, Kind::Seen, $text, Numbers::told($id, $text, $this->figures->lowPoint()), balls: $balls);

        return $told;
    }

    /** @return list<Statement> what speaks for it and against it, and what putting it right would win */
    private function cause(WeighedCause $weighed): array
    {
        $id = $weighed->cause->id;
        $told = [];
        foreach ([[Kind::Cause, $weighed->for], [Kind::Against, $weighed->against]] as [$kind, $clues]) {
            $places = [];
            foreach ($clues as $clue) {
                $key = $clue->term ?? json_encode($clue->looks, JSON_THROW_ON_ERROR);
                $places[$key] = ($places[$key] ?? -1) + 1;
                $told[] = $this->clue($weighed->cause, $kind, $clue, $places[$key]);
            }
        }
        if ($weighed->gainText !== null) {
            $told[] = new Statement(
                "gain.{$id}",
                Kind::Prediction,
                $weighed->gainText,
                Numbers::told("gain.{$id}", $weighed->gainText, $this->figures->gain($id, Numbers::in($weighed->gainText)[0] ?? 0.0)),
                cause: $id,
            );
        }

        return $told;
    }

    /** @param int $place  among the clues of this cause that need the same looks */
    private function clue(Cause $cause, Kind $kind, WeighedClue $clue, int $place): Statement
    {
        $by = self::by($clue);

        return new Statement(
            "{$kind->value}.{$cause->id}.{$by}".($place === 0 ? '' : ".{$place}"),
            $kind,
            $clue->text,
            $this->ofClue($cause, $clue, $by),
            observables: $clue->looks,
            balls: $clue->term === null ? [] : $this->figures->balls($clue->term),
            earlier: $clue->daysAgo === null ? [] : [$clue->daysAgo],
            cause: $cause->id,
        );
    }

    /** What a clue rests on, in a word. */
    private static function by(WeighedClue $clue): string
    {
        return match (true) {
            $clue->term !== null => $clue->term,
            $clue->looks !== [] => implode('_', array_column($clue->looks, 'value')),
            $clue->daysAgo !== null => 'tried',
            default => 'task',
        };
    }

    /** @return list<Figure> */
    private function ofClue(Cause $cause, WeighedClue $clue, string $by): array
    {
        $known = match (true) {
            $clue->term !== null => $this->figures->term($clue->term),
            $clue->daysAgo !== null => [
                new Figure("tried.{$cause->id}.days_ago", $clue->daysAgo, 'days'),
                ...$this->figures->looks($this->toldIn($clue->text)),
            ],
            default => $this->figures->looks($clue->looks),
        };

        // What two looks come to together goes by the looks; what a task or an attempt comes to, by its cause as well.
        return Numbers::told(($clue->looks === [] ? "{$by}.{$cause->id}" : $by).'.comes_to', $clue->text, $known);
    }

    /** @return list<Statement> the warning, and a further one for each way more that it sends a figure */
    private function warning(Warning $warning, int $place): array
    {
        $id = "warning.{$warning->id->value}".($place === 0 ? '' : ".{$place}");
        $ways = array_values(array_filter($warning->steps, static fn(WarningStep $one): bool => $one->advised));
        $balls = array_keys($this->reading->pattern->balls);
        $told = [];
        foreach ([null, ...\array_slice($ways, 1)] as $at => $step) {
            $text = $step->text ?? $warning->text;
            $way = $step ?? $ways[0] ?? null;
            $key = $at === 0 ? $id : "{$id}.{$at}";
            $told[] = new Statement(
                $key,
                Kind::Warning,
                $text,
                Numbers::told($key, $text, $this->ofWarning($warning)),
                $way === null ? null : Direction::of($way->what, $way->more),
                $this->toldIn($text),
                $balls,
                warning: $warning->id,
                asserts: $warning->asserts,
            );
        }

        return $told;
    }

    /** @return list<Figure> */
    private function ofWarning(Warning $warning): array
    {
        $aims = array_map(
            fn(WarningStep $one): array => $one->change === null ? [] : $this->figures->setup($one->change),
            $warning->steps,
        );
        $terms = array_map(fn(string $term): array => $this->figures->term($term), $warning->terms);

        // What speaks against a belief is a reason of its cause.
        $reasons = [];
        foreach ($this->reading->causes as $one) {
            foreach ($one->against as $clue) {
                if ($clue->isLook && str_contains($warning->text, $clue->text)) {
                    array_push($reasons, ...$this->ofClue($one->cause, $clue, self::by($clue)));
                }
            }
        }

        return [
            ...$reasons,
            ...array_merge(...$terms),
            ...array_map(
                static fn(string $name, string $said): Figure => Figure::said($name, $said, 1.0),
                array_keys($warning->amounts),
                $warning->amounts,
            ),
            ...array_merge(...$aims),
            ...$this->figures->looks($this->toldIn($warning->text)),
            ...$this->figures->pattern(),
        ];
    }

    /** @return list<Observable> what was seen that a text tells */
    private function toldIn(string $text): array
    {
        $seen = $this->reading->context->case->seen;

        return array_values(
            array_filter(
                Observable::cases(),
                fn(Observable $what): bool => ($told = $seen->told($what)) !== null
                    && stripos($text, $this->words->observed($what, $told)) !== false,
            ),
        );
    }

    /** @return list<Statement> the look that would tell most, and what it would settle */
    private function next(): array
    {
        $next = $this->reading->nextObservation;

        return $next === null
            ? []
            : [new Statement('next', Kind::Next, $next->why, Numbers::told('next', $next->why, []))];
    }

    /** @return list<Statement> what to do now, and what to know before */
    private function work(): array
    {
        $first = $this->reading->workOnFirst?->cause;
        $known = [
            ...array_merge(...array_map(fn(WeighedCause $one): array => $this->isNamedIn($one, $this->reading->advice)
                ? $this->figures->chance($one->cause)
                : [], $this->reading->causes)),
            ...$this->figures->tally('as_asked', $this->reading->pattern->asAsked(), array_keys($this->reading->pattern->balls)),
            ...$this->figures->looks($this->toldIn($this->reading->advice)),
            ...array_merge(...array_map($this->figures->term(...), ['carry', 'start'])),
            ...$this->figures->pattern(),
        ];
        $told = [
            new Statement(
                'advice',
                $first !== null ? Kind::Work : ($this->reading->nextObservation === null ? Kind::Limit : Kind::Next),
                $this->reading->advice,
                Numbers::told('advice', $this->reading->advice, $known),
                earlier: $this->earlier(),
                cause: $first?->id,
            ),
        ];
        foreach ($this->reading->firstNotes as $at => $note) {
            $named = array_filter($this->reading->causes, fn(WeighedCause $one): bool => $this->isNamedIn($one, $note));
            $of = array_values($named)[0] ?? null;
            $id = 'note.'.($at + 1);
            $told[] = new Statement(
                $id,
                Kind::Work,
                $note,
                Numbers::told($id, $note, $of === null ? [] : $this->figures->chance($of->cause)),
                cause: $of->cause->id ?? $first?->id,
            );
        }

        return $told;
    }

    private function isNamedIn(WeighedCause $one, string $text): bool
    {
        return str_contains($text, $one->cause->shortName());
    }

    private function setup(SetupChange $change, int $place): Statement
    {
        $id = 'setup.'.($change->what->value ?? 'words_'.($place + 1));

        return new Statement(
            $id,
            Kind::Setup,
            $change->text,
            Numbers::told($id, $change->text, $this->figures->setup($change)),
            $change->what === null ? null : Direction::of($change->what, $change->goesMore()),
            $change->what === null || $change->from === null ? [] : [$change->what],
            cause: $this->reading->workOnFirst?->cause->id,
        );
    }

    /** @return list<Statement> */
    private function feels(): array
    {
        $told = [];
        foreach ($this->reading->prescription->feels ?? [] as $kind => $feel) {
            $told[] = new Statement("feel.{$kind}", Kind::Feel, $feel, cause: $this->reading->workOnFirst?->cause->id);
        }

        return $told;
    }

    /** @return list<Statement> */
    private function prediction(): array
    {
        $prediction = $this->reading->prediction;
        $text = $prediction?->text() ?? '';

        return $text === ''
            ? []
            : [
                new Statement(
                    'prediction',
                    $prediction?->after === null ? Kind::Limit : Kind::Prediction,
                    $text,
                    Numbers::told('prediction', $text, $this->figures->prediction()),
                    balls: array_keys($this->reading->pattern->balls),
                    cause: $this->reading->workOnFirst?->cause->id,
                ),
            ];
    }

    /** @return list<Statement> what the balls leave open */
    private function limits(): array
    {
        $told = [];
        foreach ($this->reading->differentialHints as $at => $hint) {
            $id = 'open.'.($at + 1);
            $known = array_merge(...array_map($this->figures->term(...), ['carry', 'runs']));
            $told[] = new Statement($id, Kind::Limit, $hint, Numbers::told($id, $hint, $known), balls: $this->figures->balls('carry'));
        }
        $distance = $this->reading->distance;
        if ($distance !== null) {
            $told[] = new Statement(
                'distance',
                Kind::Limit,
                $distance->text,
                Numbers::told('distance', $distance->text, []),
                balls: [\count($this->reading->pattern->balls) - 1],
            );
        }
        if ($this->reading->touchTells() === false) {
            $told[] = new Statement(
                'touch_alone',
                Kind::Limit,
                'More than half of the misses touch down where good ones do: touch alone does not explain them.',
                balls: $this->figures->balls('touch'),
            );
        }

        return $told;
    }

    /** This set beside the first one of the same lesson with a like shot; null where it is the first itself. */
    private function besideFirstSet(): ?Comparison
    {
        $case = $this->reading->context->case;
        $before = array_filter($case->earlier, static fn(EarlierSet $one): bool => $one->tried->daysAgo === 0 && $one->isLike($case->task));
        $goods = [
            ...array_map(static fn(EarlierSet $one): Tally => $one->good(), array_values($before)),
            $this->reading->pattern->good(),
        ];
        $rates = array_map(
            static fn(Tally $one): CleanRate => new CleanRate($one),
            array_values(array_filter($goods, static fn(Tally $one): bool => $one->of > 0)),
        );

        return \count($rates) < 2 || $this->reading->pattern->good()->of === 0 ? null : Comparison::of($rates, $case->task->goodWord());
    }

    /** @return list<int> days ago, of the sets before */
    private function earlier(): array
    {
        return array_values(array_unique(array_map(
            static fn($set): int => $set->tried->daysAgo,
            $this->reading->context->case->earlier,
        )));
    }
}
