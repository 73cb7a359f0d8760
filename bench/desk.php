<?php

declare(strict_types=1);

use Bench\Bench;
use Tests\Browser\Table;
use Tests\Photos;

/*
 * What a hand waits for at the page itself, on a processor slowed four times: the next cell, a frame while a crop is
 * dragged, the first sight of a page; and what a page weighs.
 */
return function (Bench $bench, Table $table): void {
    $made = json_decode($table->artisan('inch:new '.Photos::photographic(6000, 4000, 1).' --photo=15x10in --sheet=18x24in --turn=advised --columns=10'), true);
    $drawing = "/drawing/{$made['drawing']}";
    $slow = fn (int $times) => $table->devtools('Emulation.setCPUThrottlingRate', ['rate' => $times]);
    $list = fn (array $all): string => implode(', ', array_map(fn (float $one): string => sprintf('%.0f', $one), $all)).' ms';

    // Next cell in Copy, from key press to sharp picture, neighbours fetched.
    $table->go("{$drawing}/copy")->see('[data-test=address]', 'A1');
    $slow(4);
    $table->browser->manage()->timeouts()->setScriptTimeout(120);
    $waits = $table->browser->executeAsyncScript(<<<'JS'
        const done = arguments[arguments.length - 1]
        const pause = (ms) => new Promise((go) => setTimeout(go, ms))
        const sharp = async (before) => {
            for (;;) {
                const image = document.querySelector('[data-test=cell-picture]')
                if (image && image.src !== before && image.complete && image.naturalWidth > 0) { await image.decode(); return image.src }
                await new Promise(requestAnimationFrame)
            }
        }
        ;(async () => {
            let shown = await sharp('')
            await pause(6000)
            const waits = []
            for (let i = 0; i < 12; i++) {
                const start = performance.now()
                window.dispatchEvent(new KeyboardEvent('keydown', { key: i % 4 === 3 ? 'ArrowDown' : 'ArrowRight' }))
                shown = await sharp(shown)
                waits.push(performance.now() - start)
                await pause(1500)
            }
            done(waits)
        })()
        JS);
    $worst = Bench::quantile($waits, 0.95);
    $bench->say('next cell in Copy, slowed 4 ×, key press to sharp picture', sprintf('%.0f ms (19 of 20)', $worst), '≤ 100 ms', $worst <= 100, $list($waits));

    // A crop dragged: all that a move of the pointer makes the page do before it can be painted, its layout with it.
    $slow(1);
    $table->go("{$drawing}/fit")->press('Fill the paper')->kept();
    [$x, $y] = $table->script('const r = document.querySelector("[data-test=crop]").getBoundingClientRect(); return [r.left + r.width / 2, r.top + r.height / 2]');
    $slow(4);
    $frames = $table->browser->executeAsyncScript(<<<'JS'
        const [x, y, done] = arguments
        const stage = document.querySelector('svg.stage')
        const send = (type, by) => stage.dispatchEvent(new PointerEvent(type, { clientX: x + by, clientY: y + by, pointerId: 1, buttons: 1, bubbles: true }))
        stage.setPointerCapture = () => undefined
        const frame = () => new Promise(requestAnimationFrame)
        const crop = document.querySelector('[data-test=crop]')
        ;(async () => {
            send('pointerdown', 0)
            const spent = []
            for (let i = 0; i < 100; i++) {
                await frame()
                const was = crop.getBoundingClientRect().left + crop.getBoundingClientRect().top
                const start = performance.now()
                send('pointermove', 20 * Math.sin(i / 5))
                // Vue draws before the next task; the place is read so that it is laid out.
                await Promise.resolve().then(() => undefined)
                await new Promise((go) => queueMicrotask(go))
                const now = crop.getBoundingClientRect().left + crop.getBoundingClientRect().top
                spent.push([performance.now() - start, now !== was])
            }
            send('pointerup', 0)
            done(spent)
        })()
        JS, [$x, $y]);
    $moved = array_column(array_filter($frames, fn (array $one): bool => $one[1]), 0);
    $worst = $moved === [] ? INF : Bench::quantile($moved, 0.95);
    $bench->say('a frame while a crop is dragged, slowed 4 ×', sprintf('%.1f ms (19 of 20)', $worst), '≤ 20 ms', $worst <= 20 && count($moved) > 50, sprintf('%d of %d moves were drawn at once; half of them within %.1f ms', count($moved), count($frames), $moved === [] ? 0 : Bench::quantile($moved, 0.5)));
    $slow(1);
    $table->kept();

    // The first sight of each page, by a browser that has nothing of it.
    $table->devtools('Network.enable', []);
    foreach (['My drawings' => '/', 'a drawing' => "{$drawing}/grid", 'Copy' => "{$drawing}/copy"] as $name => $path) {
        $seen = [];
        for ($i = 0; $i < 5; $i++) {
            $table->go('/icon.svg');
            $table->devtools('Storage.clearDataForOrigin', ['origin' => $table->address(''), 'storageTypes' => 'service_workers,cache_storage']);
            $table->devtools('Network.clearBrowserCache', []);
            $slow(4);
            $table->go($path)->see('body', '');
            usleep(6_000_000);
            $seen[] = (float) $table->script('return new Promise((tell) => new PerformanceObserver((list) => tell(list.getEntries().at(-1).startTime)).observe({ type: "largest-contentful-paint", buffered: true }))');
            $slow(1);
        }
        $half = Bench::quantile($seen, 0.5);
        $bench->say("largest contentful paint of {$name}, slowed 4 ×, nothing kept", sprintf('%.1f s', $half / 1000), '≤ 2.5 s', $half <= 2500, $list($seen));
    }

    // The first load's script, compressed.
    $manifest = json_decode((string) file_get_contents(public_path('build/manifest.json')), true);
    $needed = function (string $entry) use ($manifest, &$needed): array {
        return [$entry, ...array_merge(...array_map($needed, $manifest[$entry]['imports'] ?? [])), ...[]];
    };
    $scripts = fn (array $entries): int => array_sum(array_map(fn (string $entry) => strlen((string) gzencode((string) file_get_contents(public_path('build/'.$manifest[$entry]['file'])), 6)), array_unique($entries)));
    foreach (['My drawings' => [['resources/js/main.ts'], 120], 'a drawing' => [['resources/js/main.ts', 'resources/js/rungs/Rungs.vue'], 200]] as $name => [$entries, $most]) {
        $weight = $scripts(array_merge(...array_map($needed, $entries)));
        $bench->say("first load of {$name}, compressed script", sprintf('%d kB', $weight / 1000), "≤ {$most} kB", $weight <= 1000 * $most);
    }
};
