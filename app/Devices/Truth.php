<?php

declare(strict_types=1);

namespace App\Devices;

use InchLadder\Copying\Side;

/** What is known of a simulated shot: where the corners are, what was put in, where each place belongs, came out and is seen. */
final readonly class Truth
{
    public function __construct(private DrawnSheet $sheet, private CameraPose $pose)
    {
    }

    /** @return array<string, mixed> lengths in mm from the sheet's top left corner, places of the shot in pixels */
    public function all(): array
    {
        $sheet = $this->sheet;
        $size = $sheet->plan()->layout->sheet;
        $mistakes = $sheet->mistakes;

        return [
            'shot' => ['wide' => $this->pose->wide, 'high' => $this->pose->high, 'tilt_degrees' => $this->pose->tilt, 'roll_degrees' => $this->pose->roll, 'bend' => $this->pose->bend],
            'sheet' => $this->seen([[0.0, 0.0], [$size->width->toFloat(), 0.0], [$size->width->toFloat(), $size->height->toFloat()], [0.0, $size->height->toFloat()]]),
            'area' => $this->seen([[$sheet->left, $sheet->top], [$sheet->left + $sheet->wide, $sheet->top], [$sheet->left + $sheet->wide, $sheet->top + $sheet->high], [$sheet->left, $sheet->top + $sheet->high]]),
            'whole' => ['right_mm' => $mistakes->right, 'down_mm' => $mistakes->down, 'turn_degrees' => $mistakes->turn, 'size_percent' => $mistakes->size, 'stretch_percent' => $mistakes->stretch],
            'moves' => array_map(static fn (array $move): array => ['right_mm' => $move[0], 'down_mm' => $move[1]], $mistakes->moves),
            'points' => $this->points(),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function points(): array
    {
        $points = [];
        foreach ($this->sheet->plan()->layout->points() as $placed) {
            $placed->isInside() && $points[] = $this->point($placed->point->name, $placed->x->toFloat(), $placed->y->toFloat());
        }
        foreach ($this->sheet->plan()->things()->all as $thing) {
            foreach (Side::cases() as $side) {
                [$x, $y] = $thing->extreme($side);
                $x >= 0 && $y >= 0 && $x <= 1 && $y <= 1 && $points[] = $this->point("{$thing->thing->name}, {$side->value}", $x, $y);
            }
        }

        return $points;
    }

    /** @return array<string, mixed> */
    private function point(string $name, float $x, float $y): array
    {
        return [
            'name' => $name, 'crop' => [round($x, 6), round($y, 6)],
            'belongs_mm' => $this->sheet->belongs($x, $y), 'came_out_mm' => $this->sheet->cameOut($x, $y),
            'shot' => $this->pose->see(...$this->sheet->cameOut($x, $y)),
        ];
    }

    /**
     * @param  list<array{float, float}>  $places
     * @return list<array{float, float}>
     */
    private function seen(array $places): array
    {
        return array_map(fn (array $at): array => $this->pose->see(...$at), $places);
    }
}
