<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\CaseFile;

use LowPoint\Bench\Simulation\RandomCase;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\CaseFile\Schema;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Simulation\Dice;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;

final class SchemaTest extends TestCase
{
    public function test_schema_and_reader_agree_on_what_is_allowed(): void
    {
        $random = new RandomCase(new Dice(42), new Dice(142));
        $disagreed = [];
        for ($i = 0; $i < 150; $i++) {
            foreach ([$random->valid(), $random->broken()] as $data) {
                $json = json_encode($data, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
                // What JSON cannot say (infinity) and empty lists for empty objects are the reader's own business.
                if ($json === false || json_last_error() !== JSON_ERROR_NONE || str_contains($json, '[]')) {
                    continue;
                }
                if (self::readerTakes($json) !== self::schemaTakes($json)) {
                    $disagreed[] = $json;
                }
            }
        }
        self::assertSame([], $disagreed);
    }

    public function test_what_is_written_fits_the_schema_and_reads_back_equal(): void
    {
        $random = new RandomCase(new Dice(43));
        for ($i = 0; $i < 100; $i++) {
            $case = CaseReader::fromValue($random->valid());
            $json = CaseWriter::toJson($case);
            self::assertTrue(self::schemaTakes($json), $json);
            self::assertEquals($case, CaseReader::fromJson($json));
        }
    }

    private static function schemaTakes(string $json): bool
    {
        static $validator = null;
        if ($validator === null) {
            $validator = new Validator;
            $validator->resolver()?->registerRaw((string) json_encode(Schema::toArray()), Schema::ID);
        }

        return $validator->validate(json_decode($json), Schema::ID)->isValid();
    }

    private static function readerTakes(string $json): bool
    {
        try {
            CaseReader::fromJson($json);
        } catch (InvalidInput) {
            return false;
        }

        return true;
    }
}
