<?php

use Symfony\Component\Process\Process;

/*
 * A grid type, a sheet standard, a printable sheet, a crop action, a rung: one new file and one line. Each is added to a
 * copy of the house by those means alone, and then it is there.
 */

/** The house once more, in a folder of its own. */
function copiedHouse(): string
{
    $house = sys_get_temp_dir().'/house-'.bin2hex(random_bytes(6));
    mkdir($house);
    foreach (['app', 'core', 'lang', 'bootstrap', 'config', 'routes', 'artisan', 'composer.json', 'resources', 'package.json', 'tsconfig.json', 'vite.config.ts', 'public'] as $part) {
        (new Process(['cp', '-r', base_path($part), $house]))->mustRun();
    }
    foreach (['vendor', 'node_modules', '.tools'] as $part) {
        file_exists(base_path($part)) && symlink(base_path($part), "{$house}/{$part}");
    }
    mkdir("{$house}/storage/framework/cache", 0o755, true);

    return $house;
}

/** One new file, and one line put after another. */
function addTo(string $house, string $file, string $words, string $list, string $after, string $line): void
{
    is_dir(dirname("{$house}/{$file}")) || mkdir(dirname("{$house}/{$file}"), 0o755, true);
    file_put_contents("{$house}/{$file}", $words);
    $lines = explode("\n", (string) file_get_contents("{$house}/{$list}"));
    $at = array_keys(array_filter($lines, fn (string $one) => str_contains($one, $after)))[0] ?? throw new RuntimeException("“{$after}” is not in {$list}.");
    array_splice($lines, $at + 1, 0, $line);
    file_put_contents("{$house}/{$list}", implode("\n", $lines));
}

/** What a piece of PHP answers in that house, with all of it loaded. */
function askHouse(string $house, string $code): mixed
{
    // The classes are the copy's own, not those of the house that vendor belongs to.
    $boot = <<<'PHP'
        $loader = require 'vendor/autoload.php';
        $loader->setPsr4('App\\', [getcwd().'/app']);
        $loader->setPsr4('InchLadder\\', [getcwd().'/core']);
        $loader->setClassMapAuthoritative(false);
        (fn () => $this->classMap = array_filter($this->classMap, fn ($class) => ! str_starts_with($class, 'App\\') && ! str_starts_with($class, 'InchLadder\\'), ARRAY_FILTER_USE_KEY))->call($loader);
        $app = require 'bootstrap/app.php';
        $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
        $ask = fn (string $method, string $path, array $body = []) => json_decode($app->make(Illuminate\Contracts\Http\Kernel::class)->handle(Illuminate\Http\Request::create($path, $method, server: ['HTTP_HOST' => '127.0.0.1', 'HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'], content: json_encode($body)))->getContent(), true);
        PHP;
    $process = new Process(['php', '-r', "{$boot}\necho json_encode((function () use (\$ask) { {$code} })());"], $house, ['INCH_DATA' => "{$house}/storage", 'APP_ENV' => 'testing', 'APP_BASE_PATH' => $house]);

    return json_decode($process->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR);
}

const ASKED_OF_HOUSE = "['choices' => ['photo' => ['kind' => 'print', 'width' => '5 in', 'height' => '7 in'], 'fit' => ['way' => 'crop'], 'grid' => ['school' => 'fifths']], 'wide' => 500, 'high' => 700]";

it('takes a new grid type', function () {
    $house = copiedHouse();
    addTo($house, 'core/Grid/Schools/Fifths.php', <<<'PHP'
        <?php

        declare(strict_types=1);

        namespace InchLadder\Grid\Schools;

        use InchLadder\Grid\Cells;
        use InchLadder\Grid\Grid;
        use InchLadder\Grid\School;
        use InchLadder\Grid\SchoolMeasures;
        use InchLadder\Measure\Size;

        final readonly class Fifths implements School
        {
            public static function key(): string
            {
                return 'fifths';
            }

            public static function from(SchoolMeasures $measures): self
            {
                return new self;
            }

            public function over(Size $area, ?Size $print): Grid
            {
                return Grid::even(Cells::of(5, 5));
            }
        }
        PHP, 'core/Grid/SchoolCatalogue.php', 'OwnLines::class,', '        Schools\Fifths::class,');
    [$workings, $schools, $catalogue, $described] = askHouse($house, 'return [$ask("POST", "/api/workings", '.ASKED_OF_HOUSE.'), $ask("POST", "/api/schools", '.ASKED_OF_HOUSE.'), $ask("GET", "/api/catalogue"), json_decode(App\Wire\Description::json(), true)];');
    expect([$workings['grid']['columns'], $workings['grid']['rows'], $workings['choices']['grid']['school']])->toBe([5, 5, 'fifths'])
        ->and(array_column($schools, 'cells', 'school')['fifths'])->toBe(25)
        ->and(end($catalogue['schools']))->toBe(['key' => 'fifths', 'name' => 'Fifths'])
        ->and($described['components']['schemas']['GridChoice']['properties']['school']['enum'])->toContain('fifths');
});

it('takes a new standard of sheets', function () {
    $house = copiedHouse();
    addTo($house, 'core/Paper/Standards/ScrollPapers.php', <<<'PHP'
        <?php

        declare(strict_types=1);

        namespace InchLadder\Paper\Standards;

        use InchLadder\Measure\Size;
        use InchLadder\Measure\Unit;
        use InchLadder\Paper\Sheet;
        use InchLadder\Paper\Standard;

        final readonly class ScrollPapers implements Standard
        {
            public function sheets(): array
            {
                return [new Sheet('scroll', 'Scroll', Size::inches(9, 40), Unit::Inch, 'made up')];
            }
        }
        PHP, 'core/Paper/Catalogue.php', 'private const STANDARDS', '        // and one more');
    $list = (string) file_get_contents("{$house}/core/Paper/Catalogue.php");
    file_put_contents("{$house}/core/Paper/Catalogue.php", str_replace(['        // and one more', 'STANDARDS = ['], ['', 'STANDARDS = [Standards\ScrollPapers::class, '], $list));
    expect(array_column(askHouse($house, 'return $ask("GET", "/api/catalogue")["sheets"];'), 'height', 'key')['scroll'])->toBe('40 in');
});

it('takes a new sheet to print', function () {
    $house = copiedHouse();
    addTo($house, 'app/Printing/Sheets/EmptyPage.php', <<<'PHP'
        <?php

        declare(strict_types=1);

        namespace App\Printing\Sheets;

        use App\Models\Drawing;
        use App\Printing\PageBuilder;
        use App\Printing\Pages;
        use App\Printing\PrintableSheet;
        use App\Printing\PrintOptions;

        final readonly class EmptyPage implements PrintableSheet
        {
            public static function key(): string
            {
                return 'empty';
            }

            public function takes(): array
            {
                return ['own'];
            }

            public function isRuledFrom(): bool
            {
                return false;
            }

            public function pages(Drawing $drawing, PrintOptions $options): Pages
            {
                throw new \LogicException('Not asked for here.');
            }
        }
        PHP, 'app/Printing/PrintableSheets.php', 'CalibrationPage::class,', '        Sheets\EmptyPage::class,');
    expect(askHouse($house, 'return [App\Printing\PrintableSheets::named("empty")->takes(), $ask("GET", "/api/catalogue")["printed"]];'))
        ->sequence(fn ($takes) => $takes->toBe(['own']), fn ($printed) => $printed->toContain(['key' => 'empty', 'name' => 'Empty', 'what' => '', 'takes' => ['own']]));
});

it('takes a new crop action', function () {
    $house = copiedHouse();
    addTo($house, 'app/Adjusting/HalveCrop.php', <<<'PHP'
        <?php

        declare(strict_types=1);

        namespace App\Adjusting;

        use App\Documents\ChoicesReader;

        final readonly class HalveCrop implements Adjustment
        {
            public function apply(ChoicesReader $read, array $how): Adjusted
            {
                return new Adjusted(['fit' => ['size' => '1/2']], 'Half as large.');
            }
        }
        PHP, 'app/Adjusting/Adjustments.php', "'turn' => TurnPhoto::class", "        'halve' => HalveCrop::class,");
    $asked = str_replace("'grid' => ['school' => 'fifths']", "'grid' => []", ASKED_OF_HOUSE);
    [$adjusted, $described] = askHouse($house, 'return [$ask("POST", "/api/adjust", [...'.$asked.', "act" => "halve", "how" => []]), json_decode(App\Wire\Description::json(), true)];');
    expect($adjusted['said'])->toBe('Half as large.')->and($adjusted['choices']['fit']['size'])->toBe('1/2')
        ->and($described['components']['schemas']['AdjustRequest']['properties']['act']['enum'])->toContain('halve');
});

it('takes a new rung', function () {
    $house = copiedHouse();
    addTo($house, 'resources/js/rungs/weigh/WeighRung.vue', <<<'VUE'
        <script setup lang="ts">
        import type { Choices, Drawing, Workings } from '@/api/types'

        defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
        </script>

        <template>
          <h2>Weigh the sheet in the hand</h2>
        </template>
        VUE, 'resources/js/rungs/rungs.ts', "key: 'tone'", "  { key: 'weigh', boards: { focus: 'paper', wholePhoto: false, grid: true } },");
    $labels = json_decode((string) file_get_contents("{$house}/resources/js/lang/en.json"), true);
    file_put_contents("{$house}/resources/js/lang/en.json", json_encode(array_replace_recursive($labels, ['rung' => ['weigh' => 'Weigh'], 'next' => ['weigh' => 'Weigh it.']])));
    $run = fn (string ...$command) => (new Process($command, $house, timeout: 240))->mustRun();
    $run('npx', 'vite', 'build');
    $made = implode('', array_map('file_get_contents', glob("{$house}/public/build/assets/*.js")));
    expect($made)->toContain('Weigh the sheet in the hand', 'Weigh it.');
});
