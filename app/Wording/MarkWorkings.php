<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Marks\MarkLadder;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Unit;
use InchLadder\Plan\Plan;

/** Why each mark is where it is. */
final readonly class MarkWorkings
{
    private Writing $write;

    public function __construct(private Plan $plan)
    {
        $this->write = new Writing($plan->choices->notation);
    }

    /** @return list<string> */
    public function lines(): array
    {
        $plan = $this->plan;

        return array_values(array_filter([
            $this->cells(),
            Writing::stretched($this->plan),
            ...$this->edge('across', $plan->across, $plan->layout->fitted->area->width),
            ...$this->edge('down', $plan->down, $plan->layout->fitted->area->height),
            $plan->across->everyMarkIsExact() && $plan->down->everyMarkIsExact()
                ? 'Every mark falls on the ruler: nothing is rounded.'
                : 'Each mark is rounded from its own true value, never more than half a graduation off.',
            $this->easierUnit(),
            $this->carried(),
            $this->layings('across', $plan->across),
            $this->layings('down', $plan->down),
        ]));
    }

    /**
     * The spacing test, before a grid is printed or ruled in something that lasts.
     *
     * @return list<string>
     */
    public function spacing(): array
    {
        $area = $this->plan->layout->fitted->area;
        $lines = [];
        foreach (['across' => [$this->plan->layout->grid->columns, $area->width, $this->plan->layout->left], 'down' => [$this->plan->layout->grid->rows, $area->height, $this->plan->layout->top]] as $way => [$shares, $side, $before]) {
            $ticks = array_map(fn (Rational $share): Length => $this->write->notation->ruler->round($before->plus($side->times($share)))->reading, $shares);
            $spaces = array_map(static fn (Length $from, Length $to): Length => $to->minus($from), array_slice($ticks, 0, -1), array_slice($ticks, 1));
            $sum = array_reduce($spaces, static fn (Length $sum, Length $space): Length => $sum->plus($space), Length::zero());
            [$least, $most] = [array_reduce($spaces, Length::smaller(...), $spaces[0]), array_reduce($spaces, Length::larger(...), $spaces[0])];
            $count = count($spaces) === 1 ? 'one space' : count($spaces).' spaces';
            $lines[] = ucfirst($way).": {$count} of ".($least->equals($most) ? $this->write->plain($least) : "{$this->write->amount($least)} to {$this->write->plain($most)}")." between the ticks come to {$this->write->plain($sum)}; the frame is {$this->write->reading($side)}.";
        }

        return [...$lines, 'Rule the first two lines in pencil and measure between them at both ends. A printed line, or one in ink or marker, cannot be undone.'];
    }

    /** There are two cell sizes, and they stand beside each other. */
    private function cells(): ?string
    {
        $print = $this->plan->layout->printCell();

        return $print === null ? null : "A cell: {$this->write->readSize($print)} on the photo, {$this->write->readSize($this->plan->layout->cell())} on the paper.";
    }

    /** The other family of rulers, when every mark would fall on one of its graduations and not on this ruler's. */
    private function easierUnit(): ?string
    {
        $plan = $this->plan;
        if ($plan->across->everyMarkIsExact() && $plan->down->everyMarkIsExact()) {
            return null;
        }
        $metric = $this->write->notation->unit->isMetric();
        $other = Graduation::read($metric ? '1/16 in' : '1 mm');
        foreach ([...$plan->across->marks, ...$plan->down->marks] as $mark) {
            if (! $other->carries($mark->at->sheet->exact)) {
                return null;
            }
        }

        return 'Easier: on a ruler in '.($metric ? 'inches' : 'millimetres').' every mark falls on a graduation.';
    }

    /** What a reading half a graduation off on the print becomes on the paper; at the far corner it is off both ways, √2 times as far. */
    private function carried(): ?string
    {
        $scale = $this->plan->layout->scale->x;
        if ($scale === null || ! $scale->isGreaterThan(1)) {
            return null;
        }
        $half = $this->plan->choices->rulerOnPrint()->step->dividedBy(2);
        $becomes = $half->times($scale);
        $corner = Length::mm(Rational::near($becomes->toFloat() * M_SQRT2));
        $says = fn (Length $length): string => $this->write->notation->unit->isMetric() ? Fractions::places($length->in(Unit::Millimetre), 1).' mm' : Fractions::places($length->in(Unit::Inch), 3).' in';

        return "Read half a graduation off on the photo, {$says($half)}, and it is {$says($becomes)} on the paper; at the far corner, off both ways, {$says($corner)}.";
    }

    /** @return list<string> */
    private function edge(string $way, MarkLadder $ladder, Length $side): array
    {
        $first = $ladder->marks[0];
        $count = count($ladder->marks);
        if ($count === 1) {
            return [];
        }
        $exact = $first->at->area->exact;
        $even = $exact->times($count)->equals($side);
        $sum = $even ? "{$this->write->amount($side)} ÷ {$count} = {$this->write->plain($exact)}" : 'The first line lies at '.$this->write->plain($exact);
        $lines = [ucfirst($way).': '.$sum.($first->at->area->isExact() ? '.' : '; on this ruler '.$this->write->amount($first->at->area->reading).', '.$this->write->notation->error($first->at->area).'.')];
        if (($worst = $ladder->worstStepped()) !== null) {
            $where = $way === 'across' ? 'across the top' : 'down the side';
            $lines[] = 'Stepping '.$this->write->plain($first->at->area->reading)." {$where} would put line {$worst->line} out by {$this->write->off($worst->steppedError)}.";
        }

        return $lines;
    }

    /** Where a ruler shorter than the edge has to be laid on. */
    private function layings(string $way, MarkLadder $ladder): ?string
    {
        $ruler = $this->plan->choices->reach;
        if ($ruler === null) {
            return null;
        }
        $last = 0;
        foreach ($ladder->marks as $mark) {
            if (MarkLadder::layingOf($mark, $ruler) === 1) {
                $last = $mark->line;
            }
        }

        return $last === count($ladder->marks) ? null : ucfirst($way).': from the sheet’s edge the ruler reaches '.($last === 0 ? 'no line' : "line {$last}").'; tick where it ends, '.$this->write->plain($ruler).', and lay its zero there for the rest.';
    }
}
