<?php

declare(strict_types=1);

use Bench\Bench;
use Tests\Browser\Table;

/*
 * Saving, and the shelf: what an artist waits for between any two steps.
 */
return function (Bench $bench, Table $table): void {
    $ask = function (string $method, string $path, ?array $sent = null) use ($table): array {
        static $curl = null;
        $curl ??= curl_init();
        curl_setopt_array($curl, [
            CURLOPT_URL => $table->address($path), CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true,
            CURLOPT_POSTFIELDS => $sent === null ? '' : (string) json_encode($sent), CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
        ]);
        $start = hrtime(true);
        $answer = (string) curl_exec($curl);
        $seconds = (hrtime(true) - $start) / 1e9;
        curl_getinfo($curl, CURLINFO_RESPONSE_CODE) < 300 || throw new RuntimeException($answer);

        return [$seconds, json_decode($answer, true)];
    };

    // Another paper each time, so that every save has something to write, and everything to work out.
    [, $drawing] = $ask('POST', '/api/drawings', ['width' => '5 in', 'height' => '7 in']);
    $choices = [...$drawing['workings']['choices'], 'grid' => ['school' => 'proportional', 'columns' => 10, 'rows' => 14]];
    $times = ['workings' => [], 'save' => []];
    for ($round = 0; $round < 90; $round++) {
        $choices['paper'] = ['sheet' => ['letter', 'a4', 'a3'][$round % 3]];
        [$times['workings'][]] = $ask('POST', '/api/workings', ['choices' => $choices]);
        [$times['save'][], $drawing] = $ask('PUT', "/api/drawings/{$drawing['id']}", ['version' => $drawing['version'], 'choices' => $choices]);
    }
    [$save, $workings] = [Bench::quantile($times['save'], 0.5), Bench::quantile($times['workings'], 0.5)];
    $bench->say('PUT of choices, against the workings of the same', sprintf('%.2f ×', $save / $workings), '≤ 1.6 ×', $save / $workings <= 1.6, sprintf('%.1f and %.1f ms', $save * 1000, $workings * 1000));

    // What was noted while the server was away: 200 notes, in lots as the page sends them, and one note alone.
    [, $drawing] = $ask('POST', '/api/drawings', ['width' => '5 in', 'height' => '7 in']);
    [, $drawing] = $ask('PUT', "/api/drawings/{$drawing['id']}", ['version' => $drawing['version'], 'choices' => [...$drawing['workings']['choices'], 'fit' => ['way' => 'crop'], 'grid' => ['school' => 'proportional', 'columns' => 14, 'rows' => 15]]]);
    $note = fn (int $cell, string $key): array => ['key' => $key, 'mesh' => '14x15', 'cells' => [$cell], 'ago' => 200 - $cell, 'state' => 'done'];
    [$waited] = $ask('PUT', "/api/drawings/{$drawing['id']}/notes", ['notes' => array_map(fn (int $cell): array => $note($cell, "waited-{$cell}"), range(0, 199))]);
    $kept = count($ask('GET', "/api/drawings/{$drawing['id']}")[1]['cells']);
    $bench->say('200 notes that waited for the server', sprintf('%.2f s', $waited), '≤ 3 s, none lost', $waited <= 3 && $kept === 200, "{$kept} kept");

    // A shelf of 10, then of 200, each drawing of another size; as it is opened the first time, and again.
    $grow = function (int $to) use ($ask): void {
        for ($held = count(shelf($ask)); $held < $to; $held++) {
            $ask('POST', '/api/drawings', ['width' => 5 + $held % 17 .' in', 'height' => 7 + $held % 13 .' in']);
        }
    };
    $measure = function () use ($ask): array {
        [$first] = $ask('GET', '/api/drawings');

        return [$first, Bench::quantile(array_map(fn () => $ask('GET', '/api/drawings')[0], range(1, 60)), 0.5)];
    };
    foreach (array_slice(array_column(shelf($ask), 'id'), 10) as $id) {
        $ask('DELETE', "/api/drawings/{$id}");
    }
    $grow(10);
    [$firstOfTen, $ten] = $measure();
    $grow(200);
    [$firstOfAll, $all] = $measure();
    $bench->say('a shelf of 200 drawings, against one of 10', sprintf('%.2f ×', $all / $ten), '≤ 2 ×', $all / $ten <= 2, sprintf('%.1f and %.1f ms; the first time %.0f and %.0f ms', $all * 1000, $ten * 1000, $firstOfAll * 1000, $firstOfTen * 1000));
};

/** @return list<array<string, mixed>> every board, page by page */
function shelf(Closure $ask): array
{
    $boards = [];
    do {
        [, $page] = $ask('GET', '/api/drawings?from='.count($boards));
        array_push($boards, ...$page);
    } while ($page !== []);

    return $boards;
}
