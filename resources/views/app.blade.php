<!doctype html>
<html lang="{{ App\Wording\Say::language() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <title>Inch Ladder</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite('resources/js/main.ts')
</head>
<body>
    <div id="app"></div>
    <noscript>{{ App\Wording\Say::it('http.no script') }}</noscript>
</body>
</html>
