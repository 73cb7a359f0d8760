<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Models\Photo;
use Imagick;
use InchLadder\Copying\ContoursInGrid;
use InchLadder\Layout\Layout;
use InchLadder\Pixels\Contour;
use InchLadder\Pixels\Contours;
use InchLadder\Pixels\End;
use InchLadder\Pixels\Field;
use InchLadder\Pixels\Figures;
use InchLadder\Pixels\LabPicture;

/**
 * The contours of a photo as it lies, found once and kept beside it: whatever is turned, cropped or ruled, they are the
 * same. Samples are counted on the photo held upright.
 */
final readonly class PhotoContours
{
    /** Samples along the longer side at most: fine enough for a quarter of a pixel of 24 megapixels, and gone through in a second. */
    private const SIDE = 1250;

    /** A photo with no more pixels along it than this is looked at as it is. */
    private const SMALL = 1600;

    /** Pixels along the side of a sample: a JPEG is decoded 2, 4 or 8 times smaller for a fraction of the work, the rest is a mean. */
    private const SHRINKS = [2, 3, 4, 6, 8, 12, 16, 24, 32];

    /** Changed when contours are found in another way, so that older ones are found anew. */
    private const EDITION = 1;

    public function __construct(private PhotoStore $photos, private Decoder $decoder)
    {
    }

    public function of(Photo $photo): Contours
    {
        try {
            return $this->kept($photo, 'contours-'.self::EDITION, fn (): Contours => $this->find($photo));
        } catch (OriginalLost) {
            // The preview is all that is left of it.
            $preview = $this->photos->preview($photo);
            ['width' => $wide, 'height' => $high] = (new Imagick("jpeg:{$preview}"))->getImageGeometry();

            return Contours::of(new LabPicture($wide, $high, Vips::lab($preview, true, 1, Figures::SMOOTHING, false)[2], $wide, $high));
        }
    }

    /** The same with the lines that are thin to a pencil in the cells of a grid. */
    public function inCells(Photo $photo, Layout $layout): Contours
    {
        $contours = $this->of($photo);
        $thin = ContoursInGrid::thin($contours, $layout);

        return $this->kept($photo, 'contours-'.self::EDITION."-{$thin}", static fn (): Contours => $contours->withLines($thin));
    }

    /** @param  \Closure(): Contours  $make */
    private function kept(Photo $photo, string $name, \Closure $make): Contours
    {
        return self::unpack((string) file_get_contents($this->photos->made($photo, $name, static fn (string $to): bool => file_put_contents($to, self::pack($make())) !== false)));
    }

    private function find(Photo $photo): Contours
    {
        $folder = sys_get_temp_dir().'/'.uniqid('inch', true);
        mkdir($folder);
        try {
            [$source, $orientation, $profile] = $this->decoder->asStored($this->photos->whole($photo), ImageFormat::from($photo->mime), $folder);
            $shrink = self::shrink(max($photo->width, $photo->height));
            $sideways = $orientation >= 5;
            [$wide, $high] = $sideways ? [$photo->height, $photo->width] : [$photo->width, $photo->height];
            [$across, $down, $floats] = Vips::lab($source, ImageFormat::from($photo->mime) === ImageFormat::Jpeg && ! str_starts_with($source, $folder), $shrink, Figures::SMOOTHING, $profile !== '');
        } finally {
            array_map(static fn (string $path): bool => @unlink($path), glob("{$folder}/*") ?: []);
            @rmdir($folder);
        }

        return self::upright(Contours::of(new LabPicture($across, $down, $floats, $wide / $shrink, $high / $shrink)), $orientation);
    }

    /** @param  int  $pixels  along the longer side */
    private static function shrink(int $pixels): int
    {
        if ($pixels <= self::SMALL) {
            return 1;
        }
        foreach (self::SHRINKS as $shrink) {
            if ($pixels <= $shrink * self::SIDE) {
                return $shrink;
            }
        }

        return (int) ceil($pixels / self::SIDE);
    }

    /** From the photo as it is stored to the photo held upright (Exif 2.3, 4.6.4, tag 0x0112). */
    private static function upright(Contours $stored, int $orientation): Contours
    {
        if ($orientation <= 1) {
            return $stored;
        }
        [$across, $down] = [$stored->across, $stored->down];
        $flip = self::flipped(...);
        $mirrors = in_array($orientation, [2, 4, 5, 7], true);
        $all = array_map(static function (Contour $one) use ($orientation, $across, $down, $flip, $mirrors): Contour {
            [$x, $y] = match ($orientation) {
                2 => [$flip($one->x, $across), $one->y],
                3 => [$flip($one->x, $across), $flip($one->y, $down)],
                4 => [$one->x, $flip($one->y, $down)],
                5 => [$one->y, $one->x],
                6 => [$flip($one->y, $down), $one->x],
                7 => [$flip($one->y, $down), $flip($one->x, $across)],
                default => [$one->y, $flip($one->x, $across)],
            };
            // Mirrored, left and right of the way change places.
            $step = $mirrors ? [-$one->step[0], -$one->step[1], -$one->step[2]] : $one->step;

            return new Contour($x, $y, $step, $one->crowd, $one->steep, $one->starts, $one->ends, $one->width);
        }, $stored->all);
        $busy = $stored->busy;
        $turned = [];
        $sideways = $orientation >= 5;
        [$wide, $high] = $sideways ? [$busy->high, $busy->wide] : [$busy->wide, $busy->high];
        for ($y = 0; $y < $high; $y++) {
            for ($x = 0; $x < $wide; $x++) {
                [$u, $v] = match ($orientation) {
                    2 => [$wide - 1 - $x, $y],
                    3 => [$wide - 1 - $x, $high - 1 - $y],
                    4 => [$x, $high - 1 - $y],
                    5 => [$y, $x],
                    6 => [$y, $wide - 1 - $x],
                    7 => [$high - 1 - $y, $wide - 1 - $x],
                    default => [$high - 1 - $y, $x],
                };
                $turned[] = $busy->at($u, $v);
            }
        }

        return Contours::read($sideways ? $down : $across, $sideways ? $across : $down, $all, new Field($wide, $high, $turned), $stored->block);
    }

    /**
     * @param  non-empty-list<float>  $places
     * @return non-empty-list<float> counted from the other end of a side
     */
    private static function flipped(array $places, float $side): array
    {
        return array_map(static fn (float $place): float => $side - $place, $places);
    }

    private static function pack(Contours $contours): string
    {
        $bytes = pack('g2V4', $contours->across, $contours->down, $contours->block, $contours->busy->wide, $contours->busy->high, count($contours->all)).pack('g*', ...$contours->busy->all());
        foreach ($contours->all as $one) {
            $bytes .= pack('Vc2g6', $one->count(), array_search($one->starts, End::cases(), true), array_search($one->ends, End::cases(), true), $one->width ?? -1.0, $one->crowd, $one->steep, ...$one->step).pack('g*', ...$one->x).pack('g*', ...$one->y);
        }

        return $bytes;
    }

    private static function unpack(string $bytes): Contours
    {
        /** @var array<string, float|int> $head */
        $head = unpack('gacross/gdown/Vblock/Vwide/Vhigh/Vcount', $bytes);
        $places = (int) $head['wide'] * (int) $head['high'];
        $busy = new Field((int) $head['wide'], (int) $head['high'], self::floats($bytes, 24, $places));
        $at = 24 + 4 * $places;
        $all = [];
        for ($i = 0; $i < $head['count']; $i++) {
            /** @var array{count: int, starts: int, ends: int, width: float, crowd: float, steep: float, l: float, a: float, b: float} $one */
            $one = unpack('Vcount/cstarts/cends/gwidth/gcrowd/gsteep/gl/ga/gb', $bytes, $at);
            $at += 30;
            /** @var non-empty-list<float> $x */
            $x = self::floats($bytes, $at, $one['count']);
            /** @var non-empty-list<float> $y */
            $y = self::floats($bytes, $at + 4 * $one['count'], $one['count']);
            $at += 8 * $one['count'];
            $all[] = new Contour($x, $y, [$one['l'], $one['a'], $one['b']], $one['crowd'], $one['steep'], End::cases()[$one['starts']], End::cases()[$one['ends']], $one['width'] < 0 ? null : $one['width']);
        }

        return Contours::read((float) $head['across'], (float) $head['down'], $all, $busy, (int) $head['block']);
    }

    /** @return list<float> */
    private static function floats(string $bytes, int $at, int $count): array
    {
        return array_values((array) unpack("g{$count}", $bytes, $at));
    }
}
