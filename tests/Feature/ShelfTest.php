<?php

use App\Models\Drawing;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Tests\Drawings;

/*
 * The shelf: whatever became of one row, the others are there, and that one says what is wrong with it.
 */

/** Writes a row as no save would: half a document, no document, or one that was kept by an older fault. */
function damage(Drawing $drawing, string $choices): void
{
    DB::table('drawings')->where('id', $drawing->id)->update(['choices' => $choices]);
}

it('shows a drawing that cannot be read as one board, with its undo and its export', function (Closure $choices) {
    $sound = Drawings::begin();
    $drawing = Drawings::begin();
    $this->putJson("/api/drawings/{$drawing->id}", ['version' => 1, 'choices' => [...Drawings::FIVE_BY_SEVEN, 'title' => 'Before it broke']])->assertOk();
    $this->putJson("/api/drawings/{$drawing->id}", ['version' => 2, 'choices' => [...Drawings::FIVE_BY_SEVEN, 'title' => 'Broken later']])->assertOk();
    $broken = $choices($drawing->refresh()->choices);
    if (DB::getDriverName() === 'pgsql' && json_decode($broken) === null) {
        // There it cannot come to that: the database takes no half a document.
        expect(fn () => DB::transaction(fn () => damage($drawing, $broken)))->toThrow(QueryException::class, 'invalid input syntax for type json');

        return;
    }
    damage($drawing, $broken);

    $entries = collect($this->getJson('/api/drawings')->assertOk()->json())->keyBy('id');
    expect($entries)->toHaveCount(2)
        ->and($entries[$sound->id]['trouble'])->toBeNull()
        ->and($entries[$drawing->id]['trouble'])->toBeString()->not->toBeEmpty()
        ->and($entries[$drawing->id]['undo'])->toBe('the title');

    $zip = new ZipArchive;
    $path = tempnam(sys_get_temp_dir(), 'inch');
    $export = $this->get("/api/drawings/{$drawing->id}/drawing.zip")->assertOk();
    file_put_contents($path, file_get_contents($export->baseResponse->getFile()->getPathname()));
    expect($zip->open($path))->toBeTrue()->and($zip->getFromName('photo.jpg'))->toBeString()->and(json_decode($zip->getFromName('drawing.json'), true))->toHaveKey('choices');
    unlink($path);

    $this->postJson("/api/drawings/{$drawing->id}/undo", ['version' => $entries[$drawing->id]['version']])->assertOk()->assertJsonPath('workings.choices.title', 'Before it broke');
    expect(collect($this->getJson('/api/drawings')->json())->pluck('trouble')->filter())->toBeEmpty();
})->with([
    'a length that is none' => [fn (array $choices): string => json_encode(array_replace_recursive($choices, ['paper' => ['width' => '8 parsecs']]))],
    'a sheet of no size' => [fn (array $choices): string => json_encode(array_replace_recursive($choices, ['paper' => ['sheet' => null, 'width' => '0 in']]))],
    'margins that eat the sheet' => [fn (array $choices): string => json_encode(array_replace_recursive($choices, ['paper' => ['margins' => ['left' => '5 in', 'right' => '5 in']]]))],
    'half a document' => [fn (array $choices): string => substr(json_encode($choices), 0, 300)],
    'no document' => [fn (): string => '"gone"'],
]);

it('reads what documents of format 1 kept, the doubled unit and the decimal comma with it', function (string $kept, string $millimetres) {
    $drawing = Drawings::begin();
    damage($drawing, json_encode(array_replace_recursive($drawing->choices, ['format' => 1, 'fit' => ['way' => 'inset', 'inset_width' => $kept]])));
    expect($drawing->fresh()->read()->json->fit->inset_width)->toBe($millimetres);
})->with([
    ['5 in. in', '5 in'], ['5.5ins. in', '5 1/2 in'], ['5″ in', '5 in'], ['2,125 in', '2 1/8 in'], ['12,5 cm', '12.5 cm'], ['5 1/2 in', '5 1/2 in'],
]);

it('keeps every length in a spelling that reads back, through any number of saves', function (string $typed) {
    $drawing = Drawings::begin();
    $choices = [...Drawings::FIVE_BY_SEVEN, 'fit' => ['print_cell' => $typed], 'paper' => ['sheet' => null, 'width' => $typed, 'height' => $typed], 'grid' => ['tick' => $typed, 'own_across' => "{$typed}; {$typed}"]];
    foreach (['in', 'cm', 'mm', 'in'] as $i => $unit) {
        $answer = $this->putJson("/api/drawings/{$drawing->id}", ['version' => $drawing->fresh()->version, 'choices' => [...$choices, 'unit' => $unit, 'ruler' => $unit === 'in' ? '1/16 in' : '1 mm']])->assertOk();
        $kept = $answer->json('workings.choices');
        $lengths[] = [$kept['fit']['print_cell'], $kept['paper']['width'], $kept['grid']['tick'], $kept['grid']['own_across']];
        $choices = $kept;
        $this->getJson("/api/drawings/{$drawing->id}")->assertOk()->assertJsonPath('workings.choices.paper.width', $kept['paper']['width']);
    }
    expect(array_unique($lengths, SORT_REGULAR))->toHaveCount(1);
})->with(['5 in.', '5.5ins', '5½', '5⅗', '5 3/8"', '1’ 6”', '14,5 cm', '150.', '12.7 cm']);

it('comes a page at a time', function () {
    foreach (range(1, 26) as $i) {
        Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'title' => "Board {$i}"]);
    }
    $first = $this->getJson('/api/drawings')->assertOk()->json();
    $second = $this->getJson('/api/drawings?from=24')->assertOk()->json();
    expect($first)->toHaveCount(24)->and($second)->toHaveCount(2)
        ->and(array_unique(array_column([...$first, ...$second], 'id')))->toHaveCount(26)
        ->and($this->getJson('/api/drawings?from=-7')->assertOk()->json())->toHaveCount(24)
        ->and($this->getJson('/api/drawings?from=99')->assertOk()->json())->toBe([]);
});

it('finds drawings by a part of their name, and lists them by it, whatever is damaged', function () {
    foreach (['Pear on a sill', 'apple tree', '100 % wool', 'Under_score'] as $title) {
        Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'title' => $title]);
    }
    $broken = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'title' => 'Broken']);
    damage($broken, DB::getDriverName() === 'pgsql' ? '"half"' : '{"title": "Bro');
    $found = fn (string $query): array => array_column(test()->getJson("/api/drawings?{$query}")->assertOk()->json(), 'title');
    expect($found('search=PEAR'))->toBe(['Pear on a sill'])
        ->and($found('search='.urlencode(' tree ')))->toBe(['apple tree'])
        // Signs that ask a database something are letters here.
        ->and($found('search=%25'))->toBe(['100 % wool'])->and($found('search=_'))->toBe(['Under_score'])->and($found('search=%21'))->toBe([])
        ->and($found('search='.urlencode("' or 1=1 --")))->toBe([]);
    expect(array_values(array_diff($found('sort=name'), ['Untitled'])))->toBe(['100 % wool', 'apple tree', 'Pear on a sill', 'Under_score'])
        ->and($found('sort=nonsense'))->toHaveCount(5)->and($found(''))->toHaveCount(5);
});
