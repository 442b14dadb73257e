<?php

declare(strict_types=1);

namespace LowPoint\Core\Wording;

/**
 * Says in another language what the core has said in English. A phrase is a whole sentence with # where a figure stands, so that
 * a translator sees what he translates, and so that what was handed out years ago can be told as well. Texts that are put
 * together from phrases are taken apart where sentences, lists and clauses end. What is not in the book, such as the coach's own
 * words, stays as it is.
 */
final class PhraseBook
{
    /** A figure with its unit, if it has one: "4.1 cm", "30". An "in" is inches unless it goes on as a sentence: "4 in a row". */
    private const FIGURE = '\d+(?:\.\d+)?(?: (?:cm|m|yd|kg)\b| in\b(?! (?:a|the|\d+)\b))?';

    /** Figures that a text tells in words. */
    private const IN_WORDS = '\b(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\b';

    private const SMALL = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

    /** Where a text may be taken apart, from the strongest end to the weakest. */
    private const ENDS = ['~(?<=[.!?]) ~u', '~(?<=;) ~', '~(?<=:) ~', '~(?<=,) ~'];

    /** @var array<string, string|null> what was said before */
    private array $said = [];

    /** @param array<string, string> $phrases English, # for a figure => the same in the other language, # or {1}, {2} for the figures */
    public function __construct(
        private readonly array $phrases,
        public readonly Language $language,
    ) {}

    public function say(string $english): string
    {
        return $this->find($english) ?? $english;
    }

    public function knows(string $english): bool
    {
        return $this->find($english) !== null;
    }

    /**
     * All texts of a sheet but those under the keys that are no words.
     *
     * @param  array<array-key, mixed>  $sheet
     * @param  list<string>  $but  keys
     * @return array<array-key, mixed>
     */
    public function sayAll(array $sheet, array $but): array
    {
        foreach ($sheet as $key => $value) {
            if (\in_array($key, $but, true)) {
                continue;
            }
            $sheet[$key] = match (true) {
                \is_array($value) => $this->sayAll($value, $but),
                \is_string($value) => $this->say($value),
                default => $value,
            };
        }

        return $sheet;
    }

    private function find(string $english): ?string
    {
        if (! \array_key_exists($english, $this->said)) {
            $this->said[$english] = $this->whole($english) ?? $this->inParts($english) ?? $this->withoutItsEnd($english);
        }

        return $this->said[$english];
    }

    private function whole(string $english): ?string
    {
        if (isset($this->phrases[$english])) {
            return $this->phrases[$english];
        }
        foreach ([self::FIGURE, self::FIGURE.'|'.self::IN_WORDS] as $figure) {
            $figures = [];
            $phrase = (string) preg_replace_callback(
                "~{$figure}~i",
                function (array $found) use (&$figures): string {
                    $figures[] = $this->figure($found[0]);

                    return '#';
                },
                $english,
            );
            foreach ([$phrase, ucfirst($phrase)] as $asked) {
                if ($figures !== [] && isset($this->phrases[$asked])) {
                    return $this->filled($this->phrases[$asked], $figures);
                }
            }
        }

        return null;
    }

    /** @param list<string> $figures */
    private function filled(string $phrase, array $figures): string
    {
        $next = 0;

        return (string) preg_replace_callback(
            '~#|\{(\d)\}~',
            static function (array $found) use ($figures, &$next): string {
                $at = isset($found[1]) ? (int) $found[1] - 1 : $next++;

                return $figures[$at] ?? '';
            },
            $phrase,
        );
    }

    private function figure(string $figure): string
    {
        $small = array_search(strtolower($figure), self::SMALL, true);

        return $small === false
            ? str_replace(['.', ' in', ' yd'], [$this->language->decimalPoint(), " {$this->unit('in')}", " {$this->unit('yd')}"], $figure)
            : (string) ($small + 1);
    }

    private function unit(string $unit): string
    {
        return $this->phrases[$unit] ?? $unit;
    }

    /** Each part by itself; null as soon as one of them is unknown. */
    private function inParts(string $english): ?string
    {
        foreach (self::ENDS as $end) {
            $parts = preg_split($end, $english) ?: [];
            if (\count($parts) > 1) {
                $said = array_map($this->find(...), $parts);
                if (! \in_array(null, $said, true)) {
                    return implode(' ', $said);
                }
            }
        }

        return null;
    }

    /** A clause without the mark it ends with. */
    private function withoutItsEnd(string $english): ?string
    {
        $bare = rtrim($english, '.,;:');
        $said = $bare === $english || $bare === '' ? null : $this->find($bare);

        return $said === null ? null : $said.substr($english, \strlen($bare));
    }
}
