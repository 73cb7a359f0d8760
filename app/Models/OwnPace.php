<?php

declare(strict_types=1);

namespace App\Models;

use InchLadder\Copying\Noted;
use InchLadder\Copying\Pace;

/** How long a cell took on this artist's drawings so far. */
final class OwnPace
{
    /** Drawings that are looked back on. */
    private const DRAWINGS = 12;

    /** Seconds for a cell: the middle of what it took on the last drawings; null until there are enough to tell. */
    public static function ofACell(): ?float
    {
        // The drawings of the demo were copied by nobody.
        $own = Drawing::withTrashed()->where('is_demo', false)->select('id');
        $last = CellNote::query()->toBase()->whereIn('drawing_id', $own->toBase())->where('state', Noted::DONE)->whereNotNull('settled_at')->groupBy('drawing_id')->orderByRaw('max(settled_at) desc')->limit(self::DRAWINGS)->pluck('drawing_id');
        $paces = [];
        foreach ($last as $drawing) {
            $done = CellNote::query()->where('drawing_id', $drawing)->where('state', Noted::DONE)->whereNotNull('settled_at')->pluck('settled_at');
            $pace = Pace::of(array_values(array_map(static fn (mixed $at): int => (int) $at->getTimestamp(), $done->all())));
            if ($pace !== null) {
                $paces[] = $pace->cell;
            }
        }
        sort($paces);

        return $paces === [] ? null : $paces[intdiv(count($paces) - 1, 2)];
    }
}
