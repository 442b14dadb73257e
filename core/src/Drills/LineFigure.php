<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

/**
 * What is done in a drill, as a line figure: face-on in mm, x toward the target with the ball at 0, y up from the ground. Feet
 * stand where the drill's picture from above has them; the player is 1.65 m tall. Whoever draws it mirrors it for a left-hander.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type FigureShape array{kind: string, points: list<array{float, float}>, ghost: bool, words: ToldShape}
 * @phpstan-import-type DrawnShape from Drill
 * @phpstan-type SwingMade array{
 *     at: float, shaft: float|null, arms: int, club: string, stick: bool, trailBack: bool, reach: float, tilt: float,
 * }
 */
final class LineFigure
{
    private const HIPS_MM = 880.0;

    private const SHOULDERS_MM = 1310.0;

    private const HEAD_MM = 1530.0;

    private const ARM_MM = 590.0;

    private const CLUB_MM = 720.0;

    private const STICK_MM = 620.0;

    private const CHEST_FROM_BEHIND = [40.0, 1270.0];

    /** Poses from the first one drawn to the last one. Origin: chosen by us, slow enough to be followed. */
    private const POSES = 7;

    /** @var list<FigureShape> */
    private array $shapes = [];

    /** @var list<SwingMade> in the order in which they are made */
    private array $swings = [];

    /** @var array<int, true> places of the shapes that a swing is drawn with */
    private array $ofSwings = [];

    private function __construct(
        private readonly float $trailMm,
        private readonly float $leadMm,
    ) {}

    /**
     * @param  list<DrawnShape>  $fromAbove
     * @return list<FigureShape>|null null where the drill has none
     */
    public static function of(string $drill, array $fromAbove): ?array
    {
        $figure = self::standing($fromAbove);
        $figure->draw($drill);

        return $figure->shapes === [] ? null : $figure->shapes;
    }

    /**
     * The same drill as a motion: what stands still, and the arms and the club pose by pose from the first swing drawn to the last.
     *
     * @param  list<DrawnShape>  $fromAbove
     * @return array{still: list<FigureShape>, poses: list<list<FigureShape>>}|null null where nothing in it moves
     */
    public static function moving(string $drill, array $fromAbove): ?array
    {
        $figure = self::standing($fromAbove);
        $figure->draw($drill);
        $swings = $figure->swings;
        if (\count($swings) < 2) {
            return null;
        }
        // The arms and the club of the last pose are drawn with each pose instead.
        $body = self::standing($fromAbove);
        $last = $swings[\count($swings) - 1];
        $body->body($last['arms'], $last['trailBack'], $last['tilt']);
        $own = array_diff_key($figure->shapes, $figure->ofSwings);
        $poses = [];
        for ($i = 0; $i < self::POSES; $i++) {
            // Through all swings in turn, evenly.
            $at = ($i / (self::POSES - 1)) * (\count($swings) - 1);
            $from = min((int) $at, \count($swings) - 2);
            $pose = self::standing($fromAbove);
            $pose->arms(self::between($swings[$from], $swings[$from + 1], $at - $from));
            $poses[] = $pose->shapes;
        }

        return ['still' => [...array_values($own), ...$body->shapes], 'poses' => $poses];
    }

    /**
     * @param  SwingMade  $one
     * @param  SwingMade  $other
     * @return SwingMade a share of the way from one to the other
     */
    private static function between(array $one, array $other, float $share): array
    {
        $shafts = [$one['shaft'], $other['shaft']];

        return [
            'at' => $one['at'] + $share * ($other['at'] - $one['at']),
            'shaft' => $shafts[0] === null || $shafts[1] === null ? $shafts[1] : $shafts[0] + $share * ($shafts[1] - $shafts[0]),
        ] + $other;
    }

    /** @param list<DrawnShape> $fromAbove */
    private static function standing(array $fromAbove): self
    {
        $feet = [];
        foreach ($fromAbove as $one) {
            if (str_starts_with($one['kind'], 'foot')) {
                $feet[] = $one['x'];
            }
        }

        return $feet === [] ? new self(-70.0, 70.0) : new self(min($feet), max($feet));
    }

    private function draw(string $drill): void
    {
        match ($drill) {
            'brush_line' => $this->grass()
                ->swing(-38, -75, true)
                ->swing(3, 2)
                ->sweep()
                ->say(0, 'brush, no ball'),
            'clear_the_trailer' => $this->grass()
                ->ball(-265)
                ->ball(0)
                ->swing(-32, -64, true)
                ->swing(2, 2)
                ->arrow([-420, 180], [-40, 10]),
            'one_arm_brush' => $this->grass()
                ->swing(-32, -50, true, arms: 1)
                ->swing(4, 3, arms: 1)
                ->sweep()
                ->say(0, 'one hand'),
            'shaft_up' => $this->grass()
                ->ball(0)
                ->swing(0, 0, true)
                ->swing(9, 1)
                ->arrow([30, 40], [190, 40])
                ->say(60, 'freeze here'),
            'centre_pointer' => $this->grass()
                ->ball(0)
                ->swing(-34, -76, true, stick: true)
                ->swing(30, 66, stick: true),
            'lead_leg' => $this->grass()
                ->ball(0)
                ->swing(2, 1, trailBack: true)
                ->arrow([$this->leadMm + 160, 760], [$this->leadMm + 160, 160])
                ->say(0, 'all weight on the lead leg'),
            'rope_swing' => $this->grass()
                ->swing(-46, -46, true, club: 'rope')
                ->swing(30, 30, club: 'rope'),
            'stick_clear' => $this->grass()->swing(34, 46, stick: true)->say(0, 'clear of the ribs'),
            'ball_hold_turn' => $this->grass()
                ->swing(0, null, reach: 0.62)
                ->add('big ball', [[0, self::SHOULDERS_MM - 390]])
                ->turn(),
            'arm_drop' => $this->grass()
                ->swing(-84, null, true)
                ->swing(-14, null)
                ->arrow([-500, 1180], [-360, 860])
                ->say(-100, 'let them fall'),
            'still_head' => $this->grass()
                ->ball(0)
                ->swing(-40, -80, true)
                ->swing(3, 2)
                ->add('stick', [[120, self::HEAD_MM], [640, 1470]])
                ->say(0, 'held by a partner'),
            'full_finish' => $this->grass()->swing(112, 230)->say(0, 'hold, count to three'),
            'backswing_stations' => $this->grass()
                ->ball(0)
                ->swing(-42, -95, true)
                ->swing(-64, -140, true)
                ->swing(-88, -180)
                ->say(-900, 'hip', 560)
                ->say(-1020, 'rib', 1080)
                ->say(-830, 'shoulder', 2060),
            'bracket' => $this->flights([[700, '1'], [2100, '2'], [1400, '3']], flag: 1400),
            'mystery_numbers' => $this->flights([[800, '?'], [1500, '?'], [2300, '?']], flag: null),
            'club_ladder' => $this->ladder(),
            'six_to_save' => $this->round(),
            'lie_toss' => $this->grass()
                ->swing(-140, null)
                ->ball(-560, 1560)
                ->ball(-760, 1180)
                ->ball(-880, 620)
                ->say(-300, 'over the shoulder'),
            'two_finishes' => $this->grass()
                ->swing(26, 34)
                ->swing(64, 150, true)
                ->say(0, 'held: runs out')
                ->say(0, 'released: lands softly', -290),
            'slope_brush' => $this->slope()
                ->swing(-30, -62, true, tilt: 0.13)
                ->swing(3, 2, tilt: 0.13)
                ->ball(0)
                ->sweep(),
            'splash_line' => $this->sand()
                ->swing(-58, -125, true)
                ->swing(8, 12)
                ->grains(30, 340)
                ->add('line', [[-50, -70], [-50, 60]])
                ->say(-50, 'line'),
            'sole_thump' => $this->sole(),
            'sand_over_shoulder' => $this->sand()
                ->swing(-104, -232)
                ->grains(-560, -160, 1480)
                ->say(0, 'sand stays on'),
            'walk_round' => $this->walk(),
            'send_the_sand' => $this->sand()
                ->swing(12, 16)
                ->grains(60, 560)
                ->arrow([140, 260], [620, 330])
                ->add('towel', [[900, 8], [1160, 8]])
                ->say(960, 'towel'),
            'across_the_feet' => $this->steeper(),
            'miss_the_second' => $this->fromBehind('grass')->ball(545)->say(420, 'from behind: the outer one stays'),
            'thin_pop' => $this->sand()
                ->ball(0)
                ->swing(-26, -46, true)
                ->swing(5, 5)
                ->say(0, 'short and quiet'),
            'edge_in' => $this->buried(),
            default => null,
        };
    }

    /**
     * The player.
     *
     * @param  float  $at  arms, degrees from hanging, + toward the target
     * @param  float|null  $shaft  of the club alike; null: none in the hands
     * @param  float  $tilt  of the shoulders with the slope, mm a mm
     */
    private function swing(
        float $at,
        ?float $shaft,
        bool $ghost = false,
        int $arms = 2,
        string $club = 'club',
        bool $stick = false,
        bool $trailBack = false,
        float $reach = 1.0,
        float $tilt = 0.0,
    ): self {
        $made = compact('at', 'shaft', 'arms', 'club', 'stick', 'trailBack', 'reach', 'tilt');
        $this->swings[] = $made;
        $before = \count($this->shapes);
        if (! $ghost) {
            $this->body($arms, $trailBack, $tilt);
        }
        $this->arms($made, $ghost);
        $this->ofSwings += array_fill_keys(range($before, \count($this->shapes) - 1), true);

        return $this;
    }

    /** All of the player but the arms that swing. */
    private function body(int $arms, bool $trailBack, float $tilt): void
    {
        [$middle, $chest] = $this->middle();
        $shoulders = $this->shoulders($tilt);
        $trail = [$trailBack ? $this->trailMm - 150 : $this->trailMm, $trailBack ? 70.0 : 30.0];
        $this->add('limb', [[$middle - 110, self::HIPS_MM], [$middle - 95 + 0.5 * ($trail[0] - $middle + 95), 470], $trail]);
        $this->add('limb', [
            [$middle + 110, self::HIPS_MM],
            [$middle + 95 + 0.5 * ($this->leadMm - $middle - 95), 470],
            [$this->leadMm, 30],
        ]);
        $this->add('limb', [$trail, [$trail[0] + ($trailBack ? 30 : -60), $trailBack ? 10 : 12]]);
        $this->add('limb', [[$this->leadMm, 30], [$this->leadMm + 75, 12]]);
        $this->add('limb', [[$middle - 110, self::HIPS_MM], [$middle + 110, self::HIPS_MM]]);
        $this->add('limb', [[$middle, self::HIPS_MM], $chest, [$chest[0] + 5, self::HEAD_MM - 95]]);
        $this->add('limb', $shoulders);
        $this->add('head', [[$chest[0] + 10, self::HEAD_MM]]);
        if ($arms === 1) {
            $this->add('limb', [$shoulders[1], [$shoulders[1][0] + 120, 1060], [$middle + 120, 900]]);
        }
    }

    /**
     * The arms that swing, and what they hold.
     *
     * @param  SwingMade  $of
     */
    private function arms(array $of, bool $ghost = false): void
    {
        [, $chest] = $this->middle();
        $shoulders = $this->shoulders($of['tilt']);
        [$a, $r] = [deg2rad($of['at']), self::ARM_MM * $of['reach']];
        $hands = [$chest[0] + $r * sin($a), $chest[1] - $r * cos($a)];
        foreach ($of['arms'] === 1 ? [$shoulders[0]] : $shoulders as $shoulder) {
            $this->add('limb', [$shoulder, $hands], $ghost);
        }
        if ($of['shaft'] === null) {
            return;
        }
        $c = deg2rad($of['shaft']);
        $head = [$hands[0] + self::CLUB_MM * sin($c), $hands[1] - self::CLUB_MM * cos($c)];
        $this->add($of['club'], [$hands, $head], $ghost);
        if ($of['club'] === 'club') {
            $this->add('clubhead', [$head, [$head[0] + 60 * cos($c), $head[1] + 60 * sin($c)]], $ghost);
        }
        if ($of['stick']) {
            $this->add('stick', [$hands, [$hands[0] - self::STICK_MM * sin($c), $hands[1] + self::STICK_MM * cos($c)]], $ghost);
        }
    }

    /** @return array{float, array{float, float}} between the feet, and the middle of the chest */
    private function middle(): array
    {
        $middle = ($this->trailMm + $this->leadMm) / 2;

        return [$middle, [$middle + 10.0, self::SHOULDERS_MM]];
    }

    /** @return array{array{float, float}, array{float, float}} trail and lead */
    private function shoulders(float $tilt): array
    {
        [, $chest] = $this->middle();

        return [[$chest[0] - 175, $chest[1] - 175 * $tilt], [$chest[0] + 175, $chest[1] + 175 * $tilt]];
    }

    private function grass(): self
    {
        return $this->add('grass', [[-900, 0], [900, 0]]);
    }

    private function sand(): self
    {
        return $this->add('sand', [[-900, 0], [900, 0]]);
    }

    private function slope(): self
    {
        return $this->add('grass', [[-900, -120], [900, 120]])->say(0, 'shoulders along the slope', -230);
    }

    private function ball(float $x, float $y = 21.0): self
    {
        return $this->add('ball', [[$x, $y]]);
    }

    /** The club brushes along here. */
    private function sweep(): self
    {
        return $this->add('arrow', [[-200, 60], [0, 6], [200, 60]]);
    }

    private function turn(): self
    {
        return $this->add('arrow', [[-320, 1010], [0, 1110], [320, 1010]]);
    }

    private function grains(float $from, float $to, float $high = 160.0): self
    {
        for ($i = 0; $i < 14; $i++) {
            $share = (($i * 5) % 14) / 13;
            $this->add('grain', [
                [$from + ($to - $from) * $share, $high * (0.35 + 0.65 * sin(M_PI * (0.15 + 0.7 * $share))) + 14 * ($i % 3)],
            ]);
        }

        return $this;
    }

    /**
     * Balls in the air, from the side; the ground is drawn 3 m wide.
     *
     * @param  list<array{int, string}>  $flights  where each lands, and its name
     */
    private function flights(array $flights, ?int $flag): self
    {
        $this->add('grass', [[-300, 0], [2600, 0]])->ball(0);
        foreach ($flights as [$lands, $name]) {
            $path = [];
            for ($i = 0; $i <= 12; $i++) {
                $path[] = [($lands * $i) / 12, 21 + 4 * 0.32 * $lands * ($i / 12) * (1 - $i / 12)];
            }
            $this->add('flight', $path)->ball($lands)->say($lands, $name);
        }

        return $flag === null ? $this : $this->add('flag', [[$flag + 60, 0], [$flag + 60, 620]]);
    }

    /** Clubs of rising loft, each one rung. */
    private function ladder(): self
    {
        $this->add('grass', [[-200, 0], [1750, 0]]);
        foreach ([24, 36, 48, 58] as $i => $loft) {
            $x = 400 * $i;
            $r = deg2rad($loft);
            $this->add('club', [[$x, 20], [$x - 260 * sin($r), 20 + 260 * cos($r)]])
                ->add('line', [[$x - 130, 20], [$x + 30, 20]])
                ->say($x - 40, "{$loft}°");
            if ($i > 0) {
                $this->arrow([$x - 330, 380 + 70 * $i], [$x - 110, 440 + 70 * $i]);
            }
        }

        return $this->say(640, 'four of five: one up', 800);
    }

    /** From above: six lies round a green. */
    private function round(): self
    {
        $this->add('green', [[0, 760], [620, 0]])->add('hole', [[80, 800]]);
        for ($i = 0; $i < 6; $i++) {
            $a = deg2rad(60 * $i + 20);
            $this->ball(900 * cos($a), 760 + 800 * sin($a));
        }

        return $this->say(0, 'six lies, each once', -190);
    }

    /** The sole meets the sand, seen from the side and near. */
    private function sole(): self
    {
        return $this->add('sand', [[-500, 0], [500, 0]])
            ->add('near club', [[-90, 30], [110, 60], [330, 520]])
            ->arrow([-330, 330], [-120, 90])
            ->grains(-60, 320, 230)
            ->say(0, 'thud: the sole, not the edge', -130);
    }

    /** The edge goes in steeply behind a ball that is half under. */
    private function buried(): self
    {
        return $this->add('sand', [[-500, 0], [500, 0]])
            ->add('near ball', [[90, 6]])
            ->add('near club', [[-150, 70], [-60, -50], [-70, 460]])
            ->arrow([-330, 420], [-140, 110])
            ->say(-80, 'two fingers behind', -160);
    }

    /** From above: the feet walk round, the ball stays. */
    private function walk(): self
    {
        $this->ball(0, 100);
        foreach ([[0, true], [22, false]] as [$turn, $ghost]) {
            $a = deg2rad($turn);
            foreach ([$this->trailMm, $this->leadMm] as $x) {
                $this->add('foot', [[$x * cos($a) + 520 * sin($a), 100 + 520 * cos($a) - $x * sin($a)]], $ghost);
            }
        }

        return $this->arrow([40, 720], [260, 660])
            ->add('line', [[-620, 100], [620, 100]])
            ->say(0, 'the feet walk, the ball stays', -110);
    }

    /** From behind, the target away from us: the student over the ball. */
    private function fromBehind(string $ground): self
    {
        $hip = [-210.0, self::HIPS_MM];
        $chest = self::CHEST_FROM_BEHIND;

        return $this->add($ground, [[-700, 0], [900, 0]])
            ->ball(420)
            ->add('limb', [[-60, 12], [-110, 30], [-60, 470], $hip])
            ->add('limb', [$hip, $chest, [95, 1400]])
            ->add('head', [[140, 1500]])
            ->add('limb', [$chest, [110, 780]])
            ->add('club', [[110, 780], [400, 30]]);
    }

    /** The club goes up steeply along the feet. */
    private function steeper(): self
    {
        return $this->fromBehind('sand')
            ->add('club', [[60, 1010], [250, 1720]], true)
            ->add('limb', [self::CHEST_FROM_BEHIND, [60, 1010]], true)
            ->say(150, 'from behind: steeper');
    }

    /**
     * @param  array{float|int, float|int}  $from
     * @param  array{float|int, float|int}  $to
     */
    private function arrow(array $from, array $to): self
    {
        return $this->add('arrow', [$from, $to]);
    }

    private function say(float $x, string $words, float $y = -150.0): self
    {
        $this->shapes[] = ['kind' => 'words', 'points' => [[$x, $y]], 'ghost' => false, 'words' => $words];

        return $this;
    }

    /** @param non-empty-list<array{float|int, float|int}> $points */
    private function add(string $kind, array $points, bool $ghost = false): self
    {
        $this->shapes[] = [
            'kind' => $kind,
            'points' => array_map(static fn(array $one): array => [(float) $one[0], (float) $one[1]], $points),
            'ghost' => $ghost,
            'words' => '',
        ];

        return $this;
    }
}
