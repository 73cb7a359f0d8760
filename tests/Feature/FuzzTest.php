<?php

use App\Archive\ArchiveReader;
use App\Archive\ArchiveWriter;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
use App\Models\OwnPencil;
use App\Models\PairedDevice;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Drawings;
use Tests\Photos;

/*
 * Every route, from a request that is valid, with pieces of it swapped for what no page would send:
 * a yes, a no with a sentence, never a fault of our own. Some hundreds each in a long run.
 */

const FUZZ_REQUESTS = 3;

const FUZZ_REQUESTS_LONG = 300;

/** What is put in place of something; texts for the most part, as most of what is asked is read from texts. */
function oddity(): mixed
{
    static $odd = null;
    $odd ??= [
        null, true, false, 0, -1, 1, 2, 60, 61, 1e308, -1e308, 1e-308, 2 ** 31, PHP_INT_MAX, PHP_INT_MIN, 1e30, 0.1, [], [[]], [[1]], [null], (object) [], ['a' => 1], [['x' => []]], ['a', ['b']],
        '', ' ', '0', '-1', 'NaN', 'Infinity', '1e999', 'null', '1/0', '0/0', '-1/3', '999999999/1', '1/999999999', '1e-99', '99999999999999999999', str_repeat('x', 10000), "\u{202E}\u{05D0}", "\0", "a\1\33", '😀', "\xff", "\xc3\x28",
        '<script>alert(1)</script>', '=1+1', '1 in', '0 in', '-1 in', '1/0 in', '99999999999999999 in', '0.000000000001 in', '1 furlong', '20 m', '21 m', "1'6\"", '½', '1 ½/2 in', '1,200 mm', '5x7in', 'x', 'a4', 'print', 'screen', 'sizes', 'crop', 'cells', 'inset', 'stretch',
        'measure', 'axes', 'cross', 'main', 'own', 'folding', 'offsets', 'tondo', 'oval', 'cm', 'mm', '1 mm', '1/32 in', '%', '3 %', '99 %', '0.5', '.', '1..2', '٣', '１in', 'thirds', 'part', 'half', 'gridded', '../../etc/passwd',
    ];

    return $odd[mt_rand(0, count($odd) - 1)];
}

/** The same with one to five places swapped, dropped or repeated. */
function mangled(array $valid): array
{
    for ($times = [1, 1, 1, 2, 3, 5][mt_rand(0, 5)]; $times > 0; $times--) {
        $at = &$valid;
        while (is_array($at) && $at !== []) {
            $keys = array_keys($at);
            $key = $keys[mt_rand(0, count($keys) - 1)];
            if (! is_array($at[$key]) || $at[$key] === [] || mt_rand(0, 3) === 0) {
                $what = mt_rand(0, 99);
                if ($what < 8) {
                    unset($at[$key]);
                } elseif ($what < 14 && is_array($at[$key])) {
                    $at[$key] = array_merge(...array_fill(0, [2, 70, 300][mt_rand(0, 2)], array_values($at[$key])));
                } else {
                    $at[$key] = oddity();
                }
                break;
            }
            $at = &$at[$key];
        }
        unset($at);
    }

    return $valid;
}

/** A drawing with something of everything in it. */
function fullDrawing(): Drawing
{
    $photo = app(PhotoStore::class)->take(Photos::make(500, 700));
    $drawing = Drawings::begin([
        'shots' => [['id' => $photo->id, 'taken' => '2026-11-27T14:05:00Z', 'pass' => 'place', 'corners' => '0.1 0.1, 0.9 0.12, 0.88 0.9, 0.12 0.88', 'of' => 'area', 'found' => false, 'readings' => [['name' => 'eye', 'at' => '0.4 0.3']]]],
        'meant' => [['name' => 'nose', 'right_mm' => 2.5, 'down_mm' => -1]],
        ...Drawings::FIVE_BY_SEVEN, 'points' => [['name' => 'eye', 'x' => '1/3', 'y' => '1/4', 'cross' => true]], 'regions' => [['name' => 'r', 'use' => 'not needed', 'left' => '0.1', 'top' => '0.1', 'width' => '0.2', 'height' => '0.2']],
        'shapes' => [['name' => 'o', 'kind' => 'oval', 'places' => '0.5 0.5, 0.7 0.5, 0.5 0.3']], 'things' => [['name' => 'jug', 'outline' => '0.2 0.2, 0.6 0.25, 0.5 0.7', 'boxed' => false, 'must' => true, 'ticked' => [], 'state' => 'sketched', 'layers' => [['how' => 'under', 'with' => 'ochre'], ['how' => 'burnish', 'with' => '']]]],
        'finish' => ['medium' => 'ink', 'transfer' => 'traced'], 'tone' => ['end' => 30.5], 'paper' => ['surface' => 'watercolour paper', 'delicate' => true, 'purpose' => 'trial', 'setup' => ['face']],
        'spans' => [['name' => 's', 'x1' => '0.1', 'y1' => '0.1', 'x2' => '0.5', 'y2' => '0.5', 'drawn' => '1 in']], 'crops' => [['name' => 'c', 'fit' => ['way' => 'crop', 'left' => '0.1', 'size' => '0.5']]],
        'grid' => ['overlays' => ['thirds'], 'main_across' => ['1/4', '3/4'], 'own_across' => '1 in, 2 in', 'divided' => [['column' => 1, 'row' => 1, 'parts' => 2, 'hairlines' => 'in the cell']], 'part' => ['left' => '1/4', 'top' => '1/4', 'width' => '1/2', 'height' => '1/2']],
    ]);
    $drawing->photo()->associate($photo);

    return $drawing;
}

/**
 * A valid request of each route: what stands in its address, its query and its body.
 *
 * @return array<string, array{0?: array<string, mixed>, 1?: array<string, mixed>}> query and body
 */
function valid(Drawing $drawing): array
{
    $base = ['choices' => json_decode((string) json_encode($drawing->read()->json), true), 'wide' => 500, 'high' => 700];
    $version = ['version' => $drawing->version, 'edits' => $drawing->edits];
    $framing = ['quarters' => 1, 'mirrored' => 1, 'straighten' => 2.5, 'keep' => 'shape', 'border' => '0.1 0 0.1 0'];
    $order = ['at' => 'page', 'page' => 'a4', 'border' => '5 mm', 'look' => 'black', 'leaf' => 1, 'unit' => 'in', 'hand' => 'left'];
    $acts = [
        'turn' => ['quarters' => 1], 'level' => ['x1' => 0.1, 'y1' => 0.1, 'x2' => 0.9, 'y2' => 0.2], 'border' => ['left' => 0.1, 'top' => 0.1, 'width' => 0.8, 'height' => 0.8], 'aim' => ['x' => 0.4, 'y' => 0.4, 'at' => 'third'],
        'crop' => ['field' => 'width', 'typed' => '5 in'], 'inset' => ['side' => 'width', 'typed' => '5 in'], 'plan' => ['paper_cell' => '1 in', 'photo_cell' => '', 'columns' => 5, 'rows' => 7],
        'print' => ['side' => 'height', 'typed' => '14,5 cm'], 'unit' => ['unit' => 'cm'], 'feature' => ['width' => 0.1, 'fineness' => 'fine'], 'whole' => ['left' => 0.1, 'top' => 0.1, 'width' => 0.05, 'height' => 0.05, 'by' => 'level'], 'ruled' => ['way' => 'across', 'ticks' => ['1' => '1 in', '2' => '2 in']],
        'carried' => ['left' => 0.1, 'top' => 0.1, 'width' => 0.5, 'height' => 0.7, 'columns' => 5, 'rows' => 7, 'labels' => 'numbers', 'corner' => 'top right'],
        'pull' => ['by' => 'corner', 'width' => 0.5, 'height' => 0.6], 'thing' => ['places' => [[0.1, 0.1], [0.5, 0.2], [0.4, 0.7]], 'name' => 'jug'], 'shape' => ['kind' => 'oval', 'places' => [[0.1, 0.1], [0.5, 0.2], [0.4, 0.7]]], 'edge' => ['column' => 0, 'row' => 0, 'what' => 'crossing', 'was' => null, 'now' => [[0.5, 0.0]]],
    ];
    $act = array_rand($acts);

    return [
        'POST workings' => [[], [...$base, 'x' => 0.3, 'y' => 0.4, 'rung' => 'grid', 'act' => $act, 'how' => $acts[$act]]],
        'POST point' => [[], [...$base, 'x' => 0.3, 'y' => 0.7]],
        ...array_fill_keys(['POST ways', 'POST sheets', 'POST schools', 'POST meshes', 'POST prints', 'POST dividers', 'POST gaps'], [[], $base]),
        'POST enlargement' => [[], [...$base, 'size' => '8x10in']], 'POST ruled' => [[], [...$base, 'columns' => 5, 'rows' => 7]],
        'POST clearances' => [[], [...$base, 'act' => 'whole', 'how' => $acts['whole']]],
        'POST plans' => [[], [...$base, 'never_trim' => true, 'whole_sheet' => false, 'most_lines' => 20, 'least_cell' => '1/2 in']],
        'POST adjust' => [[], [...$base, 'act' => $act, 'how' => $acts[$act]]],
        'POST square' => [[], [...$base, 'which' => 'drawing', 'falling' => '10 in', 'rising' => '10 1/16 in', 'top' => '8 in', 'bottom' => '8 in', 'left' => '10 in', 'right' => '10 in']],
        'POST measured' => [[], [...$base, 'way' => 'across', 'ticks' => ['1' => '1 in', '2' => '2 in', '3' => '3 1/16 in']]],
        'POST keepsakes' => [[], [...$base, 'kind' => 'grid', 'name' => 'mine']], 'GET keepsakes' => [], 'DELETE keepsakes/{keepsake}' => [], 'PUT keepsakes/{keepsake}' => [[], ['count' => 3]],
        'POST drawings/{drawing}/sheet' => [[], ['purpose' => 'trial']], 'DELETE drawings/{drawing}/sheet' => [], 'GET drawings/{drawing}/colours/at' => [['x' => '0.5', 'y' => '0.5']],
        'GET pencils' => [], 'POST pencils/box' => [[], ['box' => 'HB, 2B to 4B', 'kind' => 'graphite']], 'POST pencils' => [[], ['id' => null, 'name' => 'HB', 'kind' => 'graphite', 'firm' => '#404040', 'soft' => null]], 'DELETE pencils/{pencil}' => [],
        'POST drawings/{drawing}/swatches' => [], 'POST drawings/{drawing}/rehearsed-swatches' => [],
        'GET about' => [], 'GET catalogue' => [], 'GET drawings' => [['hand' => 'left', 'from' => 0]], 'POST drawings' => [[], ['width' => '5 in', 'height' => '7 in']], 'GET drawings/{drawing}' => [],
        'PUT drawings/{drawing}' => [[], [...$version, 'choices' => $base['choices']]], 'DELETE drawings/{drawing}' => [], 'POST drawings/{drawing}/restore' => [],
        'POST drawings/{drawing}/undo' => [[], $version], 'POST drawings/{drawing}/redo' => [[], $version], 'GET drawings/{drawing}/changes' => [], 'POST drawings/{drawing}/changes/{position}' => [[], $version], 'POST drawings/{drawing}/duplicate' => [], 'GET bin' => [], 'DELETE bin' => [],
        'GET drawings/{drawing}/next' => [['step' => 'tone', 'hand' => 'left']], 'GET drawings/{drawing}/finish' => [], 'GET drawings/{drawing}/tones' => [], 'GET drawings/{drawing}/tones/at' => [['x' => 0.4, 'y' => 0.2]], 'GET drawings/{drawing}/copying' => [['hand' => 'left']],
        'GET drawings/{drawing}/cells/{column}/{row}' => [], 'PUT drawings/{drawing}/cells/{column}/{row}' => [[], ['state' => 'done', 'doubtful' => true, 'words' => 'hm']], 'PUT drawings/{drawing}/cells' => [[], ['cells' => [0, 1, 2], 'state' => 'empty']],
        'GET drawings/{drawing}/cells/{column}/{row}/strengths' => [], 'GET drawings/{drawing}/cells/{column}/{row}/crossing' => [['n' => 0, 'drawn' => '1 in']], 'GET drawings/{drawing}/masses' => [], 'GET drawings/{drawing}/contours' => [], 'GET drawings/{drawing}/warm-up' => [], 'GET drawings/{drawing}/strokes' => [], 'GET drawings/{drawing}/shots' => [], 'GET drawings/{drawing}/shots/{photo}' => [], 'POST drawings/{drawing}/shots/{photo}/corners' => [], 'POST drawings/{drawing}/rehearsed-shot' => [], 'GET drawings/{drawing}/shots/{photo}/ruled' => [], 'GET drawings/{drawing}/page' => [], 'POST drawings/{drawing}/squared' => [['corners' => '0.1 0.1, 0.9 0.12, 0.88 0.9, 0.1 0.88', 'shape' => '4:5', 'even' => true]],
        'GET drawings/{drawing}/shots/{photo}/places.csv' => [], 'GET drawings/{drawing}/shots/{photo}/at' => [['name' => 'eye', 'x' => 0.4, 'y' => 0.3]], 'GET drawings/{drawing}/shots/{photo}/flat.jpg' => [['even' => 1]], 'GET drawings/{drawing}/unguarded' => [],
        'PUT drawings/{drawing}/notes' => [[], ['notes' => [['key' => 'k1', 'mesh' => '5x7', 'cells' => [0, 3], 'ago' => 60, 'state' => 'done'], ['key' => 'k2', 'cells' => [4], 'words' => 'hm', 'doubtful' => true]]]],
        'GET drawings/{drawing}/log' => [], 'GET drawings/{drawing}/log.csv' => [], 'PUT drawings/{drawing}/sitting' => [[], ['rung' => 'copy', 'pass' => 'place', 'seconds' => 60]], 'PUT drawings/{drawing}/sittings/{sitting}' => [[], ['lesson' => 'hm']],
        'GET drawings/{drawing}/drawing.zip' => [], 'GET drawings/{drawing}/marks.{format}' => [], 'GET drawings/{drawing}/edges' => [],
        'GET drawings/{drawing}/sheets/{kind}.{format}' => [$order], 'POST drawings/{drawing}/sheets/{kind}.{format}' => [$order], 'GET drawings/{drawing}/sheets/{kind}' => [$order], 'GET drawings/{drawing}/rehearsal/{kind}' => [[...$order, 'shrink' => '97,98', 'skew' => '0.5']],
        'GET made/{file}' => [['type' => 'application/pdf', 'name' => 'a sheet']],
        'GET drawings/{drawing}/marking/{board}' => [['hand' => 'left']], 'PUT drawings/{drawing}/marking/{board}/{tick}' => [['hand' => 'left'], ['done' => true]], 'DELETE drawings/{drawing}/marking/{board}' => [],
        'GET drawings/{drawing}/folding' => [], 'GET drawings/{drawing}/shares' => [], 'GET pencil' => [['surface' => 'smooth', 'use' => 'inked']], 'GET printers' => [['unit' => 'in']],
        'POST printers' => [[], ['name' => 'mine', 'paper' => 'a4', 'border' => '5 mm', 'measured_across' => '150 mm', 'measured_down' => '200 mm', 'unit' => 'mm']], 'DELETE printers/{printer}' => [],
        'GET instruments/scale' => [['photo' => '2 in', 'paper' => '3 in', 'length' => '1 1/2 in', 'part' => '1/3', 'unit' => 'in']], 'GET instruments/dividers' => [['length' => '8 in', 'ratio' => '3:2', 'unit' => 'cm']], 'GET instruments/square' => [['width' => '9 in', 'height' => '12 in', 'falling' => '15 in', 'rising' => '15 1/8 in', 'unit' => 'in']], 'GET instruments/papers' => [['unit' => 'cm']], 'GET instruments/words' => [], 'GET instruments/weight' => [['weight' => '300 g', 'basis' => 'cover']],
        'GET keeping' => [], 'POST keeping/{name}' => [], 'DELETE keeping/{name}' => [],
        'GET house' => [], 'POST house/code' => [[], ['may_pair' => true]], 'DELETE house/code' => [], 'PUT house/devices/{device}' => [[], ['name' => 'Easel', 'may_pair' => false]], 'DELETE house/devices/{device}' => [],
        'GET shelf/events' => [], 'GET drawings/{drawing}/events' => [], 'POST drawings/{drawing}/pointing' => [[], ['by' => 'a', 'on' => true, 'x' => 0.2, 'y' => 0.4, 'column' => 1, 'row' => 2]],
        'POST photos' => [[], ['photo' => UploadedFile::fake()->createWithContent('other.jpg', (string) file_get_contents(Photos::make(80, 90)))]], 'POST archives' => [[], ['photo' => UploadedFile::fake()->createWithContent('drawing.zip', 'PK')]],
        'GET photos/{photo}/preview.jpg' => [$framing], 'GET photos/{photo}/tones.png' => [[...$framing, 'greys' => '0-128-255', 'light' => '90', 'dark' => '10', 'drop' => 4]], 'GET photos/{photo}/cut.jpg' => [[...$framing, 'left' => 0.1, 'top' => 0.1, 'width' => 0.2, 'height' => 0.2]],
    ];
}

/** @return list<OneRoute> */
function apiRoutes(): array
{
    return array_values(array_filter(iterator_to_array(Route::getRoutes()->getRoutes()), fn (OneRoute $route) => str_starts_with($route->uri(), 'api/')));
}

/** What may stand in an address. */
function inAddress(string $name, Drawing $drawing): string
{
    if (mt_rand(0, 3) === 0) {
        return rawurlencode(["\0", 'nope', '0', '-1', '99999999999999999999', '00', "\u{202E}", str_repeat('a', 4000), '%00', '..', "\xff"][mt_rand(0, 10)]);
    }
    $some = match ($name) {
        'drawing' => [$drawing->id], 'photo' => [$drawing->photo->id], 'sitting' => ['1', '2'], 'column', 'row' => ['0', '1', '4', '59', '60', '999'], 'board' => ['paper', 'photo'], 'tick' => ['across-1', 'frame-1', 'down-2'],
        'pencil' => [OwnPencil::query()->value('id') ?? OwnPencil::query()->create(['name' => 'HB', 'kind' => 'graphite', 'firm' => '#404040'])->id],
        'device' => [PairedDevice::query()->value('id') ?? PairedDevice::admit('Easel', false)[0]->id],
        'kind' => ['plan', 'gridded', 'empty', 'overlay', 'strips', 'viewfinder', 'corners', 'folding', 'tones', 'calibration', 'tracing', 'corrections', 'contour', 'study', 'swatches'], 'format' => ['pdf', 'svg', 'png', 'csv', 'json'], 'name' => ['damaged-2026-01-01-000000'], default => ['abc', $drawing->id],
    };

    return $some[mt_rand(0, count($some) - 1)];
}

it('knows a valid request of every route there is', function () {
    $routes = array_map(fn (OneRoute $route) => $route->methods()[0].' '.Str::after($route->uri(), 'api/'), apiRoutes());
    expect(array_diff($routes, array_keys(valid(fullDrawing()))))->toBe([])->and(array_diff(array_keys(valid(fullDrawing())), $routes))->toBe([]);
});

it('answers whatever it is asked with what was asked for, or a sentence', function () {
    mt_srand(20261125);
    $drawing = fullDrawing();
    $faults = [];
    foreach (apiRoutes() as $route) {
        for ($asked = 0; $asked < (isLong() ? FUZZ_REQUESTS_LONG : FUZZ_REQUESTS); $asked++) {
            [$query, $body] = valid($drawing)[$route->methods()[0].' '.Str::after($route->uri(), 'api/')] + [[], []];
            $query === [] || $query = array_filter(mangled($query), static fn ($value): bool => ! is_object($value));
            $body === [] || $asked === 0 || $body = mangled($body);
            $path = (string) preg_replace_callback('/\{(\w+)\}/', fn (array $found) => inAddress($found[1], $drawing), $route->uri());
            $answer = ask($route->methods()[0], $path, $query, $body);
            $said = $answer->getStatusCode() >= 400 ? $answer->json('message') : 'yes';
            if ($answer->getStatusCode() >= 500 || ! is_string($said) || $said === '') {
                $faults[basename((string) $answer->exception?->getFile()).':'.$answer->exception?->getLine()] ??= "{$answer->getStatusCode()} {$route->methods()[0]} ".Str::limit($path, 120).' ? '.Str::limit((string) json_encode([$query, array_diff_key($body, ['choices' => 0])], JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR), 300).' → '.Str::limit(($answer->exception?->getMessage() ?? '').' '.basename((string) $answer->exception?->getFile()).':'.$answer->exception?->getLine(), 300);
            }
            // What was thrown away is needed again.
            Drawing::withTrashed()->whereKey($drawing->id)->exists() ? Drawing::withTrashed()->find($drawing->id)->restore() : $drawing = fullDrawing();
        }
        // Whatever was taken can be carried off and taken in again, and answers alike.
        if ($route->methods()[0] !== 'GET' && str_contains($route->uri(), '{drawing}')) {
            $kept = Drawing::query()->findOrFail($drawing->id);
            $path = (string) tempnam(sys_get_temp_dir(), 'fuzz');
            app(ArchiveWriter::class)->write($kept, $path);
            $again = app(ArchiveReader::class)->read($path);
            $said = fn (Drawing $one): array => [array_diff_key((array) json_decode((string) json_encode($one->read()->json), true), ['shots' => 0, 'beside' => 0]), array_map(fn ($note) => [$note->spot, $note->state, $note->doubtful, $note->words, $note->reached], $one->cellNotes()->orderBy('spot')->get()->all()), $one->sittings()->count()];
            expect($said($again))->toEqual($said($kept), $route->uri());
            $again->forceDelete();
        }
        // Whatever was asked of it, the shelf still stands.
        test()->getJson('/api/drawings')->assertOk();
        test()->getJson('/api/printers?unit=in')->assertOk();
        test()->getJson('/api/keepsakes')->assertOk();
    }
    expect(array_values($faults))->toBe([]);
});

/** As it comes over the wire: a body that is no JSON text cannot be sent, so such bytes are sent as a form. */
function ask(string $method, string $path, array $query, array $body): TestResponse
{
    $files = array_filter($body, fn ($value) => $value instanceof UploadedFile);
    $json = $files === [] ? json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR) : false;
    $whole = $json !== false && json_last_error() === JSON_ERROR_NONE;
    $server = ['HTTP_ACCEPT' => 'application/json', ...($whole ? ['CONTENT_TYPE' => 'application/json'] : [])];

    return test()->call($method, $path.($query === [] ? '' : '?'.http_build_query($query)), $whole ? [] : array_diff_key($body, $files), [], $files, $server, $whole ? $json : null);
}

it('answers in every room whatever length was taken in any field, as small or large as it may be', function (string $field) {
    $taken = 0;
    foreach (few(3, ['1/1000000 in', '7 1/64 in', '99999999999999999 m', '24.9 mm', '19.99 m', '0.0001 mm', '1/3 mm', '25 mm', '1 in', '3 m', '999 m', '1001 m']) as $length) {
        $drawing = fullDrawing();
        $choices = json_decode((string) json_encode($drawing->read()->json), true);
        data_set($choices, $field, $length);
        $answer = test()->putJson("/api/drawings/{$drawing->id}", ['version' => $drawing->version, 'choices' => $choices]);
        expect($answer->getStatusCode())->toBeIn([200, 422], "{$field}: {$length}");
        if ($answer->getStatusCode() === 422) {
            continue;
        }
        $taken++;
        foreach (['', '/marking/paper?hand=left', '/marking/photo', '/folding', '/finish', '/copying', '/marks.csv', '/shares', '/sheets/plan.svg', '/cells/0/0'] as $path) {
            expect(test()->get("/api/drawings/{$drawing->id}{$path}", ['Accept' => 'application/json'])->getStatusCode())->toBeIn([200, 404, 422], "{$field}: {$length}, {$path}");
        }
    }
    expect($taken)->toBeLessThan(isLong() ? 11 : 3);
})->with(['reach', 'photo.width', 'photo.height', 'paper.width', 'paper.margins.left', 'fit.cell', 'fit.inset_width', 'grid.cell', 'grid.tick', 'grid.own_across', 'spans.0.drawn']);
