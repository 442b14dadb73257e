<?php

declare(strict_types=1);

namespace LowPoint\Core\Measuring;

/**
 * Where the numbers say that a picture could be better (handbook 11.1).
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type CautionShape array{id: value-of<Caution>, text: ToldShape}
 */
enum Caution: string
{
    case BallNearEdge = 'ball_near_edge';
    case Rolled = 'rolled';
    case BallSmall = 'ball_small';
    case SlowFrames = 'slow_frames';
    case NoLevel = 'no_level';
    case NoScale = 'no_scale';

    /** Nearer to the edge than this share of the picture, lenses bend what is straight. */
    private const EDGE = 0.15;

    private const ROLL_DEG = 10.0;

    private const BALL_PX = 20.0;

    private const FRAMES_A_SECOND = 100.0;

    public function text(): string
    {
        return match ($this) {
            self::BallNearEdge => 'The ball lies near the edge of the picture, where lenses bend lines: put it in the middle.',
            self::Rolled => 'The camera is rolled by more than 10°: hold it upright.',
            self::BallSmall => 'Fewer than 20 px across the ball: come nearer.',
            self::SlowFrames => 'Fewer than 100 frames a second: choose slow motion, 120 or 240.',
            self::NoLevel => 'No level was marked: every angle may be 3° off by the roll of the camera.',
            self::NoScale => 'No scale was marked: there are no lengths.',
        };
    }

    /** @return list<self> */
    public static function of(Marks $marks, ?float $fps = null): array
    {
        $found = [];
        $size = $marks->size();
        if ($size !== null && $marks->has('ball')) {
            [$x, $y] = $marks->raw('ball');
            $near = min($x / $size[0], 1 - $x / $size[0], $y / $size[1], 1 - $y / $size[1]);
            if ($near < self::EDGE) {
                $found[] = self::BallNearEdge;
            }
        }
        if (abs($marks->rollDeg()) > self::ROLL_DEG) {
            $found[] = self::Rolled;
        }
        $across = $marks->pxAcrossTheBall();
        if ($across !== null && $across < self::BALL_PX) {
            $found[] = self::BallSmall;
        }
        if ($fps !== null && $fps < self::FRAMES_A_SECOND) {
            $found[] = self::SlowFrames;
        }
        if (! $marks->isLevelled()) {
            $found[] = self::NoLevel;
        }
        if (! $marks->isScaled()) {
            $found[] = self::NoScale;
        }

        return $found;
    }

    /** @return CautionShape */
    public function toArray(): array
    {
        return ['id' => $this->value, 'text' => $this->text()];
    }
}
