<?php

declare(strict_types=1);

namespace App\Press\Sheets;

use App\Imaging\LineAdvice;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
use App\Press\Anchor;
use App\Press\At;
use App\Press\Line;
use App\Press\Order;
use App\Press\Page;
use App\Press\Picture;
use App\Press\Sheet;
use App\Press\SheetImpossible;
use App\Press\Text;
use Imagick;
use InchLadder\Grid\Division;
use InchLadder\Grid\Grid;
use InchLadder\Grid\Hairlines;
use InchLadder\Measure\Size;
use InchLadder\Paper\Catalogue;
use InchLadder\Plan\Plan;

/** The crop with its grid and labels, and a bar to check that the printer kept the size. */
final readonly class GriddedReference implements Sheet
{
    /** What most printers cannot print on, each side, in mm (common practice). */
    private const BORDER = 6.0;

    /** Room for the labels, left and above, in mm. */
    private const LABELS = 8.0;

    /** Room for the check bar and the two lines of words below the picture, in mm. */
    private const FOOT = 22.0;

    /** Finer than this no printer shows; pixels beyond it are left out. */
    private const DOTS_PER_INCH = 400;

    /** A tick on the side of a cell that is not to be lined, in mm. */
    private const TICK = 2.0;

    /** Width of a printed line in mm, by its weight. */
    private const WEIGHTS = [1 => 0.15, 2 => 0.25, 3 => 0.5];

    public function __construct(private PhotoStore $photos)
    {
    }

    public function page(Drawing $drawing, Order $order): Page
    {
        $plan = $drawing->plan();
        $metric = $plan->choices->notation->unit->isMetric();
        [$width, $height, $pageWidth, $pageHeight, $own] = $this->layout($plan, $order, $order->page ?? Catalogue::find($metric ? 'a4' : 'letter')->size);
        $left = self::BORDER + self::LABELS + ($pageWidth - $width - self::LABELS - 2 * self::BORDER) / 2;
        $top = self::BORDER + self::LABELS;

        $picture = $this->crop($drawing, $plan, $width);

        return new Page((string) data_get($drawing->choices, 'title'), $pageWidth, $pageHeight, [
            ...array_filter([$picture === null ? null : new Picture($left, $top, $width, $height, $picture)]),
            ...$this->grid($plan, LineAdvice::for($drawing, $plan), self::WEIGHTS[(int) data_get($drawing->choices, 'grid.weights.print', 2)] ?? self::WEIGHTS[2], $left, $top, $width, $height),
            ...$this->foot($drawing, $plan, $order->at, $own, $pageHeight, $metric),
        ]);
    }

    /** @return array{float, float, float, float, bool} picture and page in mm, and whether the page had to be made for it */
    private function layout(Plan $plan, Order $order, Size $page): array
    {
        $crop = $plan->fitted->crop;
        $ratio = $order->at === At::Drawing
            ? $plan->fitted->area->ratio()->toFloat()
            : $crop->shapeOn($plan->reference)->toFloat();
        [$short, $long] = [min($page->width->toFloat(), $page->height->toFloat()), max($page->width->toFloat(), $page->height->toFloat())];
        $room = static fn (float $wide, float $high): array => [$wide - 2 * self::BORDER - self::LABELS, $high - 2 * self::BORDER - self::LABELS - self::FOOT];
        [$pageWidth, $pageHeight] = $ratio > 1 ? [$long, $short] : [$short, $long];
        [$roomWide, $roomHigh] = $room($pageWidth, $pageHeight);

        if ($order->at === At::Page) {
            $width = min($roomWide, $roomHigh * $ratio);

            return [$width, $width / $ratio, $pageWidth, $pageHeight, false];
        }
        $size = $order->at === At::Print ? ($plan->print ?? throw SheetImpossible::noPrintSize()) : $plan->fitted->area;
        [$width, $height] = [$size->width->toFloat(), $size->height->toFloat()];
        foreach ([[$pageWidth, $pageHeight], [$pageHeight, $pageWidth]] as [$wide, $high]) {
            [$roomWide, $roomHigh] = $room($wide, $high);
            if ($width <= $roomWide && $height <= $roomHigh) {
                return [$width, $height, $wide, $high, false];
            }
        }

        return [$width, $height, max($width + self::LABELS + 2 * self::BORDER, 130), $height + self::LABELS + self::FOOT + 2 * self::BORDER, true];
    }

    private function crop(Drawing $drawing, Plan $plan, float $width): ?string
    {
        if ($drawing->photo === null) {
            return null;
        }
        $crop = $plan->fitted->crop;
        $wanted = (int) ceil($width / 25.4 * self::DOTS_PER_INCH);
        $image = $this->photos->decode($drawing->photo, $plan->choices->framing);
        [$wholeWide, $wholeHigh] = [$image->getImageWidth(), $image->getImageHeight()];
        $wide = (int) round($crop->width->toFloat() * $wholeWide);
        $image->cropImage(
            $wide,
            (int) round($crop->height->toFloat() * $wholeHigh),
            (int) round($crop->left->toFloat() * $wholeWide),
            (int) round($crop->top->toFloat() * $wholeHigh),
        );
        $image->setImagePage(0, 0, 0, 0);
        if ($wide > $wanted) {
            $image->resizeImage($wanted, 0, Imagick::FILTER_TRIANGLE, 1);
        }
        $image->setImageFormat('jpeg');
        $image->setImageCompressionQuality(90);

        return $image->getImageBlob();
    }

    /** @return list<Line|Text> */
    private function grid(Plan $plan, LineAdvice $advice, float $weight, float $left, float $top, float $width, float $height): array
    {
        $marks = [];
        $rule = static function (float $x1, float $y1, float $x2, float $y2) use (&$marks, $advice, $weight): void {
            $marks[] = new Line($x1, $y1, $x2, $y2, $weight + 0.2, $advice->colour->casing());
            $marks[] = new Line($x1, $y1, $x2, $y2, $weight, $advice->colour->css());
        };
        $across = array_map(static fn ($fraction): float => $left + $width * $fraction->toFloat(), $plan->grid->columns);
        $down = array_map(static fn ($fraction): float => $top + $height * $fraction->toFloat(), $plan->grid->rows);
        foreach ($across as $x) {
            $rule($x, $down[0], $x, $down[count($down) - 1]);
        }
        foreach ($down as $y) {
            $rule($across[0], $y, $across[count($across) - 1], $y);
        }
        foreach ($plan->grid->diagonals ? [[$down[0], $down[count($down) - 1]], [$down[count($down) - 1], $down[0]]] : [] as [$from, $to]) {
            $rule($across[0], $from, $across[count($across) - 1], $to);
        }
        foreach ($plan->choices->divisions as $division) {
            if ($division->isIn($plan->grid)) {
                $this->divide($plan->grid, $division, $rule, $left, $top, $width, $height);
            }
        }
        foreach ($plan->points() as $placed) {
            if ($placed->point->cross && $placed->isInside()) {
                [$x, $y] = [$left + $width * $placed->x->toFloat(), $top + $height * $placed->y->toFloat()];
                $rule($x, $top, $x, $top + $height);
                $rule($left, $y, $left + $width, $y);
            }
        }
        $labels = $plan->addresses;
        for ($i = 0; $i < count($across) - 1; $i++) {
            $marks[] = new Text(($across[$i] + $across[$i + 1]) / 2, $top - 2, $labels->column($i), $this->labelSize($across[1] - $across[0]), Anchor::Middle);
        }
        for ($i = 0; $i < count($down) - 1; $i++) {
            $size = $this->labelSize($down[1] - $down[0]);
            $marks[] = new Text($left - 2, ($down[$i] + $down[$i + 1]) / 2 + 0.35 * $size, $labels->row($i), $size, Anchor::End);
        }

        return $marks;
    }

    /** @param  \Closure(float, float, float, float): void  $rule */
    private function divide(Grid $grid, Division $division, \Closure $rule, float $left, float $top, float $width, float $height): void
    {
        ['left' => $from, 'right' => $to, 'top' => $high, 'bottom' => $low] = $division->reach($grid);
        $ticks = $division->hairlines === Hairlines::Ticks;
        [$x1, $x2] = [$left + $width * $from->toFloat(), $left + $width * $to->toFloat()];
        [$y1, $y2] = [$top + $height * $high->toFloat(), $top + $height * $low->toFloat()];
        foreach ($division->across($grid) as $share) {
            $x = $left + $width * $share->toFloat();
            $rule($x, $y1, $x, $ticks ? $y1 + self::TICK : $y2);
        }
        foreach ($division->down($grid) as $share) {
            $y = $top + $height * $share->toFloat();
            $rule($x1, $y, $ticks ? $x1 + self::TICK : $x2, $y);
        }
    }

    /** Type that fits in a cell's side, in mm. */
    private function labelSize(float $side): float
    {
        return max(1.4, min(3.8, $side * 0.7));
    }

    /** @return list<Line|Text> */
    private function foot(Drawing $drawing, Plan $plan, At $at, bool $own, float $pageHeight, bool $metric): array
    {
        $x = self::BORDER + self::LABELS;
        $y = $pageHeight - self::BORDER - 8;
        [$length, $step, $ticks, $says] = $metric ? [100.0, 10.0, 10, '100 mm'] : [101.6, 6.35, 16, '4 in'];
        $marks = [new Line($x, $y, $x + $length, $y, 0.3)];
        for ($i = 0; $i <= $ticks; $i++) {
            $tall = $i % ($metric ? 5 : 4) === 0 ? 3.0 : 1.8;
            $marks[] = new Line($x + $i * $step, $y - $tall, $x + $i * $step, $y, 0.2);
        }
        $marks[] = new Text($x, $y + 4, "This bar is {$says} long when the printer kept the size; print at 100 %, not fitted.", 2.8);
        $size = match ($at) {
            At::Print => 'at print size',
            At::Page => 'fitted to the page',
            At::Drawing => 'at the size of the drawing',
        };
        $cells = $plan->grid->cells();
        $title = mb_strimwidth((string) data_get($drawing->choices, 'title'), 0, 48, '…');
        $marks[] = new Text($x, $y - 5.5, "{$title}: {$cells->columns} by {$cells->rows}, {$size}".($own ? ', on a page made for it' : ''), 3.2);

        return $marks;
    }
}
