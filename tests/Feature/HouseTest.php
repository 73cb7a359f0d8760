<?php

use App\House\Pairing;
use App\Models\PairedDevice;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\HttpFoundation\Cookie;
use Tests\Drawings;

/*
 * The door of the house, as somebody tries it who was not let in, or is let in no more.
 */

const HOUSE = '192.168.1.4:8543';

/** @param  array<string, string>  $cookies */
function atTheHouse(string $method, string $path, array $cookies = [], array $headers = [], array $body = [], string $host = HOUSE): TestResponse
{
    file_put_contents(config('inch.data').'/house.names', HOUSE.' [fd00::4]:8543');
    $server = ['INCH_DOOR' => 'house', 'HTTPS' => 'on', 'HTTP_HOST' => $host, 'HTTP_ACCEPT' => str_starts_with($path, '/api') ? 'application/json' : 'text/html'];
    foreach ($headers as $name => $value) {
        $server['HTTP_'.strtoupper(str_replace('-', '_', $name))] = $value;
    }

    return test()->call($method, "https://{$host}{$path}", $body, $cookies, [], $server);
}

/** As this machine itself asks; the tests' own way takes the name that was asked last. */
function atThisMachine(string $method, string $path, array $body = []): TestResponse
{
    return test()->call($method, "http://127.0.0.1:8317{$path}", $body, [], [], ['HTTP_HOST' => '127.0.0.1:8317', 'HTTP_ACCEPT' => 'application/json']);
}

/** @return array<string, Cookie> */
function given(TestResponse $answer): array
{
    return collect($answer->baseResponse->headers->getCookies())->keyBy(fn (Cookie $cookie) => $cookie->getName())->all();
}

/** @return array{array<string, string>, array<string, string>} the cookies of a paired device, and what its pages say with a change */
function paired(bool $mayPair = false, string $name = 'Easel'): array
{
    $cookies = array_map(fn (Cookie $cookie) => (string) $cookie->getValue(), given(atTheHouse('POST', '/pair', body: ['code' => Pairing::begin($mayPair), 'name' => $name])->assertRedirect('/')));

    return [$cookies, ['X-Inch-Page' => $cookies['__Host-inch-page-8543'], 'Origin' => 'https://'.HOUSE]];
}

it('answers nothing to a device that is not paired, by whatever route and method', function () {
    $drawing = Drawings::begin();
    $asked = 0;
    foreach (Route::getRoutes() as $route) {
        foreach (array_diff($route->methods(), ['HEAD']) as $method) {
            $path = '/'.str_replace(['{drawing}', '{any?}', '{format}', '{board}', '{column}', '{row}'], [$drawing->id, 'drawing/x/copy', 'csv', 'paper', '0', '0'], $route->uri());
            if ($path === '/pair') {
                continue;
            }
            $answer = atTheHouse($method, $path, headers: ['Origin' => 'https://'.HOUSE]);
            $asked++;
            str_starts_with($path, '/api')
                ? expect($answer->getStatusCode())->toBe(401, "{$method} {$path}")->and(array_keys($answer->json()))->toBe(['message'])
                : expect($answer->headers->get('Location'))->toEndWith('/pair', "{$method} {$path}");
        }
    }
    expect($asked)->toBeGreaterThan(70);
    atTheHouse('GET', '/api/no/such/route')->assertStatus(401);
    atTheHouse('GET', '/pair')->assertOk()->assertDontSee($drawing->title());
    // By this machine's own door there is no such page, and no one is asked.
    atThisMachine('GET', '/api/drawings')->assertOk();
    atThisMachine('POST', '/pair', ['code' => Pairing::begin(false), 'name' => 'x'])->assertNotFound();
});

it('gives a key that no script reads, that goes nowhere else, and opens the house', function () {
    $keys = given(atTheHouse('POST', '/pair', body: ['code' => implode(' ', str_split(Pairing::begin(false), 3)), 'name' => 'Easel'])->assertRedirect('/'));
    $key = $keys['__Host-inch-ladder-8543'];
    expect([$key->isHttpOnly(), $key->isSecure(), $key->getSameSite(), $key->getPath(), $key->getDomain()])->toBe([true, true, 'strict', '/', null])
        ->and(strlen((string) $key->getValue()))->toBe(64)
        ->and([$keys['__Host-inch-page-8543']->isHttpOnly(), $keys['__Host-inch-page-8543']->isSecure()])->toBe([false, true]);
    Drawings::begin();
    [$cookies, $says] = [array_map(fn (Cookie $cookie) => (string) $cookie->getValue(), $keys), ['X-Inch-Page' => (string) $keys['__Host-inch-page-8543']->getValue()]];
    expect(atTheHouse('GET', '/api/drawings', $cookies)->assertOk()->json())->toHaveCount(1);
    atTheHouse('GET', '/api/drawings', $cookies, host: '[fd00::4]:8543')->assertOk();
    atTheHouse('GET', '/pair', $cookies)->assertRedirect('/');
    atTheHouse('POST', '/api/drawings', $cookies, $says, ['width' => '9 in', 'height' => '7 in'])->assertCreated();
});

it('takes a code once, for five minutes, and no other', function (Closure $before, int $status) {
    $code = Pairing::begin(false);
    $code = $before($code) ?? $code;
    expect(atTheHouse('POST', '/pair', body: ['code' => $code, 'name' => 'Thief'])->getStatusCode())->toBe($status)
        ->and(PairedDevice::query()->where('name', 'Thief')->exists())->toBe($status === 303);
})->with([
    'at once' => [fn () => null, 303],
    'at the end' => [fn () => test()->travel(299)->seconds() ?: null, 303],
    'after the end' => [fn () => test()->travel(300)->seconds() ?: null, 422],
    'used by another' => [function (string $code): void {
        atTheHouse('POST', '/pair', body: ['code' => $code, 'name' => 'Easel'])->assertRedirect();
    }, 422],
    'replaced by a new one' => [function (): void {
        Pairing::begin(false);
    }, 422],
    'ended' => [function (): void {
        Pairing::end();
    }, 422],
    'of another length' => [fn (string $code) => "0{$code}", 422],
    'empty' => [fn () => '', 422],
    'no name' => [function (string $code): string {
        atTheHouse('POST', '/pair', body: ['code' => $code, 'name' => ' '])->assertStatus(422);

        return $code;
    }, 303],
]);

it('shuts after five wrong codes for ten minutes, however many are tried and the right one among them', function () {
    $code = Pairing::begin(true);
    $tried = array_map(fn (int $i): int => atTheHouse('POST', '/pair', body: ['code' => sprintf('%06d', ((int) $code + 1 + $i) % 1_000_000), 'name' => 'Thief'])->getStatusCode(), range(0, 999));
    expect(array_count_values($tried))->toEqual([422 => 5, 429 => 995]);
    atTheHouse('POST', '/pair', body: ['code' => $code, 'name' => 'Thief'])->assertStatus(429)->assertSee('Too many wrong codes');
    // The computer says so. Whoever sits at it opens pairing again by asking for a new code: a stranger cannot keep it shut.
    expect(atThisMachine('GET', '/api/house')->json('closed'))->toContain('another 10 minutes');
    test()->travel(300)->seconds();
    atTheHouse('POST', '/pair', body: ['code' => atThisMachine('POST', '/api/house/code')->assertCreated()->json('code'), 'name' => 'Easel'])->assertRedirect();
    // Those who were let in count nothing: four slips before, and four after.
    foreach ([1, 2] as $round) {
        $code = Pairing::begin(false);
        foreach (range(1, 4) as $i) {
            atTheHouse('POST', '/pair', body: ['code' => sprintf('%06d', ((int) $code + $i) % 1_000_000), 'name' => 'Slip'])->assertStatus(422);
        }
        atTheHouse('POST', '/pair', body: ['code' => $code, 'name' => "Slip {$round}"])->assertRedirect();
    }
});

it('refuses changes that its own pages did not ask for, and every other name', function (array $headers, string $host, int $status) {
    [$cookies, $says] = paired();
    $drawing = Drawings::begin();
    $headers = array_filter(array_map(fn (?string $value) => $value, [...$says, ...$headers]), is_string(...));
    expect(atTheHouse('DELETE', "/api/drawings/{$drawing->id}", $cookies, $headers, host: $host)->getStatusCode())->toBe($status)
        ->and($drawing->fresh()?->trashed() === false)->toBe($status !== 204);
})->with([
    'its own' => [[], HOUSE, 204],
    'without its word' => [['X-Inch-Page' => null], HOUSE, 403],
    'with another word' => [['X-Inch-Page' => str_repeat('0', 64)], HOUSE, 403],
    'a page of another site' => [['Origin' => 'https://evil.example', 'Sec-Fetch-Site' => 'cross-site'], HOUSE, 403],
    'the same machine over plain HTTP' => [['Origin' => 'http://'.HOUSE], HOUSE, 403],
    'another port of the machine' => [['Origin' => 'https://192.168.1.4:9999', 'Sec-Fetch-Site' => 'same-site'], HOUSE, 403],
    'a name of another’s' => [['Origin' => 'https://evil.example:8543'], 'evil.example:8543', 421],
    'the loopback name' => [['Origin' => 'https://127.0.0.1:8543'], '127.0.0.1:8543', 421],
    'its address under another port' => [['Origin' => 'https://192.168.1.4:8317'], '192.168.1.4:8317', 421],
]);

it('takes no key of another port, none by another door, and none at all where this machine asks', function () {
    [$cookies] = paired();
    $key = $cookies['__Host-inch-ladder-8543'];
    atTheHouse('GET', '/api/drawings', ['__Host-inch-ladder-8544' => $key])->assertStatus(401);
    atTheHouse('GET', '/api/drawings', ['__Host-inch-ladder-8543' => strrev($key)])->assertStatus(401);
    atTheHouse('GET', '/api/drawings', ['__Host-inch-ladder-8543' => hash('sha256', $key)])->assertStatus(401);
    // What says which door it was is no header.
    test()->call('GET', 'https://evil.example/api/drawings', [], [], [], ['HTTP_HOST' => 'evil.example', 'HTTP_INCH_DOOR' => 'house'])->assertStatus(421);
    atTheHouse('GET', '/api/drawings', headers: ['Inch-Door' => 'here'])->assertStatus(401);
});

it('renews a key once a day: a lost answer shuts nobody out, all answers on their way agree, and a copied key takes the device off', function () {
    [$first] = paired();
    $id = PairedDevice::query()->firstOrFail()->id;
    expect(given(atTheHouse('GET', '/api/drawings', $first)))->toBe([]);
    test()->travel(25)->hours();
    $next = array_map(fn (int $i) => array_map(fn (Cookie $cookie) => (string) $cookie->getValue(), given(atTheHouse('GET', '/api/drawings', $first)->assertOk())), range(1, 4));
    expect(array_unique(array_column($next, '__Host-inch-ladder-8543')))->toHaveCount(1)->and($next[0]['__Host-inch-ladder-8543'])->not->toBe($first['__Host-inch-ladder-8543'])
        // What its pages say stays: they may be open still.
        ->and($next[0]['__Host-inch-page-8543'])->toBe($first['__Host-inch-page-8543']);
    // None of the answers came: it shows the old one for days, and is given the same.
    test()->travel(3)->days();
    expect(given(atTheHouse('GET', '/api/drawings', $first)->assertOk())['__Host-inch-ladder-8543']->getValue())->toBe($next[0]['__Host-inch-ladder-8543']);
    atTheHouse('GET', '/api/drawings', $next[0])->assertOk();
    // What was sent before it came is on its way a little longer.
    test()->travel(4)->minutes();
    atTheHouse('GET', '/api/drawings', $first)->assertOk();
    test()->travel(2)->minutes();
    expect(PairedDevice::query()->find($id))->not->toBeNull();
    atTheHouse('GET', '/api/drawings', $first)->assertStatus(401);
    expect(PairedDevice::query()->find($id))->toBeNull();
    atTheHouse('GET', '/api/drawings', $next[0])->assertStatus(401);
});

it('leaves letting in to the computer and to whom it is given; anyone may leave', function () {
    [$easel, $easelSays] = paired(name: 'Easel');
    [$tablet, $tabletSays] = paired(true, 'Tablet');
    [$easelId, $tabletId] = array_map(fn (string $name) => PairedDevice::query()->firstWhere('name', $name)->id, ['Easel', 'Tablet']);
    expect(array_column(atTheHouse('GET', '/api/house', $easel)->json('devices'), 'name'))->toBe(['Easel'])
        ->and(array_column(atTheHouse('GET', '/api/house', $tablet)->json('devices'), 'name'))->toEqualCanonicalizing(['Easel', 'Tablet'])
        ->and(atThisMachine('GET', '/api/house')->json('devices'))->toHaveCount(2);
    atTheHouse('POST', '/api/house/code', $easel, $easelSays)->assertStatus(403);
    atTheHouse('DELETE', "/api/house/devices/{$tabletId}", $easel, $easelSays)->assertStatus(403);
    // It may call itself what it likes, and gives itself no rights by that.
    expect(atTheHouse('PUT', "/api/house/devices/{$easelId}", $easel, $easelSays, ['name' => 'Прибор', 'may_pair' => true])->assertOk()->json('devices.0'))->toMatchArray(['name' => 'Прибор', 'may_pair' => false, 'here' => true]);
    atTheHouse('PUT', "/api/house/devices/{$tabletId}", $easel, $easelSays, ['name' => 'x', 'may_pair' => false])->assertStatus(403);
    atTheHouse('POST', '/api/house/code', $tablet, $tabletSays)->assertCreated();
    atTheHouse('DELETE', "/api/house/devices/{$easelId}", $tablet, $tabletSays)->assertNoContent();
    atTheHouse('GET', '/api/drawings', $easel)->assertStatus(401);
    atTheHouse('DELETE', "/api/house/devices/{$tabletId}", $tablet, $tabletSays)->assertNoContent();
    atTheHouse('GET', '/api/drawings', $tablet)->assertStatus(401);
});

it('lists its devices in a terminal, and takes one off', function () {
    paired(name: 'Easel');
    paired(name: 'Twin');
    [$twin] = paired(name: 'Twin');
    $run = function (string $command): array {
        $output = new BufferedOutput;

        return [Artisan::call($command, [], $output), $output->fetch()];
    };
    [$code, $says] = $run('inch:devices --json');
    expect($code)->toBe(0)->and(array_column(json_decode($says, true), 'name'))->toEqualCanonicalizing(['Easel', 'Twin', 'Twin']);
    expect($run('inch:devices')[1])->toContain('here now')
        ->and($run('inch:devices --disconnect=Twin'))->toBe([1, "2 devices are called “Twin”. Say which by its id (inch:devices lists them).\n"])
        ->and($run('inch:devices --off=Nobody')[0])->toBe(1);
    $id = PairedDevice::showing($twin['__Host-inch-ladder-8543'])->id;
    expect($run("inch:devices --off={$id}"))->toBe([0, "Twin is off.\n"]);
    atTheHouse('GET', '/api/drawings', $twin)->assertStatus(401);
});

it('says when a device was seen last', function (int $seconds, string $says) {
    [$cookies] = paired();
    test()->travel($seconds)->seconds();
    expect(atThisMachine('GET', '/api/house')->json('devices.0.seen'))->toBe($says);
})->with([[0, 'here now'], [89, 'here now'], [90, '2 minutes ago'], [89 * 60, '89 minutes ago'], [90 * 60, '2 hours ago'], [35 * 3600, '35 hours ago'], [36 * 3600, '2 days ago'], [40 * 86400, '40 days ago']]);

it('tells the hub what happened once it is kept, wherever the hub is, and goes on where there is none', function (string $address, string $base) {
    file_put_contents($file = getenv('INCH_DATA').'/hub.address', $address);
    Http::fake();
    $told = fn (): array => Http::recorded()->map(fn (array $pair) => [$pair[0]->method(), $pair[0]->url(), json_decode($pair[0]->body(), true)])->all();
    $drawing = Drawings::begin();
    atThisMachine('PUT', "/api/drawings/{$drawing->id}/cells/0/0", ['state' => 'done'])->assertOk();
    expect($told())->toContain(['POST', "{$base}/tell/{$drawing->id}", ['version' => 1, 'edits' => 1]])->toContain(['POST', "{$base}/tell/shelf", ['drawing' => $drawing->id]]);
    [$cookies, $says] = paired();
    $id = PairedDevice::query()->firstOrFail()->id;
    expect(atTheHouse('GET', "/api/drawings/{$drawing->id}/events", $cookies)->assertOk()->headers->get('X-Accel-Redirect'))->toBe("/hear/{$drawing->id}/{$id}")
        ->and(atThisMachine('GET', '/api/shelf/events')->assertOk()->headers->get('X-Accel-Redirect'))->toBe('/hear/shelf/here');
    atTheHouse('DELETE', "/api/house/devices/{$id}", $cookies, $says)->assertNoContent();
    expect($told())->toContain(['DELETE', "{$base}/tell/{$id}", null]);
    // So are those of a device whose key was copied, when that comes out.
    paired();
    $id = PairedDevice::query()->firstOrFail()->id;
    PairedDevice::query()->whereKey($id)->update(['previous_hash' => hash('sha256', $old = str_repeat('0', 64)), 'renewed_at' => now()->subHour()]);
    atTheHouse('GET', '/api/drawings', ['__Host-inch-ladder-8543' => $old])->assertStatus(401);
    expect($told())->toContain(['DELETE', "{$base}/tell/{$id}", null]);
    // Many at once are told of once.
    $before = count($told());
    atThisMachine('PUT', "/api/drawings/{$drawing->id}/notes", ['notes' => array_map(fn (int $i) => ['key' => "n{$i}", 'cells' => [$i], 'state' => 'done'], range(1, 9))])->assertOk();
    expect(array_slice($told(), $before))->toBe([['POST', "{$base}/tell/{$drawing->id}", ['version' => 1, 'edits' => 10]], ['POST', "{$base}/tell/shelf", ['drawing' => $drawing->id]]]);
    // What was refused was not done, and is not told.
    $count = count($told());
    atThisMachine('PUT', "/api/drawings/{$drawing->id}/cells/0/0", ['state' => 'nonsense'])->assertStatus(422);
    expect($told())->toHaveCount($count);
    unlink($file);
    atThisMachine('GET', "/api/drawings/{$drawing->id}/events")->assertNoContent();
    atThisMachine('PUT', "/api/drawings/{$drawing->id}/cells/0/1", ['state' => 'done'])->assertOk();
})->with([['/run/inch/hub.sock', 'http://hub'], ['http://10.0.0.1:8401', 'http://10.0.0.1:8401']]);

it('passes on what is pointed at, and nothing that is no place', function (array $body, int $status) {
    $drawing = Drawings::begin();
    expect(atThisMachine('POST', "/api/drawings/{$drawing->id}/pointing", $body)->getStatusCode())->toBe($status);
})->with([
    [['by' => 'a', 'on' => true, 'x' => 0, 'y' => 1], 204], [['by' => 'a', 'on' => false], 204], [['by' => 'a', 'on' => true, 'column' => 3, 'row' => 0], 204],
    [['by' => 'a', 'on' => true, 'x' => 0.5], 422], [['by' => 'a', 'on' => true, 'x' => 1.01, 'y' => 0], 422], [['by' => 'a', 'on' => true, 'column' => -1, 'row' => 0], 422],
    [['on' => true], 422], [['by' => str_repeat('x', 41), 'on' => true], 422], [['by' => 'a'], 422],
]);
