<?php

declare(strict_types=1);

namespace LowPoint\Core\Wording;

/**
 * Says in another language what the core has said in English. A phrase is a whole sentence with # where a figure stands, so that
 * a translator sees what he translates, and so that what was handed out years ago can be told as well; with * where another phrase
 * of the book stands, and @ where words stand that nobody translates. Texts that are put together from phrases are taken apart where
 * sentences, lists and clauses end. What is not in the book, such as the coach's own words, stays as it is.
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

    /** Figure, phrase of the book, free words. */
    private const HOLES = '~[#*@]~';

    /** @var array<string, string|null> what was said before */
    private array $said = [];

    /** @var list<array{string, list<string>, string}>|null phrases with phrases in them: how to find them, their holes, what they say */
    private ?array $patterns = null;

    /** @param array<string, string> $phrases English, with holes => the same in the other language, its holes in order or as {1}, {2} */
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
     * The English of what was said, where it is one of these; else it is somebody's own words.
     *
     * @param  list<string>  $english
     */
    public function meant(string $said, array $english): string
    {
        foreach ($english as $one) {
            if ($this->say($one) === $said) {
                return $one;
            }
        }

        return $said;
    }

    private function find(string $english): ?string
    {
        // Bound to its sign or not, a figure is the same figure.
        $english = str_replace("\u{A0}", ' ', $english);
        if (! \array_key_exists($english, $this->said)) {
            $this->said[$english] =
                $this->whole($english) ?? $this->byPattern($english) ?? $this->inParts($english) ?? $this->withoutItsEnd($english);
        }

        return $this->said[$english];
    }

    private function whole(string $english): ?string
    {
        $exact = $this->phrases[$english] ?? $this->phrases[ucfirst($english)] ?? null;
        if ($exact !== null) {
            return $exact;
        }
        // A title is a sentence without its end.
        $sentence = $this->phrases["{$english}."] ?? null;
        if ($sentence !== null) {
            return rtrim($sentence, '.');
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
                if ($figures !== [] && isset($this->phrases["{$asked}."])) {
                    return rtrim($this->filled($this->phrases["{$asked}."], $figures), '.');
                }
            }
        }

        return null;
    }

    /** A phrase in which others stand: "Scooping is likelier". */
    private function byPattern(string $english): ?string
    {
        foreach ($this->patterns ??= $this->patterns() as [$pattern, $holes, $phrase]) {
            if (preg_match($pattern, $english, $found) !== 1) {
                continue;
            }
            $parts = array_map(
                fn(string $hole, string $part): ?string => match ($hole) {
                    '#' => $this->figure($part),
                    '*' => $this->find($part) ?? $this->sentence($part),
                    default => $part,
                },
                $holes,
                \array_slice($found, 1),
            );
            if (! \in_array(null, $parts, true)) {
                return $this->filled($phrase, $parts);
            }
        }

        return null;
    }

    /** A phrase that is known as a sentence of its own, without its full stop. */
    private function sentence(string $english): ?string
    {
        $said = $this->find(ucfirst("{$english}."));

        return $said === null ? null : rtrim($said, '.');
    }

    /** @return list<array{string, list<string>, string}> the longest first: it says most */
    private function patterns(): array
    {
        $keys = array_filter(array_keys($this->phrases), static fn(string $key): bool => strpbrk($key, '*@') !== false);
        usort($keys, static fn(string $a, string $b): int => \strlen($b) <=> \strlen($a));
        $patterns = [];
        foreach ($keys as $key) {
            preg_match_all(self::HOLES, $key, $holes);
            $pattern = '';
            foreach (preg_split(self::HOLES, $key) ?: [] as $i => $words) {
                $pattern .= preg_quote($words, '~');
                $pattern .= match ($holes[0][$i] ?? null) {
                    null => '',
                    '#' => '('.self::FIGURE.'|'.self::IN_WORDS.')',
                    default => '(.+?)',
                };
            }
            $patterns[] = ["~^{$pattern}$~iu", $holes[0], $this->phrases[$key]];
        }

        return $patterns;
    }

    /** @param list<string> $figures */
    private function filled(string $phrase, array $figures): string
    {
        $next = 0;

        return (string) preg_replace_callback(
            '~[#*@]|\{(\d)\}~',
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
