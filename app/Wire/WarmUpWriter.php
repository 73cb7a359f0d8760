<?php

declare(strict_types=1);

namespace App\Wire;

use App\Imaging\PhotoStore;
use App\Models\Drawing;
use App\Shots\SecondOpinion;
use App\Wire\Json\WarmUpJson;
use App\Wording\CheckWording;
use App\Wording\CompareWording;
use App\Wording\Say;
use App\Wording\ThingWording;
use InchLadder\Checking\Alignment;
use InchLadder\Checking\Proportion;
use InchLadder\Measure\Fractions;
use InchLadder\Plan\Comparison;
use InchLadder\Plan\Figures;
use InchLadder\Plan\Plan;
use InchLadder\Plan\WarmUp;

/** Writes what governs a picture: from what is named on it, its main edges, and what lies in line. */
final readonly class WarmUpWriter
{
    /** As many main edges of each direction. */
    private const EDGES = 1;

    public function __construct(private PhotoStore $photos, private SecondOpinion $second)
    {
    }

    public function warmUp(Drawing $drawing): WarmUpJson
    {
        $plan = $drawing->plan();
        $wanted = Comparison::everywhere($plan, $this->second->contours($plan, $drawing->photo))->wanted;
        $found = WarmUp::of($plan, (new CompareWording($plan, $wanted))->landmarks($wanted));
        $sizes = new ThingWording($plan->layout);
        $aligned = array_map(static fn (Alignment $one): string => CheckWording::alignment($one, $plan->choices->notation), $found->aligned);
        $lines = [self::times($found->isUpright ? 'warmup.frame.upright' : 'warmup.frame.sideways', $found->frame)];
        foreach ($found->things as [$thing, $wide]) {
            $lines[] = self::times('warmup.thing', $wide, ['name' => $thing->thing->name, 'size' => $sizes->size(...$thing->size())]);
        }
        foreach ($found->parts as [$part, $whole, $times]) {
            $lines[] = self::times('warmup.part', $times, ['part' => $part, 'whole' => $whole]);
        }
        foreach ($found->lengths as [$one, $other, $times]) {
            $lines[] = Say::it('warmup.length', ['name' => $one->span->name, 'says' => CheckWording::proportion($times, $other->span->name)]);
        }

        return new WarmUpJson([...$lines, ...$this->edges($drawing, $plan), ...array_slice($aligned, 0, Figures::WARM_ALIGNED)], $aligned);
    }

    /** @param  array<string, string>  $names */
    private static function times(string $key, Proportion $times, array $names = []): string
    {
        return Say::it($key.($times->nearest->isEqualTo(1) ? '.once' : ($times->nearest->isZero() ? '.hardly' : '.times')), [...$names, 'times' => Fractions::mixed($times->nearest)]);
    }

    /** @return list<string> the strongest edge of each direction */
    private function edges(Drawing $drawing, Plan $plan): array
    {
        $told = [];
        foreach ($drawing->photo === null ? [] : MainLines::of($this->photos, $drawing->photo, $plan) as $line) {
            $told[$line->way] = [...$told[$line->way] ?? [], Say::it('warmup.edge', ['edge' => $line->sentence])];
        }

        return array_merge(...array_values(array_map(static fn (array $lines): array => array_slice($lines, 0, self::EDGES), $told)));
    }
}
