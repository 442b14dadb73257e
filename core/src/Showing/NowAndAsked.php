<?php

declare(strict_types=1);

namespace LowPoint\Core\Showing;

use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Wording\Words;

/**
 * What is asked beside what is there now, in one picture of the student's own figures (handbook 19.7): in the ground to scale, from
 * above, face-on. What changes is drawn strong, as it is now dashed, all else pale. For a right-hander; whoever draws it mirrors it.
 *
 * @phpstan-import-type ViewShape from View
 * @phpstan-import-type GroundAskedShape from GroundAsked
 * @phpstan-type AskedFigureShape array{
 *     observable: value-of<Observable>|null,
 *     from: float|null,
 *     to: float|null,
 *     range?: array{float, float}|null,
 *     text?: string,
 * }
 */
final class NowAndAsked
{
    /** What each view shows. */
    private const ABOVE = [
        Observable::BallPosition,
        Observable::StanceWidth,
        Observable::FaceOpen,
        Observable::StanceOpen,
        Observable::ShouldersOpen,
    ];

    private const FACE_ON = [Observable::ShaftLean, Observable::LeadWeight, Observable::SternumAhead];

    private const SCALES = [Observable::GripPressure, Observable::GripDown, Observable::FeetDug];

    /** A mm of the ground is one of the picture. */
    private const GROUND_BOX = [-190.0, -52.0, 340.0, 122.0];

    private const SKY_MM = 55.0;

    /** Half the feet apart, where the width is left alone. */
    private const HALF_STANCE = 70.0;

    private const ABOVE_BOX = [-170.0, -32.0, 340.0, 114.0];

    /** With room for feet and shoulders that are turned. */
    private const TURNED_BOX = [-170.0, -56.0, 340.0, 172.0];

    private const TOES = 24.0;

    /** Feet and shoulders are drawn this share as open as they are, so that they stay in the picture; the figure is the true one. */
    private const OPEN_DRAWN = 0.5;

    private const FACE_ON_BOX = [-112.0, -34.0, 224.0, 222.0];

    /** The line figure is drawn so many times smaller than it is, and its chest moves so many times as far as that. */
    private const FIGURE_PX_PER_MM = 0.11;

    private const CHEST_PX_PER_MM = 0.55;

    private const FARTHEST_CHEST = 88.0;

    private const SHAFT = 76.0;

    /** @var array<string, array{from: float|null, to: float, range: array{float, float}, asked: string|null}> what changes, by its id */
    private array $changes = [];

    /** @param list<AskedFigureShape> $figures */
    private function __construct(
        array $figures,
        private readonly Words $words,
    ) {
        foreach ($figures as $one) {
            if ($one['observable'] !== null && $one['to'] !== null) {
                $this->changes[$one['observable']] = [
                    'from' => $one['from'],
                    'to' => $one['to'],
                    'range' => $one['range'] ?? [$one['to'], $one['to']],
                    // What was handed out long ago has its range in its words alone.
                    'asked' => isset($one['range']) ? null : SetupChange::askedIn($one['text'] ?? ''),
                ];
            }
        }
    }

    /**
     * @param  list<AskedFigureShape>  $figures  that are to change, as they were handed out
     * @return list<View> none where nothing can be drawn
     */
    public static function of(array $figures, ?GroundAsked $ground, Words $words = new Words): array
    {
        $all = new self($figures, $words);

        // What is changed first is shown first.
        $views = [];
        foreach (array_keys($all->changes) as $id) {
            $what = Observable::from($id);
            [$key, $view] = match (true) {
                \in_array($what, self::ABOVE, true) => ['above', $all->above(...)],
                \in_array($what, self::FACE_ON, true) => ['face_on', $all->faceOn(...)],
                \in_array($what, self::SCALES, true) => [$id, static fn(): View => $all->scale($what)],
                default => [null, null],
            };
            if ($key !== null && $view !== null) {
                $views[$key] ??= $view();
            }
        }

        return [...array_values($views), ...$ground === null ? [] : [$all->inTheGround($ground)]];
    }

    /**
     * @param  list<Observable>  $among
     * @return list<Observable>
     */
    private function changed(array $among): array
    {
        return array_values(array_filter($among, fn(Observable $what): bool => isset($this->changes[$what->value])));
    }

    private function asked(Observable $what, float $else): float
    {
        return $this->changes[$what->value]['to'] ?? $else;
    }

    private function now(Observable $what, float $else): float
    {
        return $this->changes[$what->value]['from'] ?? $this->asked($what, $else);
    }

    /** Asked where it changes, else the same. */
    private function state(Observable ...$whats): State
    {
        return $this->changed(array_values($whats)) === [] ? State::Same : State::Asked;
    }

    /** It is known where it is now, and that is elsewhere. */
    private function wasElsewhere(Observable ...$whats): bool
    {
        return array_filter($whats, fn(Observable $what): bool => ($this->changes[$what->value]['from'] ?? null) !== null) !== [];
    }

    /**
     * @param  list<Observable>  $among
     * @return list<array{asked: string, now: string|null}>
     */
    private function rows(array $among): array
    {
        return array_map(function (Observable $what): array {
            ['from' => $from, 'range' => $range, 'asked' => $asked] = $this->changes[$what->value];

            return [
                'asked' => $asked ?? $this->words->setTo($what, $range[0], $range[1]),
                'now' => $from === null ? null : $this->words->figure($what, $from),
            ];
        }, $this->changed($among));
    }

    private function above(): View
    {
        $parts = [
            Part::line(State::Ground, [-160.0, 0.0], [160.0, 0.0]),
            Part::arrow(State::Ground, 130.0, 0.0, 160.0, 0.0),
        ];
        $feet = [Observable::StanceWidth, Observable::StanceOpen];
        if ($this->wasElsewhere(...$feet)) {
            array_push($parts, ...$this->feet(State::Now, $this->now(...)));
        }
        array_push($parts, ...$this->feet($this->state(...$feet), $this->asked(...)));
        if ($this->changed([Observable::ShouldersOpen]) !== []) {
            if ($this->wasElsewhere(Observable::ShouldersOpen)) {
                $parts[] = self::shoulders(State::Now, $this->now(Observable::ShouldersOpen, 0.0));
            }
            $parts[] = self::shoulders(State::Asked, $this->asked(Observable::ShouldersOpen, 0.0));
        }
        $ball = [Observable::BallPosition, Observable::FaceOpen];
        if ($this->wasElsewhere(...$ball)) {
            array_push($parts, ...$this->ballAndFace(State::Now, $this->now(...)));
        }
        array_push($parts, ...$this->ballAndFace(State::Asked, $this->asked(...)));
        $from = $this->ballX($this->now(...));
        $to = $this->ballX($this->asked(...));
        if (abs($to - $from) > 2 * 9.0 + 8.0) {
            $way = $to > $from ? 1 : -1;
            $parts[] = Part::arrow(State::Asked, $from + $way * 11.0, -16.0, $to, -16.0);
        }

        $turned = $this->changed([Observable::StanceOpen, Observable::ShouldersOpen, Observable::FaceOpen]) !== [];

        return new View(
            'above',
            'How you stand, from above',
            $turned ? self::TURNED_BOX : self::ABOVE_BOX,
            $parts,
            $this->rows(self::ABOVE),
        );
    }

    /** @param \Closure(Observable, float): float $at */
    private function half(\Closure $at): float
    {
        return $this->changed([Observable::StanceWidth]) === []
            ? self::HALF_STANCE
            : min(120.0, max(16.0, $at(Observable::StanceWidth, 200.0) / 4));
    }

    /** @param \Closure(Observable, float): float $at */
    private function ballX(\Closure $at): float
    {
        $half = $this->half($at);

        return max(-150.0, min(150.0, -$half + (2 * $half * $at(Observable::BallPosition, 50.0)) / 100));
    }

    /**
     * @param  \Closure(Observable, float): float  $at
     * @return list<Part>
     */
    private function feet(State $state, \Closure $at): array
    {
        $half = $this->half($at);
        $open = deg2rad($at(Observable::StanceOpen, 0.0) * self::OPEN_DRAWN);
        $parts = [];
        foreach ([-1, 1] as $side) {
            // The lead foot is drawn back from the line when the stance opens.
            $parts[] = Part::foot(
                $state,
                $side * $half * cos($open),
                self::TOES + 24.0 + $side * $half * sin($open),
                $side * 8.0 + rad2deg(-$open),
            );
        }
        if ($this->changed([Observable::StanceOpen]) !== []) {
            [$x, $y] = [130 * cos($open), 130 * sin($open)];
            $parts[] = Part::line($state, [-$x, self::TOES - $y], [$x, self::TOES + $y]);
        }

        return $parts;
    }

    private static function shoulders(State $state, float $openDeg): Part
    {
        $open = deg2rad($openDeg * self::OPEN_DRAWN);

        return Part::line(
            $state,
            [-92 * cos($open), self::TOES + 44.0 - 92 * sin($open)],
            [92 * cos($open), self::TOES + 44.0 + 92 * sin($open)],
        );
    }

    /**
     * The ball, and the leading edge behind it.
     *
     * @param  \Closure(Observable, float): float  $at
     * @return list<Part>
     */
    private function ballAndFace(State $state, \Closure $at): array
    {
        $x = $this->ballX($at);
        $parts = [];
        if ($state === State::Asked || $this->wasElsewhere(Observable::BallPosition)) {
            $parts[] = Part::circle($state === State::Now ? $state : $this->state(Observable::BallPosition), $x, 0.0, 9.0);
        }
        if ($this->changed([Observable::FaceOpen]) !== [] && ($state === State::Asked || $this->wasElsewhere(Observable::FaceOpen))) {
            $open = deg2rad($at(Observable::FaceOpen, 0.0));
            // Open looks to the trail side of the line, away from the feet's side.
            $looks = [cos($open), -sin($open)];
            $middle = [$x - 13 * $looks[0], -13 * $looks[1]];
            $parts[] = Part::line(
                $state,
                [$middle[0] + 24 * $looks[1], $middle[1] - 24 * $looks[0]],
                [$middle[0] - 24 * $looks[1], $middle[1] + 24 * $looks[0]],
            );
            $parts[] = Part::line($state, [$x, 0.0], [$x + 52 * $looks[0], 52 * $looks[1]]);
        }

        return $parts;
    }

    private function faceOn(): View
    {
        $lean = [Observable::ShaftLean];
        $body = [Observable::LeadWeight, Observable::SternumAhead];
        $legs = [Observable::LeadWeight];
        $parts = [Part::line(State::Ground, [-108.0, 0.0], [108.0, 0.0]), Part::circle(State::Ground, 0.0, 5.0, 5.0)];
        if ($this->wasElsewhere(...$legs)) {
            array_push($parts, ...$this->legs(State::Now, $this->now(...)));
        }
        array_push($parts, ...$this->legs($this->state(...$legs), $this->asked(...)));
        if ($this->wasElsewhere(...$body)) {
            array_push($parts, ...$this->trunk(State::Now, $this->now(...)));
        }
        array_push($parts, ...$this->trunk($this->state(...$body), $this->asked(...)));
        if ($this->wasElsewhere(...$lean)) {
            array_push($parts, ...$this->shaft(State::Now, $this->now(...)));
        }
        array_push($parts, ...$this->shaft($this->state(...$lean), $this->asked(...)));
        if ($this->changed([Observable::LeadWeight]) !== []) {
            $at = static fn(float $pct): float => 2 * ($pct - 50.0);
            $range = $this->changes[Observable::LeadWeight->value]['range'];
            $parts[] = Part::line(State::Ground, [-100.0, -20.0], [100.0, -20.0]);
            if ($this->wasElsewhere(Observable::LeadWeight)) {
                $parts[] = Part::circle(State::Now, $at($this->now(Observable::LeadWeight, 50.0)), -20.0, 7.0);
            }
            $parts[] = Part::line(State::Asked, [min($at($range[0]), $at($range[1]) - 8.0), -20.0], [$at($range[1]), -20.0]);
        }

        return new View('face_on', 'How you stand, face-on', self::FACE_ON_BOX, $parts, $this->rows(self::FACE_ON));
    }

    /**
     * @param  \Closure(Observable, float): float  $at
     * @return list<Part>
     */
    private function legs(State $state, \Closure $at): array
    {
        [$half, $hips] = $this->bodyAt($at);
        $mm = self::FIGURE_PX_PER_MM;
        $parts = [];
        foreach ([-1, 1] as $side) {
            $parts[] = Part::line(
                $state,
                [$hips + $side * 10.0, 880 * $mm],
                [$side * $half * 0.85 + $hips / 3, 470 * $mm],
                [$side * $half, 0.0],
            );
        }
        $parts[] = Part::line($state, [$hips - 10.0, 880 * $mm], [$hips + 10.0, 880 * $mm]);

        return $parts;
    }

    /**
     * Trunk, shoulders and head.
     *
     * @param  \Closure(Observable, float): float  $at
     * @return list<Part>
     */
    private function trunk(State $state, \Closure $at): array
    {
        [, $hips, $chest] = $this->bodyAt($at);
        $shoulders = 1310 * self::FIGURE_PX_PER_MM;

        return [
            Part::line($state, [$hips, 880 * self::FIGURE_PX_PER_MM], [$chest, $shoulders]),
            Part::line($state, [$chest - 19.0, $shoulders], [$chest + 19.0, $shoulders]),
            Part::circle($state, $chest, $shoulders + 26.0, 12.0),
        ];
    }

    /**
     * @param  \Closure(Observable, float): float  $at
     * @return array{float, float, float} half the feet apart, hips, chest
     */
    private function bodyAt(\Closure $at): array
    {
        $half = 26.0;
        $hips = (($at(Observable::LeadWeight, 55.0) - 50.0) / 50.0) * $half;
        $chest = $this->changed([Observable::SternumAhead]) === []
            ? $hips
            : max(-self::FARTHEST_CHEST, min(self::FARTHEST_CHEST, $at(Observable::SternumAhead, 0.0) * self::CHEST_PX_PER_MM));

        return [$half, $hips, $chest];
    }

    /**
     * The shaft, and the arms to its end.
     *
     * @param  \Closure(Observable, float): float  $at
     * @return list<Part>
     */
    private function shaft(State $state, \Closure $at): array
    {
        $lean = deg2rad($at(Observable::ShaftLean, 2.0));
        $hands = [self::SHAFT * sin($lean), 4.0 + self::SHAFT * cos($lean)];
        // The arms hang from the chest as it is to be: one picture, one body.
        $chest = $this->bodyAt($this->asked(...))[2];
        $arms = $state === State::Asked ? State::Same : $state;
        $shoulder = 1310 * self::FIGURE_PX_PER_MM;

        return [
            ...$state === State::Now
                ? []
                : [Part::line($arms, [$chest - 19.0, $shoulder], $hands), Part::line($arms, [$chest + 19.0, $shoulder], $hands)],
            Part::line($state, [0.0, 4.0], $hands),
            Part::circle($state, $hands[0], $hands[1], 5.0),
        ];
    }

    /** A figure that is best shown along a line: from soft to tight, from the end of the grip, into the sand. */
    private function scale(Observable $what): View
    {
        ['from' => $from, 'to' => $to, 'range' => $range] = $this->changes[$what->value];
        $least = $what->field()->min;
        $most = min($what->field()->max, max([1.5 * $to, 1.25 * ($from ?? $to), ($what === Observable::GripPressure ? 10.0 : 1.0)]));
        $at = static fn(float $value): float => -140.0 + (280.0 * (max($least, min($most, $value)) - $least)) / ($most - $least);
        $parts = [
            Part::line(State::Ground, [-140.0, 0.0], [140.0, 0.0]),
            Part::line(State::Ground, [-140.0, -6.0], [-140.0, 6.0]),
            Part::line(State::Ground, [140.0, -6.0], [140.0, 6.0]),
        ];
        if ($from !== null) {
            $parts[] = Part::circle(State::Now, $at($from), 0.0, 7.0);
        }
        $parts[] = Part::line(State::Asked, [min($at($range[0]), $at($range[1]) - 8.0), 0.0], [$at($range[1]), 0.0]);

        return new View('scale', $what->field()->label, [-170.0, -16.0, 340.0, 32.0], $parts, $this->rows([$what]));
    }

    /** Where the club enters the ground, to scale: the arc now and the arc asked, with an arrow where each enters. */
    private function inTheGround(GroundAsked $ground): View
    {
        [$west, $south, $width] = self::GROUND_BOX;
        $east = $west + $width;
        $parts = [
            Part::area(State::Ground, [$west, 0.0], [$east, 0.0], [$east, $south], [$west, $south]),
            Part::circle(State::Same, 0.0, Calibration::BALL_RADIUS_MM - ($ground->sand ? 3.0 : 0.0), Calibration::BALL_RADIUS_MM),
            Part::line(State::Ground, [$west, 0.0], [$east, 0.0]),
        ];
        $drawn = fn(State $state, Arc $arc): array => [
            Part::line($state, ...self::curve($arc->heightMm(...), $west, $east)),
            Part::arrow($state, max($west + 8.0, $arc->entryMm), self::SKY_MM / 2, max($west + 8.0, $arc->entryMm), 2.0),
        ];
        foreach ($ground->nowMm as $mm) {
            array_push($parts, ...$drawn(State::Now, $ground->arcNow($mm)));
        }
        array_push($parts, ...$drawn(State::Asked, $ground->arcAsked()));

        return new View('ground', 'Where the club meets the ground', self::GROUND_BOX, $parts, [[
            'asked' => $this->words->place($ground->askedMm),
            'now' => Words::list(...array_map($this->words->place(...), $ground->nowMm)),
        ]]);
    }

    /**
     * @param  \Closure(float): float  $height
     * @return non-empty-list<array{float, float}>
     */
    private static function curve(\Closure $height, float $west, float $east): array
    {
        $points = [];
        for ($x = $west; $x <= $east; $x += 10.0) {
            $z = $height($x);
            if ($z <= self::SKY_MM) {
                $points[] = [$x, $z];
            }
        }

        return $points === [] ? [[0.0, 0.0]] : $points;
    }
}
