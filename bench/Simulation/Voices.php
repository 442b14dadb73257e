<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Statements\Figure;
use LowPoint\Core\Statements\Kind;
use LowPoint\Core\Statements\Numbers;
use LowPoint\Core\Statements\Statement;

/** What the statements of one reading must never do to each other, whatever was entered (handbook 16.5). */
final class Voices
{
    /** Figures that are those of the text itself: a ball's number, so many balls to watch, a count that the library asks for. */
    private const OF_THE_TEXT = [
        'advice',
        'setup.words',
        'warning.too_few_balls',
        'warning.inconsistent',
        'warning.school_conflict',
        'distance',
        'prediction',
    ];

    /**
     * @param  list<Statement>  $statements
     * @return list<string>
     */
    public static function against(array $statements, Reading $reading): array
    {
        return [
            ...self::ids($statements),
            ...self::figures($statements),
            ...self::numbers($statements),
            ...self::directions($statements),
            ...self::asserted($statements),
            ...self::seen($statements, $reading),
            ...self::looks($statements, $reading),
            ...self::texts($statements, $reading),
        ];
    }

    /**
     * @param  list<Statement>  $statements
     * @return list<string>
     */
    private static function ids(array $statements): array
    {
        $found = [];
        foreach (array_count_values(array_map(static fn(Statement $one): string => $one->id, $statements)) as $id => $times) {
            if ($times > 1) {
                $found[] = "{$id} stands there {$times} times";
            }
        }

        return $found;
    }

    /**
     * The same figure has one value.
     *
     * @param  list<Statement>  $statements
     * @return list<string>
     */
    private static function figures(array $statements): array
    {
        $found = $values = [];
        foreach ($statements as $one) {
            foreach ($one->figures as $figure) {
                $key = "{$figure->name} {$figure->set} {$figure->day}";
                $values[$key] ??= $figure;
                if ($values[$key]->value !== $figure->value || $values[$key]->unit !== $figure->unit) {
                    $other = "{$values[$key]->value} {$values[$key]->unit}";
                    $found[] = "{$figure->name} is {$other} and {$figure->value} {$figure->unit}: {$one->text}";
                }
            }
        }

        return $found;
    }

    /**
     * Every number in a text has its figure, and is one of the reading's.
     *
     * @param  list<Statement>  $statements
     * @return list<string>
     */
    private static function numbers(array $statements): array
    {
        $found = [];
        foreach ($statements as $one) {
            if ($one->kind === Kind::Feel) {
                continue;
            }
            foreach (Numbers::in($one->text) as $number) {
                if (array_filter($one->figures, static fn(Figure $figure): bool => $figure->isTold($number)) === []) {
                    $found[] = "{$number} has no figure: {$one->text}";
                }
            }
            foreach ($one->figures as $figure) {
                $own = preg_match('~^(.*)\.\d+$~', $figure->name, $of) === 1 && $of[1] === $one->id;
                $may = array_filter(self::OF_THE_TEXT, static fn(string $id): bool => str_starts_with($one->id, $id));
                if ($own && $may === [] && ! str_contains($figure->name, '.comes_to.')) {
                    $found[] = "{$figure->name} ({$figure->value}) is none of the reading's: {$one->text}";
                }
            }
        }

        return $found;
    }

    /**
     * No two directions oppose; where something is worked on, a warning's is on its card.
     *
     * @param  list<Statement>  $statements
     * @return list<string>
     */
    private static function directions(array $statements): array
    {
        $found = [];
        $sent = array_values(array_filter($statements, static fn(Statement $one): bool => $one->direction !== null));
        $works = array_filter($statements, static fn(Statement $one): bool => $one->kind === Kind::Work && $one->id === 'advice') !== [];
        foreach ($sent as $i => $one) {
            foreach (\array_slice($sent, $i + 1) as $other) {
                if ($one->direction !== null && $other->direction !== null && $one->direction->opposes($other->direction)) {
                    $found[] = "against each other: {$one->text} | {$other->text}";
                }
            }
            $card = array_filter(
                $sent,
                static fn(Statement $other): bool => $other->kind === Kind::Setup && $other->direction?->what === $one->direction?->what,
            );
            if ($works && $one->kind === Kind::Warning && $card === []) {
                $found[] = "{$one->text} without a figure on the card";
            }
        }

        return $found;
    }

    /**
     * Nothing stands against a cause that a warning asserts.
     *
     * @param  list<Statement>  $statements
     * @return list<string>
     */
    private static function asserted(array $statements): array
    {
        $asserted = array_merge(...array_map(static fn(Statement $one): array => $one->asserts, $statements));

        return array_values(
            array_map(
                static fn(Statement $one): string => "against {$one->cause}, which a warning asserts: {$one->text}",
                array_filter(
                    $statements,
                    static fn(Statement $one): bool => $one->kind === Kind::Against && \in_array($one->cause, $asserted, true),
                ),
            ),
        );
    }

    /**
     * Nothing is told as seen that was not, and each figure as it was given.
     *
     * @param  list<Statement>  $statements
     * @return list<string>
     */
    private static function seen(array $statements, Reading $reading): array
    {
        $found = [];
        $seen = $reading->context->case->seen;
        foreach ($statements as $one) {
            foreach ($one->observables as $what) {
                if (! $seen->has($what)) {
                    $found[] = "{$what->value} was not seen: {$one->text}";
                }
            }
            foreach ($one->figures as $figure) {
                $what = Observable::tryFrom($figure->name);
                $told = $what === null ? null : $seen->told($what);
                if ($what !== null && \is_string($told) !== \is_string($figure->value)) {
                    $found[] = "{$figure->name} was given as ".json_encode($told).": {$one->text}";
                }
            }
            if ($one->kind === Kind::Against && preg_match('~^None of \w+ were good~', $one->text) === 1) {
                $found[] = "no reason against {$one->cause}: {$one->text}";
            }
        }

        return $found;
    }

    /**
     * Every look that was entered is accounted for.
     *
     * @param  list<Statement>  $statements
     * @return list<string>
     */
    private static function looks(array $statements, Reading $reading): array
    {
        $found = [];
        foreach (Observable::cases() as $what) {
            $told = array_filter(
                $statements,
                static fn(Statement $one): bool => $one->kind === Kind::Seen && \in_array($what, $one->observables, true),
            );
            if (\count($told) !== (int) $reading->context->case->seen->has($what)) {
                $found[] = "{$what->value} is told ".\count($told).' times';
            }
        }

        return $found;
    }

    /**
     * Every sentence of the reading is a statement.
     *
     * @param  list<Statement>  $statements
     * @return list<string>
     */
    private static function texts(array $statements, Reading $reading): array
    {
        $texts = array_map(static fn(Statement $one): string => $one->text, $statements);
        $told = [
            $reading->advice,
            $reading->patternText,
            ...$reading->firstNotes,
            ...array_map(static fn($one): string => $one->text, $reading->warnings),
            ...array_map(static fn($one): string => $one->text, $reading->prescription->setup),
            ...array_merge(...array_map(
                static fn($cause): array => array_map(static fn($clue): string => $clue->text, [...$cause->for, ...$cause->against]),
                $reading->causes,
            )),
        ];

        return array_values(array_map(
            static fn(string $text): string => "no statement says: {$text}",
            array_diff($told, $texts),
        ));
    }
}
