<?php

declare(strict_types=1);

namespace App\Http;

/**
 * What is wrong: a sentence, and for bad input one fault per field.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type ErrorShape array{
 *     message: ToldShape,
 *     faults?: list<array{
 *         key: string,
 *         // What was sent.
 *         value: string,
 *         allowed: string,
 *         message: ToldShape,
 *     }>,
 * }
 */
final class ErrorResource extends ApiResource {}
