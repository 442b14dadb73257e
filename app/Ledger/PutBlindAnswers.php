<?php

declare(strict_types=1);

namespace App\Ledger;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Ledger\BlindCases;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Open;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;

/**
 * What a coach says of the blind cases: also the file in which he keeps it.
 *
 * @phpstan-type BlindAnswersShape array<string, string|null>
 */
#[Schema('PutBlindAnswers')]
final readonly class PutBlindAnswers
{
    /**
     * @param  array<array-key, mixed>  $answers
     *
     * @throws InvalidInput for another format
     */
    public function __construct(
        #[Text('Format', 40, filled: true)]
        public string $format,
        #[Open('BlindAnswers'), Key('By the number of the case: the id of a cause, none where nothing is wrong, null where he cannot say.')]
        public array $answers,
    ) {
        if ($format !== BlindCases::FORMAT) {
            throw InvalidInput::one('format', $format, BlindCases::FORMAT);
        }
    }
}
