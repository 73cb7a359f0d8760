<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/**
 * Where lines of the photo that are not an object's are to be on the drawing: what was drawn there is theirs, and says little
 * of where the object went.
 */
final readonly class OtherLines
{
    /** Mm about a line that are its own (ours). */
    private const OWN = 1;

    /** No sheet that is looked at is so many mm wide. */
    private const WIDE = 4096;

    /** @param  array<int, true>  $own  by the mm of the sheet */
    private function __construct(private array $own)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @param  list<array{float, float, float, float}>  $lines  places where they belong, in mm
     * @param  Motion  $near  how the whole came out
     */
    public static function of(array $lines, Motion $near): self
    {
        $own = [];
        foreach ($lines as [$x, $y]) {
            [$u, $v] = $near->apply($x, $y);
            for ($dy = -self::OWN; $dy <= self::OWN; $dy++) {
                for ($dx = -self::OWN; $dx <= self::OWN; $dx++) {
                    $own[((int) $v + $dy) * self::WIDE + (int) $u + $dx] = true;
                }
            }
        }

        return new self($own);
    }

    /** Whether what is drawn at a place, in mm of the sheet, is one of them. */
    public function has(float $x, float $y): bool
    {
        return isset($this->own[(int) $y * self::WIDE + (int) $x]);
    }
}
