<?php

// What a browser runs to have the core work something out: the sources lie in /core.json, the question in /question.json, and the answer
// is written out. Run once for each question; what was loaded for the one before is still there.

use LowPoint\Core\CaseFile\MeasureRequest;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;

if (! function_exists('mb_strlen')) {
    // This PHP comes without mbstring. The core counts characters where it shortens a value that was wrong.
    function mb_strlen(string $text): int
    {
        return (int) preg_match_all('/./us', $text);
    }

    function mb_substr(string $text, int $from, ?int $length = null): string
    {
        preg_match_all('/./us', $text, $characters);

        return implode('', array_slice($characters[0], $from, $length));
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
    $answer = ['answer' => MeasureRequest::fromJson((string) file_get_contents('/question.json'))->toArray()];
} catch (InvalidInput $e) {
    $answer = [
        'faults' => array_map(static fn(Fault $fault): array => ['key' => $fault->key, 'message' => $fault->message()], $e->faults),
    ];
}
echo json_encode($answer, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
