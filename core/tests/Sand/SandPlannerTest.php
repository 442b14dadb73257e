<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Sand;

use LowPoint\Core\CaseFile\BunkerRequest;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Club\DeliveredClub;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Sand\SandCard;
use LowPoint\Core\Sand\SandWarning;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SandPlannerTest extends TestCase
{
    private const DEEP = ['sand_soft', 'sand_medium', 'sand_firm'];

    private const ALL = [...self::DEEP, 'sand_thin', 'sand_plugged'];

    public function test_the_shorter_and_the_higher_the_shot_the_more_opening(): void
    {
        foreach (self::DEEP as $lie) {
            foreach ([0.0, 1.0, 2.0, 3.5] as $lip) {
                $last = null;
                foreach ([40.0, 25.0, 15.0, 8.0, 5.0] as $carry) {
                    $open = self::card(['lie' => $lie, 'lip_height_m' => $lip, 'carry_m' => $carry])->faceOpenDeg;
                    self::assertGreaterThanOrEqual(($last ?? $open) - 0.3, $open, "{$lie}, lip {$lip}, carry {$carry}");
                    $last = $open;
                }
            }
            foreach ([5.0, 10.0, 20.0] as $carry) {
                $last = null;
                foreach ([0.0, 0.5, 1.0, 1.5, 2.0, 3.0, 5.0] as $lip) {
                    $open = self::card(['lie' => $lie, 'lip_height_m' => $lip, 'carry_m' => $carry])->faceOpenDeg;
                    self::assertGreaterThanOrEqual(($last ?? $open) - 0.3, $open, "{$lie}, carry {$carry}, lip {$lip}");
                    $last = $open;
                }
            }
        }
    }

    public function test_no_face_is_open_further_than_the_sand_allows(): void
    {
        foreach (self::ALL as $lie) {
            foreach ([[46.0, 6.0], [56.0, 12.0], [60.0, 8.0], [58.0, 16.0]] as [$loft, $bounce]) {
                foreach ([0.0, 2.0, 5.0] as $lip) {
                    foreach (['open_across', 'square_splash'] as $school) {
                        $card = self::card([
                            'lie' => $lie, 'lip_height_m' => $lip, 'carry_m' => 6.0, 'school' => $school,
                            'club' => ['loft_deg' => $loft, 'bounce_deg' => $bounce],
                        ]);
                        if ($card->faceOpenDeg > 0.0) {
                            self::assertLessThanOrEqual(0.1001, $card->rates['skip'] ?? 0.0, "{$lie} {$loft}/{$bounce}");
                        }
                    }
                }
            }
        }
    }

    public function test_stance_matches_face_and_thin_sand_answers_with_a_shut_edge(): void
    {
        foreach (self::ALL as $lie) {
            foreach ([4.0, 12.0, 30.0] as $carry) {
                $card = self::card(['lie' => $lie, 'carry_m' => $carry]);
                if ($card->school === School::OpenAcross) {
                    self::assertEqualsWithDelta($card->faceOpenDeg, $card->stanceOpenDeg, 3.0);
                }
                self::assertSame(\in_array($lie, ['sand_thin', 'sand_plugged'], true), $card->school === School::ShutEdge);
            }
        }
        self::assertSame(School::ShutEdge, self::card(['lie' => 'sand_thin', 'school' => 'open_across'])->school);
        self::assertSame(School::ShutEdge, self::card(['ball' => 'plugged'])->school);
        self::assertSame(School::SquareSplash, self::card(['school' => 'square_splash'])->school);
    }

    public function test_a_lip_that_is_not_cleared_says_so_and_what_would_clear_it(): void
    {
        $never = 0;
        foreach (self::ALL as $lie) {
            foreach ([0.0, 1.0, 2.0, 2.8, 3.5, 6.0] as $lip) {
                foreach ([2.0, 4.0] as $at) {
                    $card = self::card(['lie' => $lie, 'lip_height_m' => $lip, 'lip_distance_m' => $at, 'carry_m' => 8.0]);
                    $height = 8.0 > $at ? $at * tan(deg2rad($card->launchDeg)) * (1 - $at / 8.0) : 0.0;
                    self::assertEqualsWithDelta($height - $lip, $card->clearanceM, 1.0e-6);
                    $said = array_map(static fn(array $one): SandWarning => $one[0], $card->warnings);
                    self::assertSame($card->clearsLip, ! \in_array(SandWarning::LipTooHigh, $said, true));
                    self::assertSame($lip === 0.0 || $card->clearanceM >= 0.2, $card->clearsLip);
                    if ($card->clearsLip) {
                        self::assertNotContains(SandWarning::OutSideways, $said);

                        continue;
                    }
                    $text = $card->warnings[array_search(SandWarning::LipTooHigh, $said, true)][1];
                    $sideways = \in_array(SandWarning::OutSideways, $said, true);
                    self::assertSame($sideways, ! str_contains($text, 'What would'), $text);
                    $never += $sideways ? 1 : 0;
                    if (preg_match('/a ball (\S+) m further back/', $text, $back) === 1) {
                        $by = (float) $back[1];
                        $there = self::card(['lie' => $lie, 'lip_height_m' => $lip, 'lip_distance_m' => $at + $by, 'carry_m' => 8.0 + $by]);
                        self::assertTrue($there->clearsLip, "{$lie}: {$text}");
                    }
                }
            }
        }
        self::assertGreaterThan(0, $never);
    }

    public function test_the_lip_in_words_says_no_more_than_the_clearance(): void
    {
        $words = new Words;
        self::assertNull(self::card(['lip_height_m' => 0])->lipInWords($words));
        $told = [];
        for ($lip = 0.4; $lip < 2.6; $lip += 0.1) {
            $card = self::card(['lip_height_m' => $lip, 'lip_distance_m' => 2.0]);
            $said = (string) $card->lipInWords($words);
            $kind = preg_replace('/[\d.]+ m/', '#', $said);
            self::assertSame(match (true) {
                $card->clearanceM >= 0.2 => '# over the lip',
                $card->clearanceM > 0.0 => 'only # over the lip',
                default => '# below the top of the lip',
            }, $kind);
            preg_match('/[\d.]+/', $said, $far);
            self::assertEqualsWithDelta(abs($card->clearanceM), (float) $far[0], 0.051);
            $told[$kind] = true;
        }
        self::assertCount(3, $told);
    }

    public function test_only_a_club_at_hand_is_said_to_clear(): void
    {
        $question = ['lie' => 'sand_soft', 'carry_m' => 12.0, 'lip_height_m' => 1.9, 'lip_distance_m' => 1.9];
        $question['club'] = ['loft_deg' => 52, 'bounce_deg' => 8];
        $asked = BunkerRequest::fromValue($question);
        $told = static fn(Club ...$bag): string => $asked
            ->answer(StrikeModel::quick(), bag: $bag === [] ? null : array_values($bag))
            ->warnings[0][1];
        self::assertStringContainsString('60/8', $told());
        self::assertStringContainsString('62/10', $told(new Club(52.0, 8.0), new Club(62.0, 10.0)));
        self::assertStringNotContainsString('opened', $told(new Club(52.0, 8.0)));
    }

    public function test_feet_dug_in_are_answered_by_the_grip_and_the_ball_starts_at_the_target(): void
    {
        foreach (self::ALL as $lie) {
            foreach ([null, 'open_across', 'square_splash', 'shut_edge'] as $school) {
                foreach ([4.0, 20.0] as $carry) {
                    $card = self::card(['lie' => $lie, 'school' => $school, 'carry_m' => $carry]);
                    self::assertSame($card->feetDugMm, $card->gripDownMm);
                    $face = DeliveredClub::of(new Club(56.0, 12.0), $card->shaftLeanDeg, $card->faceOpenDeg)->azimuthDeg;
                    self::assertEqualsWithDelta(0.85 * $card->pathDeg + 0.15 * $face + $card->aimDeg, $card->startDeg, 1.0e-9);
                    self::assertEqualsWithDelta(0.0, $card->startDeg, 0.051);
                    self::assertLessThanOrEqual(0.0, $card->pathDeg);
                    self::assertLessThan(0.0, $card->entryMm[0]);
                    self::assertLessThanOrEqual($card->entryMm[1], $card->entryMm[0]);
                    self::assertEqualsWithDelta(1.0, array_sum($card->rates), 1.0e-6);
                }
            }
        }
    }

    public function test_slope_tilts_the_launch_and_a_ball_that_sits_down_is_taken_deeper(): void
    {
        foreach (self::DEEP as $lie) {
            $level = self::card(['lie' => $lie, 'lip_height_m' => 0]);
            $down = self::card(['lie' => $lie, 'lip_height_m' => 0, 'slope_deg' => -10]);
            self::assertEqualsWithDelta($level->launchDeg - 10, $down->launchDeg, 1.0e-6);
            self::assertContains(SandWarning::SteepSlope, array_map(static fn(array $one): SandWarning => $one[0], $down->warnings));
            self::assertGreaterThan($level->sandDepthMm, self::card(['lie' => $lie, 'lip_height_m' => 0, 'ball' => 'down'])->sandDepthMm);
        }
    }

    /** @param array<string, mixed> $change */
    #[TestWith([['lip_height_m' => 20], 'lip_height_m'])]
    #[TestWith([['carry_m' => 0], 'carry_m'])]
    #[TestWith([['carry_m' => 2.5], 'carry_m'])]
    #[TestWith([['lie' => 'fairway'], 'lie'])]
    #[TestWith([['ball' => 'lost'], 'ball'])]
    #[TestWith([['club' => ['loft_deg' => 5, 'bounce_deg' => 0]], 'club.loft_deg'])]
    #[TestWith([['school' => 'none'], 'school'])]
    #[TestWith([['slope_deg' => INF], 'slope_deg'])]
    public function test_what_cannot_be_is_refused_by_name(array $change, string $key): void
    {
        try {
            self::card($change);
            self::fail("{$key} was taken.");
        } catch (InvalidInput $e) {
            self::assertSame([$key], array_map(static fn($fault): string => $fault->key, $e->faults));
        }
    }

    /** @param array<string, mixed> $change */
    private static function card(array $change): SandCard
    {
        static $model = null;
        $model ??= StrikeModel::standard();

        return BunkerRequest::fromValue($change + [
            'lie' => 'sand_medium', 'lip_height_m' => 1.0, 'lip_distance_m' => 3.0, 'carry_m' => 10.0, 'room_m' => 8.0,
            'club' => ['loft_deg' => 56, 'bounce_deg' => 12],
        ])->answer($model);
    }
}
