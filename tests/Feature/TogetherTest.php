<?php

use Tests\Photos;
use Tests\Server;

/*
 * Several at once, against the real server with its several workers.
 */

it('lets one of many saves of the same version win, and tells the others', function () {
    [$process, $address] = Server::start('--data='.getenv('INCH_DATA').'/race');
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
        ->and(glob("{$data}/photos/*/*"))->toHaveCount(4)
        ->and(glob("{$data}/*/*/*.part"))->toBe([]);
    $process->stop(3);
});

it('notes many cells at once and loses none', function () {
    [$process, $address] = Server::start('--data='.getenv('INCH_DATA').'/cells');
    $entry = collect(json_decode((string) file_get_contents("{$address}/api/drawings"), true))->firstWhere('title', 'Low water, evening');
    $columns = count($entry['lines']['columns']);
    $answers = Server::together(array_map(fn (int $i) => [
        CURLOPT_URL => "{$address}/api/drawings/{$entry['id']}/cells/".($i % $columns).'/'.intdiv($i, $columns), CURLOPT_CUSTOMREQUEST => 'PUT',
        CURLOPT_POSTFIELDS => '{"state":"done"}', CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
    ], range(0, $entry['cells'] - 1)));
    expect(array_unique(array_column($answers, 0)))->toBe([200]);
    $after = collect(json_decode((string) file_get_contents("{$address}/api/drawings"), true))->firstWhere('id', $entry['id']);
    expect($after['done'])->toBe($entry['cells'])->and($after['next'])->toBe('Every cell is copied.');
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
