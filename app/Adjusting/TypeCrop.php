<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\Refusal;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Fit\Frame;
use InchLadder\Impossible;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;

/** The crop's place or size typed: a length of the print, or a percentage of the photo. */
final readonly class TypeCrop implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $side = in_array($how['side'] ?? null, ['left', 'top', 'width', 'height'], true) ? $how['side'] : 'left';
        $plan = Plan::of($read->choices);
        $crop = $plan->layout->fitted->crop;
        $share = $this->share($read, $plan, Input::typed($how, 'typed'), $side);
        $fit = ['left' => (string) $crop->left, 'top' => (string) $crop->top];
        if ($side === 'left' || $side === 'top') {
            $room = Rational::one()->minus($side === 'left' ? $crop->width : $crop->height);
            $said = $share->isGreaterThan($room) ? Say::it('adjusting.crop.past the edge') : '';

            return new Adjusted(['fit' => [...$fit, $side => (string) Rational::smaller($share, $room)]], $said);
        }
        if ($share->isLessThan(Rational::of(Frame::LEAST))) {
            throw ValidationException::withMessages(["crop.{$side}" => Say::it('adjusting.crop.too small')]);
        }
        if ($read->json->fit->way === 'crop' && $read->json->fit->lock === 'free') {
            return new Adjusted(['fit' => [...$fit, ...array_replace(['width' => (string) $crop->width, 'height' => (string) $crop->height], [$side => (string) $share])]], $share->isGreaterThan(1) ? Say::it('adjusting.crop.all of it') : '');
        }
        // The shape is locked, so the other side follows.
        $grown = $share->dividedBy($side === 'width' ? $crop->width : $crop->height)->times(Rational::of($read->json->fit->size));

        return new Adjusted(['fit' => [...$fit, 'size' => (string) Rational::smaller(Rational::one(), $grown)]], $grown->isGreaterThan(1) ? Say::it('adjusting.crop.largest') : '');
    }

    private function share(ChoicesReader $read, Plan $plan, string $typed, string $side): Rational
    {
        if (preg_match('/^(\d{1,3}(?:[.,]\d{1,4})?)\s*%$/D', $typed, $found)) {
            return Rational::of(str_replace(',', '.', $found[1]))->dividedBy(100);
        }
        $print = $plan->layout->reference->print;
        if ($print === null) {
            throw ValidationException::withMessages(["crop.{$side}" => Say::it('adjusting.crop.screen')]);
        }

        try {
            return (new LengthReader($read->choices->notation->unit))->read($typed)->over($side === 'left' || $side === 'width' ? $print->width : $print->height);
        } catch (Impossible $e) {
            throw ValidationException::withMessages(["crop.{$side}" => Refusal::of($e)]);
        }
    }
}
