<?php

declare(strict_types=1);

namespace App\Press\Writers;

use App\Press\Anchor;
use App\Press\Line;
use App\Press\Page;
use App\Press\Picture;
use App\Press\Text;
use App\Press\Writer;

final class PdfWriter implements Writer
{
    private const MM_PER_POINT = 25.4 / 72;

    public function mime(): string
    {
        return 'application/pdf';
    }

    public function write(Page $page): string
    {
        $pdf = new \FPDF('P', 'mm', [$page->width, $page->height]);
        $pdf->SetTitle($page->title, true);
        $pdf->SetCreator('Inch Ladder');
        $pdf->SetAutoPageBreak(false);
        // The size is given the way round it is wanted; FPDF would turn it to portrait.
        $pdf->AddPage($page->width > $page->height ? 'L' : 'P', [$page->width, $page->height]);
        foreach ($page->marks as $mark) {
            match (true) {
                $mark instanceof Line => $this->line($pdf, $mark),
                $mark instanceof Text => $this->text($pdf, $mark),
                $mark instanceof Picture => $this->picture($pdf, $mark),
            };
        }

        return $pdf->Output('S');
    }

    private function line(\FPDF $pdf, Line $line): void
    {
        $pdf->SetDrawColor(...self::rgb($line->colour));
        $pdf->SetLineWidth($line->width);
        $pdf->Line($line->x1, $line->y1, $line->x2, $line->y2);
    }

    private function text(\FPDF $pdf, Text $text): void
    {
        $words = (string) iconv('UTF-8', 'windows-1252//TRANSLIT', $text->words);
        $pdf->SetFont('Helvetica', '', $text->size / self::MM_PER_POINT);
        $pdf->SetTextColor(...self::rgb($text->colour));
        $pdf->Text($text->x - match ($text->anchor) {
            Anchor::Start => 0,
            Anchor::Middle => $pdf->GetStringWidth($words) / 2,
            Anchor::End => $pdf->GetStringWidth($words),
        }, $text->y, $words);
    }

    private function picture(\FPDF $pdf, Picture $picture): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'inch');
        file_put_contents($file, $picture->jpeg);
        $pdf->Image($file, $picture->x, $picture->y, $picture->width, $picture->height, 'JPEG');
        unlink($file);
    }

    /** @return array{int, int, int} */
    private static function rgb(string $colour): array
    {
        return [(int) hexdec(substr($colour, 1, 2)), (int) hexdec(substr($colour, 3, 2)), (int) hexdec(substr($colour, 5, 2))];
    }
}
