<?php

use App\Wording\Languages;
use Tests\Browser\Table;

/*
 * The pseudo-language: every sentence from the lists is bracketed, accented and a third longer. What is
 * bare was said past the lists; what is clipped would not fit a longer language.
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

it('says everything from the lists, and has room for a longer language', function (string $title, string $path) {
    $table = Table::lay();
    // Whatever pace the tests before left behind: a quick hand's has the longest words.
    (new PDO("sqlite:{$table->data}/inch-ladder.sqlite", options: [PDO::ATTR_TIMEOUT => 10]))->exec("update cell_notes set settled_at = datetime('2026-11-27 01:00:00', '+' || id || ' seconds') where state = 'done'");
    $agent = (string) $table->script('return navigator.userAgent');
    $table->devtools('Emulation.setUserAgentOverride', ['userAgent' => $agent, 'acceptLanguage' => Languages::PSEUDO]);
    // Nothing is asked for any more, its letters are there, and nothing new comes: a page that is half there clips nothing.
    $count = 'window.asked = 0; const ask = window.fetch; window.fetch = (...what) => (window.asked++, ask(...what).finally(() => window.asked--))';
    $counting = $table->devtools('Page.addScriptToEvaluateOnNewDocument', ['source' => $count]);
    $still = fn () => Table::until(fn () => str_starts_with((string) $table->still('return `${window.asked} ${document.fonts.status} ${document.body.innerText}`', apart: 250), '0 loaded'), 'the page to ask for nothing more');
    try {
        $drawing = collect($table->shelf())->firstWhere('title', $title);
        $table->go(str_replace('ID', $drawing['id'], $path));
        $table->see('body', '⟦');
        $still();
        $table->script('document.querySelectorAll("details:not([open]) > summary").forEach((e) => e.click())');
        $still();
        $catalogue = json_decode((string) file_get_contents($table->address('/api/catalogue')), true);
        $answer = json_decode((string) file_get_contents($table->address("/api/drawings/{$drawing['id']}")), true);
        $here = $answer['workings']['choices'];
        $kept = json_decode((string) file_get_contents($table->address('/api/keepsakes')), true);
        // What the history calls a step was said when it was made; months and halves of the day are the browser's to say.
        $known = ['AM', 'PM', ...array_map(fn (int $month): string => date('M', (int) mktime(0, 0, 0, $month, 1)), range(1, 12)), (string) $answer['undo'], (string) $answer['redo'], ...array_column($table->shelf(), 'title'), ...array_column([...$here['points'], ...$here['spans'], ...$here['things']], 'name'), ...array_column($catalogue['sheets'], 'name'), ...array_column($kept, 'name'), ...array_column(json_decode((string) file_get_contents($table->address('/api/printers?unit=in')), true), 'name')];
        // What is laid out by the room there is may take a moment more on a busy machine; what has none stays without.
        for ($try = 0; $try < 20 && $table->script(CLIPPED) !== []; $try++) {
            usleep(250_000);
        }
        expect(['bare' => $table->script(BARE, [$known]), 'clipped' => $table->script(CLIPPED)])->toBe(['bare' => [], 'clipped' => []]);
    } finally {
        $table->devtools('Page.removeScriptToEvaluateOnNewDocument', $counting);
        $table->devtools('Emulation.setUserAgentOverride', ['userAgent' => $agent, 'acceptLanguage' => 'en-US,en']);
    }
})->with([
    ...array_map(fn (string $path): array => ['Potting bench, late morning', $path], ['/', ...array_map(fn (string $page): string => "/drawing/ID/{$page}", ['photo', 'paper', 'fit', 'grid', 'marks', 'copy', 'check', 'tone', 'finish', 'print', 'log', 'marks/paper', 'marks/photo', 'marks/folded']), '/settings', '/nowhere']),
    // Another way to agree, another school, in inches.
    ...array_map(fn (string $page): array => ['Jug on the sill', "/drawing/ID/{$page}"], ['fit', 'grid', 'marks']),
]);
