<?php

declare(strict_types=1);

namespace App\Contract;

use Illuminate\Contracts\Container\Container;
use Illuminate\Contracts\Container\ContextualAttribute;
use Illuminate\Http\Request;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Layout;
use LowPoint\Core\Records\Read;

/** The body of a request, read as a record: refused by name, value and range where it is none. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Body implements ContextualAttribute
{
    /** @param class-string $record */
    public function __construct(public string $record) {}

    /** @throws InvalidInput with every fault found */
    public static function resolve(self $body, Container $container): object
    {
        $said = $container->make(Request::class)->post();
        // Who sends it is told of any entry (OwnEntries); only some records keep it.
        $said = isset(Layout::of($body->record)->slots['from']) ? $said : array_diff_key($said, ['from' => true]);

        return Read::record($body->record, $said, now: now()->toDateTimeImmutable());
    }
}
