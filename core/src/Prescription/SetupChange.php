<?php

declare(strict_types=1);

namespace LowPoint\Core\Prescription;

use LowPoint\Core\Causes\Correction;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Schools\Range;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Wording\Words;

/**
 * A figure to change in the set-up, in the unit of its observable; without one, in words only.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type SetupChangeShape array{
 *     observable: value-of<Observable>|null,
 *     from: float|null,
 *     to: float|null,
 *     // Where it is to lie; what was handed out long ago names no range.
 *     range?: array{float, float}|null,
 *     text: ToldShape,
 * }
 */
final readonly class SetupChange
{
    private function __construct(
        public ?Observable $what,
        public ?float $from,
        public ?float $to,
        public string $text,
        /** Where it is to lie. */
        public ?Range $range = null,
    ) {}

    public static function inWords(string $text): self
    {
        return new self(null, null, null, $text);
    }

    /**
     * What a cure asks of one figure, from what was seen and the card: null when there is nothing to change, since the card has
     * no such figure, the student's lies in its range, or the change would go against the cure.
     */
    public static function of(Correction $correction, LessonCase $case, SetupCard $card, Words $words): ?self
    {
        $what = $correction->what;
        $from = $case->seen->number($what);
        $range = self::wanted($correction, $case, $card);
        if ($range === null || $from === null || $range->contains($from) || ! $correction->goesTheWayOf($range->middle() - $from)) {
            return null;
        }
        $way = self::does($what, $range->middle() > $from, $range);

        return new self(
            $what,
            $from,
            $range->middle(),
            "{$way}: ".
                ($what === Observable::ShaftLean ? 'shaft ' : '').
                $words->figure($what, $range->from, $range->to).
                self::now($case->seen->told($what), $words->figure($what, $from)),
            $range,
        );
    }

    /** A figure of the card that nobody has looked at yet: no fault, but to be set up so. Null when the card has none. */
    public static function toLookAt(Correction $correction, LessonCase $case, SetupCard $card, Words $words): ?self
    {
        $range = $card->range($correction->what);
        if ($range === null || $case->seen->number($correction->what) !== null) {
            return null;
        }

        return new self(
            $correction->what,
            null,
            $range->middle(),
            ucfirst($words->setTo($correction->what, $range->from, $range->to)).': not looked at yet, set it up so.',
            $range,
        );
    }

    /**
     * As the coach chose it.
     *
     * @throws InvalidInput for a figure that is not one of the set-up, or a value out of its range
     */
    public static function chosen(string $id, float $to, LessonCase $case, Words $words): self
    {
        $what = Observable::tryFrom($id);
        $fault =
            $what === null || $what->field()->kind !== 'number'
                ? new Fault('change.observable', $id, 'a set-up figure')
                : $what->field()->fault('change.to', $to);
        if ($what === null || $fault !== null) {
            throw new InvalidInput([$fault ?? new Fault('change.observable', $id, 'a set-up figure')]);
        }
        $from = $case->seen->number($what);

        $now = $from === null ? '.' : self::now($case->seen->told($what), $words->value($what, $from));

        return new self($what, $from, $to, "{$what->field()->label} {$words->value($what, $to)}{$now}");
    }

    /**
     * What is to change, as a title: without its figures, and nothing of what was not looked at.
     *
     * @param  string  $text  of a change
     * @param  bool  $figure  it is one of a figure
     */
    public static function title(string $text, bool $figure): string
    {
        return rtrim($figure ? (string) preg_replace('/(?::|, now) .*$/su', '', $text) : $text, '.');
    }

    /** What a text asks, between what is done and what is there now: "shaft 0 to 3° ahead"; null where it does not say. */
    public static function askedIn(string $text): ?string
    {
        return preg_match('/: (.+), now /u', $text, $found) === 1 ? $found[1] : null;
    }

    /** The text in a lesson that is over: what was then is not now. */
    public static function past(string $text): string
    {
        return (string) preg_replace('/, now ([^,]+)\.$/u', '; it was $1 that day.', $text);
    }

    /** Whether a figure is as it is asked, give or take so much. */
    public function isMetBy(float $value, float $give): bool
    {
        return $this->to !== null
            && $value >= ($this->range->from ?? $this->to) - $give
            && $value <= ($this->range->to ?? $this->to) + $give;
    }

    /** What is asked, with its thing and its side: "shaft 0 to 3° ahead"; null where it is told in words alone. */
    public function asked(Words $words): ?string
    {
        return $this->what === null || $this->to === null
            ? null
            : $words->setTo($this->what, $this->range->from ?? $this->to, $this->range->to ?? $this->to);
    }

    /** Whether it goes up; null where nobody looked where it is now, or it is told in words alone. */
    public function goesMore(): ?bool
    {
        return $this->from === null || $this->to === null ? null : $this->to > $this->from;
    }

    /** @return SetupChangeShape */
    public function toArray(): array
    {
        return [
            'observable' => $this->what?->value,
            'from' => $this->from,
            'to' => $this->to,
            'range' => $this->range?->toArray(),
            'text' => $this->text,
        ];
    }

    /** Where the figure is to be: the card's range; as far as another figure where the two belong together. */
    private static function wanted(Correction $correction, LessonCase $case, SetupCard $card): ?Range
    {
        $range = $card->range($correction->what);
        $other = $correction->match === null ? null : $case->seen->number($correction->match);
        $others = $correction->match === null ? null : $card->range($correction->match);
        if ($range === null || $other === null || $others === null || ! $others->contains($other)) {
            return $range;
        }
        $matched = max($range->from, min($range->to, $other + $range->middle() - $others->middle()));

        return new Range($matched, $matched);
    }

    private static function does(Observable $what, bool $more, Range $range): string
    {
        return match ($what) {
            Observable::BallPosition => $more ? 'Move the ball toward the lead foot' : 'Move the ball toward the trail foot',
            Observable::SternumAhead => $more ? 'Bring the chest forward' : 'Bring the chest back over the ball',
            Observable::StanceWidth => $more ? 'Stand wider' : 'Feet closer together',
            Observable::LeadWeight => $more ? 'More weight on the lead foot' : 'Weight off the lead foot',
            Observable::ShaftLean => $more ? 'Let the grip end go ahead a little' : 'Bring the grip end back toward the middle of the body',
            Observable::FaceOpen => match (true) {
                $more => 'Open the face first, then take the grip',
                $range->to < 0.0 => 'Shut the face a little first, then take the grip and aim to allow for it',
                default => 'Turn the face squarer first, then take the grip',
            },
            Observable::StanceOpen => $more ? 'Open the feet' : 'Stand squarer',
            Observable::ShouldersOpen => $more ? 'Open the shoulders' : 'Square the shoulders',
            Observable::GripDown => $more ? 'Go down the grip' : 'Hold the club longer',
            Observable::GripPressure => $more ? 'Hold it firmer' : 'Hold it softer',
            Observable::FeetDug => $more ? 'Dig the feet in' : 'Dig the feet in less',
            default => 'Change it',
        };
    }

    /** As it was given: a word is not told back as a figure. */
    private static function now(float|string|null $told, string $figure): string
    {
        return ', now '.(\is_string($told) ? $told : $figure).'.';
    }
}
