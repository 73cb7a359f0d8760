@php
    $parts = App\Http\PageParts::built();
    ['scripts' => $scripts, 'styles' => $styles] = $parts->of(request()->path());
@endphp
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
    @foreach ($parts->letters() as $letters)
        <link rel="preload" as="font" type="font/woff2" href="{{ $letters }}" crossorigin>
    @endforeach
    @vite('resources/js/main.ts')
    @foreach ($scripts as $script)
        <link rel="modulepreload" href="{{ $script }}">
    @endforeach
    @foreach ($styles as $style)
        <link rel="preload" as="style" href="{{ $style }}">
    @endforeach
</head>
<body>
    <div id="app"></div>
    <noscript>{{ App\Wording\Say::it('http.no script') }}</noscript>
</body>
</html>
