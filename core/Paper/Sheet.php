<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Measure\Length;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;

/** A sheet of the catalogue: its name, nominal size (upright) and where that size is laid down. */
final readonly class Sheet
{
    public function __construct(
        public string $key,
        public string $name,
        public Size $size,
        public Unit $unit,
        public string $source,
    ) {
    }

    /** Whether the tolerances of ISO 216 hold for this sheet. */
    public function hasIsoTolerance(): bool
    {
        return $this->source === 'ISO 216';
    }

    /**
     * @param  array<string, array{string, int|string, int|string}>  $rows  key => name, width, height
     * @return list<self>
     */
    public static function table(Unit $unit, string $source, array $rows): array
    {
        $sheets = [];
        foreach ($rows as $key => [$name, $width, $height]) {
            $sheets[] = new self($key, $name, new Size(Length::of($width, $unit), Length::of($height, $unit)), $unit, $source);
        }

        return $sheets;
    }
}
