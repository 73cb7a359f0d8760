<?php

use App\Wording\Languages;
use Tests\Browser\Table;

/*
 * Each page is opened once in English and once in the pseudo-language, and everything that must hold on any page is asked
 * there: that it can be used without a mouse or sharp eyes (axe), that nothing is clipped, overlaps or is too small to
 * hit, in each size and light; that every word is from the lists; that the console is quiet.
 */

/** Words that a page shows or tells with a plain vowel in them, but for what people wrote, names of sheets, and units. */
const BARE = <<<'JS'
    const [known] = arguments
    const told = [document.body.innerText, ...[...document.body.querySelectorAll('[aria-label], [title], [placeholder], img[alt]')].filter((e) => e.checkVisibility()).flatMap((e) => ['aria-label', 'title', 'placeholder', 'alt'].map((name) => e.getAttribute(name)))]
    return [...new Set(told.filter(Boolean).flatMap((text) => {
        for (const name of known.sort((a, b) => b.length - a.length)) text = text.replaceAll(name, ' ')
        return text.replace(/\b(?:in|cm|mm|px)\b/g, ' ').match(/[^\s⟦⟧]*\p{L}*[aeiou]\p{L}+|\p{L}+[aeiou]\p{L}*/giu) ?? []
    }))]
    JS;

/** Texts that are cut off by the box they stand in, and what lies beyond the page. */
const CLIPPED = <<<'JS'
    const cut = [...document.body.querySelectorAll('*')].filter((e) => {
        const style = getComputedStyle(e)
        // What is cut down to nothing on purpose is there to be heard.
        return e.checkVisibility() && style.clipPath === 'none' && style.textOverflow !== 'ellipsis' && !e.closest('.unseen, .el-input, svg, .el-select, .el-slider') && e.innerText?.includes('⟦')
            && ((style.overflowX !== 'visible' && e.scrollWidth > e.clientWidth + 1) || (['hidden', 'clip'].includes(style.overflowY) && e.scrollHeight > e.clientHeight + 1))
    })
    const beyond = document.scrollingElement.scrollWidth > innerWidth ? ['the page itself'] : []
    return [...beyond, ...cut.map((e) => `${e.tagName}.${e.className}: ${e.innerText.slice(0, 80)}`)]
    JS;

/** What is wrong with how a page is laid out: wider than the screen, cut off at its edge, too small to hit (WCAG 2.2, 2.5.8), two words on each other. */
const LAYOUT = <<<'JS'
    const box = (e) => e.getBoundingClientRect()
    const shown = (css) => [...document.querySelectorAll(css)].filter((e) => e.checkVisibility())
    const edges = shown('.ladder .current, [data-test=paper-board] .sheet, [data-test=photo-board] image').filter((e) => box(e).left < 0 || box(e).right > innerWidth)
    const small = shown('button, a.button, input:not([type=radio])').filter((e) => !e.closest('.map')).map((e) => e.closest('label') ?? e).filter((e) => box(e).width < 24 || box(e).height < 24)
    const words = shown('.stage .caption, .stage .loss, .ladder .number, .stage .scale, .true span, .true button, .zoom button').filter((e) => e.textContent.trim() !== '').map((e) => ({ words: e.textContent.trim(), box: box(e) }))
    const touch = (a, b) => Math.min(a.right, b.right) - Math.max(a.left, b.left) > 1 && Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 5
    return [
        ...(document.documentElement.scrollWidth > innerWidth ? [`${document.documentElement.scrollWidth} px wide`] : []),
        ...edges.map((e) => `cut off: ${e.className?.baseVal ?? e.className}`),
        ...small.map((e) => `too small: ${e.ariaLabel || e.innerText} ${box(e).width} × ${box(e).height}`),
        ...words.flatMap((one, i) => words.slice(i + 1).filter((other) => touch(one.box, other.box)).map((other) => `on each other: ${one.words} | ${other.words}`)),
    ]
    JS;

/** Buttons that are narrower than their words. */
const OVERFULL = <<<'JS'
    return [...document.querySelectorAll('button, a.button, label.button, summary, .pictures label')].filter((e) => e.checkVisibility() && !e.matches('.title') && e.scrollWidth > e.clientWidth + 1).map((e) => `overfull: ${e.innerText || e.ariaLabel} ${e.scrollWidth} in ${e.clientWidth}`)
    JS;

/** Waits until a page asks for nothing any more, has its letters, and nothing new comes: a page that is half there clips nothing. */
function stillPage(Table $table): void
{
    Table::until(fn () => str_starts_with((string) $table->still('return `${window.asked} ${document.fonts.status} ${document.body.innerText}`', apart: 100), '0 loaded'), 'the page to ask for nothing more');
}

it('holds on every page, in each size and light, in a longer language too', function (string $title, string $path) {
    $table = Table::lay();
    // Whatever pace the tests before left behind: a quick hand's has the longest words.
    (new PDO("sqlite:{$table->data}/inch-ladder.sqlite", options: [PDO::ATTR_TIMEOUT => 10]))->exec("update cell_notes set settled_at = datetime('2026-11-27 01:00:00', '+' || id || ' seconds') where state = 'done'");
    $drawing = collect($table->shelf())->firstWhere('title', $title);
    $path = str_replace('ID', $drawing['id'], $path);
    $counting = $table->devtools('Page.addScriptToEvaluateOnNewDocument', ['source' => 'window.asked = 0; const ask = window.fetch; window.fetch = (...what) => (window.asked++, ask(...what).finally(() => window.asked--))']);
    try {
        $table->go($path);
        // All of it on a page as it opens; where it is narrow its order and its names, by another light its colours.
        foreach ([[1280, 800, 'light', 'all'], [390, 844, 'light', 'all but colours'], [1280, 800, 'dark', 'colours']] as [$wide, $high, $light, $asked]) {
            $table->size($wide, $high);
            $table->light($light);
            stillPage($table);
            expect($table->still(LAYOUT))->toBe([], "{$wide} × {$high}");
            // Letters half as large again, as a browser may be set to: nothing is wider than its button, or than the page.
            if ($light === 'light') {
                $table->script('document.documentElement.style.fontSize = "150%"');
                stillPage($table);
                expect([...$table->still(LAYOUT), ...$table->script(OVERFULL)])->toBe([], "{$wide} × {$high}, large letters");
                $table->script('document.documentElement.style.fontSize = ""');
                stillPage($table);
            }
            $table->isAccessible("{$path} at {$wide} px, {$light}", isLong() ? 'all' : $asked);
        }
        $table->light('light')->isQuiet();

        $agent = (string) $table->script('return navigator.userAgent');
        $table->devtools('Emulation.setUserAgentOverride', ['userAgent' => $agent, 'acceptLanguage' => Languages::PSEUDO]);
        try {
            $table->go($path)->see('body', '⟦');
            stillPage($table);
            $table->script('document.querySelectorAll("details:not([open]) > summary, [data-test=explain]").forEach((e) => e.click())');
            stillPage($table);
            // What is laid out by the room there is may take a moment more on a busy machine; what has none stays without.
            $clipped = [];
            try {
                Table::until(function () use ($table, &$clipped): bool {
                    return ($clipped = $table->script(CLIPPED)) === [];
                }, '', 5);
            } catch (RuntimeException) {
                // Said below.
            }
            expect(['bare' => $table->script(BARE, [knownWords($table, $drawing['id'])]), 'clipped' => $clipped])->toBe(['bare' => [], 'clipped' => []]);
            // With every fold open.
            $table->isAccessible("{$path}, unfolded", isLong() ? 'all' : 'all but colours');
        } finally {
            $table->devtools('Emulation.setUserAgentOverride', ['userAgent' => $agent, 'acceptLanguage' => 'en-US,en']);
        }
    } finally {
        $table->devtools('Page.removeScriptToEvaluateOnNewDocument', $counting);
    }
})->with([
    ...array_map(fn (string $path): array => ['Potting bench, late morning', $path], ['/', ...array_map(fn (string $page): string => "/drawing/ID/{$page}", ['photo', 'paper', 'fit', 'grid', 'marks', 'copy', 'check', 'tone', 'finish', 'print/tracing', 'log', 'marks/paper/left', 'marks/photo', 'marks/folded']), '/settings', '/instruments', '/nowhere']),
    // Another way to agree, another grid type, in inches, with photos of the drawing.
    ...array_map(fn (string $page): array => ['Jug on the sill', "/drawing/ID/{$page}"], ['fit', 'grid', 'marks', 'check', 'print/calibration']),
    ['Low water, evening', '/drawing/ID/photo'],
]);

/** @return list<string> what people wrote, names of sheets, and what the browser says */
function knownWords(Table $table, string $drawing): array
{
    $ask = fn (string $path): array => json_decode((string) file_get_contents($table->address($path)), true);
    $answer = $ask("/api/drawings/{$drawing}");
    $here = $answer['workings']['choices'];

    // What the history calls a step was said when it was made; months and halves of the day are the browser's to say.
    return [
        'AM', 'PM', ...array_map(fn (int $month): string => date('F', (int) mktime(0, 0, 0, $month, 1)), range(1, 12)), ...array_map(fn (int $month): string => date('M', (int) mktime(0, 0, 0, $month, 1)), range(1, 12)),
        ...array_merge(...array_map(fn (array $one): array => [$one['name'], $one['licence']], $ask('/api/about')['libraries'])), $ask('/api/about')['version'], (string) $answer['undo'], (string) $answer['redo'], ...array_column($table->shelf(), 'title'),
        ...array_column([...$here['points'], ...$here['spans'], ...$here['things']], 'name'), ...array_column($ask('/api/catalogue')['sheets'], 'name'), ...array_column($ask('/api/keepsakes'), 'name'), ...array_column($ask('/api/printers?unit=in'), 'name'),
    ];
}
