<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Marks\CountedFrom;
use InchLadder\Marks\Mark;
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
        [$across, $down] = [$plan->across(), $plan->down()];
        $isExact = $across->everyMarkIsExact() && $down->everyMarkIsExact();

        return array_values(array_filter([
            $this->cells(),
            Writing::stretched($this->plan),
            ...$this->print(),
            ...$this->edge('across', $across, $plan->layout->fitted->area->width),
            ...$this->edge('down', $down, $plan->layout->fitted->area->height),
            Say::it('marks.'.match (true) {
                ! $isExact => 'rounded',
                $across->everyMarkIsExactOnPrint() && $down->everyMarkIsExactOnPrint() => 'exact',
                default => 'exact on paper',
            }),
            $isExact ? null : $this->easierUnit([...$across->marks, ...$down->marks]),
            $this->carried(),
            $this->layings('across', $across),
            $this->layings('down', $down),
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
            $lines[] = Say::counted("marks.spacing.{$way}", count($spaces), [
                'spaces' => $least->equals($most) ? $this->write->plain($least) : Say::it('marks.spacing.between', ['least' => $this->write->amount($least), 'most' => $this->write->plain($most)]),
                'sum' => $this->write->plain($sum), 'side' => $this->write->reading($side),
            ]);
        }

        return [...$lines, Say::it('marks.spacing.caution')];
    }

    /** There are two cell sizes, and they stand beside each other. */
    private function cells(): ?string
    {
        $print = $this->plan->layout->printCell();

        return $print === null ? null : Say::it('marks.cells', ['print' => $this->write->readSize($print), 'paper' => $this->write->readSize($this->plan->layout->cell())]);
    }

    /** @return list<string> where a print's readings count from */
    public function print(): array
    {
        $from = CountedFrom::on($this->plan->layout);
        if ($from === null) {
            return [];
        }
        $edge = Say::it('marks.print.'.($from->right ? 'right' : 'left'));

        return array_values(array_filter([
            $from->right ? Say::it('marks.print.mirrored') : null,
            match (true) {
                $from->leans => Say::it('marks.print.leaning'),
                $from->isOwn() => Say::it('marks.print.own', ['edge' => $edge]),
                default => Say::it('marks.print.crop', ['edge' => $edge, 'across' => $this->write->reading($from->across), 'down' => $this->write->reading($from->down)]),
            },
        ]));
    }

    /**
     * The other family of rulers, when every mark would fall on one of its graduations.
     *
     * @param  list<Mark>  $marks  that do not all fall on this ruler's
     */
    private function easierUnit(array $marks): ?string
    {
        $metric = $this->write->notation->unit->isMetric();
        $other = Graduation::read($metric ? '1/16 in' : '1 mm');
        foreach ($marks as $mark) {
            if (! $other->carries($mark->at->sheet->exact)) {
                return null;
            }
        }

        return Say::it($metric ? 'marks.easier.inches' : 'marks.easier.millimetres');
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

        return Say::it('marks.carried', ['half' => $says($half), 'becomes' => $says($becomes), 'corner' => $says($corner)]);
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
        $sum = Say::it($even ? 'marks.sum.even' : 'marks.sum.uneven', ['side' => $this->write->amount($side), 'count' => $count, 'cell' => $this->write->plain($exact)]);
        $lines = [Say::it(($first->at->area->isExact() ? 'marks.edge.exact ' : 'marks.edge.read ').$way, ['sum' => $sum, 'reading' => $this->write->amount($first->at->area->reading), 'error' => $this->write->error($first->at->area)])];
        if (($worst = $ladder->worstStepped()) !== null) {
            $lines[] = Say::it("marks.stepping.{$way}", ['step' => $this->write->plain($first->at->area->reading), 'line' => $worst->line, 'off' => $this->write->off($worst->steppedError)]);
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

        return $last === count($ladder->marks) ? null : Say::counted("marks.layings.{$way}", $last, ['ruler' => $this->write->plain($ruler)]);
    }
}
