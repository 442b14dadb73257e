<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\SheetImport;
use App\Store\FileFailure;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\SheetImport\DecimalSign;
use LowPoint\Core\SheetImport\SheetHead;

/** A CSV file (RFC 4180, or with semicolons, tabs or bars) with a first row of names, read row by row: memory does not grow with it. */
final readonly class SheetFile
{
    public const MOST_COLUMNS = 100;

    public const MOST_ROWS = 200_000;

    /** Lines among which the names of the columns are looked for. */
    private const LOOKED_AT = 30;

    /** Bytes. Origin: handbook 21.2. */
    private const MOST_A_LINE = 64 * 1024;

    private const HEAD_BYTES = 65536;

    private const LONGEST_CHARACTER_BYTES = 4;

    private const SAMPLES = 3;

    private const MOST_WORDS = 20;

    /** @var list<string> */
    public array $headers;

    /** @param \Closure(): (resource|null) $opened the file, from its beginning */
    private function __construct(
        private \Closure $opened,
        private string $encoding,
        private SheetHead $head,
    ) {
        $this->headers = $head->names;
    }

    /** @throws InvalidInput when this is no such file */
    public static function uploaded(UploadedFile $file): self
    {
        return self::open(static fn() => fopen($file->getPathname(), 'r') ?: null);
    }

    /** The one that is kept of an import. */
    public static function of(SheetImport $import): self
    {
        return self::open(static fn() => Storage::readStream($import->file()));
    }

    /** @param \Closure(): (resource|null) $opened */
    private static function open(\Closure $opened): self
    {
        $file = self::begun($opened);
        $head = (string) stream_get_contents($file, self::HEAD_BYTES);
        fclose($file);
        $encoding = match (true) {
            str_starts_with($head, "\xFF\xFE"), str_starts_with($head, "\xFE\xFF") => 'UTF-16',
            str_contains($head, "\0"), str_starts_with($head, "PK\x03\x04") => throw InvalidInput::one(
                'file',
                'not a text',
                'a sheet saved as CSV',
            ),
            // The head may end within a character.
            mb_check_encoding(
                \strlen($head) < self::HEAD_BYTES ? $head : mb_strcut($head, 0, self::HEAD_BYTES - self::LONGEST_CHARACTER_BYTES, 'UTF-8'),
                'UTF-8',
            ) =>
                'UTF-8',
            default => 'WINDOWS-1252',
        };
        self::holdLines($opened);
        $first = self::stream($opened, $encoding);
        $lines = [];
        while (\count($lines) < self::LOOKED_AT && ($line = fgets($first, self::MOST_A_LINE)) !== false) {
            $lines[] = rtrim($line, "\r\n");
        }
        fclose($first);
        $head = SheetHead::of($lines);
        if ($head->names === [] || \count($head->names) > self::MOST_COLUMNS) {
            throw InvalidInput::one(
                'file',
                $head->names === [] ? '' : \count($head->names).' columns',
                'a first row with 1 to '.self::MOST_COLUMNS.' names of columns',
            );
        }

        return new self($opened, $encoding, $head);
    }

    /**
     * A line without an end holds a reader for minutes.
     *
     * @param  \Closure(): (resource|null)  $opened
     *
     * @throws InvalidInput
     */
    private static function holdLines(\Closure $opened): void
    {
        $file = self::begun($opened);
        for ($line = 1, $length = 0; ($bytes = fread($file, self::MOST_A_LINE)) !== false && $bytes !== '';) {
            foreach (explode("\n", $bytes) as $at => $part) {
                [$line, $length] = $at === 0 ? [$line, $length + \strlen($part)] : [$line + 1, \strlen($part)];
                if ($length > self::MOST_A_LINE) {
                    $most = self::MOST_A_LINE / 1024 .' kB';
                    throw InvalidInput::one("line {$line}", "more than {$most}", "at most {$most}");
                }
            }
        }
        fclose($file);
    }

    /**
     * @param  int  $after  the last row to pass over
     * @return \Generator<int, array<string, string>> cells by header; rows are counted as a table program does, from the first line on
     */
    public function rows(int $after = 0): \Generator
    {
        $stream = self::stream($this->opened, $this->encoding);
        $width = \count($this->headers);
        for ($row = 1; ($cells = fgetcsv($stream, null, $this->head->delimiter, '"', '')) !== false; $row++) {
            // An empty line is a row with nothing in it.
            if ($row > max($this->head->lines, $after) && $cells !== [null]) {
                yield $row => array_combine($this->headers, array_map(strval(...), \array_slice(array_pad($cells, $width, ''), 0, $width)));
            }
        }
        fclose($stream);
    }

    /**
     * One walk over the file: how many rows, and for each column what stands in it.
     *
     * @return array{
     *     rows: int,
     *     last: int,
     *     columns: list<array{header: string, samples: list<string>, words: list<string>|null}>,
     *     cells: array<string, list<string>>,
     *     signs: list<DecimalSign>,
     *     doubt: bool,
     * } words: all that differ, null = too many; cells: some of them; signs: that stand before decimals; doubt: figures stand there that
     *     could be read either way
     */
    public function survey(): array
    {
        $words = array_fill_keys($this->headers, []);
        $rows = $last = 0;
        $signs = [];
        $doubt = false;
        foreach ($this->rows() as $last => $cells) {
            $rows++;
            foreach ($cells as $header => $cell) {
                $cell = trim($cell);
                $sign = DecimalSign::shownBy($cell);
                if ($sign !== null) {
                    $signs[$sign->value] = $sign;
                }
                $doubt = $doubt || DecimalSign::isDoubtful($cell);
                if ($cell !== '' && \count($words[$header]) <= self::MOST_WORDS) {
                    $words[$header][mb_substr($cell, 0, 80)] = true;
                }
            }
        }

        return [
            'rows' => $rows,
            'last' => $last,
            'columns' => array_map(
                static fn(string $header): array => [
                    'header' => $header,
                    'samples' => array_map(strval(...), \array_slice(array_keys($words[$header]), 0, self::SAMPLES)),
                    'words' => \count($words[$header]) > self::MOST_WORDS ? null : array_map(strval(...), array_keys($words[$header])),
                ],
                $this->headers,
            ),
            'cells' => array_map(static fn(array $of): array => array_map(strval(...), array_keys($of)), $words),
            'signs' => array_values($signs),
            'doubt' => $doubt,
        ];
    }

    /**
     * @param  \Closure(): (resource|null)  $opened
     * @return resource text in UTF-8, after the mark of its byte order
     */
    private static function stream(\Closure $opened, string $encoding): mixed
    {
        $stream = self::begun($opened);
        if ($encoding !== 'UTF-8') {
            stream_filter_append($stream, "convert.iconv.{$encoding}.UTF-8", STREAM_FILTER_READ);
        } elseif (fread($stream, 3) !== "\xEF\xBB\xBF") {
            rewind($stream);
        }

        return $stream;
    }

    /**
     * @param  \Closure(): (resource|null)  $opened
     * @return resource
     *
     * @throws FileFailure when its file does not open
     */
    private static function begun(\Closure $opened): mixed
    {
        return $opened() ?? throw FileFailure::notRead('the sheet');
    }
}
