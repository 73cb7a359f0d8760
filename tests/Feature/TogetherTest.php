<?php

use Tests\Photos;
use Tests\Server;

/*
 * Several at once, against the real server with its several workers.
 */

it('lets one of many saves of the same version win, and tells the others', function () {
    [$process, $address] = Server::start('--data='.Server::demo(getenv('INCH_DATA').'/race'));
    $drawing = json_decode((string) file_get_contents("{$address}/api/drawings"), true)[0]['id'];
    $before = json_decode((string) file_get_contents("{$address}/api/drawings/{$drawing}"), true);
    $requests = array_map(function (int $i) use ($address, $drawing, $before): array {
        $choices = $before['workings']['choices'];
        $choices['title'] = "Hand {$i}";

        return [
            CURLOPT_URL => "{$address}/api/drawings/{$drawing}", CURLOPT_CUSTOMREQUEST => 'PUT',
            CURLOPT_POSTFIELDS => json_encode(['version' => $before['version'], 'choices' => $choices]), CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
        ];
    }, range(1, 12));
    $answers = Server::together($requests);
    $statuses = array_count_values(array_column($answers, 0));
    expect($statuses)->toEqual([200 => 1, 409 => 11]);
    $winner = array_search(200, array_column($answers, 0), true);
    $after = json_decode((string) file_get_contents("{$address}/api/drawings/{$drawing}"), true);
    expect($after['version'])->toBe($before['version'] + 1)
        ->and($after['workings']['choices']['title'])->toBe('Hand '.($winner + 1))
        ->and($answers[$winner === 0 ? 1 : 0][1]['changed'])->toBe(['title']);
    $process->stop(3);
});

it('keeps a photo once and begins a drawing for each, when the same one is dropped in many tabs', function () {
    $data = getenv('INCH_DATA').'/drops';
    [$process, $address] = Server::start("--data={$data}");
    $path = Photos::make(1200, 900);
    $answers = Server::together(array_map(fn () => [CURLOPT_URL => "{$address}/api/drawings", CURLOPT_POSTFIELDS => ['photo' => new CURLFile($path)], CURLOPT_HTTPHEADER => ['Accept: application/json', 'Expect:']], range(1, 6)));
    expect(array_column($answers, 0))->toBe(array_fill(0, 6, 201));
    $photos = array_unique(array_map(fn (array $answer) => $answer[1]['photo']['id'], $answers));
    expect($photos)->toHaveCount(1)->and(Server::shelf($address))->toHaveCount(9)
        ->and(glob("{$data}/photos/*/*"))->toHaveCount(6)
        ->and(glob("{$data}/*/*/*.part"))->toBe([]);
    $process->stop(3);
});

it('notes many cells at once and loses none', function () {
    [$process, $address] = Server::start('--data='.Server::demo(getenv('INCH_DATA').'/cells'));
    $entry = collect(json_decode((string) file_get_contents("{$address}/api/drawings"), true))->firstWhere('title', 'Low water, evening');
    $columns = count($entry['lines']['columns']);
    $answers = Server::together(array_map(fn (int $i) => [
        CURLOPT_URL => "{$address}/api/drawings/{$entry['id']}/cells/".($i % $columns).'/'.intdiv($i, $columns), CURLOPT_CUSTOMREQUEST => 'PUT',
        CURLOPT_POSTFIELDS => '{"state":"done"}', CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
    ], range(0, $entry['cells'] - 1)));
    expect(array_unique(array_column($answers, 0)))->toBe([200]);
    $after = collect(json_decode((string) file_get_contents("{$address}/api/drawings"), true))->firstWhere('id', $entry['id']);
    expect($after['done'])->toBe($entry['cells'])->and($after['next'])->toBe('Check the drawing next.');
    $process->stop(3);
});

it('reads pictures only, whatever a file calls itself', function (string $decoder, string $bytes) {
    // The policy the server and the commands run under; each of these is more than a picture to the library.
    expect(fn () => new Imagick("{$decoder}:".Photos::file($bytes, '.txt')))->toThrow(ImagickException::class);
})->with([
    ['msl', '<image><read filename="/etc/passwd"/></image>'],
    ['mvg', "push graphic-context\nviewbox 0 0 9 9\nimage over 0,0 9,9 '/etc/passwd'\npop graphic-context"],
    ['svg', '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><image href="/etc/passwd"/></svg>'],
    ['text', 'dear diary'],
    ['label', '@/etc/passwd'],
    ['ps', '%!PS'],
    ['pdf', '%PDF-1.4'],
    ['gif', 'GIF89a'],
    ['url', 'http://127.0.0.1/'],
]);

it('holds hundreds of streams and no worker by them, ends those of a device that is taken off, and speaks no plain HTTP', function () {
    [$process, $here] = Server::start('--data='.($data = Server::demo(getenv('INCH_DATA').'/streams')), '--house');
    preg_match('#https://[\d.]+:\d+#', $process->getOutput(), $found);
    $house = $found[0] ?? throw new RuntimeException('This machine has no address of its own to serve the house under: '.$process->getOutput());
    Tests\Browser\Table::until(fn () => is_file("{$data}/house/caddy/pki/authorities/local/root.crt") && Server::ask($data, "{$house}/pair")[0] === 200, 'the house to answer');
    $id = json_decode((string) file_get_contents("{$here}/api/drawings"), true)[0]['id'];

    // By plain HTTP there is nothing, neither a page nor a way on.
    [$status, $says] = Server::ask($data, str_replace('https', 'http', $house).'/api/drawings');
    expect($status)->toBe(400)->and($says)->not->toContain($id);
    expect(Server::ask($data, "{$house}/api/drawings/{$id}/events")[0])->toBe(401);
    // Nor by any other way of writing the address: what the front takes it for and what the hub takes it for must be one.
    foreach (['/api/%2e%2e/here/api/shelf/events', '/api/..%2f..%2fhere/api/shelf/events', '/api/..%252f..%252fhere%252fapi%252fshelf/events', '/api/%252e%252e%252fhere/events', '/api//shelf/events', '//api/shelf/events', '/api/./shelf/events', '/here/api/shelf/events', '/hear/shelf/here', '/api/..%2fhear/shelf/here', '/api/..%252fhear%252fshelf/events', '/api/..%2ftell/events', '/api/..%252f..%252ftell/events', '/api/shelf/events/..;/events', '/API/shelf/events', '/api/shelf%2fevents', '/api\\..\\here/api/shelf/events'] as $path) {
        foreach (['GET', 'POST', 'DELETE'] as $method) {
            [$status, $says] = Server::ask($data, $house.$path, [CURLOPT_PATH_AS_IS => true, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_TIMEOUT => 5, CURLOPT_HTTPHEADER => ['Accept: text/event-stream', 'X-Inch-Door: here', 'X-Inch-House: '.parse_url($house, PHP_URL_HOST)]]);
            expect($status)->toBeIn([303, 400, 401, 403, 404, 405], "{$method} {$path}: {$says}")->and($says)->not->toContain(': hi');
        }
    }
    // Whoever shows no key sends nothing that is long, and is not listened to for long.
    expect(Server::ask($data, "{$house}/pair", [CURLOPT_POSTFIELDS => 'name='.str_repeat('x', 100_000)])[0])->not->toBe(200);

    $post = fn (string $path): array => json_decode((string) file_get_contents($here.$path, false, stream_context_create(['http' => ['method' => 'POST']])), true);
    expect(Server::ask($data, "{$house}/pair", [CURLOPT_POSTFIELDS => ['code' => $post('/api/house/code')['code'], 'name' => 'Easel']])[0])->toBe(303)
        ->and(Server::ask($data, "{$house}/api/drawings/{$id}")[0])->toBe(200);
    $multi = curl_multi_init();
    $heard = array_fill(0, 200, '');
    $streams = array_map(function (int $i) use ($multi, $data, $house, $here, $id, &$heard) {
        $curl = curl_init(($i % 2 ? $house : $here)."/api/drawings/{$id}/events");
        curl_setopt_array($curl, [CURLOPT_COOKIEJAR => null, CURLOPT_TIMEOUT => 120, CURLOPT_RETURNTRANSFER => false, CURLOPT_HTTPHEADER => ['Accept: text/event-stream'], CURLOPT_WRITEFUNCTION => function ($curl, string $bytes) use ($i, &$heard): int {
            $heard[$i] .= $bytes;

            return strlen($bytes);
        }] + Server::paired($data));
        curl_multi_add_handle($multi, $curl);

        return $curl;
    }, range(0, 199));
    $listen = function (Closure $until) use ($multi, &$running): void {
        Tests\Browser\Table::until(function () use ($multi, $until, &$running): bool {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.02);

            return $until();
        }, 'all streams to hear it');
    };
    // Not an arrow function: those would look at what was heard when they were made.
    $all = function (string $word) use (&$heard): Closure {
        return function () use ($word, &$heard): bool {
            return count(array_filter($heard, fn (string $said) => str_contains($said, $word))) === 200;
        };
    };
    $listen($all(': hi'));
    // As many workers as there are, and more, are free.
    $answers = Server::together(array_map(fn () => [CURLOPT_URL => "{$here}/api/drawings/{$id}", CURLOPT_TIMEOUT => 10], range(1, 8)));
    expect(array_column($answers, 0))->toBe(array_fill(0, 8, 200));
    file_get_contents("{$here}/api/drawings/{$id}/cells/0/0", false, stream_context_create(['http' => ['method' => 'PUT', 'header' => 'Content-Type: application/json', 'content' => '{"doubtful":true}']]));
    $listen($all('"edits":'));
    // Out, and the streams with it; this machine's go on.
    $device = json_decode((string) file_get_contents("{$here}/api/house"), true)['devices'][0]['id'];
    file_get_contents("{$here}/api/house/devices/{$device}", false, stream_context_create(['http' => ['method' => 'DELETE']]));
    $listen(function () use (&$running): bool {
        return $running === 100;
    });
    expect(Server::ask($data, "{$house}/api/drawings/{$id}")[0])->toBe(401);
    array_map(fn ($curl) => curl_multi_remove_handle($multi, $curl), $streams);
    $process->stop(3);
});
