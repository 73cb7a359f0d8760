@php use App\Wording\Say; @endphp
<!doctype html>
<html lang="{{ Say::language() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <title>Inch Ladder · {{ Say::it('house.page.title') }}</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <style>
        {{-- The look of the table (resources/js/styles/theme.css), for a page that runs no script. --}}
        @foreach ([400, 700] as $weight)
        @font-face { font-family: 'Source Sans 3'; font-weight: {{ $weight }}; src: url('{{ Vite::asset("node_modules/@fontsource/source-sans-3/files/source-sans-3-latin-{$weight}-normal.woff2") }}') format('woff2'); }
        @endforeach
        :root { --bench: #e8e4db; --paper: #fffefa; --graphite: #2b2926; --soft: #625c53; --red: #b3321f; --rule: #8d8577; }
        @media (prefers-color-scheme: dark) { :root { --bench: #23211e; --paper: #2d2a26; --graphite: #efe9dc; --soft: #b9b1a3; --red: #ff8a72; } }
        body { margin: 0; background: var(--bench); color: var(--graphite); font: 18px/1.45 'Source Sans 3', system-ui, sans-serif; }
        main { max-width: 520px; margin: 0 auto; padding: 24px 18px 48px; }
        h1 { font-size: 28px; margin: 0 0 8px; } h2 { font-size: 20px; margin: 40px 0 8px; }
        label { display: block; margin: 20px 0 6px; font-weight: 600; }
        input { box-sizing: border-box; width: 100%; padding: 10px 12px; border: 2px solid var(--rule); border-radius: 0; background: var(--paper); color: inherit; font: inherit; }
        input[name=code] { font-size: 44px; letter-spacing: .18em; text-align: center; font-variant-numeric: tabular-nums; }
        button, .get { display: inline-block; margin-top: 22px; padding: 12px 28px; border: 2px solid var(--graphite); background: var(--graphite); color: var(--paper); font: inherit; font-weight: 700; text-decoration: none; }
        .get { margin: 4px 0; background: none; color: inherit; }
        .trouble { margin: 18px 0 0; padding: 10px 14px; border-left: 4px solid var(--red); background: var(--paper); }
        ol { padding: 0; list-style: none; } li { display: flex; gap: 14px; align-items: center; margin: 14px 0; }
        i { flex: none; width: 84px; height: 84px; background: currentColor; mask: var(--picture); }
        code { font-size: 15px; overflow-wrap: anywhere; } .soft { color: var(--soft); }
        :focus-visible { outline: 3px solid #2d6fb5; outline-offset: 2px; }
    </style>
</head>
<body>
<main>
    <h1>{{ Say::it('house.page.title') }}</h1>
    <p>{{ Say::it('house.page.what') }}</p>
    @if ($trouble !== '')
        <p class="trouble" role="alert">{{ $trouble }}</p>
    @endif
    <form method="post" action="/pair">
        <label for="code">{{ Say::it('house.page.code') }}</label>
        <input id="code" name="code" value="{{ $code }}" inputmode="numeric" autocomplete="one-time-code" maxlength="12" required @if ($code === '' || $trouble !== '') autofocus @endif>
        <label for="name">{{ Say::it('house.page.name') }}</label>
        <input id="name" name="name" value="{{ $name }}" maxlength="60" autocomplete="off" required>
        <button>{{ Say::it('house.page.pair') }}</button>
    </form>
    @if ($fingerprint !== null)
        <h2>{{ Say::it('house.page.trust') }}</h2>
        <p>{{ Say::it('house.page.why') }}</p>
        <p><a class="get" href="/pair/certificate.crt" download="inch-ladder.crt">{{ Say::it('house.page.get') }}</a></p>
        <ol>
            <li><i style="--picture: url(/icon-trust-fetch.svg)"></i><span>{{ Say::it('house.page.steps.0') }}</span></li>
            <li><i style="--picture: url(/icon-trust-install.svg)"></i><span>{{ Say::it('house.page.steps.1') }}</span></li>
            <li><i style="--picture: url(/icon-trust-switch.svg)"></i><span>{{ Say::it('house.page.steps.2') }}</span></li>
        </ol>
        <p class="soft">{{ Say::it('house.page.fingerprint') }}<br><code>{{ $fingerprint }}</code></p>
    @endif
</main>
</body>
</html>
