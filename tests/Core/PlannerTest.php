<?php

use InchLadder\Measure\Graduation;
use InchLadder\Photo\Reference;
use InchLadder\Photo\Subject;
use InchLadder\Planner\Candidate;
use InchLadder\Planner\Demand;
use InchLadder\Planner\Friendly;
use InchLadder\Planner\NoPlan;
use InchLadder\Planner\ParetoFront;
use InchLadder\Planner\Planner;
use InchLadder\Planner\Proposal;
use InchLadder\Planner\Ranking;
use InchLadder\Planner\Wish;

/** @return list<Proposal> */
function plans(string $print, string $sheet, Wish $wish, string $ruler = '1/16 in'): array
{
    $friendly = Friendly::on(Graduation::read($ruler));

    return (new Planner(Reference::printed(size($print)), size($sheet), $friendly, $friendly))->plans($wish);
}

it('puts first what a careful person would choose', function (string $print, string $sheet, string $photoCell, string $paperCell, int $columns, int $rows) {
    // Common practice.
    $best = plans($print, $sheet, new Wish(Subject::StillLife))[0];
    expect($best->photoCell)->toBeLength($photoCell)
        ->and($best->paperCell)->toBeLength($paperCell)
        ->and([$best->columns, $best->rows])->toBe([$columns, $rows]);
})->with([
    '5 × 7 on letter: 1 in becomes 1½ in' => ['5x7in', '8.5x11in', '1 in', '1.5 in', 5, 7],
    '4 × 6 on 18 × 24: 1 in becomes 4 in' => ['4x6in', '18x24in', '1 in', '4 in', 4, 6],
]);

it('grades a length by the shortest marks it needs', function (string $ruler, string $length, ?int $grade) {
    $friendly = Friendly::on(Graduation::read($ruler));
    expect($friendly->grade($friendly->units(length($length))))->toBe($grade);
})->with([
    ['1/16 in', '5 in', 0],
    ['1/16 in', '4 in', 1],
    ['1/16 in', '3 in', 2],
    ['1/16 in', '1 1/2 in', 3],
    ['1/16 in', '3/4 in', 4],
    ['1/16 in', '3/8 in', 5],
    ['1/16 in', '5/16 in', 6],
    ['1/4 in', '3/8 in', null],
    ['1 mm', '10 cm', 0],
    ['1 mm', '4 cm', 1],
    ['1 mm', '3 cm', 2],
    ['1 mm', '35 mm', 3],
    ['1 mm', '34 mm', 4],
    ['1 mm', '33 mm', 5],
]);

it('says which demand to let go of', function (Wish $wish, string $says) {
    expect(fn () => plans('5x7in', '9x11in', $wish))->toBeRefused(NoPlan::class, $says);
})->with([
    'the whole sheet' => [new Wish(Subject::StillLife, wholeSheet: true, neverTrim: true), 'Without “Fill the sheet” there are some.'],
    'few lines' => [new Wish(Subject::Likeness, mostLines: 4), 'Without “Lines, at most” there are some.'],
    'large cells' => [new Wish(Subject::Likeness, leastCell: length('5 in')), 'Without “Squares, at least” there are some.'],
    'more than one' => [new Wish(Subject::Likeness, mostLines: 4, leastCell: length('5 in')), 'Remove more than one of them.'],
]);

it('speaks of the photo when no demand was made', function () {
    expect(fn () => plans('0.1x20in', '9x11in', new Wish(Subject::Likeness)))->toBeRefused(NoPlan::class, 'Try other margins or another sheet');
});

it('keeps what it promises, whatever the photo, the sheet, the ruler and the subject', function (string $print, string $sheet, string $ruler) {
    foreach (Subject::cases() as $subject) {
        $wish = new Wish($subject);
        foreach ([Reference::printed(size($print)), Reference::onScreen(1237, 811)] as $reference) {
            $friendly = Friendly::on(Graduation::read($ruler));
            foreach ((new Planner($reference, size($sheet), $friendly, $friendly))->plans($wish) as $plan) {
                $area = $plan->area();
                // It lies on the paper, and what is left is what is said to be left.
                expect($area->width->plus($plan->leftover->width))->toEqual(size($sheet)->width)
                    ->and($area->height->plus($plan->leftover->height))->toEqual(size($sheet)->height)
                    ->and($plan->leftover->width->mm->isNegative())->toBeFalse()
                    ->and($plan->leftover->height->mm->isNegative())->toBeFalse();
                // It keeps as much of the photo, and has as many cells, as the subject asks for.
                expect($plan->kept->toFloat())->toBeGreaterThanOrEqual($wish->leastKept() - 1e-9)
                    ->toBeLessThanOrEqual(1.0)
                    ->and($plan->used->toFloat())->toBeLessThanOrEqual(1.0)
                    ->and($plan->cells())->toBeGreaterThanOrEqual($wish->fewestCells())
                    ->toBeLessThanOrEqual($wish->mostCells());
                // Both cells fall on the ruler's marks, and the cells of the photo lie on the photo.
                expect(Graduation::read($ruler)->carries($plan->paperCell))->toBeTrue();
                if ($plan->photoCell !== null) {
                    expect(Graduation::read($ruler)->carries($plan->photoCell))->toBeTrue()
                        ->and($plan->photoCell->times($plan->columns)->isLongerThan(size($print)->width))->toBeFalse()
                        ->and($plan->photoCell->times($plan->rows)->isLongerThan(size($print)->height))->toBeFalse()
                        ->and($plan->scale()?->times($plan->photoCell->mm)->isEqualTo($plan->paperCell->mm))->toBeTrue();
                }
            }
        }
    }
})->with([
    ['5x7in', '8.5x11in', '1/16 in'],
    ['6x4in', '17x14in', '1/8 in'],
    ['10x15cm', '297x420mm', '1 mm'],
    ['87x119mm', '203x254mm', '0.5 mm'],
]);

it('ranks the same plans the same way every time, and the dearest last', function () {
    $wish = new Wish(Subject::Figure);
    $once = plans('5x7in', '11x14in', $wish);
    $again = plans('5x7in', '11x14in', $wish);
    expect($again)->toEqual($once);
    shuffle($again);
    expect(Ranking::of($again, $wish))->toEqual($once);
});

it('leaves out only what another plan beats in everything', function (array $costs, array $kept) {
    $candidates = array_map(fn (array $cost, int $i) => new Candidate(1, $i + 1, 1, 1, $cost), $costs, array_keys($costs));
    $front = array_map(fn (Candidate $candidate) => $candidate->paperCell - 1, ParetoFront::of($candidates));
    sort($front);
    expect($front)->toBe($kept);
})->with([
    'one alone' => [[[1, 1, 1, 1, 1]], [0]],
    'beaten in one thing, equal in the rest' => [[[1, 1, 1, 1, 1], [1, 1, 1, 1, 2]], [0]],
    'better in one, worse in another' => [[[1, 2, 1, 1, 1], [2, 1, 1, 1, 1]], [0, 1]],
    'the same twice' => [[[1, 1, 1, 1, 1], [1, 1, 1, 1, 1]], [0, 1]],
    'beaten by one that is beaten itself' => [[[3, 3, 3, 3, 3], [2, 2, 2, 2, 2], [1, 1, 1, 1, 1]], [2]],
    'nothing' => [[], []],
]);

it('makes fewer demands when one is let go', function (Demand $demand) {
    $all = new Wish(Subject::Likeness, true, true, 9, length('2 in'));
    expect($all->demands())->toBe(Demand::cases())
        ->and($all->without($demand)->demands())->toBe(array_values(array_filter(Demand::cases(), fn (Demand $one) => $one !== $demand)));
})->with(Demand::cases());

/** A plan of a letter sheet, by what it costs; a mesh that could keep and cover so much. */
function weighed(float $trimmed = 0.0, float $unused = 0.0, int $grades = 0, int $columns = 5, int $rows = 7, ?float $meshTrims = null, float $meshLeaves = 0.0): Proposal
{
    $near = fn (float $share): InchLadder\Measure\Rational => InchLadder\Measure\Rational::near(1 - $share, 4);

    return new Proposal(length('1 in'), length('1 1/2 in'), $columns, $rows, $near($trimmed), $near($unused), $grades, (new Wish(Subject::StillLife))->cellsOff($columns * $rows), size('0.5x0.5in'), $near($meshTrims ?? $trimmed), $near($meshLeaves));
}

it('weighs a tenth of the photo against a third of the paper, four grades, 25 lines and half a doubling of the cells', function (Closure $trimmed, Closure $other, bool $otherFirst) {
    // A still life wants 35 cells; from 20 to 61 of that nothing is off.
    $plans = [$trimmed(), $other()];
    expect(Ranking::of($plans, new Wish(Subject::StillLife))[0])->toBe($plans[$otherFirst ? 1 : 0])
        ->and(Ranking::of(array_reverse($plans), new Wish(Subject::StillLife))[0])->toBe($plans[$otherFirst ? 1 : 0]);
})->with([
    // Cells of one mesh.
    'less of the paper' => [fn () => weighed(0.1, meshTrims: 0), fn () => weighed(unused: 0.32), true],
    'more of the paper' => [fn () => weighed(0.1, meshTrims: 0), fn () => weighed(unused: 0.35), false],
    'three grades' => [fn () => weighed(0.1, meshTrims: 0), fn () => weighed(unused: 0.001, grades: 3), true],
    'four grades' => [fn () => weighed(0.1, meshTrims: 0), fn () => weighed(unused: 0.001, grades: 4), false],
    // Meshes: 5 by 7 has 10 lines, 2 by 30 has 30, and 1 by 37 has 36.
    'a mesh that leaves less of the paper' => [fn () => weighed(0.1), fn () => weighed(unused: 0.5, meshLeaves: 0.32), true],
    'a mesh that leaves more of it' => [fn () => weighed(0.1), fn () => weighed(unused: 0.5, meshLeaves: 0.35), false],
    '20 lines more' => [fn () => weighed(0.1), fn () => weighed(columns: 2, rows: 30), true],
    '26 lines more' => [fn () => weighed(0.1), fn () => weighed(columns: 1, rows: 37), false],
    // 10 by 14 is four times 35, 1.19 doublings too many, with 12 lines more than 5 by 7: as much as 0.287 of the photo.
    'doublings, against more of the photo' => [fn () => weighed(0.3), fn () => weighed(columns: 10, rows: 14), true],
    'doublings, against less' => [fn () => weighed(0.27), fn () => weighed(columns: 10, rows: 14), false],
    '60 are not off' => [fn () => weighed(0.05), fn () => weighed(columns: 6, rows: 10), true],
    'however hard its cells are, a mesh that crops less leads' => [fn () => weighed(0.02), fn () => weighed(unused: 0.1, grades: 12), true],
]);

it('shows six meshes first, and then whatever costs least', function () {
    $meshes = [[4, 5], [4, 6], [5, 6], [5, 7], [6, 7], [6, 8], [7, 8], [7, 9]];
    $plans = [];
    foreach ($meshes as $i => [$columns, $rows]) {
        // The second of each mesh costs a little more than the first, and less than any of the next.
        array_push($plans, weighed(0.02 * $i, 0, 0, $columns, $rows), weighed(0.02 * $i, 0.001, 0, $columns, $rows));
    }
    $ranked = array_map(fn (Proposal $plan): string => "{$plan->columns}x{$plan->rows} ".($plan->used->isEqualTo(1) ? 'first' : 'second'), Ranking::of($plans, new Wish(Subject::StillLife)));
    expect(array_slice($ranked, 0, 6))->toBe(['4x5 first', '4x6 first', '5x6 first', '5x7 first', '6x7 first', '6x8 first'])
        ->and(array_slice($ranked, 6, 3))->toBe(['4x5 second', '4x6 second', '5x6 second'])->and($ranked)->toHaveCount(16);
});

it('gives up nothing of a perfect plan, if it has squares that are wanted', function (int $columns, int $rows, bool $leads) {
    $perfect = fn (int $columns, int $rows): Proposal => new Proposal(length('1 in'), length('1 in'), $columns, $rows, InchLadder\Measure\Rational::one(), InchLadder\Measure\Rational::one(), 12, (new Wish(Subject::StillLife))->cellsOff($columns * $rows), size('0x0in'), InchLadder\Measure\Rational::one(), InchLadder\Measure\Rational::one());
    $plans = [$perfect($columns, $rows), weighed(columns: 4, rows: 6, unused: 0.01)];
    expect(Ranking::of($plans, new Wish(Subject::StillLife))[0] === $plans[0])->toBe($leads);
})->with([[5, 12, true], [7, 10, false], [4, 4, false]]);

it('wants from a third to three times the cells of its subject', function (Subject $subject, int $fewest, int $most) {
    expect([(new Wish($subject))->fewestCells(), (new Wish($subject))->mostCells()])->toBe([$fewest, $most]);
})->with([[Subject::Likeness, 26, 240], [Subject::Buildings, 21, 189], [Subject::StillLife, 11, 105], [Subject::Landscape, 6, 60]]);

it('takes as many lines as are allowed, and none more', function () {
    $lines = array_map(fn (Proposal $plan): int => $plan->lines(), plans('5x7in', '8.5x11in', new Wish(Subject::StillLife, mostLines: 10)));
    expect(max($lines))->toBe(10);
});

it('speaks of the photo too where the one demand there is does not help', function () {
    expect(fn () => plans('0.1x20in', '9x11in', new Wish(Subject::Likeness, neverTrim: true)))->toBeRefused(NoPlan::class, 'Try other margins or another sheet');
});
