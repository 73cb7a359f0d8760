<?php

declare(strict_types=1);

use App\Documents\ChoicesReader;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
use App\Printing\Format;
use App\Printing\PrintableSheets;
use App\Printing\PrintOptions;
use Bench\Bench;
use Illuminate\Support\Facades\Artisan;
use InchLadder\Grid\Edge;
use InchLadder\Marks\MarkLadder;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Photo\Reference;
use InchLadder\Photo\Subject;
use InchLadder\Planner\Friendly;
use InchLadder\Planner\Planner;
use InchLadder\Planner\Wish;
use Symfony\Component\Process\Process;
use Tests\Accuracy;
use Tests\Browser\Table;
use Tests\Photos;

/*
 * The speed bars, as ratios measured in one run. Needs the development libraries:
 * the browser and the photos of the tests serve here too.
 */
require __DIR__.'/boot.php';

$bench = new Bench;
$table = Table::lay();

/** @return array{int, string} */
function request(CurlHandle $curl, string $url, mixed $body = null): array
{
    curl_setopt_array($curl, [CURLOPT_URL => $url, CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPGET => $body === null, CURLOPT_HTTPHEADER => ['Accept: application/json', 'Expect:']]);
    if ($body !== null) {
        curl_setopt_array($curl, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => $body]);
    }
    $answer = curl_exec($curl);

    return [(int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), is_string($answer) ? $answer : ''];
}

// 24-megapixel JPEG: upload to usable preview, against vipsthumbnail.
$photos = array_map(fn (int $i) => Photos::photographic(6000, 4000, $i), range(1, 5));
$next = 0;
$side = 1600;
$curl = curl_init();
$times = Bench::together([
    'ours' => function () use ($table, $photos, &$next, &$side, $curl) {
        [$status, $answer] = request($curl, $table->address('/api/drawings'), ['photo' => new CURLFile($photos[$next++])]);
        $status === 201 || throw new RuntimeException("The upload was answered {$status}: {$answer}");
        [$status, $preview] = request($curl, $table->address(json_decode($answer, true)['photo']['preview']));
        $status === 200 || throw new RuntimeException('There is no preview.');
        [$wide, $high] = getimagesizefromstring($preview) ?: [1600, 1600];
        $side = max($wide, $high);
    },
    'vips' => function () use ($photos, &$next, &$side) {
        (new Process(['vipsthumbnail', $photos[$next - 1], '--size', "{$side}x{$side}", '--eprofile', resource_path('colour/srgb.icc'), '-o', getenv('INCH_DATA').'/thumb.jpg[Q=88]']))->mustRun();
    },
], count($photos));
$ratio = $times['ours'] / $times['vips'];
$bench->say('24-megapixel JPEG, upload to usable preview', sprintf('%.2f × vipsthumbnail', $ratio), '≤ 1.2 ×', $ratio <= 1.2, sprintf('%d and %d ms', $times['ours'] * 1000, $times['vips'] * 1000));

// POST /api/workings, 10 × 14 grid, as the Grid rung asks it, four clients at a time, against an empty answer.
$body = (string) json_encode(['choices' => ['photo' => ['kind' => 'print', 'width' => '5 in', 'height' => '7 in'], 'grid' => ['school' => 'proportional', 'columns' => 10, 'rows' => 14]], 'wide' => 5000, 'high' => 7000, 'rung' => 'grid']);
$load = function (string $path, string $body, int $count) use ($table): array {
    $multi = curl_multi_init();
    $times = [];
    $open = [];
    $start = function () use ($table, $path, $body, $multi, &$open): void {
        $curl = curl_init($table->address($path));
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_POST => true, CURLOPT_POSTFIELDS => $body, CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json']]);
        curl_multi_add_handle($multi, $curl);
        $open[spl_object_id($curl)] = $curl;
    };
    for ($i = 0; $i < 4; $i++) {
        $start();
    }
    $started = 4;
    do {
        curl_multi_exec($multi, $running);
        while ($done = curl_multi_info_read($multi)) {
            $curl = $done['handle'];
            curl_getinfo($curl, CURLINFO_RESPONSE_CODE) === 200 || throw new RuntimeException(curl_multi_getcontent($curl) ?? '');
            $times[] = curl_getinfo($curl, CURLINFO_TOTAL_TIME);
            curl_multi_remove_handle($multi, $curl);
            unset($open[spl_object_id($curl)]);
            if ($started < $count) {
                $start();
                $started++;
            }
        }
        curl_multi_select($multi, 0.05);
    } while ($open !== []);

    return $times;
};
// Warm: the server compiles what it is asked for often.
$load('/api/nothing', '{}', 300);
$load('/api/workings', $body, 600);
[$ours, $empty] = [[], []];
for ($round = 0; $round < 6; $round++) {
    array_push($empty, ...$load('/api/nothing', '{}', 150));
    array_push($ours, ...$load('/api/workings', $body, 150));
}
foreach (['p50' => 0.5, 'p99' => 0.99] as $name => $share) {
    [$mine, $theirs] = [Bench::quantile($ours, $share), Bench::quantile($empty, $share)];
    $bench->say("POST /api/workings, 10 × 14 grid, 4 clients, {$name}", sprintf('%.2f × an empty answer', $mine / $theirs), '≤ 1.5 ×', $mine / $theirs <= 1.5, sprintf('%.1f and %.1f ms', $mine * 1000, $theirs * 1000));
}

(require __DIR__.'/answers.php')($bench, $table);

// The planner over both rulers, letter to 22 × 30 in; its front is held against a brute force in tests/Reference/PlannerTest.php.
$calls = [];
foreach ([['5', '7', '17/2', '11'], ['4', '6', '18', '24'], ['8', '10', '22', '30'], ['15/2', '53/10', '22', '30']] as [$w, $h, $wide, $high]) {
    foreach (['1/16 in', '1 mm'] as $ruler) {
        $friendly = Friendly::on(Graduation::read($ruler));
        foreach ([Reference::printed(Size::inches($w, $h)), Reference::onScreen(3000, 2000)] as $reference) {
            foreach (Subject::cases() as $subject) {
                $start = hrtime(true);
                (new Planner($reference, Size::inches($wide, $high), $friendly, $friendly))->plans(new Wish($subject));
                $calls[] = (hrtime(true) - $start) / 1e6;
            }
        }
    }
}
$bench->say('planner, letter to 22 × 30 in, the slowest of '.count($calls).' calls', sprintf('%.1f ms', max($calls)), '≤ 50 ms', max($calls) <= 50, sprintf('half of them under %.1f ms', Bench::quantile($calls, 0.5)));

// Marks of a 60 × 60 grid, both edges, in core.
$sixty = Edge::even(60);
$ruler = Graduation::read('1/16 in');
$calls = [];
for ($i = 0; $i < 60; $i++) {
    $start = hrtime(true);
    MarkLadder::along($sixty, Length::inches('5'), Length::inches('61/3'), Length::inches('3/7'), $ruler, $ruler);
    MarkLadder::along($sixty, Length::inches('7'), Length::inches('200/7'), Length::inches('5/9'), $ruler, $ruler);
    $calls[] = (hrtime(true) - $start) / 1e6;
}
$bench->say('marks of a 60 × 60 grid, both edges, in core', sprintf('%.1f ms (19 of 20)', Bench::quantile($calls, 0.95)), '≤ 10 ms', Bench::quantile($calls, 0.95) <= 10);

// The gridded reference of a 24-megapixel photo as PDF, against decoding that photo and encoding it again once.
config(['database.connections.sqlite.database' => ':memory:']);
Artisan::call('migrate', ['--force' => true]);
$photo = app(PhotoStore::class)->take($photos[0]);
$drawing = Drawing::begin($photo, ChoicesReader::read(['photo' => ['kind' => 'print', 'width' => '15 in', 'height' => '10 in'], 'paper' => ['sheet' => 'a2']], 6000, 4000)->json);
$order = PrintOptions::of(['at' => 'page', 'page' => 'a4'], Unit::Inch);
$times = Bench::together([
    'ours' => function () use ($drawing, $order) {
        $to = fopen('php://temp', 'w+');
        Format::Pdf->writer()->write(PrintableSheets::named('gridded')->pages($drawing, $order), $to);
    },
    'once' => function () use ($photos) {
        $image = new Imagick($photos[0]);
        $image->setImageFormat('jpeg');
        $image->setImageCompressionQuality(90);
        $image->getImageBlob();
    },
], 5);
$ratio = $times['ours'] / $times['once'];
$bench->say('gridded reference PDF of 24 megapixels', sprintf('%.2f × decoding and encoding', $ratio), '≤ 1.5 ×', $ratio <= 1.5, sprintf('%d and %d ms', $times['ours'] * 1000, $times['once'] * 1000));

// A tracing pack of some sixty tiles from the same photo: the most memory its process ever held.
$made = json_decode($table->artisan('inch:new '.$photos[0].' --photo=15x10in --sheet=210x140cm --turn=given --fit=crop --columns=12'), true);
$pack = Process::fromShellCommandline("exec php artisan inch:sheet {$made['drawing']} tracing --page=a4 --out=".getenv('INCH_DATA').'/pack.pdf', base_path(), $table->environment());
$pack->setTimeout(600)->start();
$most = 0;
while ($pack->isRunning()) {
    preg_match('/VmHWM:\s+(\d+) kB/', (string) @file_get_contents("/proc/{$pack->getPid()}/status"), $found);
    $most = max($most, (int) ($found[1] ?? 0));
    usleep(10_000);
}
$pages = preg_match_all('~/Type /Page\b~', (string) file_get_contents(getenv('INCH_DATA').'/pack.pdf'));
$bench->say("a tracing pack of {$pages} pages, the most memory held", sprintf('%d MB', $most / 1024), '≤ 512 MB, 60 tiles', $most > 0 && $most <= 512 * 1024 && $pages > 60);

// A cell of 54 megapixels, seen for the first time: its contours and crossings, as the page asks for them.
$waits = [];
foreach ([61, 62, 63] as $number) {
    [$status, $answer] = request($curl, $table->address('/api/drawings'), ['photo' => new CURLFile(Photos::photographic(9000, 6000, $number))]);
    $status === 201 || throw new RuntimeException($answer);
    $start = hrtime(true);
    [$status, $answer] = request($curl, $table->address('/api/drawings/'.json_decode($answer, true)['id'].'/cells/2/2'));
    $status === 200 || throw new RuntimeException($answer);
    $waits[] = (hrtime(true) - $start) / 1e9;
}
$wait = Bench::quantile($waits, 0.5);
$bench->say('a cell of 54 megapixels first seen', sprintf('%.2f s', $wait), '≤ 1 s', $wait <= 1);

// All crossings of 10 × 14 cells on 24 megapixels, against decoding them once.
$seen = [];
foreach ([71, 72, 73] as $number) {
    $folder = getenv('INCH_DATA')."/crossings-{$number}";
    mkdir($folder);
    $process = new Process(['php', '-d', 'memory_limit=1G', '-d', 'opcache.enable_cli=1', __DIR__.'/crossings.php', Accuracy::shapes(6000, 4000, 60, $number)[0]->save(3, 92), $folder], timeout: 120);
    $seen[] = json_decode($process->mustRun()->getOutput(), true);
}
[$all, $once] = [Bench::quantile(array_column($seen, 'all'), 0.5), Bench::quantile(array_column($seen, 'once'), 0.5)];
$bench->say('all crossings of 10 × 14 cells on 24 megapixels', sprintf('%.2f s', $all), '≤ 1.5 s', $all <= 1.5, Bench::quantile(array_column($seen, 'crossings'), 0.5).' crossings');
$bench->say('the same, against decoding once', sprintf('%.1f × decoding', $all / $once), '≤ 3 ×', $all <= 3 * $once, sprintf('%.2f s', $once));

$masses = Bench::quantile(array_column($seen, 'masses'), 0.5);
$bench->say('masses of 24 megapixels, once', sprintf('%.2f s', $masses), '≤ 1.5 s', $masses <= 1.5, Bench::quantile(array_column($seen, 'count'), 0.5).' masses');

(require __DIR__.'/desk.php')($bench, $table);

(require __DIR__.'/large.php')($bench, $table);

(require __DIR__.'/tones.php')($bench);

exit($bench->allMet() ? 0 : 1);
