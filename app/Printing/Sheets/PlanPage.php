<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Models\Drawing;
use App\Printing\Anchor;
use App\Printing\Element;
use App\Printing\Fill;
use App\Printing\Look;
use App\Printing\PageBuilder;
use App\Printing\Pages;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Printing\RasterLayer;
use App\Printing\Rectangle;
use App\Printing\Ruling;
use App\Printing\Type;
use App\Wording\Decisions;
use App\Wording\MarkWorkings;
use App\Wording\Say;
use App\Wording\Writing;
use InchLadder\Copying\Place;
use InchLadder\Copying\Tally;
use InchLadder\Fit\Pivot;
use InchLadder\Marks\MarkRow;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Plan\MarkRows;
use InchLadder\Plan\Plan;

/** The whole plan on one page, to pin beside the easel. */
final readonly class PlanPage implements PrintableSheet
{
    /** Dividers are made in several lengths; these are common ones, tip to tip. */
    private const DIVIDERS = ['metric' => 200, 'inches' => 8];

    /** The type of what is said, in mm, and the room beside it for what it is about. */
    private const WORDS = 3.3;

    private const NAMES = 20.0;

    /** The share of the page that is kept for the lists of marks (ours: a letter page then holds two of thirty lines). */
    private const LISTS = 0.25;

    public static function key(): string
    {
        return 'plan';
    }

    public function takes(): array
    {
        return ['mirrored'];
    }

    public function isRuledFrom(): bool
    {
        return false;
    }

    public function pages(Drawing $drawing, PrintOptions $options): Pages
    {
        $plan = $drawing->plan();
        $leaf = PageBuilder::on($options->paper());
        $body = $leaf->body();
        $title = $drawing->title();
        $leaf->say($body->x, $body->y + 6, Type::shorten($title, $body->width, 6, true), 6, strong: true);
        $words = $this->words($drawing, $plan, $options->mirrored);
        $said = array_sum(array_map(static fn (string $line): float => PageBuilder::noteHeight($line, $body->width - self::NAMES, self::WORDS), $words));
        // Where there is much to say the pictures give way to the lists of marks.
        $free = $body->height - 21 - $said - 0.6 * count($words);
        $y = $this->pictures($leaf, $drawing, $plan, $options->mirrored, new Rectangle($body->x, $body->y + 14, $body->width, max(0.15 * $body->height, min(0.36 * $body->height, $free - self::LISTS * $body->height))));
        $y += 5;
        foreach ($words as $name => $line) {
            $leaf->say($body->x, $y, Say::it("printing.plan.name.{$name}"), self::WORDS, strong: true);
            $y = $leaf->note($body->x + self::NAMES, $y, $body->width - self::NAMES, $line, self::WORDS) + 0.6;
        }
        $this->lists($leaf, $plan, new Rectangle($body->x, $y + 2, $body->width, $body->bottom() - $y - 2));
        $leaf->foot(Say::it('printing.plan.foot', ['title' => $title]), $options->unit->isMetric());

        return Pages::one($leaf->page($title));
    }

    /** Photo and sheet beside each other, each with its grid, and the cells that are done. */
    private function pictures(PageBuilder $leaf, Drawing $drawing, Plan $plan, bool $mirrored, Rectangle $room): float
    {
        $ratio = $plan->layout->fitted->crop->shapeOn($plan->layout->reference)->toFloat();
        $half = ($room->width - 12) / 2;
        $labels = Ruling::LABELS;
        $fit = static function (float $ratio, float $wide, float $high): array {
            $width = min($wide, $high * $ratio);

            return [$width, $width / $ratio];
        };
        [$width, $height] = $fit($ratio, $half - $labels, $room->height - $labels);
        $photo = new Rectangle($room->x + $labels, $room->y + $labels, $width, $height);
        $ruling = Ruling::of($drawing, $plan, true);
        $plate = RasterLayer::of($drawing, $plan, false, Look::Photo, $mirrored, 1400);
        $turned = static fn (array $marks, Rectangle $on): array => $mirrored ? array_map(static fn (Element $mark): Element => $mark->movedBy(-$on->x, 0)->mirrored($on->width)->movedBy($on->x, 0), $marks) : $marks;
        $leaf->add($plate?->small($photo, 1400), ...$turned([...$ruling->lines($photo), ...$ruling->labels($photo)], $photo));
        $leaf->frame($photo, 0.2);
        [$sheetWide, $sheetHigh] = $fit($plan->layout->sheet->ratio()->toFloat(), $half - $labels, $room->height - $labels);
        $scale = $sheetWide / $plan->layout->sheet->width->toFloat();
        $sheet = new Rectangle($room->x + $half + 12 + $labels, $room->y + $labels, $sheetWide, $sheetHigh);
        $area = new Rectangle($sheet->x + $plan->layout->left->toFloat() * $scale, $sheet->y + $plan->layout->top->toFloat() * $scale, $plan->layout->fitted->area->width->toFloat() * $scale, $plan->layout->fitted->area->height->toFloat() * $scale);
        foreach ($drawing->record($plan)->settled() as $settled) {
            $place = Place::at($settled, $plan->layout->grid->cells());
            [$x, $across] = [$plan->layout->grid->columns[$place->column]->toFloat(), $plan->layout->grid->across->span($place->column)->toFloat()];
            [$y, $down] = [$plan->layout->grid->rows[$place->row]->toFloat(), $plan->layout->grid->down->span($place->row)->toFloat()];
            $leaf->add(...$turned([new Fill((new Rectangle($x, $y, $across, $down))->in($area), '#d5dfd3')], $sheet));
        }
        $plain = Ruling::plain($plan, 0.15);
        $leaf->add(...$turned([...$plain->lines($area), ...$plain->labels($area, $sheet)], $sheet));
        $leaf->frame($sheet, 0.4);

        return max($photo->bottom(), $sheet->bottom());
    }

    /** @return array<string, string> a line each, by what it is about */
    private function words(Drawing $drawing, Plan $plan, bool $mirrored): array
    {
        $decisions = new Decisions($plan);
        $write = new Writing($plan->choices->notation);
        $area = $plan->layout->fitted->area;
        $cell = $plan->layout->printCell();
        $tally = Tally::of($drawing->record($plan), $plan->layout->grid->cells(), $plan->layout->spared());

        return array_filter([
            'photo' => $plan->layout->print === null ? $decisions->photo() : Say::it('printing.plan.print', ['photo' => $decisions->photo(), 'crop' => $write->readSize($plan->layout->print)]),
            'print' => implode(' ', (new MarkWorkings($plan))->print()),
            'paper' => Say::it('printing.plan.sheet', ['paper' => $decisions->paper(), 'left' => $write->reading($plan->layout->left), 'top' => $write->reading($plan->layout->top)]),
            'drawing' => $write->readSize($area).(($scales = $decisions->scales()) === null ? '' : "; {$scales}"),
            'grid' => Say::it('printing.plan.'.($cell === null ? 'cell' : 'cells'), ['grid' => $decisions->grid(), 'print' => $cell === null ? '' : $write->readSize($cell), 'cell' => $write->readSize($plan->layout->cell())]),
            'dividers' => $this->dividers($plan),
            'progress' => Say::it('printing.plan.done', ['done' => $tally->done, 'cells' => $tally->of]),
            'mirrored' => $mirrored ? Say::it('printing.plan.swapped') : null,
            'then' => Say::it('printing.plan.order'),
        ]);
    }

    private function dividers(Plan $plan): ?string
    {
        if ($plan->layout->scale->x === null || ! $plan->layout->scale->keepsProportion()) {
            return null;
        }
        $metric = $plan->choices->notation->unit->isMetric();
        $whole = $metric ? Length::mm(self::DIVIDERS['metric']) : Length::inches(self::DIVIDERS['inches']);
        $pivot = Pivot::of($plan->layout->scale->x, $whole, $plan->choices->notation->ruler);
        $write = new Writing($plan->choices->notation);

        return Say::it('printing.plan.pair', ['setting' => Fractions::mixed($plan->layout->scale->x), 'whole' => $write->plain($whole), 'pivot' => $write->plain($pivot->fromShortEnd->reading)])
            .($pivot->error->isZero() ? '' : Say::it('printing.plan.pair rounded', ['percent' => Writing::percent($pivot->error->abs(), 2), 'way' => Say::it('dividers.'.($pivot->error->isPositive() ? 'larger' : 'smaller'))]));
    }

    /** Both ladders, each in as many columns as it takes, as large as the room allows. */
    private function lists(PageBuilder $leaf, Plan $plan, Rectangle $room): void
    {
        $write = new Writing($plan->choices->notation);
        $ladders = ['across' => $this->rows(MarkRows::across($plan), $write), 'down' => $this->rows(MarkRows::down($plan), $write)];
        $size = 5.4;
        do {
            $size -= 0.2;
            [$wide, $each] = [17 * $size, max(1, (int) floor($room->height / (1.45 * $size)) - 1)];
            $columns = array_sum(array_map(static fn (array $rows): int => (int) ceil(count($rows) / $each), $ladders));
        } while ($size > 1.2 && $columns * $wide > $room->width);
        $x = $room->x;
        foreach ($ladders as $name => $rows) {
            foreach (array_chunk($rows, $each) as $column) {
                $this->column($leaf, [array_map(static fn (string $head): string => Say::it("printing.plan.list.{$head}"), [$name, 'photo', 'area', 'sheet']), ...$column], $x, $room->y, $size);
                $x += $wide;
            }
        }
    }

    /** @param  list<array{string, string, string, string}>  $rows */
    private function column(PageBuilder $leaf, array $rows, float $x, float $y, float $size): void
    {
        foreach ($rows as $i => $words) {
            $y += 1.45 * $size;
            foreach ([[0, 2.6], [2.6, 6.6], [6.6, 11], [11, 15.8]] as $j => [$from, $to]) {
                // A name that is longer than its column is set smaller.
                $type = $i === 0 ? min(0.72, ($to - $from - 0.2) / Type::width($words[$j], 1)) * $size : $size;
                $leaf->say($x + $to * $size, $y, $words[$j], $type, Anchor::End, $i > 0 && $j === 3);
            }
            $i === 0 && $leaf->line($x, $y + 0.4 * $size, $x + 15.8 * $size, $y + 0.4 * $size, 0.15);
        }
    }

    /**
     * @param  list<MarkRow>  $marks
     * @return list<array{string, string, string, string}>
     */
    private function rows(array $marks, Writing $write): array
    {
        return array_map(static fn (MarkRow $mark): array => [
            $mark->name,
            $mark->at->print === null ? '–' : $write->amount($mark->at->print->reading),
            $write->amount($mark->at->area->reading),
            $write->amount($mark->at->sheet->reading),
        ], $marks);
    }
}
