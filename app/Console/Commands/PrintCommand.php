<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Devices\SimulatedPrinter;
use App\Exceptions\StorageFailed;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Unit;

final class PrintCommand extends Planning
{
    protected $signature = 'inch:print
        {pdf : A sheet’s PDF}
        {--out= : Where to write the page as it comes out, a .png}
        {--shrink=100 : What comes out of a hundred, across and down: 97,98}
        {--skew=0 : Degrees the paper is fed askew}
        {--border=0 : What the printer leaves free on each side, like 6mm}
        {--page=1 : Which page}
        {--millimetre-paper : Print it on millimetre paper}';

    protected const FORMERLY = ['leaf' => 'page', 'graph' => 'millimetre-paper'];

    protected $description = 'Print a PDF on the simulated printer: the page as it would come out, as a picture';

    protected function answer(): void
    {
        $out = (string) $this->text('out');
        $printer = SimulatedPrinter::perfect()
            ->shrinking((string) $this->option('shrink'))
            ->skewed((string) $this->option('skew'))
            ->bordered((new LengthReader(Unit::Millimetre))->read((string) $this->option('border'))->toFloat());
        $printer = $this->option('millimetre-paper') ? $printer->onGraphPaper() : $printer;
        $picture = $printer->print((string) $this->argument('pdf'), max(1, (int) $this->option('page')));
        if ($out === '' || @file_put_contents($out, $picture) !== strlen($picture)) {
            throw StorageFailed::writing($out);
        }
    }
}
