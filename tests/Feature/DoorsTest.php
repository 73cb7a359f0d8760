<?php

use App\Models\Drawing;
use Illuminate\Testing\TestResponse;
use Tests\Drawings;

/*
 * Who gets in: this machine's own pages, under its own names; and nothing runs or leaks but what ships.
 */

/** @param  array<string, string>  $headers */
function knock(string $method, string $path, array $headers = [], array $body = []): TestResponse
{
    $server = ['HTTP_ACCEPT' => 'application/json', 'HTTP_HOST' => '127.0.0.1:8317'];
    foreach ($headers as $name => $value) {
        $server['HTTP_'.strtoupper(str_replace('-', '_', $name))] = $value;
    }

    return test()->call($method, "http://{$server['HTTP_HOST']}{$path}", $body, [], [], $server);
}

it('answers under the loopback names alone', function (string $host, int $status) {
    expect(knock('GET', '/api/drawings', ['Host' => $host])->getStatusCode())->toBe($status);
})->with([
    ['127.0.0.1:8317', 200], ['localhost:8317', 200], ['[::1]:8317', 200], ['LOCALHOST', 200],
    ['evil.example', 421], ['evil.example:8317', 421], ['127.0.0.1.evil.example', 421], ['localhost.evil.example:8317', 421], ['192.168.1.4:8317', 421], ['0.0.0.0:8317', 421],
]);

it('lets no other site read or write, in whatever way it asks', function (string $method, array $headers, int $status) {
    $drawing = Drawings::begin();
    $paths = $method === 'GET' ? ['/api/drawings', "/api/drawings/{$drawing->id}", "/api/drawings/{$drawing->id}/sheets/plan.svg", "/api/photos/{$drawing->photo->id}/preview.jpg"] : ["/api/drawings/{$drawing->id}"];
    foreach ($paths as $path) {
        $answer = knock($method, $path, $headers);
        expect($answer->getStatusCode())->toBe($status, $path)->and($answer->baseResponse->headers->has('Access-Control-Allow-Origin'))->toBeFalse();
    }
    expect(Drawing::query()->count())->toBe($method === 'DELETE' && $status === 204 ? 0 : 1);
})->with([
    'a page of another site' => ['GET', ['Origin' => 'http://evil.example', 'Sec-Fetch-Site' => 'cross-site', 'Sec-Fetch-Mode' => 'cors'], 403],
    'an embed in one' => ['GET', ['Sec-Fetch-Site' => 'cross-site', 'Sec-Fetch-Mode' => 'no-cors'], 403],
    'a link in one' => ['GET', ['Sec-Fetch-Site' => 'cross-site', 'Sec-Fetch-Mode' => 'navigate'], 403],
    'another port of this machine' => ['GET', ['Sec-Fetch-Site' => 'same-site', 'Sec-Fetch-Mode' => 'cors'], 403],
    'an old browser that tells its origin alone' => ['GET', ['Origin' => 'http://localhost:9999'], 403],
    'deleting from elsewhere' => ['DELETE', ['Origin' => 'http://evil.example', 'Sec-Fetch-Site' => 'cross-site'], 403],
    'from nowhere: a file, a sandbox' => ['DELETE', ['Origin' => 'null'], 403],
    'in a name of its own' => ['DELETE', ['Host' => 'evil.example', 'Origin' => 'http://evil.example'], 421],
    'its own pages' => ['GET', ['Origin' => 'http://127.0.0.1:8317', 'Sec-Fetch-Site' => 'same-origin'], 200],
    'its own pages, deleting' => ['DELETE', ['Origin' => 'http://127.0.0.1:8317', 'Sec-Fetch-Site' => 'same-origin'], 204],
    'a script in a terminal' => ['GET', [], 200],
]);

it('takes no method but the request’s own', function (array $headers, array $body) {
    $drawing = Drawings::begin();
    expect(knock('POST', "/api/drawings/{$drawing->id}", $headers, $body)->getStatusCode())->toBe(405)->and(Drawing::query()->count())->toBe(1);
})->with([[['X-HTTP-Method-Override' => 'DELETE'], []], [[], ['_method' => 'DELETE']]]);

it('lets a link from elsewhere open a page, and no page of elsewhere show it', function () {
    $page = knock('GET', '/', ['Sec-Fetch-Site' => 'cross-site', 'Sec-Fetch-Mode' => 'navigate'])->assertOk();
    $policy = collect(explode('; ', (string) $page->headers->get('Content-Security-Policy')))->mapWithKeys(fn (string $rule) => [strtok($rule, ' ') => substr($rule, strlen((string) strtok($rule, ' ')) + 1)]);
    expect($policy['script-src'])->toBe("'self'")->and($policy['default-src'])->toBe("'self'")->and($policy['frame-ancestors'])->toBe("'none'")
        ->and($page->headers->get('X-Content-Type-Options'))->toBe('nosniff')->and($page->headers->get('Referrer-Policy'))->toBe('same-origin')
        // No script stands in the page itself.
        ->and($page->content())->not->toMatch('/<script(?![^>]*\ssrc=)/');
});

it('says the same of itself on every answer, refusals too', function (string $path, array $headers) {
    $answer = knock('GET', $path, $headers);
    foreach (['Content-Security-Policy', 'X-Content-Type-Options', 'Referrer-Policy', 'X-Frame-Options'] as $name) {
        expect($answer->baseResponse->headers->has($name))->toBeTrue("{$name} on {$path}");
    }
    expect($answer->baseResponse->headers->has('X-Powered-By'))->toBeFalse();
})->with([['/api/drawings', []], ['/api/drawings/nosuch', []], ['/api/drawings', ['Host' => 'evil.example']], ['/api/drawings?hand[]=x', []], ['/no/such/page', []]]);

it('shows its pages under their own addresses, and anything else as not found', function (string $path, int $status, string $kind) {
    $answer = knock('GET', $path);
    expect($answer->getStatusCode())->toBe($status)->and((string) $answer->headers->get('Content-Type'))->toStartWith($kind);
})->with([
    ['/', 200, 'text/html'], ['/settings', 200, 'text/html'], ['/drawing/x', 200, 'text/html'], ['/drawing/x/copy/C4', 200, 'text/html'], ['/drawing/x/marks/paper/2', 200, 'text/html'],
    ['/no/such/page', 404, 'text/html'], ['/drawing/x/marks/paper/2/3', 404, 'text/html'], ['/api/nothing', 404, 'application/json'],
]);

it('shows none of its pages in place of a file that is missing', function (string $path) {
    expect((string) knock('GET', $path)->assertNotFound()->getContent())->not->toContain('id="app"');
})->with(['/build/assets/main-0.js', '/robots.txt', '/favicon.ico', '/drawing/style.css']);

it('ships no route that only measures', fn () => expect(knock('POST', '/api/nothing')->getStatusCode())->toBeIn([404, 405]));

it('asks for a word where a list was sent, and for text where bytes were', function (string $method, string $path, array|Closure $body) {
    $answer = knock($method, $path, [], is_array($body) ? $body : $body());
    expect($answer->getStatusCode())->toBeGreaterThanOrEqual(400)->toBeLessThan(500);
    knock('GET', '/api/printers')->assertOk();
})->with([
    ['GET', '/api/drawings?hand[]=x', []], ['GET', '/api/pencil?surface[]=x', []], ['GET', '/api/pencil?surface=%ff', []],
    // Made in the test's own time: the name of a case is text.
    ['POST', '/api/printers', fn () => ['name' => "\xff", 'paper' => 'a4', 'border' => '5 mm']], ['POST', '/api/printers', ['name' => ['a'], 'paper' => 'a4', 'border' => '5 mm']],
    ['POST', '/api/drawings', ['width' => ['a'], 'height' => '7 in']], ['GET', '/api/drawings/x/cells/99999999999999999999/0', []],
]);
