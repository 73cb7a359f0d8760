<?php

declare(strict_types=1);

namespace App\Exchange\Adjusting;

use App\Exchange\ChoicesReader;
use Illuminate\Validation\ValidationException;
use InchLadder\Impossible;
use InchLadder\Marks\Mark;
use InchLadder\Marks\MarkLadder;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Plan\Plan;

/** Lines that came out elsewhere on the paper become the grid: the reference's guides move to match. */
final readonly class AdoptRuled implements Adjustment
{
    /** @param  array<array-key, mixed>  $how  way: across or down; ticks: line => where it is, from the sheet's edge, as typed */
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $plan = Plan::of($read->choices);
        if ($read->json->fit->way === 'cells') {
            throw ValidationException::withMessages(['measured' => 'In whole cells every cell is the same by choice; take another fit on the Fit rung, then the guides can follow the lines.']);
        }
        $way = ($how['way'] ?? null) === 'across' ? 'across' : 'down';
        $typed = is_array($how['ticks'] ?? null) ? $how['ticks'] : [];
        $notation = $plan->choices->notation;
        $lines = static fn (MarkLadder $ladder, array $measured, Length $offset): array => array_map(
            static fn (Mark $mark): string => $notation->exactly(isset($measured[$mark->line]) ? $measured[$mark->line]->minus($offset) : $mark->at->area->exact),
            array_slice($ladder->marks, 0, -1),
        );
        $measured = $this->measured($typed, new LengthReader($notation->unit));
        $across = $lines($plan->across, $way === 'across' ? $measured : [], $plan->left);
        $down = $lines($plan->down, $way === 'down' ? $measured : [], $plan->top);

        return new Adjusted(['grid' => ['school' => 'own', 'own_across' => implode(', ', $across), 'own_down' => implode(', ', $down)]], 'The guides lie where the lines were ruled; the frame stays as it was planned.');
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
                    throw ValidationException::withMessages(["measured.{$line}" => $e->getMessage()]);
                }
            }
        }

        return $measured === [] ? throw ValidationException::withMessages(['measured' => 'Type where the lines are, from the sheet’s edge.']) : $measured;
    }
}
