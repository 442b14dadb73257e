<?php

declare(strict_types=1);

namespace App\Contract;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;

/** The API as an OpenAPI 3.1 document, made from the routes, what their methods say of themselves (Endpoint), and the shapes. */
final readonly class OpenApi
{
    public const FILE = 'contract/openapi.json';

    private Shapes $shapes;

    public function __construct(private Router $router)
    {
        $this->shapes = new Shapes([app_path(), base_path('core/src')]);
    }

    public static function written(): string
    {
        return base_path(self::FILE);
    }

    public function toJson(): string
    {
        return json_encode($this->document(), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)
            ."\n";
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        $paths = [];
        foreach ($this->router->getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/')) {
                foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                    $paths[self::path($route)][strtolower($method)] = $this->operation($route);
                }
            }
        }
        ksort($paths);

        return [
            'openapi' => '3.1.0',
            'info' => [
                'title' => 'Low Point',
                'version' => '1',
                'description' =>
                    'What the screens of Low Point speak with the server. Ground distances are millimetres from the ball, + '
                        .'toward the target; '
                    .'distances along the course metres; angles degrees; shares and probabilities 0 to 1; times ISO 8601. Ids are '
                    .'ULIDs made by the sender, so that sending anything twice stores it once. '
                    .'Answers other than those listed are an Error.',
            ],
            'servers' => [['url' => '/', 'description' => 'This machine']],
            'security' => [['session' => []]],
            'paths' => $paths,
            'components' => [
                'schemas' => $this->shapes->schemas(),
                'securitySchemes' => [
                    'session' => [
                        'type' => 'apiKey',
                        'in' => 'cookie',
                        'name' => config('session.cookie'),
                        'description' =>
                            'The session of a signed-in coach; writing routes want the header X-XSRF-TOKEN with the cookie of '
                                .'that name as well.',
                    ],
                    'device' => [
                        'type' => 'http',
                        'scheme' => 'bearer',
                        'description' => 'The token of a measuring device, told once when it was made.',
                    ],
                ],
            ],
        ];
    }

    /** The address of a route in the contract: what is made under an id has the address under which it is read. */
    public static function path(Route $route): string
    {
        return '/'.preg_replace('/\{(\w+?)(?:Id)?\}/', '{$1}', $route->uri());
    }

    /**
     * What it can refuse: by who may ask, what is asked for, what is sent, how often.
     *
     * @return array<int, array<string, mixed>>
     */
    private function refusals(Route $route, Endpoint $endpoint, bool $open, bool $takes): array
    {
        $said = [
            400 => $takes ? 'The body is no whole JSON.' : null,
            401 => $open ? null : 'Nobody is signed in.',
            403 => $open ? null : 'It is not this coach’s to see or to do.',
            404 => $route->parameterNames() === [] && ! $takes ? null : 'There is no such record, or no longer.',
            409 => $takes && $route->methods()[0] === 'PUT' ? 'There is another record with this id already.' : null,
            410 => \in_array('lesson', $route->parameterNames(), true) || $route->getName() === 'lesson.put'
                ? 'It is gone, or its student is; the bin keeps them for 30 days.'
                : null,
            413 => $route->methods()[0] === 'GET' ? null : 'The body is too large.',
            419 => $open || $route->methods()[0] === 'GET' ? null : 'The session has ended.',
            422 => $takes || $endpoint->query !== [] ? 'What was sent is refused, each fault by its key.' : null,
            429 => preg_grep('/^throttle|WrongLinks$/', $route->gatherMiddleware()) === [] ? null : 'Too often from here.',
        ];
        $own = array_fill_keys($endpoint->refuses, 'As things stand it cannot be done; the message says why.');

        return array_map(
            $this->refusal(...),
            array_filter($said, static fn(?string $one): bool => $one !== null) + $own,
        );
    }

    /** @return array<int, array<string, mixed>> where a browser that fetches a file is sent first */
    private static function elsewhere(Route $route): array
    {
        return $route->methods()[0] === 'GET' && preg_grep('/CodeAgain/', $route->gatherMiddleware()) !== []
            ? [302 => [
                'description' => 'The code of the second factor is asked for once more, there.',
                'content' => ['text/html' => new \stdClass],
            ]]
            : [];
    }

    /** @return array<string, mixed> */
    private function refusal(string $what): array
    {
        return ['description' => $what, 'content' => ['application/json' => ['schema' => $this->shapes->ref('ErrorShape')]]];
    }

    /** @return array<string, mixed> */
    private function operation(Route $route): array
    {
        $method = new \ReflectionMethod(
            $route->getControllerClass() ?? throw new \LogicException("{$route->uri()} has no controller."),
            $route->getActionMethod() === $route->getControllerClass() ? '__invoke' : $route->getActionMethod(),
        );
        $said =
            $method->getAttributes(Endpoint::class)[0]
            ?? throw new \LogicException("{$method->class}::{$method->name} does not say what it answers: add #[Endpoint].");
        $endpoint = $said->newInstance();
        $open = ! \in_array('auth:sanctum', $route->gatherMiddleware(), true);
        $text = self::text($method);
        $body = $this->body($method, $endpoint);

        return array_filter(
            [
                'operationId' => $route->getName(),
                'summary' => $text[0],
                'description' => $text[1],
                'tags' => [explode('/', $route->uri())[1]],
                'security' => $endpoint->bearer ? [['device' => []]] : ($open ? [] : null),
                'parameters' => [...self::inPath($route), ...self::inQuery($endpoint)],
                'requestBody' => $body,
                'responses' => [$endpoint->status => $this->answer($endpoint)]
                    + self::elsewhere($route)
                    + $this->refusals($route, $endpoint, $open, $body !== null)
                    + ['default' => $this->refusal('What is wrong, in words.')],
            ],
            static fn(mixed $part): bool => ($part !== null && $part !== '' && $part !== []) || ($part === [] && $open),
        );
    }

    /** @return list<array<string, mixed>> */
    private static function inPath(Route $route): array
    {
        return array_values(
            array_map(
                static fn(string $name): array => [
                    'name' => preg_replace('/Id$/', '', $name),
                    'in' => 'path',
                    'required' => true,
                    'schema' => ['type' => 'string'],
                ],
                $route->parameterNames(),
            ),
        );
    }

    /** @return list<array<string, mixed>> */
    private static function inQuery(Endpoint $endpoint): array
    {
        return array_map(
            static fn(string $name, string $what): array => [
                'name' => $name,
                'in' => 'query',
                'description' => $what,
                'schema' => ['type' => 'string'],
            ],
            array_keys($endpoint->query),
            $endpoint->query,
        );
    }

    /** @return array<string, mixed>|null */
    private function body(\ReflectionMethod $method, Endpoint $endpoint): ?array
    {
        if ($endpoint->file !== null) {
            $file = [
                'type' => 'object',
                'properties' => [$endpoint->file => ['type' => 'string', 'contentMediaType' => 'application/octet-stream']],
                'required' => [$endpoint->file],
            ];

            return ['required' => true, 'content' => ['multipart/form-data' => ['schema' => $file]]];
        }
        $shape = $endpoint->takes;
        foreach ($method->getParameters() as $parameter) {
            $body = $parameter->getAttributes(Body::class)[0] ?? null;
            if ($body !== null) {
                $schema = $this->shapes->record($body->newInstance()->record);

                return ['required' => true, 'content' => ['application/json' => ['schema' => $schema]]];
            }
            $type = $parameter->getType();
            if ($type instanceof \ReflectionNamedType && is_subclass_of($type->getName(), FormRequest::class)) {
                $shape = preg_replace('/Request$/', 'Shape', class_basename($type->getName()));
            }
        }

        return $shape === null ? null : ['required' => true, 'content' => ['application/json' => ['schema' => $this->shapes->ref($shape)]]];
    }

    /** @return array<string, mixed> */
    private function answer(Endpoint $endpoint): array
    {
        if ($endpoint->status === 204) {
            return ['description' => 'Done.'];
        }
        $schema =
            $endpoint->answers === null
                ? null
                : $this->shapes->ref((string) preg_replace('/Resource$/', 'Shape', class_basename($endpoint->answers)));
        if ($schema !== null && $endpoint->list) {
            $schema = ['type' => 'array', 'items' => $schema];
        }

        return ['description' => 'Done.', 'content' => [$endpoint->type => $schema === null ? new \stdClass : ['schema' => $schema]]];
    }

    /** @return array{string, string} the first sentence of the docblock, or the method's name in words; and the rest */
    private static function text(\ReflectionMethod $method): array
    {
        $lines = preg_replace(['~^\s*/\*\*|\*/\s*$~', '~^\s*\*\s?~m', '~@\w.*~s'], '', (string) $method->getDocComment());
        $text = trim((string) preg_replace('/\s+/', ' ', (string) $lines));
        if ($text === '') {
            $text = trim(
                (string) preg_replace(
                    '/\s+/',
                    ' ',
                    (string) preg_replace(
                        ['~^\s*/\*\*|\*/\s*$~', '~^\s*\*\s?~m', '~@\w.*~s'],
                        '',
                        (string) $method->getDeclaringClass()->getDocComment(),
                    ),
                ),
            );
        }
        preg_match('/^(.*?[.:])(?:\s+(.*))?$/', $text, $found);

        return [$found[1] ?? $text, $found[2] ?? ''];
    }
}
