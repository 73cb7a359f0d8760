<?php

declare(strict_types=1);

namespace App\Printing;

use App\Wording\Say;
use InchLadder\Printing\Printer;
use InchLadder\Printing\Tiling;

/** Lays strips under one another on as few pages as hold them; a long one goes on in pieces with a mark to join them at. */
final readonly class Bands
{
    /** Shared by two pieces of a strip, in mm. */
    private const OVERLAP = 12.0;

    private const GAP = 5.0;

    /** Room for the sheet's heading, at the least; in mm. */
    private const HEAD = 24.0;

    /** The heading's type, in mm. */
    private const NOTE = 2.8;

    /**
     * @param  list<Band>  $bands
     * @param  list<string>  $notes
     */
    public static function leaves(array $bands, Printer $printer, string $title, string $says, array $notes, bool $metric): Pages
    {
        $laid = $printer->turned();
        $body = PageBuilder::on($laid)->body();
        $pieces = array_merge(...array_map(static fn (Band $band): array => self::pieces($band, $body->width), $bands));
        $head = max(self::HEAD, 6 + array_sum(array_map(static fn (string $note): float => PageBuilder::noteHeight($note, $body->width, self::NOTE), [...$notes, Say::it('cautions.knife')])));
        $each = (int) floor(($body->height - $head) / (Band::HEIGHT + self::GAP));
        if ($each < 1 || $body->width < 4 * self::OVERLAP) {
            throw SheetImpossible::pageTooSmall();
        }
        $pages = array_chunk($pieces, $each);

        return new Pages($title, max(1, count($pages)), static function (int $number) use ($pages, $laid, $body, $title, $says, $notes, $metric, $head): Page {
            $leaf = PageBuilder::on($laid);
            $y = $body->y + 4;
            foreach ($notes as $note) {
                $y = $leaf->note($body->x, $y, $body->width, $note, self::NOTE);
            }
            $leaf->caution($body->x, $y, $body->width);
            $y = $body->y + $head;
            foreach ($pages[$number] as $piece) {
                self::lay($leaf, $piece, $body->x, $y);
                $y += Band::HEIGHT + self::GAP;
            }
            $count = count($pages);
            $leaf->foot($count > 1 ? Say::it('printing.page of', ['says' => $says, 'page' => $number + 1, 'count' => $count]) : $says, $metric);

            return $leaf->page($title);
        });
    }

    /** @return list<array{Band, Tiling, int}> */
    private static function pieces(Band $band, float $room): array
    {
        $tiling = Tiling::over($band->length, Band::HEIGHT, $room, Band::HEIGHT, self::OVERLAP);

        return array_map(static fn (int $i): array => [$band, $tiling, $i], range(0, $tiling->columns - 1));
    }

    /** @param  array{Band, Tiling, int}  $piece */
    private static function lay(PageBuilder $leaf, array $piece, float $x, float $y): void
    {
        [$band, $tiling, $i] = $piece;
        $tile = $tiling->tiles()[$i];
        $window = new Rectangle($tile->left, 0, $tile->width, Band::HEIGHT);
        foreach ($band->marks() as $mark) {
            $mark = $mark->within($window);
            $leaf->add($mark?->movedBy($x - $tile->left, $y));
        }
        $leaf->frame(new Rectangle($x, $y, $tile->width, Band::HEIGHT), 0.12, Dash::Cut);
        $name = $tiling->columns > 1 ? Say::it('printing.piece of', ['name' => $band->name, 'piece' => $i + 1, 'count' => $tiling->columns]) : $band->name;
        $leaf->say($x + ($i > 0 ? self::OVERLAP + 8 : 1.5), $y + ($band->below ? 3.4 : Band::HEIGHT - 1.6), $name, 2.6, strong: true);
        foreach ($tiling->seamsAcross() as $seam => $at) {
            if ($at >= $tile->left && $at <= $tile->left + $tile->width) {
                $here = $x + $at - $tile->left;
                $leaf->line($here, $band->below ? $y : $y + Band::HEIGHT - 5, $here, $band->below ? $y + 5 : $y + Band::HEIGHT, 0.4, Dash::None, '#b3321f');
                $leaf->say($here + ($i > $seam ? 1 : -1), $y + ($band->below ? 3.4 : Band::HEIGHT - 1.6), Say::it('printing.join', ['letter' => chr(65 + $seam % 26)]), 2.6, $i > $seam ? Anchor::Start : Anchor::End, true);
            }
        }
    }
}
