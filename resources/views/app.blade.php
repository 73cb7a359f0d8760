<!doctype html>
<html lang="{{ App\Wording\Say::language() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta name="build" content="{{ config('inch.build') }}">
    <title>Inch Ladder</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="manifest" href="/manifest.webmanifest">
    <link rel="apple-touch-icon" href="/icon-180.png">
    <meta name="theme-color" content="#e8e4db" media="(prefers-color-scheme: light)">
    <meta name="theme-color" content="#23211e" media="(prefers-color-scheme: dark)">
    @vite('resources/js/main.ts')
</head>
<body>
    <div id="app"></div>
    <noscript>{{ App\Wording\Say::it('http.no script') }}</noscript>
</body>
</html>
