<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Http\ApiResource;
use LowPoint\Core\SheetImport\SheetMapping;

/**
 * A sheet that was looked at and not confirmed yet.
 *
 * @phpstan-import-type SheetImportShape from SheetImportResource
 * @phpstan-import-type SheetMappingShape from SheetMapping
 * @phpstan-type SheetDraftShape array{
 *     import: SheetImportShape,
 *     columns: list<array{
 *         header: string,
 *         samples: list<string>,
 *         // All that differ; null: too many.
 *         words: list<string>|null,
 *         // By key of a ball: words that are not ours, should the column hold it; the coach says what they mean.
 *         foreign: array<string, list<string>>,
 *     }>,
 *     // Units that each key of a ball may be given in.
 *     units: array<string, list<string>>,
 *     guess: SheetMappingShape,
 *     presets: list<array{id: string, name: string, mapping: SheetMappingShape}>,
 *     // When the same sheet was read before.
 *     read_before: string|null,
 * }
 */
final class SheetDraftResource extends ApiResource {}
