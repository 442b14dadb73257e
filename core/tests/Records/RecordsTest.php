<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Records;

use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Choice;
use LowPoint\Core\Records\Id;
use LowPoint\Core\Records\Items;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Layout;
use LowPoint\Core\Records\Moment;
use LowPoint\Core\Records\Named;
use LowPoint\Core\Records\NoKey;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Open;
use LowPoint\Core\Records\Read;
use LowPoint\Core\Records\Shape;
use LowPoint\Core\Records\Text;
use LowPoint\Core\Records\Within;
use LowPoint\Core\Records\Write;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What holds of any record, tried on a made-up one of every kind. */
final class RecordsTest extends TestCase
{
    private const LEAST = ['shot' => 'chip', 'lean_deg' => 4, 'began_at' => '2026-11-24T10:05:00Z'];

    private const WHOLE = [
        'shot' => 'bunker',
        'lean_deg' => -3.5,
        'began_at' => '2026-11-24T10:05:00+01:00',
        'count' => 7,
        'name' => 'Quiet',
        'flight' => 'low',
        'strike' => 'left-in',
        'touch_mm' => -12.0,
        'sure' => false,
        'id' => '01ARZ3NDEKTSV4RRFFQ69G5FAV',
        'day' => '2026-02-28',
        'steps' => ['one', 'two'],
        'inner' => ['depth_mm' => 5.0],
        'others' => [['depth_mm' => 1.0], ['depth_mm' => 2.0]],
        'minutes' => [2 => 20, 5 => 30],
        'goal' => ['kind' => 'count'],
    ];

    public function test_what_is_written_reads_back_equal(): void
    {
        foreach ([self::LEAST, self::WHOLE, ['touch_mm' => null] + self::WHOLE] as $data) {
            $record = self::read($data);
            $written = json_decode((string) json_encode(Write::record($record)), true);
            self::assertEquals($record, self::read($written));
            self::assertEqualsCanonicalizing(array_keys($data), array_diff(array_keys($written), ['always']));
        }
    }

    public function test_absent_null_and_what_null_says_are_told_apart(): void
    {
        self::assertSame([null, false], [self::read(self::LEAST)->touchMm, self::read(self::LEAST)->noContact]);
        $none = self::read(['touch_mm' => null, 'name' => null] + self::LEAST);
        self::assertSame([null, true, null], [$none->touchMm, $none->noContact, $none->name]);
        self::assertSame(true, self::read(['sure' => null] + self::LEAST)->sure, 'null is as if nothing were said');
        self::assertSame(['touch_mm' => null], array_intersect_key(Write::record($none), ['touch_mm' => 0, 'name' => 0]));
    }

    public function test_numbers_are_whole_where_they_have_to_be_and_floats_elsewhere(): void
    {
        $record = self::read(['count' => 7.0, 'lean_deg' => 4] + self::WHOLE);
        self::assertSame([7, 4.0], [$record->count, $record->leanDeg]);
    }

    public function test_every_fault_is_told_at_once_by_its_whole_key(): void
    {
        $faults = self::faults([
            'shot' => 'putt',
            'lean_deg' => 99,
            'count' => 2.5,
            'moon' => 1,
            'inner' => ['depth_mm' => 'deep', 'colour' => 'red'],
            'others' => [['depth_mm' => 1], ['depth_mm' => -1], 7],
            'steps' => ['one', 3],
            'minutes' => [2 => 900],
        ]);
        self::assertSame(
            [
                'moon', 'shot', 'lean_deg', 'began_at', 'count', 'steps[1]', 'inner.colour', 'inner.depth_mm',
                'others[1].depth_mm', 'others[2]', 'minutes.2',
            ],
            array_map(static fn(Fault $fault): string => $fault->key, $faults),
        );
        self::assertSame('lean_deg: 99 is not allowed; allowed: -20 to 35 degrees', $faults[2]->message());
        self::assertSame(['Lean', 'degrees', [-20.0, 35.0]], [$faults[2]->label, $faults[2]->unit, $faults[2]->range]);
    }

    /** @param array<string, mixed> $part */
    #[DataProvider('refused')]
    public function test_what_cannot_be_is_refused_by_its_key(array $part, string $key, string $allowed): void
    {
        $faults = self::faults($part + self::WHOLE);
        self::assertSame([$key], array_map(static fn(Fault $fault): string => $fault->key, $faults));
        self::assertStringContainsString($allowed, $faults[0]->allowed);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'beyond the range' => [['touch_mm' => 301], 'touch_mm', '-300 to 300 mm'];
        yield 'no number' => [['lean_deg' => '4'], 'lean_deg', '-20 to 35 degrees'];
        yield 'infinite' => [['lean_deg' => INF], 'lean_deg', '-20 to 35 degrees'];
        yield 'half of one' => [['count' => 1.5], 'count', 'whole'];
        yield 'a list for a number' => [['count' => [1]], 'count', '1 to 9'];
        yield 'too long' => [['name' => 'abcdefghi'], 'name', '8 characters'];
        yield 'nothing said' => [['name' => '  '], 'name', '1 to 8 characters'];
        yield 'no text' => [['name' => 5], 'name', 'characters'];
        yield 'no UTF-8' => [['name' => "\xff"], 'name', 'characters'];
        yield 'no such word' => [['flight' => 'sideways'], 'flight', 'low, high'];
        yield 'no such case' => [['strike' => 'Clean'], 'strike', 'clean, heavy'];
        yield 'neither yes nor no' => [['sure' => 'yes'], 'sure', 'true or false'];
        yield 'no id' => [['id' => '01ARZ3NDEKTSV4RRFFQ69G5FAVX'], 'id', 'ULID'];
        yield 'signs that ids do not have' => [['id' => '01ARZ3NDEKTSV4RRFFQ69G5FAU'], 'id', 'ULID'];
        yield 'too early' => [['began_at' => '1999-12-31T23:59:59Z'], 'began_at', 'from 2000-01-01'];
        yield 'too far ahead' => [['began_at' => '2026-12-02T10:00:00Z'], 'began_at', 'tomorrow'];
        yield 'no such month' => [['began_at' => '2026-13-01T10:00:00Z'], 'began_at', 'a time'];
        yield 'no such day' => [['day' => '2026-02-30'], 'day', 'a day'];
        yield 'a moment for a day' => [['day' => '2026-02-28T10:00:00Z'], 'day', 'a day'];
        yield 'in words' => [['began_at' => 'tomorrow'], 'began_at', 'a time'];
        yield 'too many' => [['steps' => ['a', 'b', 'c', 'd']], 'steps', 'a list of 1 to 3'];
        yield 'too few' => [['steps' => []], 'steps', 'a list of 1 to 3'];
        yield 'no list' => [['steps' => ['first' => 'a']], 'steps', 'a list of 1 to 3'];
        yield 'one twice' => [['steps' => ['a', 'a']], 'steps[1]', 'each once'];
        yield 'a list for an object' => [['inner' => [1, 2]], 'inner', 'depth_mm'];
        yield 'no object at all' => [['goal' => 'count'], 'goal', 'an object'];
        yield 'too many days' => [['minutes' => [1 => 5, 2 => 5, 3 => 5]], 'minutes', 'at most 2'];
        yield 'against a rule of its own' => [['shot' => 'chip', 'strike' => 'splash'], 'strike', 'for a chip'];
        yield 'against a rule of a part' => [['inner' => ['depth_mm' => 13.0]], 'inner.depth_mm', 'no thirteen'];
    }

    public function test_a_request_that_is_no_object_is_refused(): void
    {
        foreach (['text', 7, null, [1, 2]] as $data) {
            try {
                Read::record(MadeUp::class, $data);
                self::fail('taken');
            } catch (InvalidInput $e) {
                self::assertSame('request', $e->faults[0]->key);
            }
        }
        self::assertSame('task', self::faultsOf(static fn() => Read::record(MadeUp::class, 7, 'task'))[0]->key);
        self::assertSame('task.shot', self::faultsOf(static fn() => Read::record(MadeUp::class, [], 'task'))[0]->key);
    }

    #[TestWith(['2026-11-24', '2026-11-24T00:00:00+00:00'])]
    #[TestWith(['2026-11-24 10:05:00', '2026-11-24T10:05:00+00:00'])]
    #[TestWith(['2026-11-24T10:05:00.123456Z', '2026-11-24T10:05:00+00:00'])]
    #[TestWith(['2026-11-24T10:05:00-0500', '2026-11-24T15:05:00+00:00'])]
    public function test_moments_are_read_with_their_zone_and_as_utc_without(string $said, string $utc): void
    {
        $read = self::read(['began_at' => $said] + self::LEAST)->beganAt;
        self::assertSame($utc, $read->setTimezone(new \DateTimeZone('UTC'))->format(\DATE_ATOM));
    }

    public function test_the_clock_is_the_one_that_is_handed_in(): void
    {
        $late = ['began_at' => '2030-06-01T00:00:00Z'] + self::LEAST;
        self::assertSame('began_at', self::faults($late)[0]->key);
        self::assertNotNull(Read::record(MadeUp::class, $late, now: new \DateTimeImmutable('2030-06-01T12:00:00Z'))->beganAt);
    }

    public function test_keys_follow_the_properties_and_fields_are_those_with_a_label(): void
    {
        $keys = [...array_keys(self::WHOLE), 'always'];
        self::assertSame([], array_diff($keys, Layout::of(MadeUp::class)->keys()));
        self::assertNotContains('no_contact', Layout::of(MadeUp::class)->keys());
        self::assertSame(
            ['lean_deg', 'count', 'name', 'flight', 'strike', 'touch_mm'],
            array_keys(Layout::fields(MadeUp::class)),
        );
        self::assertSame(['touch_mm'], Layout::sandOnly(MadeUp::class));
        self::assertSame(Layout::of(MadeUp::class), Layout::of(MadeUp::class), 'read once');
    }

    public function test_a_field_without_a_reader_cannot_be(): void
    {
        $this->expectException(\LogicException::class);
        $this->expectExceptionMessage('does not say what it holds');
        Layout::of((new class ('x') {
            public function __construct(public string $mystery) {}
        })::class);
    }

    public function test_the_shape_says_what_the_reader_takes(): void
    {
        $shape = (new Shape)->of(MadeUp::class);
        self::assertSame(['shot', 'lean_deg', 'began_at'], $shape['required']);
        self::assertFalse($shape['additionalProperties']);
        $properties = $shape['properties'];
        self::assertSame(['number', -20.0, 35.0, 'Lean, degrees'], array_values($properties['lean_deg']));
        self::assertSame(array_column(Shot::cases(), 'value'), $properties['shot']['enum']);
        self::assertSame(['integer', 1.0, 9.0, 'Count'], array_values($properties['count']['anyOf'][0]));
        self::assertSame(['type' => 'null'], $properties['count']['anyOf'][1]);
        self::assertSame('Of the shaft.', $properties['touch_mm']['description']);
        self::assertSame([1, 3], [$properties['steps']['anyOf'][0]['minItems'], $properties['steps']['anyOf'][0]['maxItems']]);
        $plain = (new Shape(nulls: false))->of(MadeUp::class)['properties'];
        self::assertSame('integer', $plain['count']['type']);
        self::assertSame(['type' => 'null'], $plain['touch_mm']['anyOf'][1], 'null says something there');
        $named = (new Shape(static fn(string $what): array => ['$ref' => $what]))->of(MadeUp::class)['properties'];
        self::assertSame(['$ref' => Inner::class], $named['inner']['anyOf'][0]);
    }

    /** @param array<string, mixed> $data */
    private static function read(array $data): MadeUp
    {
        return Read::record(MadeUp::class, $data, now: new \DateTimeImmutable('2026-12-01T08:00:00Z'));
    }

    /**
     * @param  array<string, mixed>  $data
     * @return list<Fault>
     */
    private static function faults(array $data): array
    {
        return self::faultsOf(static fn() => self::read($data));
    }

    /** @return list<Fault> */
    private static function faultsOf(\Closure $do): array
    {
        try {
            $do();
        } catch (InvalidInput $e) {
            return $e->faults;
        }
        self::fail('taken');
    }
}

final readonly class Inner
{
    public function __construct(
        #[Number('Depth', 'mm', 0, 50)]
        public float $depthMm,
    ) {
        if ($depthMm === 13.0) {
            throw InvalidInput::one('depth_mm', $depthMm, 'no thirteen');
        }
    }
}

final readonly class MadeUp
{
    /**
     * @param  list<string>|null  $steps
     * @param  list<Inner>  $others
     * @param  array<array-key, int>|null  $minutes
     * @param  array<string, mixed>|null  $goal
     */
    public function __construct(
        public Shot $shot,
        #[Number('Lean', 'degrees', -20, 35)]
        public float $leanDeg,
        #[Moment]
        public \DateTimeImmutable $beganAt,
        #[Number('Count', '', 1, 9, whole: true)]
        public ?int $count = null,
        #[Text('Name', 8, filled: true)]
        public ?string $name = null,
        #[Choice('Flight', ['low' => 'low', 'high' => 'high'])]
        public ?string $flight = null,
        #[Named('Strike', Strike::class)]
        public ?Strike $strike = null,
        #[Number('Touch', 'mm', -300, 300), Key('Of the shaft.', nullSays: 'noContact', sandOnly: true)]
        public ?float $touchMm = null,
        #[NoKey]
        public bool $noContact = false,
        public bool $sure = true,
        #[Id]
        public ?string $id = null,
        #[Moment(day: true)]
        public ?\DateTimeImmutable $day = null,
        #[Items(new Text('', 20), most: 3, least: 1, distinct: true)]
        public ?array $steps = null,
        public ?Inner $inner = null,
        #[Items(Inner::class, most: 5)]
        public array $others = [],
        #[Within(new Number('', 'minutes', 0, 180, whole: true), most: 2)]
        public ?array $minutes = null,
        #[Open('object')]
        public ?array $goal = null,
        #[Number('', 'mm', 0, 9), Key(always: true)]
        public float $always = 3.0,
    ) {
        if ($strike !== null && ! \in_array($strike, $shot->strikes(), true)) {
            throw InvalidInput::one('strike', $strike->value, "for a {$shot->value}");
        }
    }
}
