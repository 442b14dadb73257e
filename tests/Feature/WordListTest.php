<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

/** docs/words.md: what is no longer said is said nowhere (handbook 19.9). */
final class WordListTest extends TestCase
{
    /** Of the rows that name phrases: those that say a thing in other words altogether cannot be looked for. */
    private const NO_PHRASE = ['of somebody never taught: well', 'before and target', 'a list of all causes with percentages'];

    public function test_no_word_that_was_replaced_is_said(): void
    {
        [$english, $german] = self::replaced();
        self::assertGreaterThan(4, \count($english));
        self::assertGreaterThan(6, \count($german));

        $said = [];
        foreach (['lang/de.json', 'resources/language/de.json'] as $book) {
            foreach (json_decode((string) file_get_contents(base_path($book)), true, flags: JSON_THROW_ON_ERROR) as $here => $there) {
                array_push($said, ...self::found($english, (string) $here), ...self::found($german, (string) $there));
            }
        }
        self::assertSame([], $said);
    }

    public function test_a_word_that_was_replaced_is_found(): void
    {
        self::assertSame(['visit: No visit today'], self::found(['visit'], 'No visit today'));
        self::assertSame([], self::found(['visit'], 'visitors'));
    }

    /** @return array{list<string>, list<string>} English, German */
    private static function replaced(): array
    {
        $rows = preg_grep('/^\|(?! ?English|-)/', file(base_path('docs/words.md'), FILE_IGNORE_NEW_LINES) ?: []) ?: [];
        [$english, $german] = [[], []];
        foreach ($rows as $row) {
            foreach (explode(';', explode('|', $row)[3]) as $phrase) {
                $phrase = trim($phrase);
                if (str_starts_with($phrase, '*')) {
                    $german[] = trim($phrase, '*');
                } elseif (! \in_array($phrase, self::NO_PHRASE, true)) {
                    $english[] = $phrase;
                }
            }
        }

        return [$english, $german];
    }

    /**
     * @param  list<string>  $phrases
     * @return list<string>
     */
    private static function found(array $phrases, string $text): array
    {
        $found = array_filter(
            $phrases,
            static fn(string $one): bool => preg_match('~(?<!\pL)'.preg_quote($one, '~').'(?!\pL)~iu', $text) === 1,
        );

        return array_values(array_map(static fn(string $one): string => "{$one}: {$text}", $found));
    }
}
