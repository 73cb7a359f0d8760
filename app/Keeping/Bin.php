<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Imaging\PhotoStore;
use App\Models\Drawing;
use App\Models\Photo;
use Illuminate\Support\Facades\DB;

/** Drawings that were put away, and what frees the disk of them for good. */
final readonly class Bin
{
    /** A photo that came this short a while ago may be about to be used: an hour. */
    private const JUST_COME = 3600;

    public function __construct(private PhotoStore $photos)
    {
    }

    public function count(): int
    {
        return Drawing::onlyTrashed()->count();
    }

    /**
     * Throws away what is in the bin, and every photo that no drawing uses any more.
     *
     * @return int bytes that were freed, of photos alone
     */
    public function empty(): int
    {
        $unused = DB::transaction(function () {
            $emptied = Drawing::onlyTrashed()->get()->each->forceDelete()->pluck('photo_id')->all();

            return Photo::query()->get()->reject(fn (Photo $photo): bool => $this->isUsed($photo) || ($photo->created_at > now()->subSeconds(self::JUST_COME) && ! in_array($photo->id, $emptied, true)));
        });
        $unused->each($this->photos->forget(...));

        return (int) $unused->sum('bytes');
    }

    /** As a reference, or beside one: now, or in a state that undo leads back to. */
    private function isUsed(Photo $photo): bool
    {
        return Drawing::withTrashed()->where('photo_id', $photo->id)->exists()
            || Drawing::withTrashed()->where('choices', 'like', "%{$photo->id}%")->exists()
            || DB::table('revisions')->where('choices', 'like', "%{$photo->id}%")->exists();
    }
}
