<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <title>Low Point</title>
    <link rel="manifest" href="/manifest.webmanifest">
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="apple-touch-icon" href="/apple-touch-icon.png">
    <meta name="description" content="Why golf strikes around the green come out as they do, and what to change first.">
    <meta name="theme-color" content="#f6f1e7">
    @viteReactRefresh
    @vite('resources/main.tsx')
</head>
<body>
    <div id="app"></div>
    <noscript>Low Point needs JavaScript.</noscript>
</body>
</html>
