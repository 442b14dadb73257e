<?php

declare(strict_types=1);

namespace App\Http\Resources;

/**
 * What is wrong: a sentence, and for bad input one fault per field.
 *
 * @phpstan-type ErrorShape array{
 *     message: string,
 *     faults?: list<array{
 *         key: string,
 *         // What was sent.
 *         value: string,
 *         allowed: string,
 *         message: string,
 *     }>,
 * }
 */
final class ErrorResource extends ApiResource {}
