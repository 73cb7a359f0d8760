<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\Refusal;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Fit\Ways\Inset;
use InchLadder\Impossible;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;

/** The size of an inset typed as a width, a height, a factor or a percentage; the other side follows in proportion. */
final readonly class TypeInset implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $plan = Plan::of($read->choices);
        $as = Input::typed($how, 'as');
        try {
            $width = $this->width($read, $plan, $as, Input::typed($how, 'typed'));
            Inset::reach($plan->layout->reference, $plan->choices->shape->inside($plan->layout->usable), $width);
        } catch (Impossible $e) {
            throw ValidationException::withMessages(["inset.{$as}" => Refusal::of($e)]);
        }

        return new Adjusted(['fit' => ['way' => 'inset', 'inset_width' => $read->choices->notation->exactly($width)]]);
    }

    private function width(ChoicesReader $read, Plan $plan, string $as, string $typed): Length
    {
        $lengths = new LengthReader($read->choices->notation->unit);
        if ($as === 'width') {
            return $lengths->read($typed);
        }
        if ($as === 'height') {
            return $lengths->read($typed)->times($plan->layout->reference->ratio());
        }
        $print = $plan->layout->reference->print;
        if ($print === null) {
            throw ValidationException::withMessages(["inset.{$as}" => Say::it('adjusting.inset.screen')]);
        }
        if (! preg_match('~^[×x]?\s*(?:([0-9]{1,4})\s+)?([0-9]{1,4}(?:[.,][0-9]{1,6}|/[1-9][0-9]{0,3})?)\s*%?$~u', $typed, $found)) {
            throw ValidationException::withMessages(["inset.{$as}" => $as === 'percent' ? Say::it('adjusting.inset.percent') : Say::it('adjusting.inset.factor')]);
        }
        $number = Rational::of((int) ($found[1] ?: 0))->plus(Rational::of(str_replace(',', '.', $found[2])));

        return $print->width->times($as === 'percent' ? $number->dividedBy(100) : $number);
    }
}
