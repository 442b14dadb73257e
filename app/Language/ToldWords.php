<?php

declare(strict_types=1);

namespace App\Language;

use App\Contract\OpenApi;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\File;

/**
 * An answer of the API in another language. Which of its strings are words of the core, and not an id or something that somebody has
 * written, stands in the contract: they are of the type Told.
 */
final readonly class ToldWords
{
    private const TOLD = '#/components/schemas/Told';

    private const ERROR = '#/components/schemas/Error';

    /** @var array<string, mixed> */
    private array $contract;

    /** @param \Closure(string): string $say */
    public function __construct(private \Closure $say)
    {
        $this->contract = json_decode(File::get(OpenApi::written()), true, flags: JSON_THROW_ON_ERROR);
    }

    public function of(Request $request, JsonResponse $response): mixed
    {
        $route = $request->route();
        $path = $route instanceof Route ? OpenApi::path($route) : '';
        $answers = $this->contract['paths'][$path][strtolower($request->method())]['responses'] ?? [];
        $schema = $answers[$response->getStatusCode()]['content']['application/json']['schema'] ?? ['$ref' => self::ERROR];

        return $this->in($response->getData(), $schema);
    }

    /**
     * @param  array<string, mixed>  $value  of the shape of this name
     * @return array<string, mixed>
     */
    public function inShape(array $value, string $shape): array
    {
        /** @var array<string, mixed> $said */
        $said = $this->in($value, ['$ref' => "#/components/schemas/{$shape}"]);

        return $said;
    }

    /** @param array<string, mixed> $schema what the contract says of the value */
    public function in(mixed $value, array $schema): mixed
    {
        if (\is_string($value)) {
            return $this->isTold($schema) ? ($this->say)($value) : $value;
        }
        if (\is_array($value)) {
            foreach ($value as $i => $one) {
                $value[$i] = $this->in($one, $this->inside($schema, $i));
            }
        } elseif (\is_object($value)) {
            foreach (get_object_vars($value) as $key => $one) {
                $value->{$key} = $this->in($one, $this->inside($schema, (string) $key));
            }
        }

        return $value;
    }

    /** @param array<string, mixed> $schema */
    private function isTold(array $schema): bool
    {
        return ($schema['$ref'] ?? '') === self::TOLD
            || array_filter($schema['anyOf'] ?? [], static fn(array $one): bool => ($one['$ref'] ?? '') === self::TOLD) !== [];
    }

    /**
     * What the contract says of an entry of a list or of an object; nothing where it says nothing.
     *
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private function inside(array $schema, int|string $key): array
    {
        if (isset($schema['$ref'])) {
            return $this->inside($this->contract['components']['schemas'][basename($schema['$ref'])] ?? [], $key);
        }
        foreach ($schema['anyOf'] ?? [] as $one) {
            $found = $this->inside($one, $key);
            if ($found !== []) {
                return $found;
            }
        }
        $other = $schema['additionalProperties'] ?? null;

        return \is_int($key)
            ? $schema['prefixItems'][$key] ?? $schema['items'] ?? []
            : $schema['properties'][$key] ?? (\is_array($other) ? $other : []);
    }
}
