<?php

declare(strict_types=1);

/*
 * How sharp the tests of the core are: each line of bench/mutants.tsv is one small fault put into one file of it, and the
 * tests of its room are to fail. Pest's own mutation finds no line covered here (0 of 454 in one room), so the list is
 * chosen by hand. Prints what survived, and the share that was caught by room.
 *
 *   ./bin/bench mutation [ROOM …]
 */

require __DIR__.'/../vendor/autoload.php';

use Symfony\Component\Process\Process;

/** Which tests a room is held by. */
const TESTS = [
    'Measure' => ['LengthTest', 'TypedLengthTest', 'MeasuringTest'],
    'Fit' => ['FitTest', 'AlternativesTest', 'PathsTest'],
    'Grid' => ['GridTest'],
    'Layout' => ['PlanTest', 'MeasuringTest', 'PhotoTest', 'MapsTest'],
    'Marks' => ['MarksTest', 'MarkChecksTest', 'MarkingOutTest', 'MeasuringTest', 'MapsTest'],
    'Planner' => ['PlannerTest'],
    'Compare' => ['CompareTest', 'JudgedTest', 'SheetFinderTest', 'ObjectsTest', 'MeasuringTest'],
    'Checking' => ['MeasuringTest'],
    'Colour' => ['ColourTest'],
    'Copying' => ['CopyingTest', 'PassesTest', 'UnguardedTest', 'EdgeStrengthTest', 'PathsTest'],
    'Finish' => ['MaterialsTest', 'FinishTest'],
    'Masses' => ['MassesTest'],
    'Paper' => ['PaperTest', 'MaterialsTest'],
    'Photo' => ['PhotoTest', 'PathsTest'],
    'Pixels' => ['PixelsTest', 'EdgeStrengthTest'],
    'Printing' => ['PrintingTest'],
    'Sittings' => ['SittingsTest'],
    'Things' => ['ThingsTest', 'PlanPartsTest'],
    'Tone' => ['ToneTest'],
    'Plan' => ['PlanTest', 'PlanPartsTest'],
];

/** Rooms that reckon what an artist measures by. */
const EXACT = ['Measure', 'Fit', 'Grid', 'Layout', 'Marks', 'Planner', 'Compare'];

/** The share that is to be caught there, and elsewhere. */
const GOALS = [0.85, 0.70];

const AT_ONCE = 2;

const SECONDS = 240;

/** @return array{string, string, string, string} room, file, what stands there, what is put in its place */
function mutant(string $line): array
{
    [$file, $was, $is] = explode("\t", $line);

    return [explode('/', $file)[1], $file, $was, $is];
}

$root = dirname(__DIR__);
$lines = array_filter(file("{$root}/bench/mutants.tsv", FILE_IGNORE_NEW_LINES) ?: [], static fn (string $line): bool => $line !== '' && $line[0] !== '#');
$wanted = array_slice($argv, 1);
$all = array_values(array_filter(array_map(mutant(...), $lines), static fn (array $one): bool => $wanted === [] || in_array($one[0], $wanted, true)));
$folder = sys_get_temp_dir().'/inch-ladder-mutants-'.getmypid();
mkdir($folder);
register_shutdown_function(static fn () => (new Illuminate\Filesystem\Filesystem)->deleteDirectory($folder));

// Tests that fail without a fault would catch everything.
foreach (array_unique(array_column($all, 0)) as $room) {
    $clean = new Process([PHP_BINARY, 'vendor/bin/pest', '--colors=never', ...array_map(static fn (string $name): string => "tests/Core/{$name}.php", TESTS[$room])], $root, null, null, SECONDS);
    if ($clean->run() !== 0) {
        fwrite(STDERR, "The tests of {$room} fail as they are: mend them first.\n");
        exit(1);
    }
}

/** @var array<string, array{int, int}> caught and all, by room */
$counts = [];
$stale = 0;
$running = [];
/** @param  array{Process, array{string, string, string, string}}  $one */
$end = static function (array $one) use (&$counts): void {
    [$process, [$room, $file, $was, $is]] = $one;
    $caught = $process->getExitCode() !== 0;
    $counts[$room] ??= [0, 0];
    $counts[$room] = [$counts[$room][0] + (int) $caught, $counts[$room][1] + 1];
    if (! $caught) {
        printf("survived  %s: %s  →  %s\n", $file, trim($was), trim($is));
    }
};
foreach ($all as $i => [$room, $file, $was, $is]) {
    $code = (string) @file_get_contents("{$root}/{$file}");
    if (substr_count($code, $was) !== 1) {
        printf("stale     %s: “%s” stands there %d times\n", $file, $was, substr_count($code, $was));
        $stale++;

        continue;
    }
    file_put_contents("{$folder}/{$i}.php", str_replace($was, $is, $code));
    $tests = array_map(static fn (string $name): string => "tests/Core/{$name}.php", TESTS[$room]);
    $process = new Process([PHP_BINARY, 'vendor/bin/pest', '--colors=never', '--stop-on-failure', ...$tests], $root, ['INCH_MUTANT' => "{$folder}/{$i}.php"], null, SECONDS);
    $process->start();
    $running[] = [$process, [$room, $file, $was, $is]];
    while (count($running) >= AT_ONCE) {
        foreach ($running as $k => $one) {
            if (! $one[0]->isRunning()) {
                $end($one);
                unset($running[$k]);
            }
        }
        usleep(20_000);
    }
}
foreach ($running as $one) {
    $one[0]->wait();
    $end($one);
}

$missed = $stale > 0;
ksort($counts);
printf("\n%-10s %8s %6s %6s\n", 'room', 'caught', 'share', 'goal');
foreach ($counts as $room => [$caught, $of]) {
    $goal = GOALS[in_array($room, EXACT, true) ? 0 : 1];
    $missed = $missed || $caught / $of < $goal;
    printf("%-10s %3d / %2d %5.0f %% %5.0f %%%s\n", $room, $caught, $of, 100 * $caught / $of, 100 * $goal, $caught / $of < $goal ? '  missed' : '');
}
printf("%d mutants, %d caught\n", array_sum(array_column($counts, 1)), array_sum(array_column($counts, 0)));
exit($missed ? 1 : 0);
