<?php

declare(strict_types=1);

namespace App\Contract;

/**
 * What a route answers, and what it takes: said beside the method that answers, read by OpenApi.
 *
 * The shape of a resource is the `@phpstan-type` in its docblock, named like the resource: StudentResource has StudentShape.
 * The shape of a body is the one in the docblock of the form request that the method takes.
 */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class Endpoint
{
    /**
     * @param  class-string|null  $answers  a resource; null = nothing, or what is no JSON
     * @param  bool  $list  many of them
     * @param  string|null  $takes  the shape of the body, where no form request has it
     * @param  string|null  $file  the field of an uploaded file
     * @param  string  $type  of the content
     * @param  array<string, string>  $query  what may be asked behind the question mark, and what for
     * @param  list<int>  $refuses  statuses with which it refuses, beside those that follow from its route and its body
     * @param  bool  $bearer  it wants the token of a device
     */
    public function __construct(
        public ?string $answers = null,
        public int $status = 200,
        public bool $list = false,
        public ?string $takes = null,
        public ?string $file = null,
        public string $type = 'application/json',
        public array $query = [],
        public array $refuses = [],
        public bool $bearer = false,
    ) {}
}
