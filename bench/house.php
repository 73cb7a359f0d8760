<?php

declare(strict_types=1);

use Bench\Bench;
use Symfony\Component\Process\Process;
use Tests\Browser\Phone;
use Tests\Photos;
use Tests\Server;

/*
 * The house: what paired devices wait for, all on this machine, the phone in a network namespace of its own where that
 * may be done.
 */
require __DIR__.'/boot.php';

const CLIENTS = 30;
const SECONDS = 20;
/** A hand drags for so long, and copies for as long. */
const TURN_SECONDS = 2;

/** `small`: this machine by its own door; `house`: paired devices; `school`: the same, answered by two others on one PostgreSQL. */
$size = $argv[1] ?? 'house';
$bench = new Bench;
$data = getenv('INCH_DATA').'/house';
$environment = ['INCH_DATA' => $data, 'DB_DATABASE' => "{$data}/inch-ladder.sqlite", 'APP_ENV' => 'production'];
$phone = $size === 'house' ? new Phone : null;
$others = [];
if ($size === 'school') {
    $environment += ['DB_CONNECTION' => 'pgsql', 'DB_URL' => (string) getenv('DB_URL'), 'QUEUE_CONNECTION' => 'database'];
    mkdir($data);
    Process::fromShellCommandline('php artisan migrate --force', base_path(), $environment)->mustRun();
    foreach ([9101, 9201] as $port) {
        $others[] = $other = new Process(['bash', base_path('bin/answer'), "127.0.0.1:{$port}", "--data={$data}"], base_path(), $environment, null, null);
        $other->start();
    }
    foreach ([9103, 9203] as $port) {
        Phone::until(fn () => @fsockopen('127.0.0.1', $port) !== false, 'the other machines to answer');
    }
    foreach ($environment as $name => $value) {
        putenv("{$name}={$value}");
    }
}
[$server, $here] = Server::start("--data={$data}", ...match ($size) {
    'small' => [], 'house' => ['--house'], 'school' => ['--house', '--answered-by=127.0.0.1:9101,127.0.0.1:9201', '--hub=127.0.0.1:9401'],
});
$door = $here;
$certificate = "{$data}/house/caddy/pki/authorities/local/root.crt";
if ($size !== 'small') {
    preg_match('#https://'.preg_quote($phone?->wire ?? '', '#').'[\d.]*:\d+#', $server->getOutput(), $found);
    $door = $found[0];
    Phone::until(fn () => is_file($certificate) && Server::ask($data, "{$door}/pair")[0] === 200, 'the house to answer');
}
$pair = fn (): string => json_decode((string) file_get_contents("{$here}/api/house/code", false, stream_context_create(['http' => ['method' => 'POST']])), true)['code'];

// Each client is a device of its own, with a connection of its own, a drawing of its own, and a hand that takes turns.
$photo = Photos::make(1200, 1600);
$clients = array_map(function (int $i) use ($size, $door, $certificate, $pair, $photo, $environment): array {
    $made = json_decode(Process::fromShellCommandline("php artisan inch:new {$photo} --title=Client{$i} --photo=6x8in --sheet=18x24in --columns=6", base_path(), $environment)->mustRun()->getOutput(), true);
    $curl = curl_init("{$door}/pair");
    $headers = ['Accept: application/json', 'Content-Type: application/json'];
    curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_CAINFO => $certificate, CURLOPT_COOKIEFILE => '', CURLOPT_PROXY => '']);
    if ($size !== 'small') {
        curl_setopt($curl, CURLOPT_POSTFIELDS, ['code' => $pair(), 'name' => "Client {$i}"]);
        curl_exec($curl);
        $cookies = array_column(array_map(fn (string $line): array => array_slice(explode("\t", $line), 5, 2), curl_getinfo($curl, CURLINFO_COOKIELIST)), 1, 0);
        $headers[] = 'X-Inch-Page: '.$cookies['__Host-inch-page-'.parse_url($door, PHP_URL_PORT)];
    }
    curl_setopt_array($curl, [CURLOPT_URL => "{$door}/api/drawings/{$made['drawing']}", CURLOPT_HTTPGET => true, CURLOPT_HTTPHEADER => $headers]);
    $drawing = json_decode((string) curl_exec($curl), true);

    return ['curl' => $curl, 'id' => $made['drawing'], 'headers' => $headers, 'choices' => $drawing['workings']['choices'], 'photo' => $drawing['photo'], 'grid' => $drawing['workings']['grid']['name'], 'at' => 0, 'i' => $i];
}, range(1, CLIENTS));

/** What a client asks for next: a pull at the crop while it drags, then a cell noted and the next one looked at. */
$next = function (array &$client, float $since) use ($door): void {
    $drags = (int) floor($since / TURN_SECONDS + $client['i'] / CLIENTS * 2) % 2 === 0;
    [$method, $path, $body] = match (true) {
        $drags => ['POST', '/api/workings', ['choices' => $client['choices'], 'wide' => $client['photo']['width'], 'high' => $client['photo']['height'], 'rung' => 'fit', 'act' => 'pull', 'how' => ['by' => 'move', 'left' => fmod($since, 1) / 50, 'top' => 0]]],
        $client['at'] % 2 === 0 => ['PUT', "/api/drawings/{$client['id']}/notes", ['notes' => [['key' => bin2hex(random_bytes(8)), 'mesh' => $client['grid'], 'cells' => [intdiv($client['at'], 2) % 48], 'ago' => 0, 'state' => intdiv($client['at'], 96) % 2 === 0 ? 'done' : 'open']]]],
        default => ['GET', "/api/drawings/{$client['id']}/cells/".(intdiv($client['at'], 2) % 6).'/'.(intdiv($client['at'], 12) % 8), null],
    };
    $client['asks'] = $drags ? 'drag' : ($method === 'PUT' ? 'note' : 'cell');
    $drags || $client['at']++;
    curl_setopt_array($client['curl'], [CURLOPT_URL => $door.$path, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body), CURLOPT_HTTPHEADER => $client['headers'], CURLOPT_TIMEOUT => 20]);
};

/** @return array{array<string, list<float>>, array<int, int>} seconds by what was asked, and how often each status came */
$run = function (float $seconds) use (&$clients, $next): array {
    [$times, $statuses, $multi, $free] = [[], [], curl_multi_init(), []];
    $began = microtime(true);
    // A hand that drags moves the pointer some sixty times a second; one that copies rests between two cells.
    foreach (array_keys($clients) as $i) {
        $free[$i] = $began + $i / CLIENTS;
    }
    do {
        $now = microtime(true);
        foreach ($free as $i => $at) {
            if ($at <= $now && $now - $began < $seconds) {
                $next($clients[$i], $now - $began);
                curl_multi_add_handle($multi, $clients[$i]['curl']);
                unset($free[$i]);
            }
        }
        curl_multi_exec($multi, $running);
        while ($done = curl_multi_info_read($multi)) {
            $i = array_search($done['handle'], array_column($clients, 'curl'), true);
            $statuses[] = curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE);
            $times[$clients[$i]['asks']][] = curl_getinfo($done['handle'], CURLINFO_TOTAL_TIME);
            curl_multi_remove_handle($multi, $done['handle']);
            $free[$i] = microtime(true) + ($clients[$i]['asks'] === 'drag' ? 1 / 60 : 0.5);
        }
        curl_multi_select($multi, 0.005);
    } while (microtime(true) - $began < $seconds || $running > 0);

    return [$times, array_count_values($statuses)];
};
$run(8);
[$times, $statuses] = $run(SECONDS);
$all = array_merge(...array_values($times));
$bench->say(CLIENTS.' clients, '.$size.', dragging and copying for '.SECONDS.' s, p99', sprintf('%d ms', 1000 * Bench::quantile($all, 0.99)), $size === 'school' ? 'on one machine: none' : '≤ 250 ms', $size === 'school' || Bench::quantile($all, 0.99) <= 0.25, sprintf('%d requests a second; p50 %d ms; p99 %s', count($all) / SECONDS, 1000 * Bench::quantile($all, 0.5), implode(', ', array_map(fn (string $what): string => sprintf('%s %d ms', $what, 1000 * Bench::quantile($times[$what], 0.99)), array_keys($times)))));
$bench->say('the same, errors', (string) (count($all) - ($statuses[200] ?? 0)), 'none', array_keys($statuses) === [200], json_encode($statuses));
$memory = array_sum(array_map(fn (string $pid): int => preg_match('/Pss:\s+(\d+)/', (string) @file_get_contents("/proc/{$pid}/smaps_rollup"), $kb) ? (int) $kb[1] : 0, explode("\n", trim((string) shell_exec('pgrep -f "php-fpm|caddy run|nginx"')))));
printf("%-58s %d MB\n", 'memory of all that serves, after it', $memory / 1024);

if ($size !== 'house') {
    $server->stop(3);
    array_map(fn (Process $other) => $other->stop(3), $others);
    exit($bench->allMet() ? 0 : 1);
}

// Workings against an empty answer, by the same door, one client after another.
$client = $clients[0];
$time = function (string $path, string $body) use ($client, $door): float {
    curl_setopt_array($client['curl'], [CURLOPT_URL => $door.$path, CURLOPT_CUSTOMREQUEST => 'POST', CURLOPT_POSTFIELDS => $body, CURLOPT_HTTPHEADER => $client['headers']]);
    curl_exec($client['curl']);
    curl_getinfo($client['curl'], CURLINFO_RESPONSE_CODE) === 200 || throw new RuntimeException("{$path} was not answered.");

    return curl_getinfo($client['curl'], CURLINFO_TOTAL_TIME);
};
$body = (string) json_encode(['choices' => ['photo' => ['kind' => 'print', 'width' => '5 in', 'height' => '7 in'], 'grid' => ['school' => 'proportional', 'columns' => 10, 'rows' => 14]], 'wide' => 5000, 'high' => 7000, 'rung' => 'grid']);
[$ours, $empty] = [[], []];
for ($i = 0; $i < 1200; $i++) {
    $empty[] = $time('/api/nothing', '{}');
    $ours[] = $time('/api/workings', $body);
}
[$mine, $theirs] = [Bench::quantile(array_slice($ours, 400), 0.5), Bench::quantile(array_slice($empty, 400), 0.5)];
$bench->say('POST /api/workings by the door of the house, p50', sprintf('%.2f × an empty answer', $mine / $theirs), '≤ 1.3 ×', $mine <= 1.3 * $theirs, sprintf('%.1f and %.1f ms', 1000 * $mine, 1000 * $theirs));

// A change, until the other device has it: told, asked for and come.
$waits = [];
$multi = curl_multi_init();
$heard = '';
$stream = curl_copy_handle($client['curl']);
curl_setopt_array($stream, [CURLOPT_URL => "{$door}/api/drawings/{$client['id']}/events", CURLOPT_CUSTOMREQUEST => 'GET', CURLOPT_POSTFIELDS => '', CURLOPT_HTTPHEADER => ['Accept: text/event-stream'], CURLOPT_TIMEOUT => 120, CURLOPT_RETURNTRANSFER => false, CURLOPT_COOKIELIST => 'RELOAD', CURLOPT_WRITEFUNCTION => function ($curl, string $bytes) use (&$heard): int {
    $heard .= $bytes;

    return strlen($bytes);
}]);
foreach (curl_getinfo($client['curl'], CURLINFO_COOKIELIST) as $cookie) {
    curl_setopt($stream, CURLOPT_COOKIELIST, $cookie);
}
curl_multi_add_handle($multi, $stream);
$listen = function (Closure $until) use ($multi): void {
    for ($end = microtime(true) + 10; ! $until() && microtime(true) < $end;) {
        curl_multi_exec($multi, $running);
        curl_multi_select($multi, 0.005);
    }
    $until() || throw new RuntimeException('Nothing was heard.');
};
$listen(function () use (&$heard): bool {
    return str_contains($heard, ': hi');
});
for ($i = 0; $i < 20; $i++) {
    $heard = '';
    $began = microtime(true);
    $note = curl_init("{$here}/api/drawings/{$client['id']}/cells/5/7");
    curl_setopt_array($note, [CURLOPT_RETURNTRANSFER => true, CURLOPT_CUSTOMREQUEST => 'PUT', CURLOPT_POSTFIELDS => json_encode(['words' => "look {$i}"]), CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'], CURLOPT_PROXY => '']);
    curl_exec($note);
    $listen(function () use (&$heard): bool {
        return str_contains($heard, '"edits":');
    });
    curl_setopt_array($client['curl'], [CURLOPT_URL => "{$door}/api/drawings/{$client['id']}", CURLOPT_CUSTOMREQUEST => 'GET', CURLOPT_POSTFIELDS => '', CURLOPT_HTTPHEADER => $client['headers']]);
    str_contains((string) curl_exec($client['curl']), "look {$i}") || throw new RuntimeException('The change was not there.');
    $waits[] = microtime(true) - $began;
}
$bench->say('a change, until another device has it, the slowest of 20', sprintf('%d ms', 1000 * max($waits)), '≤ 1 s', max($waits) <= 1, sprintf('half of them %d ms', 1000 * Bench::quantile($waits, 0.5)));
curl_multi_remove_handle($multi, $stream);

// A phone's first load over 4G as Chromium's own tools have it ("Fast 4G": 9 Mbit/s down, 1.5 up, 165 ms, a tenth off; from memory), and again without any network.
$phone->open($certificate, $door);
$phone->go('/pair?code='.$pair())->press('Pair')->see('.shelf h1', 'Inch Ladder');
$forget = function () use ($phone): void {
    $phone->browser->executeAsyncScript('const done = arguments[0]; (async () => { for (const one of await navigator.serviceWorker.getRegistrations()) await one.unregister(); for (const name of await caches.keys()) await caches.delete(name); done() })()');
    $phone->browser->get('about:blank');
    $phone->devtools('Network.clearBrowserCache', []);
};
$phone->devtools('Network.enable', []);
$network = fn (bool $offline) => $phone->devtools('Network.emulateNetworkConditions', ['offline' => $offline, 'latency' => $offline ? 0 : 165, 'downloadThroughput' => $offline ? 0 : 9e6 / 8 * 0.9, 'uploadThroughput' => $offline ? 0 : 1.5e6 / 8 * 0.9]);
$loads = [];
foreach (range(1, 5) as $round) {
    $forget();
    $network(false);
    $began = microtime(true);
    $phone->go('/');
    Phone::until(fn () => $phone->browser->executeScript('return document.querySelectorAll(".boards li h2").length > 2'), 'the shelf');
    $loads[] = microtime(true) - $began;
}
$bench->say('a phone’s first load of the shelf over 4G', sprintf('%.2f s', Bench::quantile($loads, 0.5)), '≤ 2.5 s', Bench::quantile($loads, 0.5) <= 2.5, implode(', ', array_map(fn (float $load) => sprintf('%.2f', $load), $loads)).' s');
$made = json_decode(Process::fromShellCommandline("php artisan inch:new {$photo} --title=Begun --photo=6x8in --sheet=18x24in --columns=6", base_path(), $environment)->mustRun()->getOutput(), true);
$path = "/drawing/{$made['drawing']}/copy/1-1";
$phone->go($path)->see('[data-test=address]', 'A1');
Phone::until(fn () => $phone->browser->executeAsyncScript('const done = arguments[0]; navigator.serviceWorker.ready.then(async () => { const kept = (await (await caches.open("told")).keys()).map((one) => one.url); done(navigator.serviceWorker.controller !== null && kept.filter((one) => one.includes("cut.jpg")).length > 6 && kept.some((one) => one.includes("/copying"))) })'), 'the phone to keep it', 120);
$server->stop(3);
$waits = [];
foreach (range(1, 5) as $round) {
    $phone->browser->get('about:blank');
    $began = microtime(true);
    $phone->go($path);
    Phone::until(fn () => $phone->browser->executeScript('const i = document.querySelector("[data-test=cell-picture]"); return i && i.complete && i.naturalWidth > 0'), 'the cell, though nobody answers');
    $waits[] = microtime(true) - $began;
}
$bench->say('the cell in hand opened again without a network', sprintf('%.2f s', Bench::quantile($waits, 0.5)), '≤ 1 s', Bench::quantile($waits, 0.5) <= 1, implode(', ', array_map(fn (float $wait) => sprintf('%.2f', $wait), $waits)).' s');

exit($bench->allMet() ? 0 : 1);
