<?php

use App\Printing\PrintableSheets;
use App\Wording\Say;
use InchLadder\Copying\Side;
use InchLadder\Copying\Start;
use InchLadder\Finish\Medium;
use InchLadder\Finish\Task;
use InchLadder\Fit\Stretched;
use InchLadder\Fit\Way;
use InchLadder\Grid\LineColour;
use InchLadder\Grid\SchoolCatalogue;

/** @return list<string> every key of a lang file, down to its last sentence */
function keysIn(array $words, string $under): array
{
    return array_merge(...array_map(fn ($key, $said) => is_array($said) ? keysIn($said, "{$under}.{$key}") : ["{$under}.{$key}"], array_keys($words), $words));
}

it('has words for everything that can be chosen or found', function (string $under, array $keys, array $of) {
    $said = array_map(fn (string $key) => array_map(fn (string $what) => Say::ifAny(rtrim("{$under}.{$key}.{$what}", '.')), $of), $keys);
    foreach ($said as $i => $words) {
        expect($words)->each->toBeString($keys[$i]);
    }
    // Each has words of its own.
    expect(array_unique(array_map(fn (array $words) => implode(' ', $words), $said)))->toHaveCount(count($keys));
})->with([
    'schools' => ['schools', SchoolCatalogue::keys(), ['name', 'for', 'against']],
    'printed sheets' => ['sheets', PrintableSheets::keys(), ['name', 'what']],
    'ways through the cells' => ['copying.start', array_column(Start::cases(), 'value'), ['name', 'why']],
    'ways to agree' => ['phrases.way', array_column(Way::cases(), 'value'), ['']],
    'stretches' => ['phrases.stretched', array_column(Stretched::cases(), 'value'), ['']],
    'line colours' => ['phrases.colour', array_column(LineColour::cases(), 'value'), ['']],
    'sides' => ['copying.side', array_column(Side::cases(), 'value'), ['']],
    'what must be taken off before' => ['finish.before', array_column(Medium::cases(), 'value'), ['']],
    'reasons of tasks' => ['finish.why', array_values(array_diff(array_column(Task::cases(), 'value'), ['guides'])), ['']],
]);

it('says nothing that nobody asks for', function () {
    $code = '';
    foreach (['app', 'resources/js'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder), FilesystemIterator::SKIP_DOTS)) as $file) {
            $code .= file_get_contents((string) $file);
        }
    }
    $unasked = [];
    foreach (glob(base_path('lang/en/*.php')) as $file) {
        foreach (keysIn(require $file, basename($file, '.php')) as $key) {
            // The key itself, or one of which only the last part or two are put in.
            $parts = explode('.', $key);
            $asked = array_filter(range(1, count($parts)), fn (int $of) => str_contains($code, implode('.', array_slice($parts, 0, $of)).($of < count($parts) ? '.' : "'")));
            $asked === [] && $unasked[] = $key;
        }
    }
    expect($unasked)->toBe([]);
});

it('keeps English out of the rules: no sentence in core but in exceptions and sources', function () {
    $spoken = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path('core'), FilesystemIterator::SKIP_DOTS)) as $file) {
        $source = (string) file_get_contents((string) $file);
        if (str_contains((string) $file, '/Paper/Standards/') || preg_match('/class \w+ extends Impossible/', $source)) {
            continue;
        }
        $tokens = PhpToken::tokenize($source);
        foreach ($tokens as $i => $token) {
            $inEnum = preg_match('/\bcase \w+\s*=\s*$/', implode('', array_map(fn (PhpToken $before) => $before->text, array_slice($tokens, max(0, $i - 6), min(6, $i)))));
            $thrown = str_contains(explode("\n", $source)[$token->line - 1], 'throw new');
            if ($token->is([T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE]) && ! $inEnum && ! $thrown && preg_match('/\p{L}{2,}[^:]* [^:]*\p{L}{2,}/u', $token->text)) {
                $spoken[] = basename((string) $file).': '.$token->text;
            }
        }
    }
    expect($spoken)->toBe([]);
});
