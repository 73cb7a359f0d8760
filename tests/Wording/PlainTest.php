<?php

/*
 * Every English string, of the screens and of the server, as chapter 10 of the design wants it: one thought a sentence, one
 * word for one thing, and nothing left over where a word was changed.
 */

/** Words that were let go, and the one that is said instead. */
const LET_GO = [
    'rungs?' => 'step', 'shelf' => 'My drawings', 'schools?' => 'grid type', 'mesh' => 'grid', 'graduations?' => 'ruler division',
    'zero corner' => 'start corner', 'upright' => 'vertical, portrait', 'sideways' => 'landscape', 'inset' => 'whole photo', 'shots?' => 'drawing photo',
    'rehearse' => 'try', 'masses' => 'big shapes', 'gaps?' => 'space, negative space', 'tone bar' => 'tone scale', 'doubtful' => 'flagged',
    'trial sheet' => 'practice sheet', 'good sheet' => 'final sheet', 'carry over' => 'transfer', 'restate' => 'redraw', 'cherish' => 'want to keep clean',
    'last list' => 'finishing checklist', 'common practice' => 'rule of thumb', 'take off' => 'disconnect, erase', 'let in' => 'connect', 'lamp' => 'dark',
    'never mind' => 'cancel', 'lay it down' => 'cancel', 'put away' => 'dismiss', 'let (?:it|them) go' => 'release', 'of its own' => 'its own',
];

/** These name what is typed: values of the interface for scripts, which stay. */
const TYPED = ['adjusting.way', 'comparing.points unreadable'];

const MOST_WORDS = 20;

/** @return array<string, string> every string by where it is found, each placeholder one `x` */
function plainStrings(): array
{
    $flat = function (array $words, string $under) use (&$flat): array {
        return array_merge(...array_values(array_map(fn ($said, $key) => is_array($said) ? $flat($said, "{$under}.{$key}") : ["{$under}.{$key}" => $said], $words, array_keys($words))));
    };
    $server = array_map(fn (string $file): array => $flat(require $file, basename($file, '.php')), glob(lang_path('en/*.php')) ?: []);
    $screens = $flat(json_decode((string) file_get_contents(resource_path('js/lang/en.json')), true), 'screens');

    return array_map(fn (string $said): string => (string) preg_replace('/\{\w*\}|:[A-Za-z_]+/', 'x', $said), array_merge($screens, ...$server));
}

/** @return list<string> */
function plainSentences(string $said): array
{
    return preg_split('/(?<=[.!?])\s+|\|/', $said) ?: [];
}

it('has no semicolon, no sentence of more than twenty words, and no word that was let go', function () {
    $faults = [];
    foreach (plainStrings() as $where => $said) {
        str_contains($said, ';') && $faults[] = "{$where}: a semicolon in “{$said}”";
        foreach (plainSentences($said) as $sentence) {
            $count = count(preg_split('/\s+/', trim($sentence)) ?: []);
            $count > MOST_WORDS && $faults[] = "{$where}: {$count} words in “{$sentence}”";
        }
        foreach (in_array($where, TYPED, true) ? [] : LET_GO as $word => $instead) {
            preg_match("/\\b{$word}\\b/i", $said) === 1 && $faults[] = "{$where}: “{$word}”, where {$instead} is said, in “{$said}”";
        }
    }
    expect($faults)->toBe([]);
});

it('is whole where a word was changed: no blank before a stop, no article that does not fit, no name of a command begun large', function () {
    $faults = array_filter(plainStrings(), fn (string $said): bool => preg_match('/ [.,](?!\w|\/)|  |\b[Aa]n (?![AFHLMNRSX]\b|hour)[bcdfgjklmnpqrstvwyz]|\b[Aa] (?!and\b)[aeio]\w|Inch:/', $said) === 1);
    expect($faults)->toBe([]);
});
