<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\Refusal;
use App\Wording\Say;
use App\Wording\Writing;
use Illuminate\Validation\ValidationException;
use InchLadder\Grid\Edge;
use InchLadder\Impossible;
use InchLadder\Marks\MarkLadder;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Rational;
use InchLadder\Paper\Shape;
use InchLadder\Plan\Plan;

/**
 * Lines that came out elsewhere on the paper become the grid: the reference's guides move to match, and
 * the frame stays where it was planned.
 */
final readonly class AdoptRuled implements Adjustment
{
    /** @param  array<array-key, mixed>  $how  way: across or down; ticks: line => where it is, from the sheet's edge, as typed */
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $plan = Plan::of($read->choices);
        $covered = $plan->layout->fitted->area;
        $trimmed = $read->json->fit->way === 'cells' || ($read->json->grid->remainder === 'drop' && $read->json->grid->part === null);
        if ($trimmed && $plan->choices->shape !== Shape::Rectangle) {
            throw ValidationException::withMessages(['measured' => Say::it('adjusting.ruled.trimmed')]);
        }
        $way = ($how['way'] ?? null) === 'across' ? 'across' : 'down';
        $measured = $this->measured(is_array($how['ticks'] ?? null) ? $how['ticks'] : [], new LengthReader($plan->choices->notation->unit));
        // Where the grid itself begins and ends: a part is trimmed to it.
        $span = static fn (Edge $edge): array => [$edge->fractions[0], $edge->fractions[$edge->parts()]->minus($edge->fractions[0])];
        [[$left, $width], [$top, $height]] = [$span($plan->layout->grid->across), $span($plan->layout->grid->down)];
        $across = $this->lines($plan, $plan->across(), $way === 'across' ? $measured : [], $plan->layout->left, $covered->width, $left, $width);
        $down = $this->lines($plan, $plan->down(), $way === 'down' ? $measured : [], $plan->layout->top, $covered->height, $top, $height);
        $part = $read->json->grid->part === null ? null : array_map(strval(...), ['left' => $left, 'top' => $top, 'width' => $width, 'height' => $height]);

        return new Adjusted(['grid' => ['school' => 'own', 'own_across' => implode(', ', $across), 'own_down' => implode(', ', $down), 'part' => $part], ...$trimmed ? $this->sameFrame($plan) : []], Say::it('adjusting.ruled.follow'));
    }

    /**
     * The lines inside the frame, or inside the part a grid is wanted over, from its own edge.
     *
     * @param  array<array-key, Length>  $measured  from the sheet's edge
     * @param  Length  $before  from the sheet's edge to the drawing area
     * @param  Rational  $start  where the grid begins, as a share of the area
     * @return list<string>
     */
    private function lines(Plan $plan, MarkLadder $ladder, array $measured, Length $before, Length $side, Rational $start, Rational $length): array
    {
        $write = new Writing($plan->choices->notation);
        $step = $plan->choices->notation->ruler->step;
        [$first, $span] = [$before->plus($side->times($start)), $side->times($length)];
        $lines = [];
        $last = Length::zero();
        foreach ($ladder->marks as $mark) {
            $planned = $before->plus($mark->at->area->exact)->minus($first);
            $found = isset($measured[$mark->line]) ? $measured[$mark->line]->minus($first) : $planned;
            if (! $planned->isPositive() || ! $span->isLongerThan($planned)) {
                // The frame's own edge, or the part's: no guide can move it.
                if ($found->minus($planned)->absolute()->isLongerThan($step)) {
                    throw self::refused($mark->line, Say::it('adjusting.ruled.edge', ['line' => $mark->line, 'planned' => $write->reading($first->plus($planned)), 'found' => $write->reading($first->plus($found))]));
                }

                continue;
            }
            if (! $found->isPositive() || ! $span->isLongerThan($found)) {
                throw self::refused($mark->line, Say::it('adjusting.ruled.outside', ['line' => $mark->line, 'found' => $write->reading($first->plus($found))]));
            }
            if (! $found->isLongerThan($last)) {
                throw self::refused($mark->line, Say::it('adjusting.ruled.crossed', ['line' => $mark->line]));
            }
            $last = $found;
            $lines[] = $plan->choices->notation->exactly($found);
        }

        return $lines;
    }

    /**
     * The frame as it is, with what was trimmed off it kept free as margins.
     *
     * @return array<string, mixed>
     */
    private function sameFrame(Plan $plan): array
    {
        $crop = $plan->layout->fitted->crop;
        $exactly = $plan->choices->notation->exactly(...);

        return [
            'fit' => ['way' => 'crop', 'lock' => 'free', 'left' => (string) $crop->left, 'top' => (string) $crop->top, 'width' => (string) $crop->width, 'height' => (string) $crop->height],
            'paper' => ['placement' => 'centred', 'margins' => ['left' => $exactly($plan->layout->left), 'top' => $exactly($plan->layout->top), 'right' => $exactly($plan->layout->right()), 'bottom' => $exactly($plan->layout->bottom())]],
        ];
    }

    private static function refused(int $line, string $sentence): ValidationException
    {
        return ValidationException::withMessages(["measured.{$line}" => $sentence]);
    }

    /**
     * @param  array<array-key, mixed>  $typed
     * @return array<array-key, Length>
     */
    private function measured(array $typed, LengthReader $lengths): array
    {
        $measured = [];
        foreach ($typed as $line => $text) {
            if (is_string($text) && trim($text) !== '') {
                try {
                    $measured[$line] = $lengths->read($text);
                } catch (Impossible $e) {
                    throw ValidationException::withMessages(["measured.{$line}" => Refusal::of($e)]);
                }
            }
        }

        return $measured === [] ? throw ValidationException::withMessages(['measured' => Say::it('adjusting.ruled.nothing')]) : $measured;
    }
}
