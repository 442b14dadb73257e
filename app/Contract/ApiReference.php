<?php

declare(strict_types=1);

namespace App\Contract;

use Illuminate\Support\Facades\File;
use Illuminate\Support\HtmlString;

/** The contract as a page to read: every address with what it takes and answers, every shape with its keys. */
final readonly class ApiReference
{
    /** @param array<string, mixed> $document */
    private function __construct(private array $document) {}

    public static function read(): self
    {
        return new self(json_decode(File::get(OpenApi::written()), true, flags: JSON_THROW_ON_ERROR));
    }

    public function about(): string
    {
        return $this->document['info']['description'];
    }

    /**
     * @return array<string, list<array{method: string, path: string, operation: array<string, mixed>}>> by the first part of the address
     */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->document['paths'] as $path => $operations) {
            foreach ($operations as $method => $operation) {
                $groups[$operation['tags'][0]][] = ['method' => strtoupper($method), 'path' => $path, 'operation' => $operation];
            }
        }
        ksort($groups);

        return $groups;
    }

    /** @return array<string, array<string, mixed>> */
    public function shapes(): array
    {
        return $this->document['components']['schemas'];
    }

    /**
     * The keys of an object, each with its type and what is said of it.
     *
     * @param  array<string, mixed>  $schema
     * @return list<array{key: string, type: HtmlString, optional: bool, text: string}>
     */
    public function keys(array $schema): array
    {
        $keys = [];
        foreach ($schema['properties'] ?? [] as $key => $property) {
            $keys[] = [
                'key' => $key,
                'type' => $this->type($property),
                'optional' => ! \in_array($key, $schema['required'] ?? [], true),
                'text' => $property['description'] ?? '',
            ];
        }

        return $keys;
    }

    /**
     * A type in a few words, shapes as links.
     *
     * @param  array<string, mixed>  $schema
     */
    public function type(array $schema): HtmlString
    {
        return new HtmlString($this->words($schema));
    }

    /** @param array<string, mixed> $schema */
    private function words(array $schema): string
    {
        $all = fn(array $schemas, string $between): string => implode($between, array_map($this->words(...), $schemas));

        return match (true) {
            isset($schema['$ref']) => sprintf('<a href="#shape-%1$s">%1$s</a>', e(basename($schema['$ref']))),
            isset($schema['anyOf']) => $all($schema['anyOf'], ' or '),
            isset($schema['enum']) => implode(
                ', ',
                array_map(static fn(string|int|float $one): string => '<code>'.e((string) $one).'</code>', $schema['enum']),
            ),
            isset($schema['const']) => '<code>'.e(json_encode($schema['const'], JSON_THROW_ON_ERROR)).'</code>',
            isset($schema['prefixItems']) => '['.$all($schema['prefixItems'], ', ').']',
            isset($schema['items']) => 'list of '.$this->words($schema['items']),
            isset($schema['properties']) => '{ '
                .implode(
                    ', ',
                    array_map(
                        fn(int|string $key, array $one): string => '<code>'.e((string) $key).'</code>: '.$this->words($one),
                        array_keys($schema['properties']),
                        $schema['properties'],
                    ),
                )
                .' }',
            \is_array($schema['additionalProperties'] ?? null) => 'map of '.$this->words($schema['additionalProperties']),
            default => e($schema['type'] ?? 'anything'),
        };
    }
}
