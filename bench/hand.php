<?php

declare(strict_types=1);

use App\Documents\ChoicesReader;
use App\Imaging\PhotoStore;
use App\Imaging\ShotPixels;
use App\Models\Drawing;
use App\Models\Photo;
use App\Shots\SecondOpinion;
use App\Shots\SheetNotFound;
use Bench\Bench;
use Illuminate\Support\Facades\Artisan;
use InchLadder\Compare\Cause;
use InchLadder\Compare\Judged;
use InchLadder\Compare\Verdict;
use Symfony\Component\Process\Process;

/*
 * The second opinion on drawings that no code of ours drew (tests/hand/draw.py): how often it sends a hand to mend what is
 * right, and how true what it calls sure is. Pictures that figures were chosen on are in tune.json, others in report.json.
 * With SAY=1 each drawing is told of by itself.
 *
 *   ./bin/bench hand [report | tune] [COUNT]
 */
require __DIR__.'/boot.php';
config([
    'filesystems.disks.local.root' => getenv('INCH_DATA'),
    'database.default' => 'sqlite',
    'database.connections.sqlite.database' => ':memory:',
]);
Artisan::call('migrate', ['--force' => true]);

/** Mm by which a place that is called sure may be off. */
const TRUE_TO = 1.5;

/**
 * @param  list<string>  $words
 * @return string what it printed
 */
function python(array $words): string
{
    return trim((new Process(['/usr/bin/python3', ...$words], base_path(), timeout: 3600))->mustRun()->getOutput());
}

/**
 * Where a place came out that was moved, turned and sized about another; by sums of its own.
 *
 * @param  array<string, float>  $how  right, down, turn, size, as draw.py writes them
 * @param  array{float, float}  $middle
 * @return array{float, float}
 */
function cameOut(array $how, array $middle, float $x, float $y): array
{
    $size = 1 + $how['size'] / 100;
    $cos = $size * cos($how['turn'] * M_PI / 180);
    $sin = $size * sin($how['turn'] * M_PI / 180);
    [$u, $v] = [$x - $middle[0], $y - $middle[1]];

    return [$middle[0] + $how['right'] + $cos * $u - $sin * $v, $middle[1] + $how['down'] + $sin * $u + $cos * $v];
}

/** @param  array<string, mixed>  $truth */
function drawingOf(Photo $photo, array $truth): Drawing
{
    $mm = static fn (float $length): string => round($length, 4).' mm';
    [[$wide, $high], $margin] = [$truth['area_mm'], $truth['margin_mm']];
    $things = [];
    foreach ($truth['defined'] as $name => [$x, $y, $across, $down]) {
        $at = static fn (int $i): string => sprintf('%.4F %.4F', $x + $across * cos($i * M_PI / 12), $y + $down * sin($i * M_PI / 12));
        $things[] = ['name' => $name, 'boxed' => false, 'outline' => implode(', ', array_map($at, range(0, 23)))];
    }
    $paper = ['sheet' => null, 'width' => $mm($wide + 2 * $margin), 'height' => $mm($high + 2 * $margin)];

    return Drawing::begin($photo, ChoicesReader::read([
        'title' => 'hand', 'unit' => 'cm', 'ruler' => '1 mm', 'photo' => ['kind' => 'screen'], 'fit' => ['way' => 'stretch'],
        'paper' => [...$paper, 'margins' => array_fill_keys(['top', 'right', 'bottom', 'left'], $mm($margin))],
        'grid' => ['school' => 'proportional', 'columns' => $truth['columns'], 'rows' => $truth['rows']], 'things' => $things,
    ], $photo->width, $photo->height)->json);
}

/**
 * @param  array<string, mixed>  $truth
 * @return float mm by which a place is not where it is said to have come out
 */
function isOff(Judged $one, array $truth): float
{
    [$wide, $high] = $truth['area_mm'];
    $at = cameOut($truth['whole'], [$wide / 2, $high / 2], $one->measured->x, $one->measured->y);
    foreach ($truth['objects'] as $name => $how) {
        // “jug, left” is the jug's own, whatever lies over it.
        $isExtreme = str_contains($one->measured->name, ', ');
        if ($isExtreme ? str_starts_with($one->measured->name, "{$name}, ") : ($one->measured->things[0] ?? null) === $name) {
            $middle = [$truth['defined'][$name][0] * $wide, $truth['defined'][$name][1] * $high];
            $at = cameOut($how, $middle, $one->measured->x, $one->measured->y);
        }
    }

    return hypot($one->measured->outX - $at[0], $one->measured->outY - $at[1]);
}

/**
 * Whether the whole is told to 0.7 mm, 0.3° and 0.5 %.
 *
 * @param  array<string, mixed>  $truth
 */
function isRecovered(Verdict $verdict, array $truth): bool
{
    $motion = $verdict->whole->motion;
    [$right, $down] = $motion->at($truth['area_mm'][0] / 2, $truth['area_mm'][1] / 2);

    return hypot($right - $truth['whole']['right'], $down - $truth['whole']['down']) <= 0.7
        && abs($motion->turn() - $truth['whole']['turn']) <= 0.3
        && abs(100 * ($motion->size() - 1) - $truth['whole']['size']) <= 0.5;
}

[$set, $wanted] = [$argv[1] ?? 'report', (int) ($argv[2] ?? 60)];
$folder = getenv('INCH_HANDS') ?: sys_get_temp_dir().'/inch-ladder-hands-'.getmypid();
if (! is_dir($folder)) {
    mkdir($folder);
    python(['tests/hand/draw.py', "tests/hand/{$set}.json", $folder, '0', (string) $wanted]);
}
$samples = python(['-c', 'import skimage; print(skimage.data_dir)']);
$second = app(SecondOpinion::class);
$counts = array_fill_keys([
    'faithful', 'mended', 'alone', 'sure', 'wrong', 'object', 'named', 'cells', 'celled', 'whole', 'recovered', 'lost',
], 0);
[$photos, $took] = [[], []];
for ($seed = 0; $seed < $wanted && is_file("{$folder}/{$seed}.json"); $seed++) {
    $truth = json_decode((string) file_get_contents("{$folder}/{$seed}.json"), true);
    $file = str_contains($truth['file'], '/') ? base_path($truth['file']) : "{$samples}/{$truth['file']}";
    $photo = $photos[$file] ??= app(PhotoStore::class)->take($file);
    $plan = drawingOf($photo, $truth)->plan();
    $from = microtime(true);
    try {
        $shot = $second->prepare($plan, $photo, ShotPixels::of(new Imagick("{$folder}/{$seed}.jpg")), $truth['area']);
        $verdict = $second->judge($plan, $photo, $shot, [])->verdict;
    } catch (SheetNotFound) {
        $counts['lost']++;

        continue;
    }
    $took[] = microtime(true) - $from;
    $sure = array_filter($verdict->points, static fn (Judged $one): bool => $one->measured->sure);
    $wrong = array_filter($sure, static fn (Judged $one): bool => isOff($one, $truth) > TRUE_TO);
    $names = array_map(static fn (Judged $one): string => $one->measured->name, $verdict->first());
    $first = $verdict->findings[0]->groups[0]->thing ?? implode(', ', $names);
    $isLeftAlone = $verdict->cause === Cause::None;
    $counts['sure'] += count($sure);
    $counts['wrong'] += count($wrong);
    $counts[$truth['kind']]++;
    match ($truth['kind']) {
        'faithful' => $counts[$isLeftAlone ? 'alone' : 'mended'] += $isLeftAlone && $verdict->leaveAlone() === [] ? 0 : 1,
        'object' => $counts['named'] += ! $isLeftAlone && str_contains($first, (string) array_key_first($truth['objects'])) ? 1 : 0,
        'whole' => $counts['recovered'] += isRecovered($verdict, $truth) ? 1 : 0,
    };
    if (isset($truth['cells'])) {
        $isNamed = str_contains($first, (string) array_key_first($truth['objects']));
        $counts['cells']++;
        $counts['celled'] += $isNamed && ($verdict->findings[0]->cells ?? null) === $truth['cells'] ? 1 : 0;
    }
    if (getenv('SAY')) {
        $said = array_map(static fn (Judged $one): string => sprintf('%s %.1f', $one->measured->name, isOff($one, $truth)), $wrong);
        printf('%2d %-8s %-8s %2d sure, ', $seed, $truth['kind'], $truth['manner'], count($sure));
        printf("wrong: %s | %s %s\n", implode(' ', $said), $verdict->cause->name, $first);
    }
}

$bench = new Bench;
$say = static function (string $work, string $some, string $of, float $bar, string $note) use ($bench, $counts): void {
    $share = $counts[$of] === 0 ? 0.0 : $counts[$some] / $counts[$of];
    $most = $bar < 0.5;
    $bound = sprintf('%s %d %%', $most ? '≤' : '≥', 100 * $bar);
    $bench->say($work, sprintf('%.1f %%', 100 * $share), $bound, $most ? $share <= $bar : $share >= $bar, "{$counts[$of]} {$note}");
};
$say('faithful drawings sent to mend something', 'mended', 'faithful', 0.03, 'drawings');
$say('faithful drawings left alone, with places to go by', 'alone', 'faithful', 0.9, 'drawings');
$say('places called sure that are wrong by more than 1.5 mm', 'wrong', 'sure', 0.03, 'places');
$say('moved objects named first', 'named', 'object', 0.9, 'drawings');
$say('objects put a whole cell off, said so first', 'celled', 'cells', 0.9, 'drawings');
$say('the whole recovered to 0.7 mm, 0.3°, 0.5 %', 'recovered', 'whole', 0.9, 'drawings');
$seconds = Bench::quantile($took, 0.5);
$bench->say('seconds from shot to verdict', sprintf('%.2f', $seconds), '≤ 3', $seconds <= 3, "{$counts['lost']} without a sheet");
exit($bench->allMet() ? 0 : 1);
