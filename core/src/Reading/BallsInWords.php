<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Mechanism;
use LowPoint\Core\Causes\MechanismInWords;
use LowPoint\Core\Evidence\BallTrait;
use LowPoint\Core\Evidence\LowPointSource;
use LowPoint\Core\Evidence\Mark;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Evidence\Tally;
use LowPoint\Core\Wording\Words;

/** What the balls tell about a fault, as sentences: what was seen, and what the fault does (the numbers of its mechanism). */
final readonly class BallsInWords
{
    public function __construct(
        private EvidenceContext $context,
        private Words $words,
        private float $normalTouchMm,
    ) {}

    public function seen(string $term): string
    {
        $pattern = $this->context->pattern;
        $tally = $this->tally($term);
        if ($term === 'contact' && $tally?->count === 0) {
            return "all {$this->words->count($tally->of)} touched the ground";
        }
        if ($tally !== null) {
            return $this->words->tally($tally).' '.match ($term) {
                'contact' => 'did not touch the ground',
                'good' => $tally->count === 1 ? 'was good' : 'were good',
                'hosel' => 'came off the neck of the club',
                default => $this->words->told(BallTrait::from($term)->phrase()),
            };
        }

        return match ($term) {
            'touch' => ($groups = $pattern->touchGroups()) !== null
                ? "the {$this->words->twoGroups(...$groups)}"
                : "the first touch is {$this->words->lies($pattern->touch->mean ?? 0.0, $pattern->touch->sd, ' on average')}",
            'marks' => 'the marks: '.$this->counted($this->kinds($term)),
            'strikes' => 'the strikes, where the club touched: '.$this->counted($this->kinds($term)),
            'carry' => $this->words->carryOff($pattern->middleCarryError($this->context->case) ?? 0.0),
            'carry scatter' => "good strikes of the same task carry ± {$this->words->percent(
                $pattern->carryError($this->context->case)->sd ?? 0.0,
            )}",
            default => $this->words->start($pattern->start($this->context->case)->mean ?? 0.0),
        };
    }

    /** How many of how many a term counts; null where it tells something else. */
    public function tally(string $term): ?Tally
    {
        $pattern = $this->context->pattern;
        $censored = $pattern->sourced(LowPointSource::Censored);

        return match ($term) {
            'contact' => new Tally($censored, $pattern->touch->n + $censored),
            'good' => $pattern->good(),
            'hosel' => $pattern->strikeTally(Strike::Hosel),
            'touch', 'marks', 'strikes', 'carry', 'carry scatter', 'start' => null,
            default => $pattern->tally(BallTrait::from($term)),
        };
    }

    /** @return array<string, int> of marks or strikes: how many of each kind */
    public function kinds(string $term): array
    {
        $counts = [];
        foreach ($this->context->pattern->balls as $i => $ball) {
            $derived = $this->context->pattern->derived[$i];
            $kind = $term === 'strikes'
                ? $ball->strike
                : $ball->mark ?? ($derived->source === LowPointSource::Measured ? $derived->mark : null);
            if ($kind !== null && $kind !== Mark::None) {
                $counts[$kind->value] = ($counts[$kind->value] ?? 0) + 1;
            }
        }
        if ($term === 'strikes') {
            arsort($counts);
        }

        return $counts;
    }

    /** @return list<int> the balls that a term is told by, by their places from 0 */
    public function balls(string $term): array
    {
        $case = $this->context->case;
        $tells = static fn(SeenBall $ball): bool => match ($term) {
            'touch' => $ball->touchMm !== null,
            'contact' => $ball->touchMm !== null || $ball->noContact,
            'marks' => $ball->mark !== null || $ball->markLengthMm !== null,
            'strikes', 'good', 'hosel' => $ball->strike !== null,
            'carry', 'carry scatter' => $ball->carryM !== null && $ball->strike?->isGood() === true,
            'start' => $ball->startDeg !== null,
            default => BallTrait::from($term)->of($ball, $case) !== null,
        };

        return array_keys(array_filter($case->balls, $tells));
    }

    public function expected(string $term, Mechanism $fault): string
    {
        $words = $this->words;
        $usual = $words->place($this->normalTouchMm);

        return match ($term) {
            'touch' => 'a sound player here touches '.
                $usual.
                '; with this fault '.
                (abs($fault->touchMm) < 0.5
                    ? 'about there'
                    : "about {$words->ground($fault->touchMm)} further ".($fault->touchMm < 0 ? 'behind' : 'ahead')).
                ($fault->touchSdMm > 0 ? ", give or take {$words->ground($fault->touchSdMm)}" : '').
                ($fault->scatter > 1.0 ? ', and '.MechanismInWords::times($fault->scatter).' as scattered' : ''),
            'contact' => $fault->noContact > 0
                ? "with this fault about {$words->percent($fault->noContact)} do not touch the ground"
                : 'with this fault as often as with a sound player',
            'marks' => match (true) {
                $fault->depthMm > 0.05 => 'with this fault they are deeper than a sound player’s',
                $fault->depthMm < -0.05 => 'with this fault they are shallower than a sound player’s',
                default => 'with this fault they are deeper or shallower only as the club is delivered',
            },
            'strikes'
                => 'how balls come out from such touches and marks, by the strike model, with the club delivered as this fault delivers it',
            'good' => 'a sound player hits as many good ones as this lie lets him; with this fault about four in ten, more or fewer',
            'carry' => $fault->carry === 0.0
                ? 'with this fault good strikes carry as asked'
                : 'with this fault good strikes carry about '.
                    $words->percent(abs($fault->carry)).
                    ($fault->carryEitherWay ? ' long or short' : ($fault->carry < 0 ? ' short' : ' long')),
            'carry scatter' => $fault->carryScatter > 1.0
                ? 'with this fault they scatter '.MechanismInWords::times($fault->carryScatter).' as much as a sound player’s'
                : 'with this fault no more than with a sound player',
            'hosel' => $fault->hosel > 0.0
                ? "with this fault about {$words->percent($fault->hosel)} do"
                : 'with this fault no more than with a sound player',
            'start' => $fault->startDeg === 0.0
                ? 'with this fault balls start on line'
                : "with this fault balls start about {$words->degrees($fault->startDeg)} to the ".
                    ($fault->startDeg < 0 ? 'lead' : 'trail').
                    ' side',
            default => isset($fault->traits[$term])
                ? "with this fault about {$words->percent($fault->traits[$term])} do"
                : 'with this fault no more than with a sound player',
        };
    }

    /** @param array<string, int> $counts */
    private function counted(array $counts): string
    {
        return implode(
            ', ',
            array_map(fn(string $what, int $n): string => "{$this->words->count($n)} {$what}", array_keys($counts), array_values($counts)),
        );
    }
}
