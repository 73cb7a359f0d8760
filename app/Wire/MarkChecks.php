<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\VerdictJson;
use App\Wording\Say;
use App\Wording\Writing;
use Illuminate\Validation\ValidationException;
use InchLadder\Impossible;
use InchLadder\Marks\FrameCheck;
use InchLadder\Marks\FrameFindings;
use InchLadder\Marks\MeasuredBack;
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
        $measured = [];
        foreach (array_filter($typed, static fn (string $text): bool => $text !== '') as $name => $text) {
            $measured[$name] = $this->typed("square.{$name}", $text);
        }
        if ($measured === []) {
            return new VerdictJson(true, [Say::it('markchecks.expected', ['diagonal' => $this->write->reading(FrameFindings::diagonalOf($frame)), 'step' => $this->write->plain($step)])]);
        }
        $grid = $this->plan->layout->grid;
        $found = FrameFindings::of($frame, $measured, $step, $grid->across->parts(), $grid->down->parts());
        $unproved = $found->check->unproved === [] ? [] : [Say::it('markchecks.unproved', ['sides' => Say::listed(array_map(self::side(...), $found->check->unproved))])];
        if ($found->check->off === []) {
            return new VerdictJson(true, [$found->diagonal === null ? Say::it('markchecks.right') : Say::it('markchecks.square', ['diagonal' => $this->write->reading($found->diagonal)]), ...$unproved]);
        }

        return new VerdictJson(false, [...$this->off($found->check), ...$this->explained($found), ...$unproved]);
    }

    /** @return list<string> */
    private function off(FrameCheck $check): array
    {
        $sentences = [];
        foreach ($check->off as $name => $error) {
            $sentences[] = Say::it('markchecks.off.'.($error->isPositive() ? 'long' : 'short'), ['side' => self::side($name), 'error' => $this->write->reading($error->absolute())]);
        }

        return $sentences;
    }

    /** @return list<string> */
    private function explained(FrameFindings $found): array
    {
        $check = $found->check;

        return array_values(array_filter([
            $check->corner === null ? null : Say::it('markchecks.corner', ['corner' => Say::it("phrases.corner.{$check->corner}"), 'most' => $this->write->reading($check->most())]),
            $found->lean === null || $found->slid === null ? null : Say::it('markchecks.leans.'.($found->slid->isPositive() ? 'right' : 'left'), ['degrees' => (string) round(abs($found->lean), 2), 'slid' => $this->write->reading($found->slid->absolute())]),
            $found->slidOnCell === null ? null : Say::it('markchecks.leans.first', ['cell' => $this->write->reading($found->slidOnCell)]),
            $found->larger === null || $found->most === null ? null : Say::it('markchecks.diagonals.'.($found->larger > 0 ? 'long' : 'short'), ['percent' => (string) round(abs($found->larger) * 100, 1), 'across' => $this->write->reading($found->most->width), 'down' => $this->write->reading($found->most->height)]),
            $found->hasHalvingLines ? Say::it('markchecks.centre proves nothing') : null,
        ]));
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

    private static function side(string $name): string
    {
        return Say::it("markchecks.side.{$name}");
    }

    /**
     * @param  'across'|'down'  $way
     * @param  array<array-key, mixed>  $typed  line => where it was measured from the sheet's edge, as typed; empty ones are left out
     *
     * @throws ValidationException
     */
    public function measuredBack(string $way, array $typed): VerdictJson
    {
        $ladder = $way === 'across' ? $this->plan->across() : $this->plan->down();
        $ticks = [];
        foreach ($ladder->marks as $mark) {
            $text = $typed[$mark->line] ?? '';
            if (is_string($text) && trim($text) !== '') {
                $ticks[$mark->line] = [$mark->at->sheet, $this->typed("measured.{$mark->line}", $text)];
            }
        }
        if (count($ticks) < 2) {
            throw ValidationException::withMessages(['measured' => Say::it('markchecks.at least two')]);
        }
        $found = MeasuredBack::of($ticks, $this->plan->choices->notation->ruler->step);
        if ($found->isTrue()) {
            return new VerdictJson(true, [count($ticks) === count($ladder->marks) ? Say::it('markchecks.true.all') : Say::it('markchecks.true.some', ['others' => count($ladder->marks) - count($ticks)])]);
        }

        return new VerdictJson(false, array_values(array_filter([
            $found->moved === 0.0 ? null : Say::it('markchecks.moved.'.match (true) {
                $found->stretch !== 0.0 => 'and drift',
                $found->slips !== [] => 'but some',
                default => 'all',
            }, $this->far($way, $found->moved)),
            $found->stretch === 0.0 ? null : Say::it('markchecks.stretched.'.($found->stretch > 0 ? 'apart' : 'together'), ['percent' => (string) round(abs($found->stretch) * 100, 1), 'far' => $this->write->reading(self::mm($found->stretchedAt($ladder->marks[count($ladder->marks) - 1]->at->sheet->exact)))]),
            ...$this->undecided($found, $way),
            ...array_map(fn (array $slip): string => Say::it('markchecks.slipped', ['line' => $slip[0], ...$this->far($way, $slip[1])]), $found->slips),
        ])));
    }

    /**
     * How far, and to which side.
     *
     * @param  'across'|'down'  $way
     * @return array{by: string, towards: string}
     */
    private function far(string $way, float $millimetres): array
    {
        return ['by' => $this->write->reading(self::mm(abs($millimetres))), 'towards' => Say::it("markchecks.towards.{$way}".($millimetres > 0 ? '' : ' back'))];
    }

    /**
     * @param  'across'|'down'  $way
     * @return list<string>
     */
    private function undecided(MeasuredBack $found, string $way): array
    {
        $sentences = array_map(fn (array $tick): string => Say::it($found->belongs($tick[1]) ? 'markchecks.belongs' : 'markchecks.lies', ['line' => $tick[0], ...$this->far($way, $tick[1])]), $found->undecided);

        return $sentences === [] ? [] : [...$sentences, Say::it('markchecks.undecided')];
    }

    private function typed(string $field, string $text): Length
    {
        return Typed::beside($field, fn (): Length => $this->lengths->read($text));
    }

    private static function mm(float $millimetres): Length
    {
        return Length::mm(Rational::near($millimetres));
    }
}
