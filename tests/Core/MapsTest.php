<?php

use InchLadder\Fit\Crop;
use InchLadder\Fit\Fitted;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Layout\Affine;
use InchLadder\Layout\KeyPoint;
use InchLadder\Layout\PictureMap;
use InchLadder\Layout\Pin;
use InchLadder\Layout\Pinned;
use InchLadder\Layout\Places;
use InchLadder\Layout\Region;
use InchLadder\Layout\RegionUse;
use InchLadder\Layout\Span;
use InchLadder\Marks\Out\Line;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Paper\Shape;
use InchLadder\Photo\Border;
use InchLadder\Photo\Framing;
use InchLadder\Photo\Keep;
use InchLadder\Photo\PrintedPart;
use InchLadder\Photo\Reference;
use InchLadder\Photo\Turning;
use Tests\Core\Plans;

/** Shares in thousandths. */
function thousandths(int $from, int $to): Rational
{
    return Rational::nd(mt_rand($from, $to), 1000);
}

/**
 * Where a place of a file is seen in the crop, worked out by hand, step by step, the way an artist holds the picture.
 *
 * @return array{float, float}
 */
function seenAt(float $x, float $y, int $wide, int $high, Framing $framing, Crop $crop): array
{
    $turning = $framing->turning;
    // Turned clockwise, what was at the top is at the right; of the picture held so the print shows a part.
    for ($i = 0; $i < $turning->quarters; $i++) {
        [$x, $y] = [1 - $y, $x];
    }
    $x = ($x - $framing->part->left->toFloat()) / $framing->part->width->toFloat();
    $y = ($y - $framing->part->top->toFloat()) / $framing->part->height->toFloat();
    $x = $turning->mirrored ? 1 - $x : $x;
    if ($turning->degrees !== 0.0) {
        // Turned clockwise about its middle, in pixels; what is kept lies about the same middle.
        [$u, $v, $angle] = [($x - 0.5) * $wide, ($y - 0.5) * $high, deg2rad($turning->degrees)];
        [$keptWide, $keptHigh] = $turning->kept($wide, $high);
        $x = 0.5 + (cos($angle) * $u - sin($angle) * $v) / ($keptWide->toFloat() * $wide);
        $y = 0.5 + (sin($angle) * $u + cos($angle) * $v) / ($keptHigh->toFloat() * $high);
    }
    $border = $framing->border;
    $x = ($x - $border->left->toFloat()) / (1 - $border->left->toFloat() - $border->right->toFloat());
    $y = ($y - $border->top->toFloat()) / (1 - $border->top->toFloat() - $border->bottom->toFloat());

    return [($x - $crop->left->toFloat()) / $crop->width->toFloat(), ($y - $crop->top->toFloat()) / $crop->height->toFloat()];
}

it('finds a place of the file in the crop, and the place of the crop in the file, however the picture is held', function () {
    mt_srand(31);
    for ($round = 0; $round < 120; $round++) {
        [$wide, $high] = [mt_rand(300, 5000), mt_rand(300, 5000)];
        $framing = new Framing(
            Turning::of(
                quarters: mt_rand(0, 3),
                mirrored: mt_rand(0, 1) === 1,
                degrees: mt_rand(0, 2) * mt_rand(-140, 140) / 20,
                keep: [Keep::Shape, Keep::Largest][mt_rand(0, 1)],
            ),
            Border::of(thousandths(0, 200), thousandths(0, 200), thousandths(0, 200), thousandths(0, 200)),
            mt_rand(0, 1) === 0
                ? null
                : PrintedPart::box(thousandths(0, 300), thousandths(0, 300), thousandths(400, 700), thousandths(400, 700)),
        );
        $crop = Crop::at(thousandths(0, 400), thousandths(0, 400), thousandths(300, 600), thousandths(300, 600));
        $map = PictureMap::of($framing, $crop, $wide, $high);
        [$x, $y] = [thousandths(0, 1000), thousandths(0, 1000)];
        [$u, $v] = seenAt($x->toFloat(), $y->toFloat(), $wide, $high, $framing, $crop);
        $numbers = static fn (array $at): array => array_map(static fn (Rational $one): float => $one->toFloat(), $at);
        $here = $numbers([$x, $y]);
        $inFile = $numbers($map->cropToFile()->apply($x, $y));
        expect($numbers($map->cropToFile()->inverse()->apply($x, $y)))->toEqualWithDelta([$u, $v], 1e-6)
            ->and($numbers($map->cropToFile()->apply(Rational::near($u, 12), Rational::near($v, 12))))->toEqualWithDelta($here, 1e-6)
            // By way of the picture, or of the print, it is the same.
            ->and($numbers($map->cropToPrint()->then($map->printToFile)->apply($x, $y)))->toEqualWithDelta($inFile, 1e-9)
            ->and($numbers($map->cropToPicture->then($map->pictureToFile())->apply($x, $y)))->toEqualWithDelta($inFile, 1e-9);
        // Held otherwise, it lies where the other way of holding it has it.
        $other = PictureMap::of(new Framing(Turning::of(mt_rand(0, 3), true, 0, Keep::Shape), Border::none()), Crop::whole(), $wide, $high);
        expect($numbers($other->cropToFile()->apply(...$map->cropTo($other)->apply($x, $y))))->toEqualWithDelta($inFile, 1e-6)
            ->and($numbers($other->pictureToFile()->apply(...$map->pictureTo($other)->apply($x, $y))))
            ->toEqualWithDelta($numbers($map->pictureToFile()->apply($x, $y)), 1e-6);
    }
});

it('is exact where nothing is straightened', function () {
    $border = Border::of(Rational::nd(1, 7), Rational::nd(1, 11), Rational::zero(), Rational::nd(1, 13));
    $framing = new Framing(Turning::of(1, true, 0, Keep::Shape), $border);
    $map = PictureMap::of($framing, Crop::at(Rational::nd(1, 3), Rational::nd(1, 9), Rational::nd(1, 2), Rational::nd(4, 5)), 3000, 2000);
    $back = $map->cropToFile()->then($map->cropToFile()->inverse());
    foreach (['a' => 1, 'b' => 0, 'c' => 0, 'd' => 0, 'e' => 1, 'f' => 0] as $name => $is) {
        expect($back->{$name}->isEqualTo($is))->toBeTrue();
    }
});

it('does not straighten what has sizes and no pixels', function () {
    $framing = new Framing(Turning::of(0, false, 4, Keep::Shape), Border::none());
    expect(PictureMap::of($framing, Crop::whole(), null, null)->cropToFile())->toEqual(Affine::identity());
});

it('brings a point to its pin: the crop moves first, then the drawing on its sheet, and what is missing is told', function () {
    mt_srand(57);
    $moved = ['crop' => 0, 'sheet' => 0, 'missed' => 0];
    for ($round = 0; $round < 300; $round++) {
        $mm = static fn (int $mm): Length => Length::mm(Rational::of($mm));
        [$sheet, $area] = [new Size($mm(300), $mm(400)), new Size($mm(mt_rand(120, 300)), $mm(mt_rand(120, 400)))];
        $crop = Crop::at(thousandths(0, 500), thousandths(0, 500), thousandths(300, 800), thousandths(300, 800));
        [$left, $top] = [$mm(mt_rand(0, 300 - (int) $area->width->toFloat())), $mm(mt_rand(0, 400 - (int) $area->height->toFloat()))];
        // Somewhere in the crop as it is.
        $x = $crop->left->plus($crop->width->times(thousandths(0, 1000)));
        $y = $crop->top->plus($crop->height->times(thousandths(0, 1000)));
        $pin = new Pin($mm(mt_rand(0, 300)), $mm(mt_rand(0, 400)));
        $pinned = Pinned::at(new KeyPoint('a', $x, $y, false, $pin), new Fitted($crop, $area), $left, $top, $sheet);
        $now = $pinned->fitted->crop;
        // It may be so far off, and no farther, once all has moved.
        $across = ($x->toFloat() - $now->left->toFloat()) / $now->width->toFloat();
        $down = ($y->toFloat() - $now->top->toFloat()) / $now->height->toFloat();
        expect($pinned->left->toFloat() + $across * $area->width->toFloat())
            ->toEqualWithDelta($pin->left->toFloat() + $pinned->missedAcross->toFloat(), 1e-9)
            ->and($pinned->top->toFloat() + $down * $area->height->toFloat())
            ->toEqualWithDelta($pin->top->toFloat() + $pinned->missedDown->toFloat(), 1e-9)
            // Nothing but its place is another.
            ->and([$now->width, $now->height])->toEqual([$crop->width, $crop->height])
            ->and($pinned->fitted->area)->toBe($area)
            // All of it stays in the photo and on the sheet.
            ->and($now->left->isNegative() || $now->right()->isGreaterThan(1))->toBeFalse()
            ->and($now->top->isNegative() || $now->bottom()->isGreaterThan(1))->toBeFalse()
            ->and($pinned->left->toFloat())->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual(300 - $area->width->toFloat() + 1e-9)
            ->and($pinned->top->toFloat())->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual(400 - $area->height->toFloat() + 1e-9);
        // The drawing moves only where the crop has come to the photo's edge, or the pin lies beside where the drawing lay.
        $atEdge = $now->left->isZero() || $now->right()->isEqualTo(1);
        $beside = $pin->left->isLongerThan($left->plus($area->width)) || $left->isLongerThan($pin->left);
        if (! $pinned->left->equals($left)) {
            $moved['sheet']++;
            expect($atEdge || $beside)->toBeTrue();
        }
        $now->left->isEqualTo($crop->left) || $moved['crop']++;
        if (! $pinned->missedAcross->isZero()) {
            $moved['missed']++;
            expect($pinned->left->isZero() || $pinned->left->plus($area->width)->equals($sheet->width))->toBeTrue();
        }
    }
    expect(min($moved))->toBeGreaterThan(20);
    // Without a pin nothing moves.
    $plan = Plans::of(Reference::onScreen(900, 1200), size('200x260mm'), ruler: '1 mm');
    $third = Rational::nd(1, 3);
    $free = Pinned::at(
        new KeyPoint('a', $third, $third, false), $plan->layout->fitted, Length::zero(), Length::zero(), size('200x260mm'),
    );
    expect($free->fitted)->toBe($plan->layout->fitted)->and($free->missedAcross->isZero() && $free->missedDown->isZero())->toBeTrue();
});

it('says by which edge a line leaves its board, and how far along', function (
    Affine $map, bool $upright, array $from, array $to, bool $leans,
) {
    $line = Line::on(size('200x100mm'), $map, Rational::nd(1, 4), $upright);
    $mm = static fn (array $end): array => [$end[0], round($end[1]->toFloat(), 6)];
    expect($mm($line->from))->toBe($from)->and($mm($line->to))->toBe($to)->and($line->leans())->toBe($leans);
    // A quarter of the way down, or across, it lies a quarter of the way between its ends.
    $floats = static fn (array $point): array => array_map(static fn (Length $one): float => $one->toFloat(), $point);
    [$start, $end] = [$floats($line->start), $floats($line->end)];
    $quarter = static fn (int $axis): float => $start[$axis] + 0.25 * ($end[$axis] - $start[$axis]);
    [$along, $across] = $upright ? [1, 0] : [0, 1];
    expect($line->at(Length::mm(Rational::near($quarter($along), 9)))->toFloat())->toEqualWithDelta($quarter($across), 1e-6);
})->with([
    'all of the board' => [fn () => Affine::identity(), true, ['top', 50.0], ['bottom', 50.0], false],
    'level' => [fn () => Affine::identity(), false, ['left', 25.0], ['right', 25.0], false],
    'mirrored' => [fn () => Affine::of(-1, 0, 1, 0, 1, 0), true, ['top', 150.0], ['bottom', 150.0], false],
    'mirrored, level: still from the left' => [fn () => Affine::of(-1, 0, 1, 0, 1, 0), false, ['left', 25.0], ['right', 25.0], false],
    'within a border of a tenth' => [fn () => Affine::of('4/5', 0, '1/10', 0, '4/5', '1/10'), true, ['top', 60.0], ['bottom', 60.0], false],
    // Leans by a tenth of the width over the height.
    'leaning' => [fn () => Affine::of(1, '1/10', 0, 0, 1, 0), true, ['top', 50.0], ['bottom', 70.0], true],
    // At the foot it would lie 0.25 − 0.5 of the width before the left edge: it meets that half-way down.
    'out by the edge beside' => [fn () => Affine::of(1, '-1/2', 0, 0, 1, 0), true, ['top', 50.0], ['left', 50.0], true],
    'level, out at the top' => [fn () => Affine::of(1, 0, 0, '-1/2', 1, 0), false, ['left', 25.0], ['top', 100.0], true],
]);

it('begins and ends a line where a part does', function () {
    $line = Line::on(size('200x100mm'), Affine::identity(), Rational::nd(1, 2), true, Rational::nd(1, 5), Rational::nd(3, 5));
    expect(array_map(static fn (Length $one): float => $one->toFloat(), [...$line->start, ...$line->end]))->toBe([100.0, 20.0, 100.0, 60.0])
        ->and([$line->from[0], $line->to[0]])->toBe(['top', 'bottom']);
});

it('carries a box over: its middle goes along, its sides keep their length', function (Affine $map, array $to, bool $swaps) {
    // A box of 20 × 10 hundredths on a square, and what comes of it on a board twice as wide as high.
    $box = $map->carry(Rational::nd(1, 10), Rational::nd(2, 10), Rational::nd(2, 10), Rational::nd(1, 10), Rational::of(2));
    expect(array_map(static fn (Rational $one): float => $one->toFloat(), $box))->toEqualWithDelta($to, 1e-6)
        ->and($map->swapsSides())->toBe($swaps);
})->with([
    'as it is' => [fn () => Affine::identity(), [0.1, 0.2, 0.2, 0.1], false],
    'mirrored' => [fn () => Affine::of(-1, 0, 1, 0, 1, 0), [0.7, 0.2, 0.2, 0.1], false],
    // A quarter clockwise: what was 0.2 across runs 0.2 down, and 0.1 down is 0.1 across.
    'a quarter' => [fn () => Affine::of(0, -1, 1, 1, 0, 0), [0.7, 0.1, 0.1, 0.2], true],
    'half as large' => [fn () => Affine::of('1/2', 0, '1/4', 0, '1/2', '1/4'), [0.3, 0.35, 0.1, 0.05], false],
    // It leans by 0.2 · 0.5 of the height: its upper side is as long as √(0.4² + 0.1²) heights.
    'leaning' => [fn () => Affine::of(1, 0, 0, '1/2', 1, 0), [0.2 - sqrt(0.17) / 4, 0.3, sqrt(0.17) / 2, 0.1], false],
]);

it('is the same map where all its numbers are', function () {
    $map = Affine::of('1/3', 2, 3, 4, 5, 6);
    expect($map->isSame(Affine::of('2/6', 2, 3, 4, 5, 6)))->toBeTrue();
    foreach (range(0, 5) as $i) {
        $numbers = ['1/3', 2, 3, 4, 5, 6];
        $numbers[$i] = 7;
        expect($map->isSame(Affine::of(...$numbers)))->toBeFalse();
    }
});

it('writes places to six digits, and reads what it wrote', function () {
    expect(Places::write([[0.25, 0.5], [1 / 3, 1.0], [-0.1, 0.0]]))->toBe('0.25 0.5, 0.333333 1, -0.1 0')
        ->and(Places::read('0.25 0.5, 0.333333 1, -0.1 0', 3))->toBe([[0.25, 0.5], [0.333333, 1.0], [-0.1, 0.0]])
        ->and(Places::read('', 3))->toBe([]);
});

it('reads no places that are none, or more than may be', function (string $text) {
    expect(Places::read($text, 2))->toBeNull();
})->with(['0.1 0.2, 0.3 0.4, 0.5 0.6', '0.1', '0.1 0.2,0.3 0.4', 'a b', '0.1 0.2 ', "0.1 0.2\n", '0.1234567 0.2', '100 0.2', '١ 0.2']);

it('knows the cells a part takes in whole, and the part as the crop shows it', function () {
    // Cells of a quarter across and a fifth down; the crop leaves a tenth off on the left and a fifth off at the top.
    $layout = Plans::of(Reference::onScreen(800, 1000), size('200x250mm'), ruler: '1 mm')->layout;
    $crop = Crop::at(Rational::nd(1, 10), Rational::nd(1, 5), Rational::nd(4, 5), Rational::nd(4, 5));
    $share = static fn (int $hundredths): Rational => Rational::nd($hundredths, 100);
    $of = static fn (int ...$hundredths): Region => new Region(...[...array_map($share, $hundredths), RegionUse::NotNeeded]);
    $region = $of(30, 36, 40, 32);
    // From a quarter to three quarters of the crop across, from a fifth to three fifths down.
    expect($region->inCrop($crop))->toEqualWithDelta([0.25, 0.2, 0.5, 0.4], 1e-9)
        ->and($region->cells($crop, $layout->grid))->toBe([5, 6, 9, 10])
        ->and($of(31, 36, 40, 32)->cells($crop, $layout->grid))->toBe([6, 10])
        ->and($of(30, 36, 40, 31)->cells($crop, $layout->grid))->toBe([5, 6])
        // What reaches over the crop is cut to it, and what lies beside it is none of it.
        ->and($of(0, 0, 50, 60)->inCrop($crop))->toEqualWithDelta([0.0, 0.0, 0.5, 0.5], 1e-9)
        ->and($of(0, 0, 10, 60)->inCrop($crop))->toBeNull();
});

it('spares the cells that lie wholly outside a circle, and those that are left', function () {
    // A circle of 200 mm in cells of 25 mm: at a corner of the box the nearest corner of a cell tells.
    $left = new Region(Rational::zero(), Rational::nd(1, 2), Rational::nd(1, 4), Rational::nd(1, 8), RegionUse::NotNeeded);
    $layout = Plans::of(
        Reference::onScreen(800, 800), size('200x200mm'),
        school: SquaresByCount::across(8), shape: Shape::Circle, ruler: '1 mm', regions: [$left],
    )->layout;
    $outside = [];
    for ($row = 0; $row < 8; $row++) {
        for ($column = 0; $column < 8; $column++) {
            $near = static fn (int $i): float => $i < 4 ? 100 - 25 * ($i + 1) : 25 * $i - 100;
            hypot($near($column), $near($row)) >= 100 && $outside[] = 8 * $row + $column;
        }
    }
    expect($outside)->not->toBe([])->and($layout->outside())->toBe($outside);
    $spared = [...$outside, 32, 33];
    sort($spared);
    expect($layout->spared())->toBe($spared);
});

it('lays a line of the grid on no finer a share than a billionth, and keeps to the numbers documents are written by', function () {
    $map = PictureMap::of(new Framing(Turning::of(0, false, 7.3, Keep::Shape), Border::none()), Crop::whole(), 3000, 2000);
    expect($map->pictureToPrint->a->isFinerThan(1_000_000_000 * 3000))->toBeFalse()
        ->and([KeyPoint::MOST, Span::MOST, Region::MOST])->toBe([100, 40, 40]);
});
