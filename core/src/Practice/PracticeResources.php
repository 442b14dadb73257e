<?php

declare(strict_types=1);

namespace LowPoint\Core\Practice;

use LowPoint\Core\Drills\Drill;
use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\InvalidInput;

/** What a student has to practise with: the grounds within reach, the things at hand, and what to take care of. */
final readonly class PracticeResources
{
    public const GROUNDS = ['grass', 'sand', 'mat', 'none'];

    /**
     * @param  list<string>  $grounds
     * @param  list<string>|null  $equipment  in the words of the drills; null = whatever a drill asks for
     * @param  list<Limit>  $limits
     *
     * @throws InvalidInput for a ground that is none of GROUNDS, or none at all
     */
    public function __construct(
        public array $grounds = self::GROUNDS,
        public ?array $equipment = null,
        public array $limits = [],
    ) {
        foreach ($grounds as $i => $ground) {
            if (! \in_array($ground, self::GROUNDS, true)) {
                throw InvalidInput::one("grounds.{$i}", $ground, implode(', ', self::GROUNDS));
            }
        }
        if ($grounds === []) {
            throw InvalidInput::one('grounds', [], 'at least one of '.implode(', ', self::GROUNDS));
        }
    }

    /** Why the drill cannot be done with these means; null when nothing speaks against it. */
    public function against(Drill $drill): ?string
    {
        $limit = $drill->leftOutFor(...$this->limits);
        if ($limit !== null) {
            return $limit;
        }
        if (array_intersect($drill->grounds, $this->grounds) === [] && ! \in_array('none', $drill->grounds, true)) {
            return 'needs '.implode(' or ', $drill->grounds);
        }
        $missing = $this->equipment === null ? [] : array_diff($drill->equipment, $this->equipment);

        return $missing === [] ? null : 'needs '.implode(', ', $missing);
    }
}
