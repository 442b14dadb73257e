<?php

declare(strict_types=1);

namespace LowPoint\Core\SheetImport;

use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Records\Layout;

/**
 * Which columns of a sheet hold what, and how a row of it becomes a ball.
 *
 * @phpstan-type SheetColumnShape array{
 *     header: string,
 *     // What it holds of a ball.
 *     key: string,
 *     unit: string|null,
 *     // The other sign than ours.
 *     flipped: bool,
 *     // Words of the sheet => ours.
 *     words: array<string, string>,
 * }
 * @phpstan-type DayOrderShape value-of<DayOrder>
 * @phpstan-type SheetMappingShape array{
 *     columns: list<SheetColumnShape>,
 *     time: array{header: string, order: DayOrderShape}|null,
 *     // Rows with other words in this column are left out.
 *     only: array{header: string, is: string}|null,
 *     // What stands before the decimals in all of the file; null = it is asked, left out = either.
 *     decimal?: value-of<DecimalSign>|null,
 * }
 */
final readonly class SheetMapping
{
    private const KEYS = ['columns', 'time', 'only', 'decimal'];

    private const COLUMN_KEYS = ['header', 'key', 'unit', 'flipped', 'words'];

    /**
     * @param  list<SheetColumn>  $columns
     * @param  array{header: string, order: DayOrder}|null  $time  column with the day, maybe with the time of day
     * @param  array{header: string, is: string}|null  $only  rows in which another column says something else are left out
     */
    private function __construct(
        public array $columns,
        public ?array $time,
        public ?array $only,
        private ?DecimalSign $decimal = null,
        private bool $asksForDecimals = false,
    ) {}

    /**
     * @param  mixed  $data  {"columns": [{"header", "key", "unit", "flipped", "words": {sheet's word: ours}}], "time": {"header",
     *     "order"} or null, "only": {"header", "is"} or null, "decimal": "." or "," or null}
     * @param  list<string>  $headers  of the sheet
     *
     * @throws InvalidInput naming every fault
     */
    public static function fromValue(mixed $data, array $headers): self
    {
        $faults = [];
        if (
            ! \is_array($data)
            || array_diff(array_keys($data), self::KEYS) !== []
            || ! \is_array($data['columns'] ?? null)
            || $data['columns'] === []
        ) {
            throw InvalidInput::one(
                'mapping',
                $data,
                'an object with '.implode(', ', self::KEYS).' and at least one column that holds something of a ball',
            );
        }
        $asks = \array_key_exists('decimal', $data) && $data['decimal'] === null;
        $decimal = \is_string($data['decimal'] ?? null) ? DecimalSign::tryFrom($data['decimal']) : null;
        if ($decimal === null && isset($data['decimal'])) {
            $faults[] = new Fault('mapping.decimal', $data['decimal'], '. or , or null');
        }
        $columns = [];
        foreach (array_values($data['columns']) as $i => $one) {
            $column = self::column($one, "mapping.columns[{$i}]", $headers, $faults, $decimal, $asks);
            if ($column !== null && isset($columns[$column->key])) {
                $faults[] = new Fault("mapping.columns[{$i}].key", $column->key, 'each once');
            }
            if ($column !== null) {
                $columns[$column->key] = $column;
            }
        }
        $time = self::time($data['time'] ?? null, $headers, $faults);
        $only = self::only($data['only'] ?? null, $headers, $faults);
        if ($faults !== []) {
            throw new InvalidInput($faults);
        }

        return new self(array_values($columns), $time, $only, $decimal, $asks);
    }

    /** @return array<string, mixed> as fromValue() takes it */
    public function toArray(): array
    {
        return [
            'columns' => array_map(
                static fn(SheetColumn $one): array => [
                    'header' => $one->header,
                    'key' => $one->key,
                    'unit' => $one->unit?->value,
                    'flipped' => $one->flipped,
                    'words' => (object) $one->words,
                ],
                $this->columns,
            ),
            'time' => $this->time === null ? null : ['header' => $this->time['header'], 'order' => $this->time['order']->value],
            'only' => $this->only,
            ...$this->decimal === null && ! $this->asksForDecimals ? [] : ['decimal' => $this->decimal?->value],
        ];
    }

    /**
     * @param  array<string, string>  $cells  by header
     * @return SheetRow|null null = a row of other balls, to be left out
     *
     * @throws InvalidInput every fault of the row, by header
     */
    public function row(array $cells, Shot $shot): ?SheetRow
    {
        if ($this->only !== null && mb_strtolower(trim($cells[$this->only['header']] ?? '')) !== mb_strtolower(trim($this->only['is']))) {
            return null;
        }
        $seen = $faults = $headers = [];
        foreach ($this->columns as $column) {
            $cell = $cells[$column->header] ?? '';
            if (SheetColumn::isEmpty($cell)) {
                continue;
            }
            try {
                $seen[$column->key] = $column->value($cell);
                $headers["ball.{$column->key}"] = $column->header;
            } catch (InvalidInput $e) {
                array_push($faults, ...$e->faults);
            }
        }
        $at = null;
        if ($this->time !== null) {
            $cell = $cells[$this->time['header']] ?? '';
            $at = $this->time['order']->moment($cell);
            if ($at === null) {
                $faults[] = new Fault($this->time['header'], $cell, $this->time['order']->example());
            }
        }
        if ($faults === [] && $seen === []) {
            $faults[] = new Fault(
                implode(', ', array_map(static fn(SheetColumn $one): string => $one->header, $this->columns)),
                '',
                'at least one cell with something in it',
            );
        }
        if ($faults !== []) {
            throw new InvalidInput($faults);
        }
        try {
            return new SheetRow(CaseReader::ball($seen, $shot), $at);
        } catch (InvalidInput $e) {
            throw new InvalidInput(
                array_map(
                    static fn(Fault $fault): Fault => new Fault($headers[$fault->key] ?? $fault->key, $fault->value, $fault->allowed),
                    $e->faults,
                ),
            );
        }
    }

    /**
     * @param  list<string>  $headers
     * @param  list<Fault>  $faults  what is wrong is added
     * @return array{header: string, order: DayOrder}|null
     */
    private static function time(mixed $data, array $headers, array &$faults): ?array
    {
        if ($data === null) {
            return null;
        }
        $header = \is_array($data) ? $data['header'] ?? null : null;
        $order = \is_array($data) && \is_string($data['order'] ?? null) ? DayOrder::tryFrom($data['order']) : null;
        if ($order === null || ! \is_string($header) || ! \in_array($header, $headers, true)) {
            $faults[] = new Fault('mapping.time', $data, 'a column of the sheet with the order ymd, dmy or mdy, or null');

            return null;
        }

        return ['header' => $header, 'order' => $order];
    }

    /**
     * @param  list<string>  $headers
     * @param  list<Fault>  $faults  what is wrong is added
     * @return array{header: string, is: string}|null
     */
    private static function only(mixed $data, array $headers, array &$faults): ?array
    {
        if ($data === null) {
            return null;
        }
        [$header, $is] = \is_array($data) ? [$data['header'] ?? null, $data['is'] ?? null] : [null, null];
        if (! \is_string($header) || ! \is_string($is) || ! \in_array($header, $headers, true)) {
            $faults[] = new Fault('mapping.only', $data, 'a column of the sheet and what it has to say, or null');

            return null;
        }

        return ['header' => $header, 'is' => $is];
    }

    /**
     * @param  list<string>  $headers
     * @param  list<Fault>  $faults  what is wrong is added
     */
    private static function column(
        mixed $one,
        string $at,
        array $headers,
        array &$faults,
        ?DecimalSign $decimal,
        bool $asks,
    ): ?SheetColumn {
        $fields = Layout::fields(SeenBall::class);
        $before = \count($faults);
        if (! \is_array($one) || array_diff(array_keys($one), self::COLUMN_KEYS) !== []) {
            $faults[] = new Fault($at, $one, 'an object with '.implode(', ', self::COLUMN_KEYS));

            return null;
        }
        [$header, $key, $flipped] = [$one['header'] ?? null, $one['key'] ?? null, $one['flipped'] ?? false];
        $field = \is_string($key) ? $fields[$key] ?? null : null;
        if ($field === null) {
            $faults[] = new Fault("{$at}.key", $key, implode(', ', array_keys($fields)));
        }
        if (! \is_string($header) || ! \in_array($header, $headers, true)) {
            $faults[] = new Fault("{$at}.header", $header, 'a column of the sheet: '.implode(', ', $headers));
        }
        $units = $field === null ? [] : SheetUnit::for($field);
        $unit = \is_string($one['unit'] ?? null) ? SheetUnit::tryFrom($one['unit']) : $units[0] ?? null;
        if ($field !== null && ($unit === null ? $units !== [] : ! \in_array($unit, $units, true))) {
            $faults[] = new Fault(
                "{$at}.unit",
                $one['unit'] ?? null,
                $units === [] ? 'none for words' : implode(', ', array_map(static fn(SheetUnit $unit): string => $unit->value, $units)),
            );
        }
        if (! \is_bool($flipped)) {
            $faults[] = new Fault("{$at}.flipped", $flipped, 'true or false');
        }
        $words = $field === null ? [] : self::words($one['words'] ?? [], $field, "{$at}.words", $faults);

        return \count($faults) > $before || $field === null || ! \is_string($header) || ! \is_string($key) || ! \is_bool($flipped)
            ? null
            : new SheetColumn($header, $key, $field, $unit, $flipped, $words, $decimal, $asks);
    }

    /**
     * @param  list<Fault>  $faults  what is wrong is added
     * @return array<string, string> the sheet's words in lower case => ours
     */
    private static function words(mixed $data, Field $field, string $at, array &$faults): array
    {
        $ours = [...array_keys($field->choices), ...$field->nullable ? [SheetColumn::NO_CONTACT] : []];
        $words = [];
        foreach (\is_array($data) ? $data : [$data] as $word => $one) {
            if (! \is_string($one) || ! \in_array($one, $ours, true)) {
                $faults[] = new Fault(
                    $at,
                    $one,
                    $ours === [] ? 'none for figures' : 'a word of ours for each of the sheet: '.implode(', ', $ours),
                );
                continue;
            }
            $words[mb_strtolower(trim((string) $word))] = $one;
        }

        return $words;
    }
}
