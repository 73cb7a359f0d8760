<?php

declare(strict_types=1);

namespace App\Shots;

use App\Documents\Choices\ShotChoice;
use App\Imaging\OriginalLost;
use App\Imaging\PhotoStore;
use App\Imaging\ShotPixels;
use App\Models\Drawing;
use App\Models\Photo;
use InchLadder\Compare\CornersUnusable;
use InchLadder\Compare\Flattening;
use InchLadder\Compare\Lens;
use InchLadder\Compare\LineMap;
use InchLadder\Layout\Places;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Comparison;
use InchLadder\Plan\Plan;

/** The shots that are kept with a drawing: looked at once, laid flat once, judged as often as is asked. */
final readonly class KeptShots
{
    /** Changed when shots are looked at in another way, so that older ones are looked at anew. */
    private const EDITION = 1;

    private const QUALITY = 88;

    public function __construct(private PhotoStore $photos, private ShotFile $file, private SecondOpinion $second)
    {
    }

    /** @throws OriginalLost when there is none of that name any more */
    public function picture(ShotChoice $shot): Photo
    {
        return Photo::query()->find($shot->id) ?? throw OriginalLost::missing();
    }

    /**
     * @throws CornersUnusable
     * @throws SheetNotFound
     */
    public function opinion(Drawing $drawing, Plan $plan, ShotChoice $shot, Photo $picture): Opinion
    {
        $tapped = [];
        foreach ($shot->readings as $one) {
            [[$x, $y]] = Places::read($one->at, 1) ?: [[0.0, 0.0]];
            $tapped[$one->name] = [$x * $picture->width, $y * $picture->height];
        }

        return $this->second->judge($plan, $drawing->photo, $this->prepared($drawing, $plan, $shot, $picture), $tapped);
    }

    /** Path of the sheet as a picture, laid flat; evened out if wanted. */
    public function flat(Drawing $drawing, Plan $plan, ShotChoice $shot, Photo $picture, bool $even): string
    {
        return $this->photos->made($picture, 'flat-'.($even ? 'even-' : '').$this->key($plan, $shot).'.jpg', function (string $to) use ($drawing, $plan, $shot, $picture, $even): bool {
            [$wide, $high] = [$plan->layout->sheet->width->toFloat(), $plan->layout->sheet->height->toFloat()];
            $flat = $this->file->ofPhoto($picture)->flat($this->prepared($drawing, $plan, $shot, $picture)->map, $wide, $high);
            $flat = $even ? ShotPixels::evened($flat, $flat->getImageWidth() / $wide) : $flat;
            $flat->setImageFormat('jpeg');
            $flat->setImageCompressionQuality(self::QUALITY);

            return $flat->writeImage("jpeg:{$to}");
        });
    }

    /**
     * Where a place of the drawing area is seen on a shot.
     *
     * @param  float  $x  share of the drawing area
     * @return array{float, float} shares of the shot
     */
    public function seen(Drawing $drawing, Plan $plan, ShotChoice $shot, Photo $picture, float $x, float $y): array
    {
        $layout = $plan->layout;
        $flat = $this->prepared($drawing, $plan, $shot, $picture);
        [$u, $v] = $flat->map->toShot($layout->left->toFloat() + $x * $layout->fitted->area->width->toFloat(), $layout->top->toFloat() + $y * $layout->fitted->area->height->toFloat());

        return [$u / $flat->wide, $v / $flat->high];
    }

    /**
     * Where the lines of the grid are on the sheet, as far as they show.
     *
     * @return array{array<int, float>, array<int, float>} mm from the sheet's left edge and from its top, at the end where they are marked out, by line
     */
    public function ruled(Drawing $drawing, Plan $plan, ShotChoice $shot, Photo $picture): array
    {
        $layout = $plan->layout;
        $off = $this->prepared($drawing, $plan, $shot, $picture)->drawn->ruled;
        $back = Comparison::stepBack($plan);
        $lines = static function (string $way, array $shares, float $before, float $side) use ($off, $back): array {
            $found = [];
            foreach ($shares as $line => $share) {
                $ends = $off["{$way} {$line}"] ?? null;
                $ends === null || $found[$line] = $before + $share->toFloat() * $side + $ends[0] * $back;
            }

            return $found;
        };

        return [
            $lines('across', $layout->grid->columns, $layout->left->toFloat(), $layout->fitted->area->width->toFloat()),
            $lines('down', $layout->grid->rows, $layout->top->toFloat(), $layout->fitted->area->height->toFloat()),
        ];
    }

    private function prepared(Drawing $drawing, Plan $plan, ShotChoice $shot, Photo $picture): Prepared
    {
        $kept = $this->photos->made($picture, 'shot-'.$this->key($plan, $shot), function (string $to) use ($drawing, $plan, $shot, $picture): bool {
            $corners = array_map(static fn (array $at): array => [$at[0] * $picture->width, $at[1] * $picture->height], Places::read($shot->corners, 4) ?? []);

            return file_put_contents($to, serialize($this->second->prepare($plan, $drawing->photo, $this->file->ofPhoto($picture), $corners, $shot->of === 'sheet' ? null : Places::read($shot->between, 2)))) !== false;
        });
        $read = unserialize((string) file_get_contents($kept), ['allowed_classes' => [Prepared::class, Flattening::class, Lens::class, LineMap::class, \InchLadder\Compare\Homography::class]]);

        return $read instanceof Prepared ? $read : throw new \LogicException('What was kept of a shot is something else.');
    }

    /** A name for how a shot is laid flat: by its corners, and by sheet, place and grid of the plan. */
    private function key(Plan $plan, ShotChoice $shot): string
    {
        $layout = $plan->layout;
        $lengths = array_map(static fn ($length): string => $length->exact(), [$layout->sheet->width, $layout->sheet->height, $layout->left, $layout->top, $layout->fitted->area->width, $layout->fitted->area->height]);
        $lines = array_map(static fn (Rational $share): string => $share->toScale(6), [...$layout->grid->columns, ...$layout->grid->rows]);

        return self::EDITION.'-'.substr(sha1(implode(' ', [$shot->corners, $shot->of, $shot->between, ...$lengths, ...$lines])), 0, 16);
    }
}
