<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Exchange\Json\VerdictJson;
use Illuminate\Validation\ValidationException;
use InchLadder\Impossible;
use InchLadder\Marks\Mark;
use InchLadder\Marks\MarkLadder;
use InchLadder\Marks\MeasuredBack;
use InchLadder\Marks\SquareCheck;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Sums\Writing;

/** Marks checked before anything is drawn on them: is the frame square, and are the ticks where they belong. */
final readonly class MarkChecks
{
    private Writing $write;

    private LengthReader $lengths;

    public function __construct(private Plan $plan)
    {
        $this->write = new Writing($plan->choices->notation);
        $this->lengths = new LengthReader($plan->choices->notation->unit);
    }

    /**
     * @param  string  $falling  top left to bottom right, as typed; both empty says what to expect
     * @param  string  $rising  bottom left to top right
     *
     * @throws ValidationException
     * @throws Impossible
     */
    public function square(string $falling, string $rising): VerdictJson
    {
        $frame = $this->plan->fitted->area;
        $step = $this->plan->choices->notation->ruler->step;
        $expected = self::mm($frame->diagonal());
        if ($falling === '' && $rising === '') {
            return new VerdictJson(true, ["Both diagonals should be {$this->write->reading($expected)}, corner to corner; {$this->write->plain($step)} more or less passes on this ruler."]);
        }
        $check = SquareCheck::of($frame, $this->typed('square.falling', $falling), $this->typed('square.rising', $rising), $step);
        if ($check->isSquare) {
            return new VerdictJson(true, [
                "Square, as far as this ruler can tell: both diagonals should be {$this->write->reading($expected)}.",
                'What this does not prove: that the sides are the right length; measure one of each.',
            ]);
        }
        $slid = self::mm(abs($check->slid));
        $columns = $this->plan->grid->across->parts();
        $larger = abs($check->larger) * $check->expected;

        return new VerdictJson(false, array_values(array_filter([
            abs($check->slid) <= $step->toFloat() ? null : 'Not square: the sides lean '.round(abs($check->lean), 2)."°, as if the lower edge had slid {$this->write->reading($slid)} to the ".($check->slid > 0 ? 'right' : 'left').'.',
            abs($check->slid) <= $step->toFloat() ? null : 'Look first at the two marks of the lower edge, then at the upper ones. On each cell it shows as '.$this->write->reading($slid->dividedBy(max(1, $this->plan->grid->down->parts()))).' from its top to its foot.',
            $larger <= $step->toFloat() ? null : 'Both diagonals together are '.round(abs($check->larger) * 100, 1).' % too '.($check->larger > 0 ? 'long' : 'short').": a side is off too, by about {$this->write->reading(self::mm(abs($check->larger) * $frame->width->toFloat()))} across or {$this->write->reading(self::mm(abs($check->larger) * $frame->height->toFloat()))} down. Measure all four.",
            $columns > 1 ? 'A halving line that passes through the centre proves nothing: it needs its two mid-edge marks.' : null,
        ])));
    }

    /**
     * @param  'across'|'down'  $way
     * @param  array<array-key, mixed>  $typed  line => where it was measured from the sheet's edge, as typed; empty ones are left out
     *
     * @throws ValidationException
     */
    public function measuredBack(string $way, array $typed): VerdictJson
    {
        $ladder = $way === 'across' ? $this->plan->across : $this->plan->down;
        $ticks = [];
        foreach ($ladder->marks as $mark) {
            $text = $typed[$mark->line] ?? '';
            if (is_string($text) && trim($text) !== '') {
                $ticks[$mark->line] = [$this->belongs($mark), $this->typed("measured.{$mark->line}", $text)];
            }
        }
        if (count($ticks) < 2) {
            throw ValidationException::withMessages(['measured' => 'Measure two ticks at least, from the sheet’s edge, and three to tell a stretch from a slip.']);
        }
        $found = MeasuredBack::of($ticks, $this->plan->choices->notation->ruler->step);
        if ($found->isTrue()) {
            return new VerdictJson(true, [count($ticks) === count($ladder->marks) ? 'Every tick is where it belongs.' : 'The ticks that were measured are where they belong; '.(count($ladder->marks) - count($ticks)).' were not.']);
        }
        [$after, $before] = $way === 'across' ? ['to the right', 'to the left'] : ['down', 'up'];

        return new VerdictJson(false, array_values(array_filter([
            $found->moved === 0.0 ? null : "All of them lie {$this->write->reading(self::mm(abs($found->moved)))} too far ".($found->moved > 0 ? $after : $before).': the zero was laid elsewhere, or the ruler was turned end for end. Their spacing is true.',
            $found->stretch === 0.0 ? null : 'They drift '.round(abs($found->stretch) * 100, 1).' % '.($found->stretch > 0 ? 'apart' : 'together').$this->drift($ladder, $found->stretch).': steps were laid one from another, or the ruler is another.',
            ...array_map(fn (array $slip): string => "Line {$slip[0]} alone has slipped {$this->write->reading(self::mm(abs($slip[1])))} ".($slip[1] > 0 ? $after : $before).'; mark it again.', $found->slips),
        ])));
    }

    private function drift(MarkLadder $ladder, float $stretch): string
    {
        $last = $ladder->marks[count($ladder->marks) - 1];

        return ', '.$this->write->reading(self::mm(abs($stretch) * $last->at->sheet->exact->toFloat())).' at the last line';
    }

    private function belongs(Mark $mark): Length
    {
        return $mark->at->sheet->exact;
    }

    private function typed(string $field, string $text): Length
    {
        try {
            return $this->lengths->read($text);
        } catch (Impossible $e) {
            throw ValidationException::withMessages([$field => $e->getMessage()]);
        }
    }

    private static function mm(float $millimetres): Length
    {
        return Length::mm(Rational::of(number_format($millimetres, 6, '.', '')));
    }
}
