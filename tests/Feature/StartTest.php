<?php

use Illuminate\Support\Facades\Route;
use Symfony\Component\Process\Process;
use Tests\Server;

/*
 * The command a newcomer runs, as they run it; what is missing was installed by the
 * run of ./bin/test these tests are part of.
 */

it('starts with the demo, keeps what was done, starts again within seconds, and begins anew when told', function () {
    $data = getenv('INCH_DATA').'/start';
    [$first, $address] = Server::start("--data={$data}");
    expect($first->getOutput())->toContain('loading the demo')->toContain($data)
        ->and(Server::shelf($address))->toHaveCount(3);
    $page = (string) file_get_contents("{$address}/");
    expect($page)->toContain('/build/assets/main-')
        ->and(str_replace($address, '', $page))->not->toMatch('#(src|href)="https?://#');

    $id = json_decode((string) file_get_contents("{$address}/api/drawings"), true)[0]['id'];
    file_get_contents("{$address}/api/drawings/{$id}", false, stream_context_create(['http' => ['method' => 'DELETE']]));
    $first->stop(3);
    expect(@file_get_contents("{$address}/api/catalogue"))->toBeFalse();

    [$second, $again] = Server::start("--data={$data}");
    // What makes it quick: nothing is installed, fetched, built or loaded a second time.
    expect($second->getOutput())->not->toMatch('/demo|installing|fetching|building|reading the list/')
        ->and(Server::shelf($again))->toHaveCount(2);
    $second->stop(3);

    [$third, $anew] = Server::start("--data={$data}", '--fresh');
    expect($third->getOutput())->toContain('loading the demo')->and(Server::shelf($anew))->toHaveCount(3);
    $third->stop(3);
});

/** @return list<int> processes of a server: those in the groups of its parts */
function partsOf(string $run): array
{
    $groups = implode(',', array_filter(explode("\n", (string) shell_exec('pgrep -f '.escapeshellarg("guarded supervise.*{$run}"))."\n".preg_replace('/ .*/', '', (string) @file_get_contents("{$run}/parts")))));

    return $groups === '' ? [] : array_map(intval(...), array_filter(explode("\n", (string) shell_exec("pgrep -g {$groups}"))));
}

/** Waits until something is so, 30 s at most. */
function until(Closure $isSo): bool
{
    for ($end = microtime(true) + 30; ! $isSo() && microtime(true) < $end; usleep(50_000));

    return $isSo();
}

it('is ended whole by whatever ends it, and starts again on the same port at once; a part that is killed comes back, with nothing left of it', function () {
    $data = Server::demo(getenv('INCH_DATA').'/killed in part');
    [$process, $address] = Server::start("--data={$data}");
    $port = (int) substr((string) strrchr($address, ':'), 1);
    $run = fn (): string => dirname((string) file_get_contents("{$data}/hub.address"));
    // For its owner alone.
    foreach ([$data, "{$data}/inch-ladder.sqlite", "{$data}/photos", "{$data}/logs"] as $place) {
        expect(fileperms($place) & 0o077)->toBe(0, $place);
    }
    $refused = Server::begin("--data={$data}");
    $refused->wait();
    expect($refused->getExitCode())->toBe(1)->and($refused->getErrorOutput())->toContain("uses {$data} already, at {$address}");

    // Asked by reading, as PHP remembers the last folder that was there.
    $is = fn (int $pid): bool => ! str_contains(@file_get_contents("/proc/{$pid}/stat") ?: ') Z', ') Z');
    $named = fn (string $says): array => array_values(array_filter(partsOf($run()), fn (int $pid): bool => str_contains((string) @file_get_contents("/proc/{$pid}/cmdline"), $says)));
    $workers = $named('php-fpm: pool');
    expect($workers)->toHaveCount(9);
    posix_kill($named('php-fpm: master')[0], SIGKILL);
    expect(until(fn () => array_filter($workers, $is) === [] && count($named('php-fpm: pool')) === 9))->toBeTrue()
        ->and(Server::shelf($address))->toHaveCount(3);

    // The start itself, then one that keeps a part up.
    foreach (['bin/start', 'guarded supervise.*caddy'] as $victim) {
        $parts = partsOf($run());
        $pid = (int) shell_exec('pgrep -f '.escapeshellarg($victim === 'bin/start' ? "bin/start.*{$data}" : "{$victim}.*{$run()}").' | head -1');
        posix_kill($pid, SIGKILL);
        [$process, $again] = Server::start("--data={$data}", "--port={$port}");
        expect($again)->toBe($address)->and(Server::shelf($again))->toHaveCount(3)->and(array_values(array_filter($parts, $is)))->toBe([], $victim);
    }
    $parts = partsOf($run());
    // A number of its list that another process has by now.
    $other = new Process(['setsid', 'sleep', '60']);
    $other->start();
    file_put_contents("{$run()}/parts", "{$other->getPid()} 1\n", FILE_APPEND);
    $process->stop(5);
    expect(until(fn () => array_filter($parts, $is) === []))->toBeTrue()->and($other->isRunning())->toBeTrue();
    $other->stop(0);
});

it('leaves nothing behind but the data folder when it ends', function () {
    [$data, $temporary] = [Server::demo(getenv('INCH_DATA').'/behind'), getenv('INCH_DATA').'/behind-tmp'];
    mkdir($temporary);
    $process = Server::beginWith(['TMPDIR' => $temporary], "--data={$data}", '--house');
    Server::address($process);
    $run = glob("{$temporary}/inch-ladder-run.*");
    expect($run)->toHaveCount(1)->and(is_file("{$data}/hub.address"))->toBeTrue()->and(fileperms("{$data}/house") & 0o077)->toBe(0);
    $process->stop(5);
    expect(glob("{$temporary}/inch-ladder-run.*"))->toBe([])->and(glob("{$data}/h*.{address,names,new}", GLOB_BRACE))->toBe([])
        ->and(trim((string) shell_exec('pgrep -f '.escapeshellarg($run[0]).' | grep -v $$')))->toBe('');
});

it('is found under each address it has, with no hand refused while they change, and under no other name', function () {
    $data = Server::demo(getenv('INCH_DATA').'/names');
    mkdir("{$data}/bin", recursive: true);
    $has = function (string ...$addresses) use ($data): void {
        file_put_contents("{$data}/has", implode(' ', $addresses));
        rename("{$data}/has", "{$data}/addresses");
    };
    file_put_contents("{$data}/bin/hostname", "#!/bin/sh\n[ \"\$1\" = -I ] && exec cat {$data}/addresses\necho desk\n");
    chmod("{$data}/bin/hostname", 0755);
    $has('127.0.0.2');
    $process = Server::beginWith(['PATH' => "{$data}/bin:".getenv('PATH'), 'INCH_ADDRESSES_LOOKED_AT_EVERY' => '0.2'], "--data={$data}", '--house');
    $here = Server::address($process);
    preg_match('#https://127\.0\.0\.2:(\d+)#', $process->getOutput(), $found);
    $port = $found[1];
    // As a phone does it, which says no name where it was given an address: what went wrong, if anything.
    $shake = function (string $address, ?string $name = null) use ($port): string {
        $way = stream_context_create(['ssl' => ['verify_peer' => false, 'verify_peer_name' => false, 'SNI_enabled' => $name !== null, 'peer_name' => $name]]);
        $wire = @stream_socket_client("tcp://{$address}:{$port}", $_, $why, 3, context: $way);

        return $wire === false ? $why : (@stream_socket_enable_crypto($wire, true, STREAM_CRYPTO_METHOD_TLS_CLIENT) === true ? '' : 'refused');
    };
    $meanwhile = function (int $milliseconds) use ($shake): void {
        for ($end = hrtime(true) + 1e6 * $milliseconds, $hands = 0; hrtime(true) < $end; $hands++) {
            expect($shake('127.0.0.2'))->toBe('', "after {$hands} hands");
        }
    };
    foreach (range(0, 7) as $i) {
        $has('127.0.0.2', ...($i % 2 === 0 ? ['127.0.0.3', '127.0.0.4'] : []));
        $meanwhile(700);
    }
    // One that was gone before it was looked at (203.0.113.0/24 is nobody's, RFC 5737) does not keep the next from being found.
    $has('127.0.0.2', '203.0.113.9', '127.0.0.5');
    $meanwhile(700);
    expect($shake('127.0.0.5'))->toBe('')
        ->and(array_map(fn (string $name): string => $shake('127.0.0.2', $name), ['bank.example', '*', '127.0.0.?', '127.0.0.9']))->toBe(array_fill(0, 4, 'refused'))
        ->and($shake('127.0.0.9'))->toBe('refused')
        ->and(array_values((array) preg_grep('/\.local:/', json_decode((string) file_get_contents("{$here}/api/house"), true)['addresses'], PREG_GREP_INVERT)))->toBe(["https://127.0.0.2:{$port}", "https://203.0.113.9:{$port}", "https://127.0.0.5:{$port}"]);
    $process->stop(3);
});

it('serves where it is told, and takes a relative folder from where it was called', function () {
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) substr(strrchr((string) stream_socket_get_name($socket, false), ':') ?: '', 1);
    fclose($socket);
    $folder = 'inch-ladder-start-'.getmypid();
    [$process, $address] = Server::start("--port={$port}", "--data={$folder}");
    expect($address)->toBe("http://127.0.0.1:{$port}")
        ->and(is_file(sys_get_temp_dir()."/{$folder}/inch-ladder.sqlite"))->toBeTrue();
    $process->stop(3);
    (new Illuminate\Filesystem\Filesystem)->deleteDirectory(sys_get_temp_dir()."/{$folder}");
})->group('long');

it('gives each of two that start at the same moment a port of its own, and each its own data', function () {
    $servers = array_map(fn (int $i) => Server::begin('--data='.getenv('INCH_DATA')."/moment-{$i}"), range(0, 1));
    $addresses = array_map(Server::address(...), $servers);
    expect(array_unique($addresses))->toHaveCount(2);
    foreach ($addresses as $address) {
        $here = json_decode((string) file_get_contents("{$address}/api/drawings"), true)[0]['id'];
        $found = array_map(fn (string $other) => @file_get_contents("{$other}/api/drawings/{$here}") !== false, $addresses);
        expect(array_keys(array_filter($found)))->toBe([array_search($address, $addresses, true)]);
    }
    array_map(fn (Process $server) => $server->stop(3), $servers);
});

it('names what is wrong with how it was called, or the step that failed and the cure', function (array $options, int $code, string $says) {
    $process = new Process(['bash', base_path('bin/start'), ...$options], base_path(), ['APP_ENV' => 'production']);
    $process->run();
    expect($process->getExitCode())->toBe($code)->and($process->getErrorOutput())->toContain($says);
})->with([
    [['--prot=80'], 2, 'Unknown option --prot=80'],
    [['--port=http'], 2, '--port takes a number'],
    [['--house=yes'], 2, '--house takes a number'],
    [['--data=/proc/no/such'], 1, 'What helps: give yourself the right to write there'],
]);

it('says that nothing answers where its workers do not begin, and not where they are', function () {
    $data = Server::demo(getenv('INCH_DATA').'/dead');
    mkdir("{$data}/bin", recursive: true);
    file_put_contents("{$data}/bin/php-fpm8.2", "#!/bin/sh\necho 'no room for workers' >&2\nexit 78\n");
    chmod("{$data}/bin/php-fpm8.2", 0755);
    $process = Server::beginWith(['PATH' => "{$data}/bin:".getenv('PATH')], "--data={$data}");
    $process->wait();
    expect($process->getExitCode())->toBe(1)->and($process->getOutput())->not->toContain('Inch Ladder is at')
        ->and($process->getErrorOutput())->toContain('php-fpm8.2 would not stay up', $log = "{$data}/logs/server.log")
        ->and((string) file_get_contents($log))->toContain('no room for workers');
});

it('says that nothing answers where its workers begin and never do', function () {
    $data = Server::demo(getenv('INCH_DATA').'/mute');
    mkdir("{$data}/bin", recursive: true);
    // Its sockets are there, and whoever calls is hung up on.
    file_put_contents("{$data}/bin/php-fpm8.2", <<<'SH'
        #!/bin/sh
        for given in "$@"; do case $given in */workers.conf) run=$(dirname "$given") ;; esac; done
        exec php -n -r 'foreach (["light", "cells", "heavy"] as $name) { $doors[] = stream_socket_server("unix://$argv[1]/$name.sock"); } while (true) { $heard = $doors; $none = []; stream_select($heard, $none, $none, null); foreach ($heard as $door) { fclose(stream_socket_accept($door)); } }' "$run"
        SH);
    chmod("{$data}/bin/php-fpm8.2", 0755);
    $process = Server::beginWith(['INCH_ANSWERS_WITHIN' => '3', 'PATH' => "{$data}/bin:".getenv('PATH')], "--data={$data}");
    $process->wait();
    expect($process->getExitCode())->toBe(1)->and($process->getOutput())->not->toContain('Inch Ladder is at')
        ->and($process->getErrorOutput())->toContain('does not answer on port', "{$data}/logs/server.log says why");
})->group('long');

it('gives each question to the workers that answer such ones', function () {
    $data = Server::demo(getenv('INCH_DATA').'/pools');
    mkdir("{$data}/bin", recursive: true);
    // In place of the workers, one who answers with the name of the door it was asked at (FastCGI 1.0: a record of type 6 is the answer, one of type 3 its end).
    file_put_contents("{$data}/bin/php-fpm8.2", <<<'SH'
        #!/bin/sh
        for given in "$@"; do case $given in */workers.conf) run=$(dirname "$given") ;; esac; done
        exec php -n -r '
            foreach (["light", "cells", "heavy"] as $name) { $doors[$name] = stream_socket_server("unix://$argv[1]/$name.sock"); }
            while (true) {
                [$heard, $none] = [$doors, []];
                stream_select($heard, $none, $none, null);
                foreach ($heard as $name => $door) {
                    $wire = stream_socket_accept($door);
                    do { $head = unpack("Cversion/Ctype/nid/nlong/Cpad/Crest", fread($wire, 8)); $head["long"] + $head["pad"] > 0 && stream_get_contents($wire, $head["long"] + $head["pad"]); } while ($head["type"] !== 5 || $head["long"] > 0);
                    $says = "Status: 200 OK\r\nContent-Type: text/plain\r\n\r\n$name";
                    fwrite($wire, pack("CCnnCC", 1, 6, $head["id"], strlen($says), 0, 0).$says.pack("CCnnCC", 1, 6, $head["id"], 0, 0, 0).pack("CCnnCCNN", 1, 3, $head["id"], 8, 0, 0, 0, 0));
                    fclose($wire);
                }
            }' "$run"
        SH);
    chmod("{$data}/bin/php-fpm8.2", 0755);
    $process = Server::beginWith(['PATH' => "{$data}/bin:".getenv('PATH')], "--data={$data}");
    $process->waitUntil(fn () => str_contains($process->getOutput(), 'Ctrl C ends it') || $process->isTerminated());
    preg_match('#http://127\.0\.0\.1:\d+#', $process->getOutput(), $address);
    // What decodes a picture or makes a sheet; and what is read from pixels cell by cell.
    $heavy = ['photos', 'photos/{photo}/preview.jpg', 'photos/{photo}/tones.png', 'photos/{photo}/cut.jpg', 'archives', 'made/{file}', 'POST drawings', ...array_map(fn (string $of) => "drawings/{drawing}/{$of}", [
        'shots', 'shots/{photo}', 'shots/{photo}/corners', 'shots/{photo}/places.csv', 'shots/{photo}/at', 'shots/{photo}/flat.jpg', 'shots/{photo}/ruled', 'rehearsed-shot', 'contours', 'edges', 'masses', 'page', 'squared',
        'tones', 'tones/at', 'colours/at', 'strokes', 'swatches', 'rehearsed-swatches', 'sheets/{kind}', 'sheets/{kind}.{format}', 'rehearsal/{kind}', 'drawing.zip',
    ])];
    $cells = array_map(fn (string $of) => "GET drawings/{drawing}/{$of}", [
        'copying', 'unguarded', 'finish', 'cells/{column}/{row}', 'cells/{column}/{row}/strengths', 'cells/{column}/{row}/crossing',
    ]);
    $wrong = [];
    foreach (Route::getRoutes() as $route) {
        $uri = substr($route->uri(), 4);
        if (! str_starts_with($route->uri(), 'api/') || str_ends_with($uri, 'events')) {
            continue;
        }
        $method = $route->methods()[0];
        $asked = "{$address[0]}/api/".strtr(preg_replace('/\{(column|row)\}/', '1', $uri), ['{kind}' => 'plan', '{format}' => 'pdf', '{' => '', '}' => '']);
        $answer = (string) file_get_contents($asked, false, stream_context_create(['http' => ['method' => $method, 'ignore_errors' => true]]));
        $wanted = match (true) {
            in_array($uri, $heavy, true), in_array("{$method} {$uri}", $heavy, true) => 'heavy',
            in_array("{$method} {$uri}", $cells, true) => 'cells',
            default => 'light',
        };
        $answer === $wanted || $wrong[] = "{$method} {$uri}: {$answer}, not {$wanted}";
    }
    expect($wrong)->toBe([]);
    $process->stop(3);
});

it('refuses an upload too large, whichever of the server’s doors it comes to', function () {
    [$process, $address] = Server::start('--data='.Server::demo(getenv('INCH_DATA').'/large'));
    $path = getenv('INCH_DATA').'/large.jpg';
    // Over our limit, over the limit for a file, over the limit for a request.
    foreach ([65 => 422, 70 => 422, 90 => 413] as $megabytes => $status) {
        $file = fopen($path, 'w');
        fwrite($file, (string) file_get_contents(Tests\Photos::make()));
        ftruncate($file, $megabytes * 1024 * 1024);
        $curl = curl_init("{$address}/api/drawings");
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_POSTFIELDS => ['photo' => new CURLFile($path)], CURLOPT_HTTPHEADER => ['Accept: application/json', 'Expect:']]);
        $answer = json_decode((string) curl_exec($curl), true);
        expect(curl_getinfo($curl, CURLINFO_RESPONSE_CODE))->toBe($status, "{$megabytes} MB")
            ->and($answer['message'])->toContain('larger than 64 MB');
    }
    expect(Server::shelf($address))->toHaveCount(3);
    $process->stop(3);
    unlink($path);
});
