<?php

declare(strict_types=1);

namespace App\Wire;

use App\Models\Drawing;
use App\Wire\Json\ShelfEntryJson;
use App\Wording\Say;
use Illuminate\Support\Facades\Cache;
use InchLadder\Layout\Hand;

/**
 * Remembers the board of a drawing for as long as nothing about it changes, so
 * that a long shelf is not planned anew each time it is shown. What it remembers
 * can be made again: it is forgotten at every start.
 */
final readonly class ShelfMemory
{
    private const STORE = 'shelf';

    public function __construct(private DrawingWriter $writer)
    {
    }

    public function entry(Drawing $drawing, Hand $hand): ShelfEntryJson
    {
        $name = "{$drawing->id}.{$hand->value}";
        $state = md5(serialize([Say::language(), $drawing->getRawOriginal('choices'), $drawing->photo_id, $drawing->version, $drawing->edits, $drawing->work, $drawing->position, (string) $drawing->updated_at]));
        $held = Cache::store(self::STORE)->get($name);
        if (is_array($held) && ($held[0] ?? null) === $state && ($held[1] ?? null) instanceof ShelfEntryJson) {
            return $held[1];
        }
        $entry = $this->writer->shelf($drawing->loadMissing('cellNotes'), $hand);
        if ($entry->trouble === null) {
            // A shelf that cannot be remembered, on a full disk, is shown all the same.
            rescue(fn () => Cache::store(self::STORE)->forever($name, [$state, $entry]), report: false);
        }

        return $entry;
    }

    public static function forget(): void
    {
        Cache::store(self::STORE)->flush();
    }
}
