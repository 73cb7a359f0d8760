<?php

declare(strict_types=1);

namespace App\Shots;

use App\Imaging\PhotoStore;
use App\Imaging\ShotPixels;
use App\Models\Photo;
use InchLadder\Compare\CornersUnusable;
use InchLadder\Compare\Flattening;
use InchLadder\Compare\Lens;
use InchLadder\Compare\PageRatio;

/** A snapshot of a sketch or a page, squared up: a copy, of which drawings are begun; the snapshot itself stays as it is. */
final readonly class SquaredPage
{
    private const QUALITY = 92;

    /** Pixels along the copy at most: no page on a snapshot has more to tell. */
    private const MOST = 4000;

    private const LEAST = 200;

    /** A page is taken to be about so long, in mm: that is what the paper's light is evened out by (ours). */
    private const LONG = 280.0;

    public function __construct(private ShotFile $file, private PhotoStore $photos)
    {
    }

    /**
     * Where the page lies on a picture, as far as its edges tell; null where they do not.
     *
     * @return list<array{float, float}>|null shares of the picture, clockwise from the top left
     */
    public function find(Photo $photo): ?array
    {
        $sheet = $this->file->ofPhoto($photo)->sheet();

        return $sheet === null ? null : array_map(static fn (array $at): array => [$at[0] / $photo->width, $at[1] / $photo->height], $sheet->corners);
    }

    /**
     * @param  list<array{float, float}>  $corners  shares of the picture, clockwise from the top left of the page
     * @param  float|null  $ratio  width ÷ height, where it is known; null for what the corners tell
     * @param  bool  $even  with the paper's tone evened out and its lines stronger
     *
     * @throws CornersUnusable
     */
    public function make(Photo $photo, array $corners, ?float $ratio, bool $even): Photo
    {
        count($corners) === 4 || throw CornersUnusable::tooFew();
        /** @var array{array{float, float}, array{float, float}, array{float, float}, array{float, float}} $seen */
        $seen = array_map(static fn (array $at): array => [$at[0] * $photo->width, $at[1] * $photo->height], $corners);
        $long = static fn (int $i): float => hypot($seen[($i + 1) % 4][0] - $seen[$i][0], $seen[($i + 1) % 4][1] - $seen[$i][1]);
        $shot = $this->file->ofPhoto($photo);
        // Refused before anything is computed of it.
        Flattening::of($seen, [[0.0, 0.0], [1.0, 0.0], [1.0, 1.0], [0.0, 1.0]], Lens::true($shot->wide, $shot->high));
        $ratio ??= PageRatio::of($seen, $photo->width, $photo->height);
        $side = max(self::LEAST, min(self::MOST, max($long(0), $long(1), $long(2), $long(3))));
        [$wide, $high] = $ratio >= 1 ? [$side, $side / $ratio] : [$side * $ratio, $side];
        min($wide, $high) >= self::LEAST / 10 || throw CornersUnusable::onALine();
        $map = Flattening::of($seen, [[0.0, 0.0], [$wide, 0.0], [$wide, $high], [0.0, $high]], Lens::true($shot->wide, $shot->high));
        $flat = $shot->flat($map, $wide, $high, 1.0);
        $flat = $even ? ShotPixels::evened($flat, $side / self::LONG) : $flat;
        $flat->setImageFormat('jpeg');
        $flat->setImageCompressionQuality(self::QUALITY);
        $path = (string) tempnam(sys_get_temp_dir(), 'inch');
        try {
            $flat->writeImage("jpeg:{$path}");

            return $this->photos->take($path);
        } finally {
            @unlink($path);
        }
    }
}
