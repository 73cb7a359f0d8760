<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\VerdictJson;
use App\Wording\Refusal;
use App\Wording\Say;
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
            return new VerdictJson(true, [Say::it('markchecks.expected', ['diagonal' => $this->write->reading($expected), 'step' => $this->write->plain($step)])]);
        }
        $check = FrameCheck::of($frame, $measured, $step);
        $leans = isset($measured['falling'], $measured['rising']) ? SquareCheck::of($frame, $measured['falling'], $measured['rising'], $step) : null;
        $unproved = $check->unproved === [] ? null : Say::it('markchecks.unproved', ['sides' => Say::listed(array_map(self::side(...), $check->unproved))]);
        if ($check->off === []) {
            $right = $leans === null ? Say::it('markchecks.right') : Say::it('markchecks.square', ['diagonal' => $this->write->reading($expected)]);

            return new VerdictJson(true, $unproved === null ? [$right] : [$right, $unproved]);
        }

        return new VerdictJson(false, array_values(array_filter([
            ...array_map(fn (string $name, Length $error): string => Say::it('markchecks.off.'.($error->isPositive() ? 'long' : 'short'), ['side' => self::side($name), 'error' => $this->write->reading($error->absolute())]), array_keys($check->off), array_values($check->off)),
            $check->corner === null ? null : Say::it('markchecks.corner', ['corner' => Say::it("phrases.corner.{$check->corner}"), 'most' => $this->write->reading($check->most())]),
            ...$check->corner !== null || $leans === null ? [] : $this->leaning($leans, $frame, $step, array_diff(array_keys($check->off), ['falling', 'rising']) !== []),
            $this->plan->layout->grid->across->parts() > 1 && $leans !== null ? Say::it('markchecks.centre proves nothing') : null,
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
            abs($check->slid) <= $step->toFloat() ? null : Say::it('markchecks.leans.'.($check->slid > 0 ? 'right' : 'left'), ['degrees' => (string) round(abs($check->lean), 2), 'slid' => $this->write->reading($slid)]),
            abs($check->slid) <= $step->toFloat() ? null : Say::it('markchecks.leans.first', ['cell' => $this->write->reading($slid->dividedBy(max(1, $this->plan->layout->grid->down->parts())))]),
            $larger <= $step->toFloat() || $sidesAreOff ? null : Say::it('markchecks.diagonals.'.($check->larger > 0 ? 'long' : 'short'), ['percent' => (string) round(abs($check->larger) * 100, 1), 'across' => $this->write->reading(self::mm(abs($check->larger) * $frame->width->toFloat())), 'down' => $this->write->reading(self::mm(abs($check->larger) * $frame->height->toFloat()))]),
        ];
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
        $ladder = $way === 'across' ? $this->plan->across : $this->plan->down;
        $ticks = [];
        foreach ($ladder->marks as $mark) {
            $text = $typed[$mark->line] ?? '';
            if (is_string($text) && trim($text) !== '') {
                $ticks[$mark->line] = [$this->belongs($mark), $this->typed("measured.{$mark->line}", $text)];
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
            $found->moved === 0.0 ? null : Say::it('markchecks.moved', $this->off($way, $found->moved)),
            $found->stretch === 0.0 ? null : Say::it('markchecks.stretched.'.($found->stretch > 0 ? 'apart' : 'together'), ['percent' => (string) round(abs($found->stretch) * 100, 1), 'far' => $this->far($ladder, $found->stretch)]),
            ...$this->undecided($found, $way),
            ...array_map(fn (array $slip): string => Say::it('markchecks.slipped', ['line' => $slip[0], ...$this->off($way, $slip[1])]), $found->slips),
        ])));
    }

    /**
     * How far, and to which side.
     *
     * @param  'across'|'down'  $way
     * @return array{by: string, towards: string}
     */
    private function off(string $way, float $millimetres): array
    {
        return ['by' => $this->write->reading(self::mm(abs($millimetres))), 'towards' => Say::it("markchecks.towards.{$way}".($millimetres > 0 ? '' : ' back'))];
    }

    /**
     * @param  'across'|'down'  $way
     * @return list<string>
     */
    private function undecided(MeasuredBack $found, string $way): array
    {
        $half = $this->plan->choices->notation->ruler->step->toFloat() / 2;
        $sentences = array_map(fn (array $tick): string => Say::it(abs($tick[1]) <= $half ? 'markchecks.belongs' : 'markchecks.lies', ['line' => $tick[0], ...$this->off($way, $tick[1])]), $found->undecided);

        return $sentences === [] ? [] : [...$sentences, Say::it('markchecks.undecided')];
    }

    /** How far a stretch has put out the last line. */
    private function far(MarkLadder $ladder, float $stretch): string
    {
        $last = $ladder->marks[count($ladder->marks) - 1];

        return $this->write->reading(self::mm(abs($stretch) * $last->at->sheet->exact->toFloat()));
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
            throw ValidationException::withMessages([$field => Refusal::of($e)]);
        }
    }

    private static function mm(float $millimetres): Length
    {
        return Length::mm(Rational::near($millimetres));
    }
}
