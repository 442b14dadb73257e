<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <title>Low Point, the API</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite('resources/css/app.css')
</head>
<body class="mx-auto max-w-6xl px-4 pb-16 lg:grid lg:grid-cols-[13rem_1fr] lg:gap-10">
    <nav aria-label="Parts" class="pt-6 lg:sticky lg:top-0 lg:h-screen lg:overflow-y-auto">
        <p class="display text-xl">Low Point</p>
        <h2 class="mt-4 text-lg">Addresses</h2>
        <ul>
            @foreach ($api->groups() as $group => $routes)
                <li><a class="inline-block min-h-8 underline" href="#{{ $group }}">{{ $group }}</a> <span class="text-soft">{{ count($routes) }}</span></li>
            @endforeach
        </ul>
        <h2 class="mt-4 text-lg"><a class="underline" href="#shapes">Shapes</a></h2>
        <ul class="hidden lg:block">
            @foreach ($api->shapes() as $name => $shape)
                <li><a class="inline-block text-sm underline" href="#shape-{{ $name }}">{{ $name }}</a></li>
            @endforeach
        </ul>
    </nav>
    <main class="min-w-0">
        <h1 class="mt-6 text-4xl">The API</h1>
        <p class="my-3 max-w-3xl">{{ $api->about() }}</p>
        <p class="mb-6"><a class="underline" href="/docs/openapi.json" download>The same as an OpenAPI 3.1 file</a></p>
        @foreach ($api->groups() as $group => $routes)
            <section aria-labelledby="{{ $group }}" class="mb-10 border-t-2 border-ink pt-3">
                <h2 id="{{ $group }}" class="text-2xl">{{ $group }}</h2>
                @foreach ($routes as ['method' => $method, 'path' => $path, 'operation' => $operation])
                    <article class="border-b border-line py-3">
                        <h3 class="break-words font-text text-base"><span class="mr-2 inline-block min-w-20 bg-ink px-2 text-center text-paper">{{ $method }}</span>{{ $path }}</h3>
                        <p class="mt-1">{{ $operation['summary'] ?? '' }} {{ $operation['description'] ?? '' }}
                            @if (($operation['security'] ?? null) === []) Open to whoever has the address. @endif</p>
                        <dl class="grid grid-cols-[5.5rem_1fr] gap-x-3 text-sm">
                            @foreach ($operation['parameters'] ?? [] as $parameter)
                                @if ($parameter['in'] === 'query')
                                    <dt class="text-soft">?{{ $parameter['name'] }}</dt><dd>{{ $parameter['description'] ?? '' }}</dd>
                                @endif
                            @endforeach
                            @foreach ($operation['requestBody']['content'] ?? [] as $type => $content)
                                <dt class="text-soft">takes</dt><dd>{{ $api->type($content['schema']) }} @if ($type !== 'application/json') ({{ $type }}) @endif</dd>
                            @endforeach
                            @foreach ($operation['responses'] as $status => $response)
                                @continue($status === 'default')
                                <dt class="text-soft">{{ $status }}</dt>
                                <dd>
                                    @forelse ($response['content'] ?? [] as $type => $content)
                                        @isset($content['schema']) {{ $api->type($content['schema']) }} @else {{ $type }} @endisset
                                    @empty
                                        nothing
                                    @endforelse
                                </dd>
                            @endforeach
                        </dl>
                    </article>
                @endforeach
            </section>
        @endforeach
        <h2 id="shapes" class="border-t-2 border-ink pt-3 text-2xl">Shapes</h2>
        @foreach ($api->shapes() as $name => $shape)
            <section id="shape-{{ $name }}" aria-label="{{ $name }}" class="border-b border-line py-3 target:bg-ochre-wash">
                <h3 class="text-lg">{{ $name }}</h3>
                @forelse ($api->keys($shape) as $key)
                    <p class="grid gap-x-3 text-sm sm:grid-cols-[12rem_1fr]">
                        <span><code>{{ $key['key'] }}</code>@if ($key['optional'])<span class="text-soft">, may be absent</span>@endif</span>
                        <span class="min-w-0 break-words">{{ $key['type'] }} @if ($key['text'] !== '')<span class="text-soft">{{ $key['text'] }}</span>@endif</span>
                    </p>
                @empty
                    <p class="text-sm">{{ $api->type($shape) }}</p>
                @endforelse
            </section>
        @endforeach
    </main>
</body>
</html>
