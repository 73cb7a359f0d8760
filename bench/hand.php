<?php

declare(strict_types=1);

use App\Documents\ChoicesReader;
use App\Imaging\PhotoStore;
use App\Imaging\ShotPixels;
use App\Models\Drawing;
use App\Shots\SecondOpinion;
use App\Shots\SheetNotFound;
use Bench\Bench;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use InchLadder\Compare\Cause;
use InchLadder\Compare\Motion;
use Symfony\Component\Process\Process;

/*
 * The second opinion on drawings that no code of ours drew (tests/hand/draw.py): how often it sends a hand to mend what is
 * right, and how true what it calls sure is. Pictures that figures were chosen on are in tune.json, others in report.json.
 *
 *   ./bin/bench hand [report | tune] [COUNT]
 */
require __DIR__.'/../tests/bootstrap.php';
require __DIR__.'/Bench.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
config(['inch.data' => getenv('INCH_DATA'), 'filesystems.disks.local.root' => getenv('INCH_DATA'), 'database.default' => 'sqlite', 'database.connections.sqlite.database' => ':memory:']);
Artisan::call('migrate', ['--force' => true]);

[$set, $count] = [$argv[1] ?? 'report', (int) ($argv[2] ?? 60)];
$folder = getenv('INCH_HANDS') ?: sys_get_temp_dir().'/inch-ladder-hands-'.getmypid();
if (! is_dir($folder)) {
    mkdir($folder);
    (new Process(['/usr/bin/python3', 'tests/hand/draw.py', "tests/hand/{$set}.json", $folder, '0', (string) $count], base_path(), null, null, 3600))->mustRun();
}

/** What was done to the whole, or to one object, as it is told. @param  array<string, float>  $how */
$motion = static function (array $how, float $x, float $y): Motion {
    $turn = deg2rad($how['turn']);
    [$cos, $sin] = [(1 + $how['size'] / 100) * cos($turn), (1 + $how['size'] / 100) * sin($turn)];
    $at = static fn (float $u, float $v): array => [$x + $how['right'] + $cos * ($u - $x) - $sin * ($v - $y), $y + $how['down'] + $sin * ($u - $x) + $cos * ($v - $y)];

    return Motion::similarity([[$x, $y], [$x + 50, $y], [$x, $y + 50]], [$at($x, $y), $at($x + 50, $y), $at($x, $y + 50)]);
};

$store = app(PhotoStore::class);
$second = app(SecondOpinion::class);
[$faithful, $mended, $enough, $sure, $wrong, $objects, $named, $moved, $wholes, $recovered, $lost] = array_fill(0, 11, 0);
$photos = [];
$took = [];
for ($seed = 0; $seed < $count && is_file("{$folder}/{$seed}.json"); $seed++) {
    $truth = json_decode((string) file_get_contents("{$folder}/{$seed}.json"), true);
    $file = str_contains($truth['file'], '/') ? base_path($truth['file']) : trim((string) shell_exec('/usr/bin/python3 -c "import os, skimage; print(skimage.data_dir)"')).'/'.$truth['file'];
    $photo = $photos[$file] ??= $store->take($file);
    [$wide, $high] = $truth['area_mm'];
    $mm = static fn (float $length): string => round($length, 4).' mm';
    $things = [];
    foreach ($truth['defined'] as $name => [$x, $y, $rx, $ry]) {
        $things[] = ['name' => $name, 'boxed' => false, 'outline' => implode(', ', array_map(static fn (int $i): string => sprintf('%.4F %.4F', $x + $rx * cos($i * M_PI / 12), $y + $ry * sin($i * M_PI / 12)), range(0, 23)))];
    }
    $m = $truth['margin_mm'];
    $drawing = Drawing::begin($photo, ChoicesReader::read([
        'title' => 'hand', 'unit' => 'cm', 'ruler' => '1 mm', 'photo' => ['kind' => 'screen'],
        'paper' => ['sheet' => null, 'width' => $mm($wide + 2 * $m), 'height' => $mm($high + 2 * $m), 'margins' => array_fill_keys(['top', 'right', 'bottom', 'left'], $mm($m))],
        'fit' => ['way' => 'stretch'], 'grid' => ['school' => 'proportional', 'columns' => $truth['columns'], 'rows' => $truth['rows']], 'things' => $things,
    ], $photo->width, $photo->height)->json);
    $plan = $drawing->plan();
    $from = microtime(true);
    try {
        $shot = ShotPixels::of(new Imagick("{$folder}/{$seed}.jpg"));
        $opinion = $second->judge($plan, $photo, $second->prepare($plan, $photo, $shot, $truth['area']), []);
    } catch (SheetNotFound) {
        $lost++;

        continue;
    }
    $took[] = microtime(true) - $from;
    $verdict = $opinion->verdict;
    $whole = $motion($truth['whole'], $wide / 2, $high / 2);
    [$bad, $sures] = [[], 0];
    foreach ($verdict->points as $one) {
        if (! $one->measured->sure) {
            continue;
        }
        $sures++;
        [$x, $y] = [$one->measured->x, $one->measured->y];
        [$u, $v] = $whole->apply($x, $y);
        foreach ($truth['objects'] as $name => $how) {
            [$ox, $oy] = $truth['defined'][$name];
            if (str_starts_with($one->measured->name, "{$name}, ") || ! str_contains($one->measured->name, ', ') && ($one->measured->things[0] ?? null) === $name) {
                [$u, $v] = $motion($how, $ox * $wide, $oy * $high)->apply($x, $y);
            }
        }
        $off = hypot($one->measured->outX - $u, $one->measured->outY - $v);
        $off > 1.5 && $bad[] = sprintf('%s %.1f', $one->measured->name, $off);
    }
    $sure += $sures;
    $wrong += count($bad);
    $first = implode(', ', array_map(static fn ($one): string => $one->measured->name, $verdict->first));
    if ($truth['kind'] === 'faithful') {
        $faithful++;
        $mended += $verdict->cause !== Cause::None ? 1 : 0;
        $enough += $verdict->cause === Cause::None && $verdict->leaveAlone() !== [] ? 1 : 0;
    } elseif ($truth['kind'] === 'object') {
        $moved++;
        $name = array_key_first($truth['objects']);
        $named += $verdict->cause !== Cause::None && str_contains($verdict->groups[0]->thing ?? $first, (string) $name) ? 1 : 0;
    } else {
        $wholes++;
        [$right, $down] = $verdict->whole->motion->at($wide / 2, $high / 2);
        $recovered += hypot($right - $truth['whole']['right'], $down - $truth['whole']['down']) <= 0.7 && abs($verdict->whole->motion->turn() - $truth['whole']['turn']) <= 0.3 && abs(100 * ($verdict->whole->motion->size() - 1) - $truth['whole']['size']) <= 0.5 ? 1 : 0;
    }
    getenv('SAY') && printf("%2d %-8s %-8s %s%s %d sure, wrong: %s | %s %s\n", $seed, $truth['kind'], $truth['manner'], $truth['grid'] ? 'g' : '-', $truth['half'] ? 'h' : '-', $sures, implode('; ', $bad), $verdict->cause->name, mb_strimwidth($first, 0, 60));
}
$bench = new Bench;
$percent = static fn (int $some, int $all): string => sprintf('%.1f %%', $all === 0 ? 0 : 100 * $some / $all);
$bench->say('faithful drawings sent to mend something', $percent($mended, $faithful), '≤ 3 %', $mended <= 0.03 * $faithful, "{$faithful} drawings");
$bench->say('faithful drawings left alone, with places to go by', $percent($enough, $faithful), '≥ 90 %', $enough >= 0.9 * $faithful);
$bench->say('places called sure that are wrong by more than 1.5 mm', $percent($wrong, $sure), '≤ 3 %', $wrong <= 0.03 * $sure, "{$sure} places");
$bench->say('moved objects named first', $percent($named, $moved), '≥ 90 %', $named >= 0.9 * $moved, "{$moved} drawings");
$bench->say('the whole recovered to 0.7 mm, 0.3°, 0.5 %', $percent($recovered, $wholes), '≥ 90 %', $recovered >= 0.9 * $wholes, "{$wholes} drawings");
$bench->say('seconds from shot to verdict', sprintf('%.2f', Bench::quantile($took, 0.5)), '≤ 3', Bench::quantile($took, 0.5) <= 3, "{$lost} without a sheet");
exit($bench->allMet() ? 0 : 1);
