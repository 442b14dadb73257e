<?php

// What a browser runs to have the core work something out: the sources lie in /core.json, the question in /question.json, and the answer
// is written out. Run once for each question; what was loaded for the one before is still there.

use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\MeasureRequest;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Reading\Learned;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Statements\LooksTold;
use LowPoint\Core\Strike\Recalibration;
use LowPoint\Core\Wording\Refusals;
use LowPoint\Core\Wording\Units;
use LowPoint\Core\Wording\Words;

if (! function_exists('mb_strlen')) {
    // This PHP comes without mbstring. What the core uses of it, for UTF-8; sentences of the core begin with ASCII.
    function mb_strlen(string $text): int
    {
        return (int) preg_match_all('/./us', $text);
    }

    function mb_substr(string $text, int $from, ?int $length = null): string
    {
        preg_match_all('/./us', $text, $characters);

        return implode('', array_slice($characters[0], $from, $length));
    }

    function mb_check_encoding(string $text): bool
    {
        return preg_match('//u', $text) === 1;
    }

    function mb_strtoupper(string $text): string
    {
        return strtoupper($text);
    }

    function mb_stripos(string $text, string $words): int|false
    {
        return stripos($text, $words);
    }

    spl_autoload_register(static function (string $class): void {
        static $sources = null;
        $sources ??= json_decode((string) file_get_contents('/core.json'), true);
        $source = $sources[str_replace(['LowPoint\\Core\\', '\\'], ['', '/'], $class).'.php'] ?? null;
        if ($source !== null) {
            eval(substr($source, strlen('<?php')));
        }
    });
}

try {
    $question = json_decode((string) file_get_contents('/question.json'), true, flags: JSON_THROW_ON_ERROR);
    $answer = [
        'answer' => isset($question['case'])
            ? LooksTold::beside(
                ReadingEngine::standard(
                    new Words(Units::from($question['units'])),
                    $question['equipment'] ?? null,
                    isset($question['calibration']) ? Recalibration::of(...$question['calibration']) : null,
                    isset($question['correction']) ? Learned::fromValue($question['correction']) : null,
                )->read(CaseReader::fromValue(['format' => CaseReader::FORMAT] + $question['case'])),
                new Words(Units::from($question['units'])),
            )
            : MeasureRequest::fromValue($question)->toArray(),
    ];
} catch (InvalidInput $e) {
    $refusals = new Refusals(new Words(Units::from($question['units'] ?? 'metric')));
    $answer = [
        'faults' => array_map(static fn(Fault $fault): array => ['key' => $fault->key, 'message' => $refusals->say($fault)], $e->faults),
    ];
}
echo json_encode($answer, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
