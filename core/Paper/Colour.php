<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Pixels\Lab;

/** What a sheet is like before anything is drawn on it. The shades are our own, near to what such papers are sold as. */
enum Colour: string
{
    case White = 'white';
    case Cream = 'cream';
    case Grey = 'grey';
    case Tan = 'tan';
    case BlueGrey = 'blue grey';
    case Black = 'black';

    /** @return array{int<0, 255>, int<0, 255>, int<0, 255>} sRGB */
    public function rgb(): array
    {
        return match ($this) {
            self::White => [0xFF, 0xFE, 0xFA],
            self::Cream => [0xF6, 0xEE, 0xD8],
            self::Grey => [0xC9, 0xC7, 0xC2],
            self::Tan => [0xD6, 0xBF, 0x9B],
            self::BlueGrey => [0xB9, 0xC4, 0xCC],
            self::Black => [0x26, 0x24, 0x1F],
        };
    }

    /** `#rrggbb` */
    public function hex(): string
    {
        return sprintf('#%02x%02x%02x', ...$this->rgb());
    }

    /** L*, 0…100 */
    public function lightness(): float
    {
        return Lab::fromSrgb(...$this->rgb())->lightness;
    }
}
