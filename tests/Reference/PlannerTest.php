<?php

use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Photo\Reference;
use InchLadder\Photo\Subject;
use InchLadder\Planner\Friendly;
use InchLadder\Planner\NoPlan;
use InchLadder\Planner\Planner;
use InchLadder\Planner\Proposal;
use InchLadder\Planner\Wish;

/*
 * The planner against a brute force over every cell on both rulers, that shares nothing
 * with it but the rule: n = min(⌊W/b⌋, ⌊w/a⌋), m = min(⌊H/b⌋, ⌊h/a⌋), and a front of those
 * no other is better than in everything.
 */

/** How many whole cells lie along a side, counted off one by one. */
function countedOff(Length $cell, Length $side): int
{
    for ($count = 0, $end = $cell; ! $end->isLongerThan($side) && $count < 60; $end = $end->plus($cell)) {
        $count++;
    }

    return $count;
}

/** @return array<string, array{Length, int}> every friendly length up to a side, with its grade */
function friendlyLengths(array $marks, Length $most): array
{
    $lengths = [];
    foreach ($marks as $grade => $mark) {
        for ($length = length($mark); ! $length->isLongerThan($most); $length = $length->plus(length($mark))) {
            $lengths[$length->exact()] ??= [$length, $grade];
        }
    }

    return $lengths;
}

/** @return list<string> */
function bruteFront(?Size $print, Rational $ratio, Size $paper, array $marks, Wish $wish, bool $square): array
{
    // A square can keep no more of a picture than its shorter side takes off its longer.
    $most = $square && ! $wish->neverTrim ? Rational::smaller($ratio, $ratio->reciprocal())->toFloat() : 1.0;
    $plans = [];
    $wanted = $wish->subject->cellsWanted();
    $add = function (?Length $a, Length $b, int $n, int $m, Rational $kept, int $grades) use (&$plans, $paper, $wish, $wanted, $square, $most): void {
        $area = new Size($b->times($n), $b->times($m));
        $fits = (! $square || $n === $m) && $n * $m >= $wish->fewestCells() && $n * $m <= $wish->mostCells() && $kept->toFloat() >= $wish->leastKept() * $most - 1e-9
            && ($wish->mostLines === null || $n + $m - 2 <= $wish->mostLines)
            && ($wish->leastCell === null || ! $wish->leastCell->isLongerThan($b))
            && (! $wish->wholeSheet || ($area->width->equals($paper->width) && $area->height->equals($paper->height)));
        if ($fits) {
            $plans[] = [($a?->exact() ?? '–')." {$b->exact()} {$n}x{$m}", [-$kept->toFloat(), -$area->shareOf($paper)->toFloat(), $grades, $n + $m, max(0, (int) ceil($wanted * 4 / 7) - $n * $m, $n * $m - (int) floor($wanted * 7 / 4))]];
        }
    };
    $shorter = Length::smaller($paper->width, $paper->height);
    foreach (friendlyLengths($marks, $shorter) as [$b, $gradeB]) {
        [$across, $down] = [countedOff($b, $paper->width), countedOff($b, $paper->height)];
        if ($print === null) {
            for ($n = 1; $n <= $across; $n++) {
                for ($m = 1; $m <= $down; $m++) {
                    $shape = Rational::nd($n, $m)->dividedBy($ratio);
                    $add(null, $b, $n, $m, Rational::smaller($shape, $shape->reciprocal()), $gradeB);
                }
            }

            continue;
        }
        foreach (friendlyLengths($marks, Length::smaller($print->width, $print->height)) as [$a, $gradeA]) {
            [$n, $m] = [min($across, countedOff($a, $print->width)), min($down, countedOff($a, $print->height))];
            [$n, $m] = $square ? [min($n, $m), min($n, $m)] : [$n, $m];
            if ($n * $m > 0) {
                $add($a, $b, $n, $m, (new Size($a->times($n), $a->times($m)))->shareOf($print), $gradeA + $gradeB);
            }
        }
    }
    $worse = static function (array $mine) use ($plans): bool {
        foreach ($plans as [, $other]) {
            $better = false;
            foreach ($other as $i => $cost) {
                if ($cost > $mine[$i] + 1e-9) {
                    continue 2;
                }
                $better = $better || $cost < $mine[$i] - 1e-9;
            }
            if ($better) {
                return true;
            }
        }

        return false;
    };
    $front = array_column(array_filter($plans, static fn (array $plan): bool => ! $worse($plan[1])), 0);
    sort($front);

    return array_values(array_unique($front));
}

it('finds the same front as a brute force over the same candidates', function (string $photo, string $sheet, string $ruler, array $marks, Closure $wish, bool $square = false) {
    $print = str_contains($photo, 'px') ? null : size($photo);
    [$wide, $high] = $print === null ? array_map(intval(...), explode('x', $photo)) : [0, 0];
    $reference = $print === null ? Reference::onScreen($wide, $high) : Reference::printed($print);
    $friendly = Friendly::on(Graduation::read($ruler));
    try {
        $found = array_map(fn (Proposal $plan) => ($plan->photoCell?->exact() ?? '–')." {$plan->paperCell->exact()} {$plan->columns}x{$plan->rows}", (new Planner($reference, size($sheet), $friendly, $friendly, square: $square))->plans($wish()));
    } catch (NoPlan) {
        $found = [];
    }
    sort($found);
    expect($found)->toBe(bruteFront($print, $reference->ratio(), size($sheet), $marks, $wish(), $square));
})->with([
    'a print on letter' => ['5x7in', '8.5x11in', '1/8 in', ['5 in', '2 in', '1 in', '1/2 in', '1/4 in', '1/8 in'], fn () => new Wish(Subject::StillLife)],
    'a likeness' => ['4x6in', '8x10in', '1/8 in', ['5 in', '2 in', '1 in', '1/2 in', '1/4 in', '1/8 in'], fn () => new Wish(Subject::Likeness)],
    'a ruler of halves' => ['5x7in', '22x30in', '1/2 in', ['5 in', '2 in', '1 in', '1/2 in'], fn () => new Wish(Subject::Landscape)],
    'metric' => ['9x13cm', '148x210mm', '1 mm', ['5 cm', '2 cm', '1 cm', '5 mm', '2 mm', '1 mm'], fn () => new Wish(Subject::StillLife)],
    'an odd sheet' => ['6.3x4.1in', '9.4x7.7in', '1/4 in', ['5 in', '2 in', '1 in', '1/2 in', '1/4 in'], fn () => new Wish(Subject::Figure)],
    'a screen' => ['3000x2000px', '11x8.5in', '1/4 in', ['5 in', '2 in', '1 in', '1/2 in', '1/4 in'], fn () => new Wish(Subject::Buildings)],
    'a screen, metric' => ['1237x811px', '148x105mm', '1 mm', ['5 cm', '2 cm', '1 cm', '5 mm', '2 mm', '1 mm'], fn () => new Wish(Subject::Landscape)],
    'never trimmed' => ['5x7in', '8.5x11in', '1/8 in', ['5 in', '2 in', '1 in', '1/2 in', '1/4 in', '1/8 in'], fn () => new Wish(Subject::StillLife, neverTrim: true)],
    'the whole sheet' => ['4x6in', '8x10in', '1/4 in', ['5 in', '2 in', '1 in', '1/2 in', '1/4 in'], fn () => new Wish(Subject::StillLife, wholeSheet: true)],
    'few lines, large cells' => ['5x7in', '18x24in', '1/4 in', ['5 in', '2 in', '1 in', '1/2 in', '1/4 in'], fn () => new Wish(Subject::StillLife, mostLines: 9, leastCell: length('2 in'))],
    'a circle of a print' => ['5x7in', '8x8in', '1/8 in', ['5 in', '2 in', '1 in', '1/2 in', '1/4 in', '1/8 in'], fn () => new Wish(Subject::StillLife), true],
    'a circle of a screen, metric' => ['1237x811px', '105x105mm', '1 mm', ['5 cm', '2 cm', '1 cm', '5 mm', '2 mm', '1 mm'], fn () => new Wish(Subject::Landscape), true],
    'a circle that may trim nothing' => ['4x6in', '8x8in', '1/4 in', ['5 in', '2 in', '1 in', '1/2 in', '1/4 in'], fn () => new Wish(Subject::StillLife, neverTrim: true), true],
    'a circle of few lines, on an odd square' => ['6.3x4.1in', '7.7x7.7in', '1/4 in', ['5 in', '2 in', '1 in', '1/2 in', '1/4 in'], fn () => new Wish(Subject::Figure, mostLines: 12), true],
    'nothing to be had' => ['5x7in', '9x11in', '1/4 in', ['5 in', '2 in', '1 in', '1/2 in', '1/4 in'], fn () => new Wish(Subject::StillLife, neverTrim: true, wholeSheet: true)],
]);
