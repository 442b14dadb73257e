<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\InvalidInput;

/** What a command was asked, as JSON. */
final class RequestJson
{
    private const DEEPEST = 16;

    /** @throws InvalidInput saying what stands there in place of JSON */
    public static function decoded(string $json): mixed
    {
        try {
            return json_decode($json, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw InvalidInput::one('request', mb_strimwidth(mb_scrub($json), 0, 40, '…'), "a JSON object ({$e->getMessage()})");
        }
    }
}
