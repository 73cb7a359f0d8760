<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Models\Drawing;
use InchLadder\Grid\LineColour;
use InchLadder\Plan\Plan;

/** Which colour the gridlines have on a drawing's photo: the artist's, or the one that shows best. */
final readonly class LineAdvice
{
    /** @param  'chosen'|'no photo'|'shows best'  $reason */
    private function __construct(public LineColour $colour, public string $reason)
    {
    }

    public static function for(Drawing $drawing, Plan $plan): self
    {
        $chosen = LineColour::tryFrom((string) data_get($drawing->choices, 'grid.colour'));
        if ($chosen !== null) {
            return new self($chosen, 'chosen');
        }
        if ($drawing->photo === null) {
            return new self(LineColour::Graphite, 'no photo');
        }
        $samples = app(PhotoStore::class)->samples($drawing->photo, $plan->choices->framing);
        $crop = $plan->layout->fitted->crop;
        $under = [];
        $along = range(0.5 / Samples::SIDE, 1, 1 / Samples::SIDE);
        foreach ($plan->layout->grid->columns as $fraction) {
            foreach ($along as $step) {
                $under[] = [$fraction->toFloat(), $step];
            }
        }
        foreach ($plan->layout->grid->rows as $fraction) {
            foreach ($along as $step) {
                $under[] = [$step, $fraction->toFloat()];
            }
        }
        $tones = [];
        foreach ($under as [$x, $y]) {
            $tone = $samples->at($crop->left->toFloat() + $x * $crop->width->toFloat(), $crop->top->toFloat() + $y * $crop->height->toFloat());
            $tones[$tone->key()] ??= [$tone, 0];
            $tones[$tone->key()][1]++;
        }
        $best = LineColour::showingOn(array_values($tones));

        return new self($best, 'shows best');
    }
}
