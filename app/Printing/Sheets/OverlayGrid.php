<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Models\Drawing;
use App\Printing\Anchor;
use App\Printing\At;
use App\Printing\Dash;
use App\Printing\Line;
use App\Printing\Pages;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Printing\Rectangle;
use App\Printing\Ruling;
use App\Printing\TiledLayout;
use App\Printing\Type;
use App\Wording\Say;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;

/** The grid alone, for clear film that lies over an original which must not be marked. */
final readonly class OverlayGrid implements PrintableSheet
{
    /** The register corner: how far its arms reach, in mm. */
    private const ARM = 12.0;

    public static function key(): string
    {
        return 'overlay';
    }

    public function takes(): array
    {
        return ['at print', 'at drawing', 'labels', 'mirrored', 'own'];
    }

    public function isRuledFrom(): bool
    {
        return true;
    }

    public function pages(Drawing $drawing, PrintOptions $options): Pages
    {
        $plan = $drawing->plan();
        $at = At::onPaper($plan, $options->at);
        $size = $at->size($plan);
        [$width, $height] = [$size->width->toFloat(), $size->height->toFloat()];
        $corners = $at === At::Print ? self::printed($plan, $width, $height) : self::sheet($plan);
        [$left, $top] = [min(0, ...array_column($corners, 0)), min(0, ...array_column($corners, 1))];
        $about = new Rectangle($left, $top, max($width, ...array_column($corners, 0)) - $left, max($height, ...array_column($corners, 1)) - $top);
        $board = Ruling::of($drawing, $plan, false)->board($width, $height, $options->labels, more: self::register($corners, $at), pictured: $about);
        // Where the photo is seen mirrored, what lies under the film is not.
        $swapped = $at === At::Print && $plan->layout->framing->turning->mirrored;
        $title = $drawing->title();

        return (new TiledLayout(
            $options->mirrored !== $swapped ? $board->mirrored() : $board,
            $title,
            Say::it('printing.film.title', ['title' => mb_strimwidth($title, 0, 30, '…'), 'size' => $at->says()]),
            $options->unit->isMetric(),
            [...$swapped ? [Say::it('printing.film.swapped')] : [], Say::it('printing.film.caution')],
        ))->on($options->printer);
    }

    /**
     * The corners of the print the film lies on, border and all, as it lies from the grid: leaning where the picture was
     * straightened, round the other way where it is seen mirrored.
     *
     * @return list<array{float, float}> in mm from the grid's corner, from the board's top left one clockwise on the board
     */
    private static function printed(Plan $plan, float $width, float $height): array
    {
        $map = $plan->layout->map()->cropToPrint()->inverse();
        [$zero, $one] = [Rational::zero(), Rational::one()];

        return array_map(static function (array $corner) use ($map, $width, $height): array {
            [$x, $y] = $map->apply(...$corner);

            return [$width * $x->toFloat(), $height * $y->toFloat()];
        }, [[$zero, $zero], [$one, $zero], [$one, $one], [$zero, $one]]);
    }

    /** @return list<array{float, float}> those of the sheet that is drawn on, likewise */
    private static function sheet(Plan $plan): array
    {
        [$left, $top] = [-$plan->layout->left->toFloat(), -$plan->layout->top->toFloat()];
        [$right, $bottom] = [$left + $plan->layout->sheet->width->toFloat(), $top + $plan->layout->sheet->height->toFloat()];

        return [[$left, $top], [$right, $top], [$right, $bottom], [$left, $bottom]];
    }

    /**
     * @param  list<array{float, float}>  $corners
     * @return list<\App\Printing\Element> the original's edge, and a strong corner to lay on its top left one
     */
    private static function register(array $corners, At $at): array
    {
        $side = static fn (int $i): array => [...$corners[$i], ...$corners[($i + 1) % 4]];
        [$x, $y] = $corners[0];
        $along = static function (array $to) use ($x, $y): array {
            [$dx, $dy] = [$to[0] - $x, $to[1] - $y];
            $length = hypot($dx, $dy);

            return [$dx / $length, $dy / $length, min(self::ARM, $length / 3)];
        };
        [$across, $down] = [$along($corners[1]), $along($corners[3])];
        $arm = static fn (array $way): Line => new Line($x, $y, $x + $way[2] * $way[0], $y + $way[2] * $way[1], 0.8);

        return [
            ...array_map(static fn (int $i): Line => new Line(...$side($i), width: 0.1, dash: Dash::Fold), range(0, 3)),
            $arm($across),
            $arm($down),
            ...Type::line($x + 2 * $across[0] + 5 * $down[0], $y + 2 * $across[1] + 5 * $down[1], $at === At::Print ? Say::it('printing.film.photo') : Say::it('printing.film.sheet'), 2.6, $across[0] < 0 ? Anchor::End : Anchor::Start),
        ];
    }
}
