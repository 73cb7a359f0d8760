<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Models\Photo;
use Imagick;
use InchLadder\Masses\Figures;
use InchLadder\Masses\Regions;
use InchLadder\Pixels\Lab;
use InchLadder\Plan\Plan;

/** Parts what is cropped into few flat shapes; kept beside the photo, as it takes a moment. */
final readonly class MassPixels
{
    /** Changed when parts are found in another way, so that older ones are found anew. */
    private const EDITION = 1;

    public function __construct(private PhotoStore $photos)
    {
    }

    /** @param  int  $most  parts */
    public function regions(Photo $photo, Plan $plan, int $most): Regions
    {
        $crop = $plan->layout->fitted->crop;
        $part = [$crop->left->toFloat(), $crop->top->toFloat(), $crop->width->toFloat(), $crop->height->toFloat()];
        $name = sprintf('masses-%d-%d-%s%s', self::EDITION, $most, substr(sha1(implode(' ', $part)), 0, 16), Framer::key($plan->choices->framing));
        $kept = $this->photos->made($photo, $name, fn (string $to): bool => file_put_contents($to, self::pack($this->find($photo, $plan, $part, $most))) !== false);

        return self::unpack((string) file_get_contents($kept));
    }

    /** @param  array{float, float, float, float}  $part  of the picture as it is framed */
    private function find(Photo $photo, Plan $plan, array $part, int $most): Regions
    {
        $picture = new Imagick('jpeg:'.$this->photos->preview($photo, $plan->choices->framing));
        [$wide, $high] = [$picture->getImageWidth(), $picture->getImageHeight()];
        $pixels = [max(2, (int) round($part[2] * $wide)), max(2, (int) round($part[3] * $high))];
        $picture->cropImage($pixels[0], $pixels[1], (int) round($part[0] * $wide), (int) round($part[1] * $high));
        $picture->setImagePage(0, 0, 0, 0);
        $scale = Figures::SIDE / max($pixels);
        [$across, $down] = [max(2, (int) round($scale * $pixels[0])), max(2, (int) round($scale * $pixels[1]))];
        $picture->resizeImage($across, $down, Imagick::FILTER_TRIANGLE, 1);
        /** @var list<int<0, 255>> $bytes */
        $bytes = $picture->exportImagePixels(0, 0, $across, $down, 'RGB', Imagick::PIXEL_CHAR);
        $lab = [];
        for ($i = 0, $count = count($bytes); $i < $count; $i += 3) {
            $colour = Lab::fromSrgb($bytes[$i], $bytes[$i + 1], $bytes[$i + 2]);
            $lab[] = [$colour->lightness, $colour->a, $colour->b];
        }

        return Regions::of($across, $down, $lab, $most);
    }

    private static function pack(Regions $regions): string
    {
        $bytes = pack('V3', $regions->wide, $regions->high, count($regions->parts)).pack('C*', ...$regions->labels);
        foreach ($regions->parts as $part) {
            $bytes .= pack('e3V', ...$part);
        }

        return $bytes;
    }

    private static function unpack(string $bytes): Regions
    {
        /** @var array{wide: int, high: int, parts: int} $head */
        $head = unpack('Vwide/Vhigh/Vparts', $bytes);
        $samples = $head['wide'] * $head['high'];
        $parts = [];
        for ($i = 0; $i < $head['parts']; $i++) {
            /** @var array{l: float, a: float, b: float, n: int} $part */
            $part = unpack('el/ea/eb/Vn', $bytes, 12 + $samples + 28 * $i);
            $parts[] = [$part['l'], $part['a'], $part['b'], $part['n']];
        }
        /** @var list<int> $labels */
        $labels = array_values((array) unpack("C{$samples}", $bytes, 12));

        return Regions::read($head['wide'], $head['high'], $labels, $parts);
    }
}
