<?php

declare(strict_types=1);

namespace App\Devices;

use App\Imaging\Vips;
use Imagick;
use ImagickDraw;
use Symfony\Component\Process\Process;

/**
 * A stand-in for a printer: takes a PDF and gives back the page as it would come out, as a PNG with its resolution.
 *
 * It feeds its paper upright, so a sideways page is turned for it, as a real one does. What it prints is
 * shrunk about the middle of the paper on each axis of the feed, skewed by a turn about the middle, and
 * not printed at all near the paper's edges.
 */
final readonly class SimulatedPrinter
{
    private const DOTS_PER_INCH = 254;

    private function __construct(private float $across, private float $down, private float $skew, private float $border, private bool $graph)
    {
    }

    public static function perfect(): self
    {
        return new self(1, 1, 0, 0, false);
    }

    /**
     * @param  string  $percent  what comes out of a hundred, across and down the feed: `97,98`, or one number for both
     *
     * @throws PrinterMisset
     */
    public function shrinking(string $percent): self
    {
        $shares = array_map(static fn (string $number): float => (float) filter_var(trim($number), FILTER_VALIDATE_FLOAT), explode(',', $percent));
        [$across, $down] = [$shares[0], $shares[1] ?? $shares[0]];
        if (count($shares) > 2 || min($across, $down) < 50 || max($across, $down) > 120) {
            throw PrinterMisset::shrink($percent);
        }

        return new self($across / 100, $down / 100, $this->skew, $this->border, $this->graph);
    }

    /**
     * @param  string  $degrees  clockwise, −10 to 10
     *
     * @throws PrinterMisset
     */
    public function skewed(string $degrees): self
    {
        $turn = filter_var(str_replace('−', '-', $degrees), FILTER_VALIDATE_FLOAT);
        if ($turn === false || abs($turn) > 10) {
            throw PrinterMisset::skew($degrees);
        }

        return new self($this->across, $this->down, $turn, $this->border, $this->graph);
    }

    /** @param  float  $mm  not printed on, along each edge */
    public function bordered(float $mm): self
    {
        return new self($this->across, $this->down, $this->skew, max(0.0, $mm), $this->graph);
    }

    /** The page is shown lying on millimetre paper, so that what came out can be measured. */
    public function onGraphPaper(): self
    {
        return new self($this->across, $this->down, $this->skew, $this->border, true);
    }

    /**
     * @param  int  $leaf  which page, from 1
     * @return string a PNG
     *
     * @throws PrinterMisset when there is no such page, or it is no PDF
     */
    public function print(string $pdf, int $leaf = 1): string
    {
        $sent = (string) tempnam(sys_get_temp_dir(), 'inch');
        $process = new Process(['pdftoppm', '-r', (string) self::DOTS_PER_INCH, '-f', (string) $leaf, '-l', (string) $leaf, '-png', '-singlefile', $pdf, $sent]);
        $process->setTimeout(120)->run();
        unlink($sent);
        if (! $process->isSuccessful() || ! is_file("{$sent}.png")) {
            throw PrinterMisset::noSuchPage(basename($pdf), $leaf);
        }
        $page = new Imagick("png:{$sent}.png");
        unlink("{$sent}.png");

        return $this->out($page)->getImageBlob();
    }

    private function out(Imagick $page): Imagick
    {
        $perMm = self::DOTS_PER_INCH / 25.4;
        [$wide, $high] = [$page->getImageWidth(), $page->getImageHeight()];
        [$across, $down] = $wide > $high ? [$this->down, $this->across] : [$this->across, $this->down];
        if ($this->across !== 1.0 || $this->down !== 1.0 || $this->skew !== 0.0) {
            // First longer or shorter, then askew, about the middle of the page.
            [$cosine, $sine, $x, $y] = [cos(deg2rad($this->skew)), sin(deg2rad($this->skew)), $wide / 2, $high / 2];
            [$xx, $xy, $yx, $yy] = [$cosine * $across, -$sine * $down, $sine * $across, $cosine * $down];
            $page = Vips::affine($page, [$xx, $xy, $yx, $yy], $x - $xx * $x - $xy * $y, $y - $yx * $x - $yy * $y, $wide, $high);
        }
        if ($this->border > 0) {
            $edge = (int) round($this->border * $perMm);
            $paper = new Imagick;
            $paper->newImage($wide, $high, 'white');
            $paper->compositeImage($page->getImageRegion(max(1, $wide - 2 * $edge), max(1, $high - 2 * $edge), $edge, $edge), Imagick::COMPOSITE_COPY, $edge, $edge);
            $page = $paper;
        }
        if ($this->graph) {
            $page->drawImage(self::graph($wide, $high, $perMm));
        }
        $page->setImageFormat('png');
        $page->setOption('png:compression-level', '2');
        $page->setImageUnits(Imagick::RESOLUTION_PIXELSPERCENTIMETER);
        $page->setImageResolution($perMm * 10, $perMm * 10);

        return $page;
    }

    /** A true line each centimetre, numbered along the top and the left. */
    private static function graph(int $wide, int $high, float $perMm): ImagickDraw
    {
        $draw = new ImagickDraw;
        $draw->setFont(config('inch.sheet_font'));
        $draw->setFontSize(2.6 * $perMm);
        foreach ([[$wide, true], [$high, false]] as [$side, $upright]) {
            for ($mm = 1; $mm * $perMm < $side; $mm++) {
                $at = $mm * $perMm;
                $draw->setFillColor('none');
                $draw->setStrokeColor($mm % 10 === 0 ? 'rgba(47,155,224,0.75)' : ($mm % 5 === 0 ? 'rgba(47,155,224,0.35)' : 'rgba(47,155,224,0.16)'));
                $upright ? $draw->line($at, 0, $at, $high) : $draw->line(0, $at, $wide, $at);
                if ($mm % 10 === 0) {
                    $draw->setStrokeColor('none');
                    $draw->setFillColor('#24648f');
                    $label = (string) $mm;
                    $upright ? $draw->annotation($at + 3, 3 * $perMm, $label) : $draw->annotation(3, $at - 3, $label);
                }
            }
        }

        return $draw;
    }
}
