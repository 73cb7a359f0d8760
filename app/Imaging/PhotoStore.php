<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Exceptions\StorageFailed;
use App\Models\Photo;
use Illuminate\Filesystem\Filesystem;
use Imagick;
use InchLadder\Measure\Rational;
use InchLadder\Photo\Border;
use InchLadder\Photo\Figures;
use InchLadder\Photo\Framing;
use InchLadder\Photo\WhiteBorder;
use InchLadder\Pixels\Field;
use InchLadder\Pixels\Lab;

/**
 * Originals, untouched, under the SHA-256 of their bytes; and beside them the
 * pictures derived from them, which can be thrown away at any time.
 */
final readonly class PhotoStore
{
    private const QUALITY = 88;

    private const TILE = 1024;

    /** Pixels along the longer side of the picture that colours are read from. */
    private const COLOURS = 1024;

    public function __construct(private Decoder $decoder)
    {
    }

    /**
     * Takes in a file: checked, kept, and with a preview ready.
     *
     * @throws PhotoRefused
     * @throws StorageFailed with nothing kept
     */
    public function take(string $path): Photo
    {
        [$kind, $wide, $high] = $this->decoder->inspect($path);
        $sha256 = (string) hash_file('sha256', $path);
        $known = Photo::query()->firstWhere('sha256', $sha256);
        if ($known !== null && $this->isWhole($known)) {
            return $known;
        }
        $preview = $this->decoder->decodeSmall($path, $kind, config('inch.photo.preview_side'));
        $this->write($this->original($sha256), static fn (string $to): bool => copy($path, $to) && filesize($to) === filesize($path), StorageFailed::savingPhoto(...));
        $this->write($this->derived($sha256, 'preview.jpg'), fn (string $to): bool => $this->jpeg($preview, $to), StorageFailed::savingPhoto(...));

        // The same photo may be coming in from another tab at this very moment.
        return $known ?? Photo::query()->createOrFirst(['sha256' => $sha256], [
            'mime' => $kind->value, 'bytes' => filesize($path),
            'width' => $wide, 'height' => $high, 'samples' => Samples::take($preview), 'remark' => $preview->getImageProperty(Decoder::REMARK) ?: null,
        ]);
    }

    /** Takes a photo away that no drawing uses: its row, its file, and everything made from it. */
    public function forget(Photo $photo): void
    {
        $photo->delete();
        @unlink($this->original($photo->sha256));
        (new Filesystem)->deleteDirectory(dirname($this->derived($photo->sha256, 'x')));
    }

    /** Path of a preview, made anew if the cache was thrown away. */
    public function preview(Photo $photo, ?Framing $framing = null): string
    {
        $framing ??= Framing::plain();
        $path = $this->derived($photo->sha256, 'preview'.Framer::key($framing).'.jpg');
        if (! is_file($path)) {
            $preview = $framing->isPlain()
                ? $this->decoder->decodeSmall($this->whole($photo), ImageFormat::from($photo->mime), config('inch.photo.preview_side'))
                : Framer::frame(new Imagick('jpeg:'.$this->preview($photo)), $framing);
            $this->write($path, fn (string $to): bool => $this->jpeg($preview, $to), StorageFailed::savingPicture(...));
        }

        return $path;
    }

    /**
     * The whole picture, held as it is framed.
     *
     * @param  int|null  $side  how many pixels its longer side needs; null is every pixel. A smaller decode is taken where it saves work
     */
    public function decode(Photo $photo, ?Framing $framing = null, ?int $side = null): Imagick
    {
        [$path, $kind] = [$this->whole($photo), ImageFormat::from($photo->mime)];
        $image = $side === null || 2 * $side > max($photo->width, $photo->height) ? $this->decoder->decode($path, $kind) : $this->decoder->decodeSmall($path, $kind, $side);

        return Framer::frame($image, $framing ?? Framing::plain());
    }

    /** A photo's file as it may be handed on. */
    public function stripped(Photo $photo): MetadataStripper
    {
        return MetadataStripper::of($this->whole($photo), ImageFormat::from($photo->mime), $this->decoder);
    }

    /**
     * A photo's file as it may be handed on; where it was lost, the preview that is left of it.
     *
     * @throws OriginalLost when there is no preview either
     */
    public function bareOrPreview(Photo $photo): MetadataStripper
    {
        try {
            return $this->stripped($photo);
        } catch (OriginalLost $lost) {
            $preview = $this->derived($photo->sha256, 'preview.jpg');

            return is_file($preview) ? MetadataStripper::reduced((string) file_get_contents($preview)) : throw $lost;
        }
    }

    /** What colours lie where in the picture, coarsely. */
    public function samples(Photo $photo, Framing $framing): Samples
    {
        return $framing->isPlain() ? new Samples($photo->samples) : new Samples(Samples::take(new Imagick('jpeg:'.$this->preview($photo, $framing))));
    }

    /** The picture small, in just the colours the file has: a JPEG's are off by a unit. */
    public function colours(Photo $photo, Framing $framing): Imagick
    {
        $path = $this->made($photo, 'colours'.Framer::key($framing).'.png', function (string $to) use ($photo, $framing): bool {
            $picture = $this->decode($photo, $framing, self::COLOURS);
            if (max($picture->getImageWidth(), $picture->getImageHeight()) > self::COLOURS) {
                $picture->resizeImage(self::COLOURS, self::COLOURS, Imagick::FILTER_BOX, 1, true);
            }
            $picture->setImageFormat('png');

            return $picture->writeImage("png:{$to}");
        });

        return new Imagick("png:{$path}");
    }

    /** The white border of a scan, as shares of its sides; null where there is none. */
    public function whiteBorder(Photo $photo): ?Border
    {
        $kept = $this->made($photo, 'white-border', function (string $to) use ($photo): bool {
            $found = WhiteBorder::in($this->lightness($photo, Framing::plain(), Figures::BORDER_SAMPLES));
            $sides = $found === null ? [] : [$found->top, $found->right, $found->bottom, $found->left];

            return file_put_contents($to, implode("\n", array_map(strval(...), $sides))) !== false;
        });
        $sides = array_map(Rational::of(...), file($kept, FILE_IGNORE_NEW_LINES) ?: []);

        return count($sides) === 4 ? Border::of(...$sides) : null;
    }

    /** L* of the picture, squeezed to a square of so many samples a side. */
    public function lightness(Photo $photo, Framing $framing, int $side): Field
    {
        $kept = $this->made($photo, "lightness-{$side}".Framer::key($framing), function (string $to) use ($photo, $framing, $side): bool {
            $small = new Imagick('jpeg:'.$this->preview($photo, $framing));
            $small->resizeImage($side, $side, Imagick::FILTER_BOX, 1);
            /** @var list<int> $pixels */
            $pixels = $small->exportImagePixels(0, 0, $side, $side, 'RGB', Imagick::PIXEL_CHAR);

            return file_put_contents($to, pack('e*', ...Lab::lightnessOf($pixels))) !== false;
        });
        /** @var list<float> $lightness */
        $lightness = array_values((array) unpack('e*', (string) file_get_contents($kept)));

        return new Field($side, $side, $lightness);
    }

    /**
     * Pixels inside the picture as it is framed, put together from tiles of the photo as it lies, cut once: a JPEG can
     * only be decoded whole. What is straightened is turned afterwards, as the piece it is.
     */
    public function region(Photo $photo, Framing $framing, int $left, int $top, int $wide, int $high): Imagick
    {
        [$x, $y, $across, $down] = Framer::source($framing, $photo->width, $photo->height, $left, $top, $wide, $high);

        return Framer::part($this->piece($photo, $x, $y, $across, $down), $framing, $photo->width, $photo->height, $x, $y, $left, $top, $wide, $high);
    }

    /** Pixels of the photo as it lies, upright and in sRGB. */
    private function piece(Photo $photo, int $left, int $top, int $wide, int $high): Imagick
    {
        [$tiles, $orientation, $profile] = $this->tiles($photo);
        [$x, $y, $across, $down] = Orientation::stored($orientation, $photo->width, $photo->height, $left, $top, $wide, $high);
        $piece = new Imagick;
        $piece->newImage($across, $down, 'white');
        foreach (range(intdiv($y, self::TILE), intdiv($y + $down - 1, self::TILE)) as $row) {
            foreach (range(intdiv($x, self::TILE), intdiv($x + $across - 1, self::TILE)) as $column) {
                $piece->compositeImage(new Imagick("jpeg:{$tiles}/{$column}_{$row}.jpg"), Imagick::COMPOSITE_COPY, $column * self::TILE - $x, $row * self::TILE - $y);
            }
        }
        if ($profile !== '') {
            $this->decoder->toSrgb($piece, $profile);
        }
        Orientation::upright($piece, $orientation);

        return $piece;
    }

    /** Path of the preview in few greys; made anew if the cache was thrown away. */
    public function fewTones(Photo $photo, Framing $framing, FewTones $tones): string
    {
        $path = $this->derived($photo->sha256, "few-{$tones->key()}".Framer::key($framing).'.png');
        if (! is_file($path)) {
            $picture = $tones->of(new Imagick('jpeg:'.$this->preview($photo, $framing)));
            $picture->setImageFormat('png');
            // No day in it: the same picture is the same file.
            $picture->setOption('png:exclude-chunks', 'date,time,gama');
            // As it is: another way of keeping it would make tones of its own.
            $this->write($path, static fn (string $to): bool => $picture->writeImage("png:{$to}"), StorageFailed::savingPicture(...));
        }

        return $path;
    }

    /**
     * A rectangle of the picture with every pixel it has, as JPEG.
     *
     * @param  array{float, float, float, float}  $part  left, top, width, height as shares of the picture, inside it
     * @param  int  $most  longer side of the answer in pixels; a larger part is made smaller
     * @param  FewTones|null  $tones  in few greys, the same that the whole picture is shown in
     */
    public function cut(Photo $photo, array $part, int $most, ?Framing $framing = null, ?FewTones $tones = null): string
    {
        $framing ??= Framing::plain();
        ['width' => $width, 'height' => $height] = $framing->pixels($photo->width, $photo->height);
        [$left, $top] = [(int) round($part[0] * $width), (int) round($part[1] * $height)];
        $wide = max(1, min($width - $left, (int) round($part[2] * $width)));
        $high = max(1, min($height - $top, (int) round($part[3] * $height)));
        if ($tones?->isSimplified() === true) {
            $cut = $this->cutOfFew($photo, $framing, $tones, $left / $width, $top / $height, $wide / $width, $high / $height);
            $cut = $tones->enlarged($cut, min(1.0, $most / max($wide, $high)) * $wide);
        } else {
            $cut = $this->region($photo, $framing, $left, $top, $wide, $high);
            if (max($wide, $high) > $most) {
                $cut->resizeImage($most, $most, Imagick::FILTER_TRIANGLE, 1, true);
            }
            $cut = $tones === null ? $cut : $tones->of($cut);
        }
        $cut->setImageFormat('jpeg');
        $cut->setImageCompressionQuality(self::QUALITY);

        return $cut->getImageBlob();
    }

    /** A part of the picture in few tones; shares of it. */
    private function cutOfFew(Photo $photo, Framing $framing, FewTones $tones, float $left, float $top, float $wide, float $high): Imagick
    {
        $whole = new Imagick('png:'.$this->fewTones($photo, $framing, $tones));
        [$x, $y] = [$whole->getImageWidth(), $whole->getImageHeight()];
        $whole->cropImage(max(1, (int) round($wide * $x)), max(1, (int) round($high * $y)), (int) round($left * $x), (int) round($top * $y));
        $whole->setImagePage(0, 0, 0, 0);

        return $whole;
    }

    /**
     * The photo's tiles as they are stored in it, cut on the first call; others wait for that one to end.
     *
     * @return array{string, int, string} their folder, the turn the camera asks for, and the colour profile they are in
     */
    private function tiles(Photo $photo): array
    {
        $folder = $this->made($photo, 'tiles', fn (string $to): bool => mkdir($to) && $this->cutTiles($photo, $to));

        return ["{$folder}/tiles_files/0", (int) file_get_contents("{$folder}/orientation"), (string) file_get_contents("{$folder}/profile.icc")];
    }

    /**
     * Path of something made from a photo that takes its time, made on the first call; others wait for that one to end.
     *
     * @param  \Closure(string): bool  $fill  makes it at a path
     *
     * @throws StorageFailed
     */
    public function made(Photo $photo, string $name, \Closure $fill): string
    {
        $path = $this->derived($photo->sha256, $name);
        if (! file_exists($path)) {
            $this->folder(dirname($path), StorageFailed::savingPicture(...));
            $lock = fopen($path.'.lock', 'c') ?: throw StorageFailed::savingPicture();
            flock($lock, LOCK_EX);
            clearstatcache(true, $path);
            if (! file_exists($path)) {
                $this->write($path, $fill, StorageFailed::savingPicture(...));
            }
            flock($lock, LOCK_UN);
        }

        return $path;
    }

    private function cutTiles(Photo $photo, string $folder): bool
    {
        $original = $this->whole($photo);
        [$source, $orientation, $profile] = $this->decoder->asStored($original, ImageFormat::from($photo->mime), $folder);
        Vips::tiles($source, $folder, self::TILE, self::QUALITY);
        $source === $original || unlink($source);

        return file_put_contents("{$folder}/orientation", (string) $orientation) !== false && file_put_contents("{$folder}/profile.icc", $profile) !== false;
    }

    private function jpeg(Imagick $image, string $path): bool
    {
        $image->setImageFormat('jpeg');
        $image->setImageCompressionQuality(self::QUALITY);

        return $image->writeImage("jpeg:{$path}") && (int) filesize($path) > 0;
    }

    /**
     * Writes beside the place and moves there, so that nothing is ever half-saved.
     *
     * @param  \Closure(string): bool  $fill
     * @param  \Closure(): StorageFailed  $failed
     */
    private function write(string $path, \Closure $fill, \Closure $failed): void
    {
        $this->folder(dirname($path), $failed);
        $beside = $path.'.'.bin2hex(random_bytes(4)).'.part';
        try {
            $done = $fill($beside) && rename($beside, $path);
        } catch (\ErrorException|\ImagickException) {
            $done = false;
        }
        if (! $done) {
            is_dir($beside) ? (new Filesystem)->deleteDirectory($beside) : @unlink($beside);
            throw $failed();
        }
    }

    /** @param  \Closure(): StorageFailed  $failed */
    private function folder(string $folder, \Closure $failed): void
    {
        if (! is_dir($folder) && ! @mkdir($folder, 0o755, true) && ! is_dir($folder)) {
            throw $failed();
        }
    }

    /**
     * Path of an original, looked at before anything is made of it.
     *
     * @throws OriginalLost when it is missing, or not the file that came in any more
     */
    public function whole(Photo $photo): string
    {
        $path = $this->original($photo->sha256);
        clearstatcache(true, $path);
        if (! is_file($path)) {
            throw OriginalLost::missing();
        }
        if (filesize($path) !== $photo->bytes || hash_file('sha256', $path) !== $photo->sha256) {
            throw OriginalLost::changed();
        }

        return $path;
    }

    private function isWhole(Photo $photo): bool
    {
        try {
            return $this->whole($photo) !== '';
        } catch (OriginalLost) {
            return false;
        }
    }

    private function original(string $sha256): string
    {
        return config('inch.data').'/photos/'.substr($sha256, 0, 2)."/{$sha256}";
    }

    private function derived(string $sha256, string $name): string
    {
        return config('inch.data').'/cache/'.substr($sha256, 0, 2)."/{$sha256}/{$name}";
    }
}
