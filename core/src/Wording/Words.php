<?php

declare(strict_types=1);

namespace LowPoint\Core\Wording;

use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Spread;
use LowPoint\Core\Evidence\Tally;

/**
 * Figures in words: unit, sign in words, small counts spelled out. What is said to a reader is told: in English, or by a PhraseBook in
 * his own language.
 */
final readonly class Words
{
    /** What a positive and a negative figure is called beside the figure itself, and what none is called. */
    private const SIDES = [
        'shaft_lean_deg' => ['ahead', 'back', 'upright'],
        'face_open_deg' => ['open', 'shut', 'square'],
        'stance_open_deg' => ['open', 'closed', 'square'],
        'shoulders_open_deg' => ['open', 'closed', 'square'],
        'sternum_ahead_mm' => ['ahead of the ball', 'behind the ball', 'level with the ball'],
    ];

    /** Where a ball lies in the stance, from so many per cent on from the trail heel. Origin: chosen by us. */
    private const IN_STANCE = [
        [100.0, 'outside the lead foot'],
        [85.0, 'opposite the lead heel'],
        [70.0, 'well ahead of middle'],
        [58.0, 'ahead of middle'],
        [52.5, 'just ahead of middle'],
        [47.5, 'in the middle'],
        [42.0, 'just behind middle'],
        [30.0, 'behind middle'],
        [15.0, 'well behind middle'],
        [0.0, 'opposite the trail heel'],
        [-INF, 'outside the trail foot'],
    ];

    /** Half of the middle 80 %, in sd. */
    public const MIDDLE_SD = 1.2816;

    private const MM_PER_INCH = 25.4;

    /** A figure, or two of them, in cm or m. */
    private const FIGURE = '~(?<![\d.])(\d+(?:\.\d+)?)(?: to (\d+(?:\.\d+)?))? (cm|m)\b~';

    private const SMALL = ['none', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

    /** The least that neither centimetres nor inches round to nothing, mm; a touch is hardly read to less. */
    private const LEAST_SCATTER_MM = 1.3;

    public function __construct(public Units $units = Units::Metric) {}

    /** A ground distance without its sign: "4.1 cm" or "1.6 in". */
    public function ground(float $mm): string
    {
        return $this->amount(abs($mm), 'mm');
    }

    /** A scatter or an error: "± 1.2 cm", never told as nothing. */
    public function scatter(float $mm): string
    {
        return "±\u{00A0}".$this->ground(max(self::LEAST_SCATTER_MM, abs($mm)));
    }

    /** A place on the target line: "4.1 cm behind", "at the ball". */
    public function place(float $mm): string
    {
        return abs($mm) < 0.5 ? 'at the ball' : $this->ground($mm).($mm < 0 ? ' behind' : ' ahead');
    }

    /**
     * Where touches lie, the same wherever it is told: "4.3 cm behind (2.9 to 5.7)", their mean and where the middle 80 % are.
     *
     * @param  string  $of  what stands after the place: " on average"
     */
    public function lies(float $mean, ?float $sd, string $of = ''): string
    {
        $place = $this->place($mean).$of;

        return $sd === null || $sd < 0.5 ? $place : "{$place} ({$this->bareSpan(...self::middle($mean, $sd))})";
    }

    /** @return array{float, float} where the middle 80 % lie */
    public static function middle(float $mean, float $sd): array
    {
        return [$mean - self::MIDDLE_SD * $sd, $mean + self::MIDDLE_SD * $sd];
    }

    /** Balls dug and balls saved in turn: "first touches lie in two groups: 5.2 cm behind and 5.5 cm ahead". */
    public function twoGroups(Spread $one, Spread $other): string
    {
        return "first touches lie in two groups: {$this->place($one->mean ?? 0.0)} and {$this->place($other->mean ?? 0.0)}";
    }

    /** Two places on the ground, the nearer one first: "2.9 to 5.7 cm behind", "1 cm behind to 3 cm ahead". */
    public function span(float $oneMm, float $otherMm): string
    {
        return $oneMm * $otherMm < 0
            ? $this->place(min($oneMm, $otherMm)).' to '.$this->place(max($oneMm, $otherMm))
            : $this->bareSpan($oneMm, $otherMm).strstr($this->place(abs($oneMm) > abs($otherMm) ? $oneMm : $otherMm), ' ');
    }

    /** The same after a place that has told unit and side: "2.9 to 5.7"; in full where the two lie on both sides. */
    public function bareSpan(float $oneMm, float $otherMm): string
    {
        if ($oneMm * $otherMm < 0) {
            return $this->span($oneMm, $otherMm);
        }
        $bare = fn(float $mm): string => (string) strstr($this->ground($mm), ' ', true);

        return $bare(min(abs($oneMm), abs($otherMm)) === abs($oneMm) ? $oneMm : $otherMm).
            ' to '.
            $bare(abs($oneMm) > abs($otherMm) ? $oneMm : $otherMm);
    }

    /** A distance on the course: "9 m" or "10 yd". */
    public function course(float $metres): string
    {
        return $this->units === Units::Metric
            ? self::oneDecimal($metres).' m'
            : self::oneDecimal($metres / Units::METRES_PER_YARD).' yd';
    }

    /** A text of the library, whose figures stand in cm and m, for this reader: "within 3 to 6 cm", "within 1.2 to 2.4 in". */
    public function told(string $text): string
    {
        if ($this->units === Units::Metric) {
            return $text;
        }

        return preg_replace_callback(
            self::FIGURE,
            static function (array $part): string {
                [, $from, $to, $unit] = $part;
                $shown = static fn(string $figure): string => self::oneDecimal(
                    (float) $figure * ($unit === 'cm' ? 10 / self::MM_PER_INCH : 1 / Units::METRES_PER_YARD),
                );

                return $shown($from).($to === '' ? '' : " to {$shown($to)}").($unit === 'cm' ? ' in' : ' yd');
            },
            $text,
        ) ?? $text;
    }

    /**
     * All texts of a sheet.
     *
     * @template T of array<array-key, mixed>
     *
     * @param  T  $sheet
     * @return T
     */
    public function allTold(array $sheet): array
    {
        if ($this->units === Units::Imperial) {
            array_walk_recursive($sheet, function (mixed &$one): void {
                $one = \is_string($one) ? $this->told($one) : $one;
            });
        }

        return $sheet;
    }

    public function degrees(float $degrees): string
    {
        return self::oneDecimal(abs($degrees)).'°';
    }

    public function percent(float $share): string
    {
        return round(100 * $share).' %';
    }

    /** Error of a carry as a share of what was asked, of the good strike in the middle. */
    public function carryOff(float $share): string
    {
        return 'the middle good strike carries '.$this->percent(abs($share)).($share < 0 ? ' short' : ' long');
    }

    /** Where balls start on average, degrees, + = to the trail side. */
    public function start(float $degrees): string
    {
        return "balls start {$this->degrees($degrees)} to the ".($degrees < 0 ? 'lead' : 'trail').' side';
    }

    /** A share as a count that a coach can see: "6 in 10". */
    public function ofTen(float $share): string
    {
        return self::tens($share).' in 10';
    }

    /** A chance as a count: "none", "1 in 12", "4 in 10", "all". */
    public function chance(float $share): string
    {
        return match (true) {
            $share < 0.005 => 'none',
            $share < 0.095 => '1 in '.self::roughly(1 / $share),
            $share >= 0.995 => 'all',
            default => $this->ofTen(min(0.9, $share)),
        };
    }

    /** As exact as a chance can be known: whole up to twenty, then in tens. */
    private static function roughly(float $n): int
    {
        return $n <= 20.0 ? (int) round($n) : 10 * (int) round($n / 10);
    }

    /** A probability as a count; nothing is ever quite sure: "99 in 100" at most. */
    public static function in100(float $probability): string
    {
        return min(99, (int) round(100 * $probability)).' in 100';
    }

    /** Of ten, how many. */
    public static function tens(float $share): int
    {
        return (int) round(10 * $share);
    }

    public function count(int $n): string
    {
        return self::SMALL[$n] ?? (string) $n;
    }

    /** "five of seven" */
    public function tally(Tally $tally): string
    {
        return $this->count($tally->count).' of '.$this->count($tally->of);
    }

    /** A bare observed value with its unit: "13°", "62 %", "14 cm". */
    public function value(Observable $what, float|string $value): string
    {
        if (\is_string($value)) {
            return $what->field()->choices[$value] ?? $value;
        }

        return $this->amount($value, $what->field()->unit);
    }

    /** A figure with its unit, stored in mm, m, degrees or whatever else the unit says: "−1.2 cm", "10 yd", "13°", "6 of 10". */
    public function amount(float $value, string $unit): string
    {
        [$of, $name] = $this->shownUnit($unit);

        return self::signed(round($value / $of, 1)).$name;
    }

    /** The figure just as it was typed: not rounded, for a rounded one may look as if it were allowed. */
    public function typed(float $value, string $unit): string
    {
        [$of, $name] = $this->shownUnit($unit);

        return self::signed((float) sprintf('%.6g', $value / $of)).$name;
    }

    /** What lies between two figures, no end of it rounded outward: "0 to 164 yd". */
    public function between(float $from, float $to, string $unit): string
    {
        [$of, $name] = $this->shownUnit($unit);
        $least = ceil(round((10 * $from) / $of, 6)) / 10;
        $most = floor(round((10 * $to) / $of, 6)) / 10;

        return self::signed($least).' to '.self::signed($most).$name;
    }

    /** @return array{float, string} how many of what is stored make one of what is shown, and what that is called */
    private function shownUnit(string $unit): array
    {
        $metric = $this->units === Units::Metric;

        return match ($unit) {
            'mm' => $metric ? [10.0, ' cm'] : [self::MM_PER_INCH, ' in'],
            'm' => $metric ? [1.0, ' m'] : [Units::METRES_PER_YARD, ' yd'],
            'degrees' => [1.0, '°'],
            '' => [1.0, ''],
            default => [1.0, " {$unit}"],
        };
    }

    private static function signed(float $figure): string
    {
        return ($figure < 0 ? '−' : '').(string) abs($figure);
    }

    /** A set-up figure as it is to be, with its thing and its side: "face 0 to 8° open", "shaft 2° back to 1° ahead". */
    public function setTo(Observable $what, float $from, float $to): string
    {
        [$before, $after] = match ($what) {
            Observable::BallPosition => ['ball '.self::inStance(($from + $to) / 2).' (', ' from the trail heel)'],
            Observable::SternumAhead => ['chest ', ''],
            Observable::StanceWidth => ['feet ', ' apart'],
            Observable::LeadWeight => ['', ' of the weight on the lead foot'],
            Observable::ShaftLean => ['shaft ', ''],
            Observable::FaceOpen => ['face ', ''],
            Observable::StanceOpen => ['feet ', ''],
            Observable::ShouldersOpen => ['shoulders ', ''],
            Observable::GripDown => ['hands ', ' down the grip'],
            Observable::FeetDug => ['feet ', ' deep'],
            default => [lcfirst($what->field()->label).' ', ''],
        };

        return $before.$this->figure($what, $from, $to).$after;
    }

    /** One figure, or two from the smaller to the larger, with the side they lie on. */
    public function figure(Observable $what, float $from, ?float $to = null): string
    {
        $to ??= $from;
        $sides = self::SIDES[$what->value] ?? null;
        if ($sides !== null && abs($from) < 0.5 && abs($to) < 0.5) {
            return $sides[2];
        }
        $figure = fn(float $value): string => $this->value($what, $sides === null ? $value : abs($value));
        $side = static fn(float $value): string => $sides === null ? '' : ' '.$sides[(int) ($value < 0.0)];
        if ($sides !== null && $from * $to < 0.0) {
            return $figure($from).$side($from).' to '.$figure($to).$side($to);
        }
        [$near, $far] = $sides === null || abs($from) <= abs($to) ? [$from, $to] : [$to, $from];
        if ($figure($near) === $figure($far)) {
            return $figure($far).$side($far);
        }
        // The unit stands once: "0 to 8°".
        $unit = preg_replace('/^[\d.]+/', '', $figure($far)) ?? '';

        return substr($figure($near), 0, -\strlen($unit))." to {$figure($far)}{$side($far)}";
    }

    /** How a figure was measured: " (measured, ± 1°)"; nothing by eye. */
    public function measured(Observable $what, ?float $half): string
    {
        return $half === null ? '' : " (measured ±\u{00A0}{$this->value($what, $half)})";
    }

    /** An observed value as the middle of a sentence, with its sign in words: "the shaft leans 13° toward the target". */
    public function observed(Observable $what, float|string $value): string
    {
        if (\is_string($value)) {
            return self::chosen($what, $value);
        }
        $degrees = $this->degrees($value);
        $ground = $this->ground($value);
        $percent = $this->amount($value, '%');

        return match ($what) {
            Observable::BallPosition => 'the ball is '.self::inStance($value).' ('.self::oneDecimal(abs($value)).' % '.
                ($value < 0 ? 'behind' : 'from').' the trail heel)',
            Observable::SternumAhead => abs($value) < 0.5
                ? 'the chest is over the ball'
                : "the chest is {$ground} ".($value < 0 ? 'behind the ball' : 'ahead of the ball'),
            Observable::StanceWidth => "the feet are {$ground} apart",
            Observable::LeadWeight => "{$percent} of the weight is on the lead foot",
            Observable::ShaftLean => self::lean('the shaft', $value, $degrees),
            Observable::ImpactLean => self::lean('at the strike the shaft', $value, $degrees),
            Observable::FaceOpen => self::sided('the face is', $value, $degrees, 'open', 'shut', 'square'),
            Observable::StanceOpen => self::sided('the stance is', $value, $degrees, 'open', 'closed', 'square'),
            Observable::ShouldersOpen => self::sided('the shoulders are', $value, $degrees, 'open', 'closed', 'square'),
            Observable::GripDown => "the hands are {$ground} down the grip",
            Observable::GripPressure => 'grip pressure is '.self::oneDecimal($value).' of 10',
            Observable::FeetDug => "the feet are dug in {$ground}",
            Observable::HeadDrift => self::sided('the head', $value, $ground, 'drifts ahead', 'falls back', 'stays still', before: true),
            Observable::HipSway => "the hips slide {$ground} away from the target",
            Observable::ImpactWeight => "{$percent} of the weight is on the lead foot at the strike",
            Observable::AttackDeg => self::sided('the club at the ball is', $value, $degrees, 'rising', 'falling', 'level', before: true),
            Observable::LowPoint => "the low point is {$this->place($value)}",
            Observable::Path => self::sided('the path is', $value, $degrees, 'from the inside', 'across the line', 'along the line'),
            default => $what->field()->label.' '.$this->value($what, $value),
        };
    }

    /** What is to be looked at, in the middle of a sentence: "look at the chest first". */
    public static function lookAt(Observable $what): string
    {
        return match ($what) {
            Observable::BallPosition => 'the ball position',
            Observable::SternumAhead => 'the chest',
            Observable::StanceWidth => 'how far apart the feet are',
            Observable::LeadWeight => 'the weight',
            Observable::ShaftLean => 'the shaft',
            Observable::FaceOpen => 'the face',
            Observable::StanceOpen => 'the stance',
            Observable::ShouldersOpen => 'the shoulders',
            Observable::HandleHeight => 'how high the hands are',
            Observable::BallDistance => 'how far from the ball he stands',
            Observable::Balance => 'the balance',
            Observable::GripDown => 'how far down the grip the hands are',
            Observable::GripPressure => 'the grip pressure',
            Observable::FeetDug => 'how deep the feet are dug in',
            Observable::BackswingLength => 'the length of the backswing',
            Observable::Rhythm => 'the rhythm',
            Observable::SpeedChange => 'whether the speed is free',
            Observable::ChestTurn => 'whether the chest keeps turning',
            Observable::HeadDrift => 'the head',
            Observable::HipSway => 'the hips',
            Observable::ImpactWeight => 'the weight at the strike',
            Observable::WristSet => 'when the wrists set',
            Observable::Release => 'the release',
            Observable::ImpactLean => 'the lean at the strike',
            Observable::LeadWrist => 'the lead wrist at the strike',
            Observable::Attack => 'how the club comes to the ball',
            Observable::LowPoint => 'where the low point is',
            Observable::AttackDeg => 'the attack angle',
            Observable::Path => 'the path',
            Observable::Takeaway => 'the takeaway',
            Observable::FaceBackswing => 'the face in the backswing',
            Observable::FaceThrough => 'the face after the ball',
            Observable::MovesTowardBall => 'whether he moves toward the ball',
            Observable::Finish => 'the finish',
        };
    }

    /** Where a ball lies in the stance, in words; per cent from the trail heel. */
    private static function inStance(float $percent): string
    {
        foreach (self::IN_STANCE as [$from, $words]) {
            if ($percent >= $from) {
                return $words;
            }
        }

        return '';
    }

    /** "a, b and c" */
    public static function list(string ...$parts): string
    {
        $last = array_pop($parts);

        return $parts === [] ? (string) $last : implode(', ', $parts).' and '.$last;
    }

    public static function sentence(string $text): string
    {
        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1).(preg_match('/[.?]$/u', $text) === 1 ? '' : '.');
    }

    private static function oneDecimal(float $number): string
    {
        $rounded = round($number, 1);

        return (string) ($rounded == round($rounded) ? (int) round($rounded) : $rounded);
    }

    private static function lean(string $who, float $value, string $degrees): string
    {
        return match (true) {
            abs($value) < 0.5 => "{$who} stands upright",
            $value > 0 => "{$who} leans {$degrees} toward the target",
            default => "{$who} leans {$degrees} away from the target",
        };
    }

    private static function sided(
        string $who,
        float $value,
        string $figure,
        string $plus,
        string $minus,
        string $level,
        bool $before = false,
    ): string {
        if (abs($value) < 0.5) {
            return "{$who} {$level}";
        }
        $word = $value > 0 ? $plus : $minus;

        return $before ? "{$who} {$word} {$figure}" : "{$who} {$figure} {$word}";
    }

    private static function chosen(Observable $what, string $value): string
    {
        return match ($what->value.':'.$value) {
            'release:held_off' => 'the handle stays ahead through the ball',
            'release:matched' => 'the shaft comes back to its address line',
            'release:thrown' => 'the clubhead passes the hands early',
            'attack:descending' => 'the club is still going down at the ball',
            'attack:level' => 'the club is level at the ball',
            'attack:rising' => 'the club is rising at the ball',
            'speed_change:free' => 'the speed is free',
            'speed_change:forced' => 'the hit is forced',
            'speed_change:quitting' => 'the club slows before the ball',
            'chest_turn:keeps_turning' => 'the chest keeps turning',
            'chest_turn:stalls' => 'the chest stalls',
            'wrist_set:none' => 'the wrists do not set',
            'wrist_set:early', 'wrist_set:normal', 'wrist_set:late' => "the wrists set {$value}",
            'takeaway:inside' => 'the club goes back inside',
            'takeaway:outside' => 'the club goes back outside',
            'takeaway:on_plane' => 'the club goes back on plane',
            'face_backswing:looks_down' => 'the face looks down going back',
            'face_backswing:along_spine' => 'the face matches the spine going back',
            'face_backswing:open' => 'the face opens going back',
            'face_through:stays_open' => 'the face stays open through the ball',
            'face_through:square' => 'the face comes through square',
            'face_through:rolls_shut' => 'the face rolls shut through the ball',
            'moves_toward_ball:steady' => 'hands and head keep their distance from the ball through the strike',
            'moves_toward_ball:toward' => 'hands and head move toward the ball through the strike',
            'moves_toward_ball:away' => 'hands and head move away from the ball through the strike',
            'finish:cut_short' => 'the finish is cut short',
            'finish:short_balanced' => 'the finish is short and balanced',
            'finish:full' => 'the finish is full',
            default => match ($what) {
                Observable::Rhythm => "the rhythm is {$value}",
                Observable::BackswingLength => 'the backswing goes to '.($value === 'full' ? 'full length' : "{$value} height"),
                Observable::LeadWrist => "the lead wrist is {$value}",
                Observable::HandleHeight => "the hands are {$value}",
                Observable::Balance => 'the weight is over the '.($value === 'balls' ? 'balls of the feet' : $value),
                Observable::BallDistance => $value === 'normal'
                    ? 'the distance to the ball is normal'
                    : "the student stands {$value} ".($value === 'far' ? 'from' : 'to').' the ball',
                default => $what->field()->label.': '.($what->field()->choices[$value] ?? $value),
            },
        };
    }
}
