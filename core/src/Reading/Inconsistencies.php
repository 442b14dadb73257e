<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Evidence\Mark;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Wording\Words;

/** Entries that cannot both be right. They are pointed out, never changed. */
final readonly class Inconsistencies
{
    /** A clean strike after a deep mark that begins further behind than this cannot be, mm. Origin: chosen by us. */
    private const CLEAN_BEHIND_MM = -80.0;

    public function __construct(private Words $words) {}

    /** @return list<Warning> */
    public function in(EvidenceContext $context): array
    {
        $found = [];
        foreach ($context->case->balls as $i => $ball) {
            $what = $this->onBall($ball, $context->case->task->lie);
            if ($what !== null) {
                $found[] = new Warning(WarningId::Inconsistent, 'Ball '.($i + 1).": {$what}. Please look again; both are kept.");
            }
        }
        $attack = $context->case->seen->choice(Observable::Attack);
        $measured = $context->case->seen->number(Observable::AttackDeg);
        if ($measured !== null && (($attack === 'descending' && $measured > 1) || ($attack === 'rising' && $measured < -1))) {
            $found[] = new Warning(
                WarningId::Inconsistent,
                "{$this->words->value(Observable::Attack, $attack)} at the ball, but measured ".
                    ($measured > 0 ? 'rising' : 'falling').
                    " {$this->words->degrees($measured)}. Please look again; both are kept.",
            );
        }

        return $found;
    }

    private function onBall(SeenBall $ball, Lie $lie): ?string
    {
        return match (true) {
            $ball->noContact && $ball->strike?->isHeavy() === true => "{$ball->strike->value} without touching the ground",
            $ball->noContact && $ball->mark !== null && $ball->mark !== Mark::None
                => "a {$ball->mark->value} mark without touching the ground",
            $ball->touchMm !== null && $ball->mark === Mark::None && ($ball->markLengthMm ?? 0.0) > 0
                => 'a mark with a length, but no mark',
            $ball->strike?->isGood() === true
                && $ball->mark === Mark::Deep
                && $ball->touchMm !== null
                && $ball->touchMm < self::CLEAN_BEHIND_MM
                && ! $lie->isSand()
                => "{$ball->strike->value} with a deep mark from {$this->words->place($ball->touchMm)}",
            default => null,
        };
    }
}
