<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Choice;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Named;
use LowPoint\Core\Records\NoKey;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;

/**
 * One ball as seen. Ground distances in mm, course distances in m. Null = not looked at, but see $noContact.
 *
 * @phpstan-type BallSeenShape array<string, mixed>
 */
#[Schema('BallSeen', nulls: false)]
final readonly class SeenBall
{
    /** No ball of this game carries further, m. */
    public const FARTHEST_M = 300.0;

    /** @param bool $noContact the club was seen not to touch the ground */
    public function __construct(
        #[Named('Strike', Strike::class)]
        #[Key(sheet: ['strike', 'contact', 'quality', 'result', 'treffer', 'kontakt', 'treffqualität', 'ergebnis'])]
        public ?Strike $strike = null,
        #[Number('Touch', 'mm', -300, 300, nullable: true)]
        #[Key(
            'Null: it did not touch the ground.',
            nullSays: 'noContact',
            sheet: ['touch', 'ground contact', 'entry', 'bodenkontakt', 'bodenberührung', 'eintreffpunkt', 'eintauchpunkt'],
        )]
        public ?float $touchMm = null,
        #[NoKey]
        public bool $noContact = false,
        #[Named('Mark', Mark::class), Key(sheet: ['mark', 'divot', 'spur'])]
        public ?Mark $mark = null,
        #[Number('Length of the mark', 'mm', 0, 600)]
        #[Key(sheet: ['length', 'mark length', 'divot length', 'length of the mark', 'divotlänge', 'länge der spur', 'länge'])]
        public ?float $markLengthMm = null,
        #[Choice('Flight', ['low' => 'low', 'expected' => 'expected', 'high' => 'high'])]
        #[Key(sheet: ['flight', 'height', 'flug', 'höhe', 'ballflug'])]
        public ?string $flight = null,
        #[Number('Start', 'degrees', -45, 45)]
        #[Key(sheet: ['start', 'direction', 'azimuth', 'startrichtung', 'richtung', 'abflugrichtung', 'launch direction'])]
        public ?float $startDeg = null,
        #[Number('Carry', 'm', 0, self::FARTHEST_M)]
        #[Key(sheet: ['carry', 'flugweite', 'schlagweite'])]
        public ?float $carryM = null,
        #[Number('Rolled', 'm', 0, self::FARTHEST_M)]
        #[Key(sheet: ['roll', 'rolled', 'roll distance', 'roll out', 'rollout', 'rollweite', 'rollstrecke', 'ausrollen', 'auslauf'])]
        public ?float $rollM = null,
        #[Number('Left to the hole', 'm', 0, self::FARTHEST_M)]
        #[Key(sheet: ['left to the hole', 'to hole', 'to pin', 'to the hole', 'finish', 'proximity', 'remaining', 'rest', 'zum loch'])]
        public ?float $finishM = null,
        #[Choice('Roll', ['checks' => 'checks', 'normal' => 'normal', 'runs' => 'runs'])]
        #[Key(sheet: ['roll', 'rollen', 'lauf'])]
        public ?string $roll = null,
        #[Choice('Sound', ['click' => 'click', 'thud' => 'thud', 'scrape' => 'scrape'])]
        #[Key(sandOnly: true, sheet: ['sound', 'klang', 'geräusch'])]
        public ?string $sound = null,
        #[Choice('Sand flew', ['left' => 'left', 'target' => 'at the target', 'right' => 'right'])]
        #[Key(sandOnly: true, sheet: ['sand'])]
        public ?string $sandDirection = null,
        #[Text('Note', 500), Key(sheet: ['note', 'comment', 'remark', 'notiz', 'bemerkung', 'kommentar', 'anmerkung'])]
        public ?string $note = null,
    ) {}

    /** @throws InvalidInput where such a strike is none of this shot */
    public function of(Shot $shot): self
    {
        $strikes = $shot->strikes();
        if ($this->strike !== null && ! \in_array($this->strike, $strikes, true)) {
            $words = implode(', ', array_column($strikes, 'value'));
            throw InvalidInput::one('strike', $this->strike->value, "for a {$shot->value}: {$words}");
        }

        return $this;
    }
}
