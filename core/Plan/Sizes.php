<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Checking\Sized;
use InchLadder\Checking\SpanOnPaper;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;

/** Everything of a drawing that was measured and has a length: those that were taken, named things, and the gaps between them. */
final class Sizes
{
    /**
     * @param  array<string, array<string, float>>  $ends  where the ends of things came out, in mm along the way they are extreme in, by thing and side
     * @param  array<int, float>  $lengths  lengths of Check as they came out, in mm, by their place among them
     * @param  list<Gap>  $gaps
     * @return list<Sized> those that were measured
     */
    public static function measured(Plan $plan, array $ends, array $lengths, array $gaps): array
    {
        $mm = static fn (float $mm): Length => Length::mm(Rational::near($mm, 4));
        $area = $plan->layout->fitted->area;
        $sizes = [];
        foreach ($plan->layout->spans as $i => $span) {
            $on = SpanOnPaper::of($plan->layout, $span);
            $drawn = isset($lengths[$i]) ? $mm($lengths[$i]) : $span->drawn;
            $drawn === null || $sizes[] = new Sized('length', [$span->name], $on->paper, $drawn);
        }
        foreach ($plan->things()->all as $thing) {
            $out = $ends[$thing->thing->name] ?? [];
            foreach ([['width', 'left', 'right', ($thing->right - $thing->left) * $area->width->toFloat()], ['height', 'top', 'bottom', ($thing->bottom - $thing->top) * $area->height->toFloat()]] as [$of, $from, $to, $wanted]) {
                isset($out[$from], $out[$to]) && $out[$to] > $out[$from] && $wanted > 0 && $sizes[] = new Sized($of, [$thing->thing->name], $mm($wanted), $mm($out[$to] - $out[$from]));
            }
        }
        foreach ($gaps as $gap) {
            $sizes[] = new Sized('gap', [$gap->relation->one, $gap->relation->other], $mm($gap->relation->apart), $mm($gap->drawn));
        }

        return $sizes;
    }
}
