<?php

declare(strict_types=1);

namespace InchLadder\Colour;

/**
 * How a page of swatches is laid out, for the printer and for the eye that reads it back: a row of squares that says which
 * page it is, a wedge of greys, and for each pencil two boxes, to be filled firmly and lightly. Millimetres of the page.
 */
final readonly class SwatchPage
{
    /** L* of the wedge's boxes: even steps, the first bare paper. */
    public const WEDGE = [100.0, 90.0, 80.0, 70.0, 60.0, 50.0, 40.0, 30.0, 20.0, 10.0];

    /** Squares of the code: 12 for the drawing, 8 for its list of pencils, 4 for the page, 8 to check them by. */
    public const BITS = 32;

    public const BOX_WIDE = 15.0;

    public const BOX_HIGH = 11.0;

    /** Bare paper to either side of a box. */
    public const GAP = 4.0;

    public const SQUARE = 3.5;

    /** From the page's edge. */
    private const EDGE = 15.0;

    private const HEAD = 24.0;

    private const FOOT = 22.0;

    private const ROW = 18.0;

    private const PAIR = 2 * (self::BOX_WIDE + self::GAP);

    /** Pages that the code can tell apart. */
    private const MOST_PAGES = 16;

    private function __construct(public float $wide, public float $high, private int $columns, private int $rows)
    {
    }

    /** @return self|null null where the page is too small for it */
    public static function on(float $wide, float $high): ?self
    {
        // The wedge takes a row above the pencils and one below.
        $columns = (int) floor(($wide - 2 * self::EDGE + self::GAP) / self::PAIR);
        $rows = (int) floor(($high - self::EDGE - self::HEAD - self::FOOT - 2 * self::ROW) / self::ROW);

        return $columns < 1 || $rows < 2 || $wide - 2 * self::EDGE < self::BITS * self::SQUARE ? null : new self($wide, $high, $columns, $rows);
    }

    /** How many pencils a page takes. */
    public function holds(): int
    {
        return $this->columns * $this->rows;
    }

    /** How many can be read at all. */
    public function most(): int
    {
        return self::MOST_PAGES * $this->holds();
    }

    /**
     * The middle of a square of the code.
     *
     * @return array{float, float}
     */
    public function square(int $bit): array
    {
        return [$this->wide / 2 + ($bit - self::BITS / 2 + 0.5) * self::SQUARE, self::EDGE + self::HEAD - 6.0];
    }

    /**
     * The top left of a box of the wedge, of which as many as fit stand in a row.
     *
     * @return array{float, float}
     */
    public function wedge(int $step): array
    {
        $across = 2 * $this->columns;

        // What does not fit stands in the last row, where pencils would.
        return $step < $across
            ? [$this->left() + $step * (self::BOX_WIDE + self::GAP), self::EDGE + self::HEAD]
            : [$this->left() + ($step - $across) * (self::BOX_WIDE + self::GAP), $this->high - self::FOOT - self::ROW];
    }

    /**
     * The top left of a pencil's box.
     *
     * @param  int  $place  on its page, from 0
     * @return array{float, float}
     */
    public function box(int $place, bool $lightly): array
    {
        return [
            $this->left() + ($place % $this->columns) * self::PAIR + ($lightly ? self::BOX_WIDE + self::GAP : 0.0),
            self::EDGE + self::HEAD + (1 + intdiv($place, $this->columns)) * self::ROW,
        ];
    }

    private function left(): float
    {
        return ($this->wide - $this->columns * self::PAIR + self::GAP) / 2;
    }

    /**
     * Which page of which drawing's list it is, as bits.
     *
     * @param  list<string>  $names  of all the pencils on the list, in their order
     * @return list<bool>
     */
    public static function code(string $drawing, array $names, int $page): array
    {
        $said = sprintf('%012b%08b%04b', crc32("drawing {$drawing}") & 0xFFF, crc32(implode("\n", $names)) & 0xFF, $page & 0xF);

        return array_map(static fn (string $bit): bool => $bit === '1', str_split($said.sprintf('%08b', crc32("page {$said}") & 0xFF)));
    }

    /**
     * Whether bits that were read are those of any page at all.
     *
     * @param  list<bool>  $bits
     */
    public static function isCode(array $bits): bool
    {
        $said = implode('', array_map(static fn (bool $bit): string => $bit ? '1' : '0', $bits));

        // A page without any squares says nothing.
        return strlen($said) === self::BITS && str_contains($said, '1') && substr($said, 24) === sprintf('%08b', crc32('page '.substr($said, 0, 24)) & 0xFF);
    }

    /**
     * What page it is, for this drawing and these pencils.
     *
     * @param  list<bool>  $bits
     * @param  list<string>  $names
     * @return int from 0
     *
     * @throws SwatchesUnreadable where it is another's, or of another list
     */
    public static function page(array $bits, string $drawing, array $names): int
    {
        $page = (int) bindec(implode('', array_map(static fn (bool $bit): string => $bit ? '1' : '0', array_slice($bits, 20, 4))));
        $code = self::code($drawing, $names, $page);

        return match (true) {
            array_slice($code, 0, 12) !== array_slice($bits, 0, 12) => throw SwatchesUnreadable::anotherDrawing(),
            $code !== $bits => throw SwatchesUnreadable::otherPencils(),
            default => $page,
        };
    }
}
