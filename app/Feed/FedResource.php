<?php

declare(strict_types=1);

namespace App\Feed;

use App\Http\ApiResource;

/**
 * What became of the balls that a device sent.
 *
 * @phpstan-type FedShape array{
 *     stored: int,
 *     // Sent before under the same id.
 *     known: int,
 *     refused: list<array{line: int, key: string, message: string}>,
 *     // Keys that nobody here knows.
 *     kept_out: list<string>,
 * }
 */
final class FedResource extends ApiResource {}
