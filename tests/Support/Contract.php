<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Contract\OpenApi;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\HttpFoundation\Response;

/** Holds each answer of the API against the contract: the status must be told there, and the answer must have the shape. */
final class Contract
{
    private const URI = 'https://contract.test/openapi.json';

    private const JSON = 'application/json';

    private readonly Validator $validator;

    /** @var array<string, array<string, array{responses: array<string, array{content?: array<string, array<string, mixed>>}>}>> */
    private readonly array $paths;

    private function __construct()
    {
        $json = (string) file_get_contents(OpenApi::written());
        $this->paths = json_decode($json, true, flags: JSON_THROW_ON_ERROR)['paths'];
        $this->validator = new Validator;
        $this->validator->resolver()?->registerRaw(json_decode($json, flags: JSON_THROW_ON_ERROR), self::URI);
    }

    public static function instance(): self
    {
        /** @var self|null $one */
        static $one = null;

        return $one ??= new self;
    }

    public function holds(Route $route, Request $request, Response $answer): void
    {
        $path = OpenApi::path($route);
        $method = strtolower($request->method());
        $code = $answer->getStatusCode();
        $told = $this->paths[$path][$method]['responses'] ?? Assert::fail("The contract does not know {$method} {$path}.");
        $status = isset($told[(string) $code]) ? (string) $code : 'default';
        Assert::assertTrue(
            $status !== 'default' || $code >= 500,
            "{$method} {$path} answers {$code}, of which the contract knows nothing.",
        );
        $types = $told[$status]['content'] ?? [];
        $type = explode(';', (string) $answer->headers->get('Content-Type'))[0];
        if ($types === []) {
            Assert::assertSame('', $answer->getContent(), "{$method} {$path} answers something, the contract nothing.");
        } elseif (isset($types[self::JSON]['schema'])) {
            Assert::assertSame(self::JSON, $type, "{$method} {$path}");
            $this->fits((string) $answer->getContent(), $path, $method, $status);
        } else {
            Assert::assertTrue(
                isset($types[$type]) || $type === 'text/html',
                "{$method} {$path} answers {$type}, the contract says ".implode(', ', array_keys($types)).'.',
            );
        }
    }

    private function fits(string $json, string $path, string $method, string $status): void
    {
        $escaped = array_map(static fn(string $part): string => str_replace(['~', '/'], ['~0', '~1'], $part), [
            'paths',
            $path,
            $method,
            'responses',
            $status,
            'content',
            self::JSON,
            'schema',
        ]);
        $schema = self::URI.'#/'.implode('/', array_map(rawurlencode(...), $escaped));
        $result = $this->validator->validate(json_decode($json), json_decode((string) json_encode(['$ref' => $schema])));
        $error = $result->error();
        Assert::assertTrue(
            $error === null,
            $error === null
                ? ''
                : "{$method} {$path} ({$status}) breaks the contract: "
                    .json_encode((new ErrorFormatter)->format($error), JSON_UNESCAPED_SLASHES),
        );
    }
}
