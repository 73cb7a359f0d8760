<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Fit\CropPull;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;

/** The crop or the inset pulled by hand: moved to a `left` and a `top`, its `corner` to a `width` and a `height`, to a `size`; the inset to a `share` of its diagonal. */
final readonly class PullCrop implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $share = static fn (string $name): Rational => Input::share($how, $name);
        if (($how['by'] ?? null) === 'inset') {
            return new Adjusted(['fit' => ['inset' => (string) $share('share'), 'inset_width' => null]]);
        }
        $fit = $read->json->fit;
        $layout = Plan::of($read->choices)->layout;
        $pull = new CropPull($layout->fitted->crop, $layout->fitted->crop->sizeOn($layout->reference));
        if (($how['by'] ?? null) === 'corner' && $fit->way === 'crop' && $fit->lock === 'free') {
            $pulled = $pull->freeCorner($share('width'), $share('height'));

            return new Adjusted(['fit' => ['left' => (string) $pulled->left, 'top' => (string) $pulled->top, 'width' => (string) $pulled->width, 'height' => (string) $pulled->height]]);
        }
        $frame = match ($how['by'] ?? null) {
            'move' => $pull->moved($share('left'), $share('top')),
            'corner' => $pull->corner($share('width'), $share('height')),
            'size' => $pull->sized($share('size')),
            default => throw ValidationException::withMessages(['by' => Say::it('adjusting.unknown')]),
        };

        return new Adjusted(['fit' => ['left' => (string) $frame->left, 'top' => (string) $frame->top, 'size' => (string) $frame->size]]);
    }
}
