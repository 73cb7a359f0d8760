<?php

declare(strict_types=1);

use App\Wire\FramingQuery;
use Bench\Bench;
use InchLadder\Photo\Border;
use InchLadder\Photo\Framing;
use InchLadder\Photo\Keep;
use InchLadder\Photo\Turning;
use Symfony\Component\Process\Process;
use Tests\Browser\Table;
use Tests\Photos;

/*
 * Photos as large as are taken: a first cut where everything has to be turned, and the upload itself.
 */
return function (Bench $bench, Table $table): void {
    $ask = function (string $path, ?string $file = null, ?Closure $meanwhile = null) use ($table): array {
        $curl = curl_init($table->address($path));
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => ['Accept: application/json', 'Expect:']]);
        $file === null || curl_setopt_array($curl, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => ['photo' => new CURLFile($file)]]);
        $multi = curl_multi_init();
        curl_multi_add_handle($multi, $curl);
        $start = hrtime(true);
        do {
            curl_multi_exec($multi, $running);
            $meanwhile === null || $meanwhile();
            curl_multi_select($multi, 0.01);
        } while ($running > 0);
        $seconds = (hrtime(true) - $start) / 1e9;
        curl_getinfo($curl, CURLINFO_RESPONSE_CODE) < 300 || throw new RuntimeException((string) curl_multi_getcontent($curl));

        return [$seconds, (string) curl_multi_getcontent($curl)];
    };
    $most = 0;
    $watch = function () use (&$most): void {
        // Every process that has this server's workers for a parent, or is one.
        foreach (glob('/proc/[0-9]*/status') ?: [] as $path) {
            $status = (string) @file_get_contents($path);
            if (preg_match('/^Name:\s+(php-fpm|vips|djpeg|convert)/', $status) === 1 && preg_match('/VmHWM:\s+(\d+) kB/', $status, $found) === 1) {
                $most = max($most, (int) $found[1]);
            }
        }
    };
    $query = FramingQuery::write(new Framing(Turning::of(1, true, 2.3, Keep::cases()[0]), Border::of(...array_fill(0, 4, InchLadder\Measure\Rational::zero()))));
    foreach ([[9000, 6000, 2], [12600, 9444, 4]] as [$wide, $high, $bar]) {
        [, $answer] = $ask('/api/drawings', Photos::photographic($wide, $high, 50 + $bar));
        $photo = json_decode($answer, true)['photo'];
        $most = 0;
        [$seconds] = $ask("{$photo['cut']}?{$query}&left=0.4&top=0.4&width=0.1&height=0.1", null, $watch);
        $megapixels = round($wide * $high / 1e6);
        $bench->say("first cut of {$megapixels} megapixels, turned and straightened", sprintf('%.2f s', $seconds), "≤ {$bar} s, ≤ 512 MB a worker", $seconds <= $bar && $most > 0 && $most <= 512 * 1024, sprintf('%d MB at most', $most / 1024));
    }

    // A PNG of 120 megapixels: enlarged, so that its file is small enough to be sent.
    $png = getenv('INCH_DATA').'/large.png';
    (new Process(['vips', 'resize', Photos::photographic(1500, 1000, 77), "{$png}[compression=6]", '8.944', '--kernel', 'nearest'], timeout: 120))->mustRun();
    [$wide, $high] = getimagesize($png) ?: [0, 0];
    $times = Bench::together(['ours' => fn () => $ask('/api/drawings', $png), 'bare' => fn () => (new Process(['vips', 'avg', $png], timeout: 120))->mustRun()], 1);
    $bench->say(sprintf('upload of a PNG of %.0f megapixels, %d MB', $wide * $high / 1e6, filesize($png) / 1e6), sprintf('%.2f × its bare decode', $times['ours'] / $times['bare']), '≤ 3 ×', $times['ours'] <= 3 * $times['bare'], sprintf('%.1f and %.1f s', $times['ours'], $times['bare']));
};
