<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\VerdictJson;
use App\Wording\Writing;
use Illuminate\Validation\ValidationException;
use InchLadder\Impossible;
use InchLadder\Marks\FrameCheck;
use InchLadder\Marks\Mark;
use InchLadder\Marks\MarkLadder;
use InchLadder\Marks\MeasuredBack;
use InchLadder\Marks\SquareCheck;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Plan\Plan;

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
     * @param  'drawing'|'sheet'|'print'  $which  what was measured
     * @param  array<string, string>  $typed  falling, rising, top, bottom, left, right, as typed; nothing at all says what to expect
     *
     * @throws ValidationException
     * @throws Impossible
     */
    public function square(string $which, array $typed): VerdictJson
    {
        $frame = $this->frame($which);
        $step = $this->plan->choices->notation->ruler->step;
        $expected = self::mm($frame->diagonal());
        $measured = [];
        foreach (array_filter($typed, static fn (string $text): bool => $text !== '') as $name => $text) {
            $measured[$name] = $this->typed("square.{$name}", $text);
        }
        if ($measured === []) {
            return new VerdictJson(true, ["Both diagonals should be {$this->write->reading($expected)}, corner to corner; {$this->write->plain($step)} more or less passes on this ruler."]);
        }
        $check = FrameCheck::of($frame, $measured, $step);
        $leans = isset($measured['falling'], $measured['rising']) ? SquareCheck::of($frame, $measured['falling'], $measured['rising'], $step) : null;
        $unproved = $check->unproved === [] ? null : 'Not proved, as it was not measured: '.$this->names($check->unproved).'.';
        if ($check->off === []) {
            $right = $leans === null ? 'What was measured is right, as far as this ruler can tell.' : "Square, as far as this ruler can tell: both diagonals should be {$this->write->reading($expected)}.";

            return new VerdictJson(true, $unproved === null ? [$right] : [$right, $unproved]);
        }

        return new VerdictJson(false, array_values(array_filter([
            ...array_map(fn (string $name, Length $error): string => ucfirst($this->names([$name])).' is '.$this->write->reading($error->absolute()).' too '.($error->isPositive() ? 'long' : 'short').'.', array_keys($check->off), array_values($check->off)),
            $check->corner === null ? null : 'Look first at the '.str_replace('-', ' ', $check->corner)." mark: it alone explains all of this. Left as it is, the cell in that corner is wrong by {$this->write->reading($check->most())}, and each one further from it by less.",
            ...$check->corner !== null || $leans === null ? [] : $this->leaning($leans, $frame, $step, array_diff(array_keys($check->off), ['falling', 'rising']) !== []),
            $this->plan->layout->grid->across->parts() > 1 && $leans !== null ? 'A halving line that passes through the centre proves nothing: it needs its two mid-edge marks.' : null,
            $unproved,
        ])));
    }

    private function frame(string $which): Size
    {
        // The print's own, border and all: that is what lies on the table.
        $print = $this->plan->choices->whole->print;

        return match (true) {
            $which === 'sheet' => $this->plan->layout->sheet,
            $which === 'print' && $print !== null => $print,
            default => $this->plan->layout->fitted->area,
        };
    }

    /**
     * @param  bool  $sidesAreOff  whether sides were named already: then they explain what the diagonals have too much
     * @return list<string|null>
     */
    private function leaning(SquareCheck $check, Size $frame, Length $step, bool $sidesAreOff): array
    {
        $slid = self::mm(abs($check->slid));
        $larger = abs($check->larger) * $check->expected;

        return [
            abs($check->slid) <= $step->toFloat() ? null : 'Not square: the sides lean '.round(abs($check->lean), 2)."°, as if the lower edge had slid {$this->write->reading($slid)} to the ".($check->slid > 0 ? 'right' : 'left').'.',
            abs($check->slid) <= $step->toFloat() ? null : 'Look first at the two marks of the lower edge, then at the upper ones. On each cell it shows as '.$this->write->reading($slid->dividedBy(max(1, $this->plan->layout->grid->down->parts()))).' from its top to its foot.',
            $larger <= $step->toFloat() || $sidesAreOff ? null : 'Both diagonals together are '.round(abs($check->larger) * 100, 1).' % too '.($check->larger > 0 ? 'long' : 'short').": a side is off too, by about {$this->write->reading(self::mm(abs($check->larger) * $frame->width->toFloat()))} across or {$this->write->reading(self::mm(abs($check->larger) * $frame->height->toFloat()))} down. Measure all four.",
        ];
    }

    /** @param  list<string>  $sides */
    private function names(array $sides): string
    {
        $names = array_map(static fn (string $side): string => match ($side) {
            'falling' => 'the diagonal falling to the right',
            'rising' => 'the diagonal rising to the right',
            'left', 'right' => "the {$side} side",
            default => "the {$side} edge",
        }, $sides);

        return count($names) < 2 ? implode('', $names) : implode(', ', array_slice($names, 0, -1)).' and '.end($names);
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
            ...$this->undecided($found, $after, $before),
            ...array_map(fn (array $slip): string => "Line {$slip[0]} alone has slipped {$this->write->reading(self::mm(abs($slip[1])))} ".($slip[1] > 0 ? $after : $before).'; mark it again.', $found->slips),
        ])));
    }

    /** @return list<string> */
    private function undecided(MeasuredBack $found, string $after, string $before): array
    {
        $half = $this->plan->choices->notation->ruler->step->toFloat() / 2;
        $sentences = array_map(fn (array $tick): string => abs($tick[1]) <= $half
            ? "Line {$tick[0]} is where it belongs."
            : "Line {$tick[0]} lies {$this->write->reading(self::mm(abs($tick[1])))} too far ".($tick[1] > 0 ? $after : $before).'.', $found->undecided);

        return $sentences === [] ? [] : [...$sentences, 'Two readings cannot tell a slip from a stretch: measure a third.'];
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
        return Length::mm(Rational::near($millimetres));
    }
}
