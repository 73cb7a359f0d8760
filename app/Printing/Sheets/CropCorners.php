<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Models\Drawing;
use App\Printing\Anchor;
use App\Printing\Artwork;
use App\Printing\Dash;
use App\Printing\Element;
use App\Printing\Line;
use App\Printing\Pages;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Printing\SheetImpossible;
use App\Printing\TiledLayout;
use App\Printing\Type;
use App\Wording\Say;
use InchLadder\Measure\Length;
use InchLadder\Plan\Plan;

/** Two L-shaped masks as long as the print's sides, border and all, to find a crop with on the print itself. */
final readonly class CropCorners implements PrintableSheet
{
    /** How wide the card is, in mm. */
    private const CARD = 30.0;

    public static function key(): string
    {
        return 'corners';
    }

    public function takes(): array
    {
        return ['own'];
    }

    public function isRuledFrom(): bool
    {
        return false;
    }

    public function pages(Drawing $drawing, PrintOptions $options): Pages
    {
        $plan = $drawing->plan();
        $print = $plan->layout->whole->print ?? throw SheetImpossible::noPrintSize();
        $title = $drawing->title();
        $leaves = array_map(fn (int $i): Pages => (new TiledLayout(
            $this->mask($plan, $print->width, $print->height),
            $title,
            Say::it('printing.corner', ['title' => mb_strimwidth($title, 0, 24, '…'), 'i' => $i]),
            $options->unit->isMetric(),
            [Say::it('printing.corners')],
        ))->on($options->printer), [1, 2]);

        return $leaves[0]->and($leaves[1]);
    }

    private function mask(Plan $plan, Length $width, Length $height): Artwork
    {
        [$card, $wide, $high] = [self::CARD, self::CARD + $width->toFloat(), self::CARD + $height->toFloat()];
        $corners = [[0, 0], [$wide, 0], [$wide, $card], [$card, $card], [$card, $high], [0, $high]];
        $marks = [];
        foreach ($corners as $i => [$x, $y]) {
            [$toX, $toY] = $corners[($i + 1) % 6];
            $marks[] = new Line($x, $y, $toX, $toY, 0.3, dash: Dash::Cut);
        }

        return new Artwork($wide, $high, [
            ...$marks,
            ...$this->ticks($plan, $width, $plan->layout->print?->width, false),
            ...$this->ticks($plan, $height, $plan->layout->print?->height, true),
            ...Type::line(4, 6, Say::it('printing.cut.on a mat'), 2.4),
            ...Type::line(4, 9.2, Say::it('printing.cut.away'), 2.4),
        ]);
    }

    /** @return list<Element> whole inches or centimetres along an inner edge, and the crop's side */
    private function ticks(Plan $plan, Length $side, ?Length $crop, bool $down): array
    {
        $marks = [];
        $unit = $plan->choices->notation->unit->isMetric() ? Length::mm(10) : Length::inches(1);
        $tick = static function (float $at, float $tall, float $weight, string $says) use (&$marks, $down): void {
            $marks[] = $down
                ? new Line(self::CARD, self::CARD + $at, self::CARD - $tall, self::CARD + $at, $weight)
                : new Line(self::CARD + $at, self::CARD, self::CARD + $at, self::CARD - $tall, $weight);
            array_push($marks, ...$down
                ? Type::line(self::CARD - $tall - 1, self::CARD + $at + 1, $says, 2.8, Anchor::End)
                : Type::line(self::CARD + $at, self::CARD - $tall - 1.5, $says, 2.8, Anchor::Middle));
        };
        for ($i = 1; $i <= $side->over($unit)->floor(); $i++) {
            $at = $unit->times($i);
            $tick($at->toFloat(), 5, 0.2, $side->minus($at)->toFloat() < 4 || ($crop !== null && abs($at->minus($crop)->toFloat()) < 6) ? '' : (string) $i);
        }
        if ($crop !== null && $crop->isLongerThan(Length::mm(12))) {
            $tick($crop->toFloat() - ($crop->equals($side) ? 0.3 : 0), 12, 0.5, $crop->equals($side) ? '' : Say::it('printing.crop'));
        }

        return $marks;
    }
}
