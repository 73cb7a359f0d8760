<?php

declare(strict_types=1);

namespace App\Printing\Writers;

use App\Printing\Dash;
use App\Printing\Element;
use App\Printing\Face;
use App\Printing\Fill;
use App\Printing\Line;
use App\Printing\Picture;
use App\Printing\Text;
use App\Printing\Writer;

final class PdfWriter implements Writer
{
    private const MM_PER_POINT = 25.4 / 72;

    public function mime(): string
    {
        return 'application/pdf';
    }

    public function binds(): bool
    {
        return true;
    }

    public function write(iterable $pages, $to): void
    {
        $pdf = new PageStream($to);
        $pdf->SetCreator('Inch Ladder');
        $scripts = [];
        $foreign = false;
        foreach ($pages as $page) {
            $pdf->SetTitle($page->title, true);
            // The size is given the way round it is wanted; FPDF would turn it to portrait.
            $pdf->AddPage($page->width > $page->height ? 'L' : 'P', [$page->width, $page->height]);
            foreach ($page->marks as $mark) {
                Scripts::isForeign($mark) ? $foreign = true : $this->mark($pdf, $mark);
            }
            $scripts[] = Scripts::svg($page);
        }
        $pdf->finish();
        if ($foreign) {
            Scripts::layOver($to, $scripts);
        }
    }

    private function mark(PageStream $pdf, Element $mark): void
    {
        match (true) {
            $mark instanceof Line => $this->line($pdf, $mark),
            $mark instanceof Text => $this->text($pdf, $mark),
            $mark instanceof Fill => $this->fill($pdf, $mark),
            $mark instanceof Picture => $mark->window === null
                ? $this->picture($pdf, $mark)
                : $pdf->clipped($mark->window, fn () => $this->picture($pdf, $mark)),
            default => throw new \LogicException('There is no way to print '.$mark::class.'.'),
        };
    }

    private function line(PageStream $pdf, Line $line): void
    {
        $pdf->SetDrawColor(...self::rgb($line->colour));
        $pdf->SetLineWidth($line->width);
        $line->dash === Dash::None || $pdf->dash($line->dash);
        $pdf->Line($line->x1, $line->y1, $line->x2, $line->y2);
        $line->dash === Dash::None || $pdf->dash(Dash::None);
    }

    private function text(PageStream $pdf, Text $text): void
    {
        $pdf->SetFont('Helvetica', $text->strong ? 'B' : '', $text->size / self::MM_PER_POINT);
        $pdf->SetTextColor(...self::rgb($text->colour));
        $pdf->Text($text->x, $text->y, Face::western($text->words));
    }

    private function fill(PageStream $pdf, Fill $fill): void
    {
        $pdf->SetFillColor(...self::rgb($fill->colour));
        $pdf->Rect($fill->place->x, $fill->place->y, $fill->place->width, $fill->place->height, 'F');
    }

    private function picture(PageStream $pdf, Picture $picture): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'inch');
        file_put_contents($file, $picture->jpeg);
        $pdf->Image($file, $picture->place->x, $picture->place->y, $picture->place->width, $picture->place->height, 'JPEG');
        unlink($file);
    }

    /** @return array{int, int, int} */
    private static function rgb(string $colour): array
    {
        return [(int) hexdec(substr($colour, 1, 2)), (int) hexdec(substr($colour, 3, 2)), (int) hexdec(substr($colour, 5, 2))];
    }
}
