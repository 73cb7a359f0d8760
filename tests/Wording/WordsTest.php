<?php

use App\Printing\PrintableSheets;
use App\Wording\Say;
use InchLadder\Colour\Hue;
use InchLadder\Colour\Layer;
use InchLadder\Colour\Likeness;
use InchLadder\Copying\Side;
use InchLadder\Copying\Start;
use InchLadder\Finish\Medium;
use InchLadder\Finish\Task;
use InchLadder\Finish\Transfer;
use InchLadder\Fit\Stretched;
use InchLadder\Fit\Way;
use InchLadder\Grid\Corner;
use InchLadder\Grid\LineColour;
use InchLadder\Grid\Overlay;
use InchLadder\Grid\Remainder;
use InchLadder\Grid\SchoolCatalogue;
use InchLadder\Layout\RegionUse;
use InchLadder\Marks\EndUse;
use InchLadder\Paper\Colour;
use InchLadder\Paper\Profile;
use InchLadder\Paper\SetUp;
use InchLadder\Paper\Shape;
use InchLadder\Paper\Surface;
use InchLadder\Photo\Subject;

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
    'what must be taken off before' => ['finish.before', array_column(array_filter(Medium::cases(), static fn (Medium $medium): bool => $medium->goesOver()), 'value'), ['']],
    'before what it is taken off' => ['finish.off.before medium', array_column(array_filter(Medium::cases(), static fn (Medium $medium): bool => $medium->goesOver()), 'value'), ['']],
    'reasons of tasks' => ['finish.why', array_values(array_diff(array_column(Task::cases(), 'value'), ['guides', 'carry', 'before', 'over', 'whites'])), ['']],
    'what tasks are called' => ['finish.title', array_values(array_diff(array_column(Task::cases(), 'value'), ['over'])), ['']],
    'ways to carry a study over' => ['finish.way', ['none', ...array_column(Transfer::cases(), 'value')], ['name', 'why']],
    'steps of them' => ['finish.step', array_values(array_unique(array_merge(...array_map(static fn (Transfer $way): array => $way->steps(), Transfer::cases())))), ['']],
    'what is seen to before' => ['paper.setup', array_column(SetUp::cases(), 'value'), ['what', 'why']],
    'what a surface stands' => ['paper.apart', array_values(array_unique(array_map(static fn (array $of): string => (new Profile(...$of))->reason(), array_merge(...array_map(static fn (Surface $one): array => [[$one, false], [$one, true]], Surface::cases()))))), ['']],
    'hues' => ['colours.hue', array_column(Hue::cases(), 'value'), ['']],
    'layers' => ['colours.layer', array_column(Layer::cases(), 'value'), ['']],
    'likenesses' => ['colours.likeness', array_column(Likeness::cases(), 'value'), ['']],
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

it('keeps English out of the rules: no sentence in core but where a standard names its source', function () {
    $spoken = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path('core'), FilesystemIterator::SKIP_DOTS)) as $file) {
        $source = (string) file_get_contents((string) $file);
        if (str_contains((string) $file, '/Paper/Standards/')) {
            continue;
        }
        // Why something cannot be is said in a word or two, which is a key in lang.
        $isReason = fn (string $text): bool => str_contains($source, 'extends Impossible') && preg_match('/^.?[\p{Ll} ]+.?$/u', $text) === 1;
        $tokens = PhpToken::tokenize($source);
        foreach ($tokens as $i => $token) {
            $inEnum = preg_match('/\bcase \w+\s*=\s*$/', implode('', array_map(fn (PhpToken $before) => $before->text, array_slice($tokens, max(0, $i - 6), min(6, $i)))));
            $thrown = str_contains(explode("\n", $source)[$token->line - 1], 'throw new');
            if ($token->is([T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE]) && ! $inEnum && ! $thrown && ! $isReason($token->text) && preg_match('/\p{L}{2,}[^:]* [^:]*\p{L}{2,}/u', $token->text)) {
                $spoken[] = basename((string) $file).': '.$token->text;
            }
        }
    }
    expect($spoken)->toBe([]);
});

it('has every sentence that is asked for', function () {
    $rooms = implode('|', array_map(fn (string $path): string => basename($path, '.php'), glob(base_path('lang/en/*.php')) ?: []));
    $has = array_merge(...array_map(fn (string $path): array => keysIn(require $path, basename($path, '.php')), glob(base_path('lang/en/*.php')) ?: []));
    $missing = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path('app'), FilesystemIterator::SKIP_DOTS)) as $file) {
        preg_match_all("/Say::\w+\(\s*(?:'((?:{$rooms})\.[^']*)'|\"((?:{$rooms})\.[^\"]*)\")/u", (string) file_get_contents((string) $file), $found);
        foreach (array_filter([...$found[1], ...$found[2]]) as $key) {
            // What is found out as it runs matches anything.
            $pattern = '/^'.implode('.*', array_map(fn (string $part): string => preg_quote($part, '/'), preg_split('/\{[^}]*\}/', $key) ?: [])).'/u';
            preg_grep($pattern, $has) === [] && $missing[] = basename((string) $file).": {$key}";
        }
    }
    expect($missing)->toBe([])->and(count($has))->toBeGreaterThan(600);
});

it('has a sentence for every reason why something cannot be, with every fact it names', function () {
    $checked = 0;
    foreach (['core', 'app'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder), FilesystemIterator::SKIP_DOTS)) as $file) {
            $source = (string) file_get_contents((string) $file);
            if (preg_match('/class (\w+) extends Impossible/', $source, $class) !== 1 && preg_match('/class (StorageFailed) /', $source, $class) !== 1) {
                continue;
            }
            preg_match_all('/new self\((.*?)(?:, \[(.*)\])?\)[;,]/', $source, $made, PREG_SET_ORDER);
            foreach ($made as $one) {
                // `'a'`, `$so ? 'a' : 'b'`, `"a {$which}"`
                preg_match_all('/[\'"]([^\'"{]+)/', preg_replace('/\? (\'[^\']*\') : (\'[^\']*\')/', '$1$2', $one[1]) ?? '', $reasons);
                foreach (array_filter($reasons[1], fn (string $reason): bool => preg_match('/^\p{L}/u', $reason) === 1) as $reason) {
                    $said = array_filter((array) Say::all("impossible.{$class[1]}"), fn (string $key): bool => str_starts_with($key, rtrim($reason)), ARRAY_FILTER_USE_KEY);
                    expect($said)->not->toBe([], "{$class[1]}: {$reason}");
                    foreach ($said as $sentence) {
                        preg_match_all('/(?<!\w):([a-z]+)/', $sentence, $names);
                        foreach ($names[1] as $name) {
                            expect(str_contains($one[2] ?? '', "'{$name}' =>"))->toBeTrue("{$class[1]}: {$sentence}");
                        }
                        $checked++;
                    }
                }
            }
        }
    }
    expect($checked)->toBeGreaterThan(60);
});

it('has a label on the screens for every choice that is offered under its own name', function (string $enum) {
    $labels = json_decode((string) file_get_contents(resource_path('js/lang/en.json')), true)['choice'];
    expect(array_values(array_diff(array_column($enum::cases(), 'value'), array_keys($labels))))->toBe([]);
})->with([Medium::class, Shape::class, Colour::class, Subject::class, RegionUse::class, Remainder::class, Overlay::class, Corner::class, Surface::class, EndUse::class]);

it('has a name for every part of a document, for a step that changed it', function () {
    $parts = array_keys(Illuminate\Support\Arr::except(App\Documents\ChoicesReader::DEFAULTS, 'format'));
    expect(array_keys(Say::all('choices.part')))->toEqualCanonicalizing($parts)
        ->and(App\Wording\Phrases::step('fit, spans'))->toBe('the fit and the lengths')
        ->and(App\Wording\Phrases::step('C2 copied'))->toBe('C2 copied')
        ->and(App\Wording\Phrases::step(null))->toBeNull();
});

it('asks for a sentence that has forms for one and for many by the count', function () {
    $lists = [];
    foreach (glob(lang_path('en/*.php')) as $list) {
        $lists = [...$lists, ...Illuminate\Support\Arr::dot([basename($list, '.php') => require $list])];
    }
    $counted = array_keys(array_filter($lists, fn (mixed $text): bool => is_string($text) && preg_match('/\|\[\d|\{\d+\} /', $text) === 1));
    $asked = '';
    foreach (Illuminate\Support\Facades\File::allFiles(app_path()) as $file) {
        $asked .= $file->getContents();
    }
    expect($counted)->not->toBe([]);
    foreach ($counted as $key) {
        expect(str_contains($asked, "Say::it('{$key}'"))->toBeFalse("{$key} is asked for without its count");
    }
});

it('explains each step in three sentences', function () {
    $explained = json_decode((string) file_get_contents(resource_path('js/lang/en.json')), true)['explained'];
    $steps = ['photo', 'paper', 'fit', 'grid', 'marks', 'copy', 'check', 'tone', 'finish'];
    expect(array_keys($explained))->toBe(['ask', ...$steps])
        ->and(array_map(fn (string $step): int => count(preg_split('/(?<=\.)\s/', $explained[$step])), $steps))->toBe(array_fill(0, count($steps), 3));
});
