<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Devices\CameraMisset;
use App\Devices\Exposure;
use App\Devices\Mistakes;
use App\Devices\SimulatedCamera;
use App\Exceptions\DrawingUnknown;
use App\Exceptions\StorageFailed;
use App\Models\Drawing;
use InchLadder\Impossible;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Unit;

final class ShootCommand extends Planning
{
    protected $signature = 'inch:shoot
        {drawing : The drawing’s id}
        {--out= : Where to write the shot, a .jpg; the truth goes beside it as .json}
        {--seed=1 : Repeats place, light, lens and grain}
        {--shift= : Mistake of the whole: right,down, like 3mm,-2mm}
        {--turn=0 : Mistake of the whole: degrees, clockwise}
        {--size=0 : Mistake of the whole: per cent larger}
        {--stretch=0 : Mistake of the whole: per cent wider than high}
        {--move=* : Mistake of a key point or a thing: "NAME:right,down", like "eye:0,4mm"}
        {--wobble=0 : Millimetres by which lines waver}
        {--faint=0.2 : 0 for a firm pencil, 1 for one that hardly shows}
        {--tilt= : Degrees from straight down, 0 to 35; without it the seed says}
        {--side=4032 : Pixels along the longer side}
        {--upside-down : Held the other way round}
        {--no-grid : The ruled grid is rubbed out}';

    protected $description = 'Photograph the drawing on the simulated camera, with mistakes that are known';

    protected function answer(): void
    {
        $id = (string) $this->argument('drawing');
        $out = (string) $this->text('out');
        $drawing = Drawing::query()->find($id) ?? throw DrawingUnknown::named($id);
        [$right, $down] = $this->text('shift') === null ? [0.0, 0.0] : $this->pair('shift', (string) $this->text('shift'));
        $mistakes = new Mistakes($right, $down, $this->number('turn', -45, 45), $this->number('size', -50, 100), $this->number('stretch', -50, 100), $this->moves(), $this->number('wobble', 0, 20), $this->number('faint', 0, 1));
        $exposure = new Exposure(
            (int) $this->number('seed', 0, PHP_INT_MAX), $this->text('tilt') === null ? null : $this->number('tilt', 0, 35), ! $this->option('no-grid'),
            (int) $this->number('side', 64, 12000), upsideDown: (bool) $this->option('upside-down'),
        );
        [$shot, $truth] = app(SimulatedCamera::class)->shoot($drawing, $mistakes, $exposure);
        $beside = preg_replace('/\.jpe?g$/iD', '', $out).'.json';
        if ($out === '' || @file_put_contents($out, $shot) !== strlen($shot) || @file_put_contents($beside, json_encode($truth, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)) === false) {
            throw StorageFailed::writing($out);
        }
    }

    private function number(string $option, float $least, float $most): float
    {
        $typed = str_replace('−', '-', $this->text($option) ?? '0');
        $number = filter_var($typed, FILTER_VALIDATE_FLOAT);

        return $number !== false && $number >= $least && $number <= $most ? $number : throw CameraMisset::option($option, $typed, "a number from {$least} to {$most}");
    }

    /** @return array<string, array{float, float}> */
    private function moves(): array
    {
        $moves = [];
        foreach ((array) $this->option('move') as $typed) {
            preg_match('/^(.+):([^:]+)$/uD', (string) $typed, $found) === 1 || throw CameraMisset::option('move', (string) $typed, 'NAME:right,down, as in “eye:0,4mm”');
            $moves[trim($found[1])] = $this->pair('move', $found[2]);
        }

        return $moves;
    }

    /** @return array{float, float} mm */
    private function pair(string $option, string $typed): array
    {
        $lengths = new LengthReader(Unit::Millimetre);
        $parts = explode(',', $typed);
        try {
            // Left and up are lengths under nothing, which no length that is typed can be.
            $read = static fn (string $one): float => (str_starts_with($one = trim(str_replace('−', '-', $one)), '-') ? -1 : 1) * (ltrim($one, '-+ 0') === '' ? 0.0 : $lengths->read(ltrim($one, '-+ '))->toFloat());

            return count($parts) === 2 ? [$read($parts[0]), $read($parts[1])] : throw CameraMisset::option($option, $typed, 'right,down, as in 3mm,-2mm');
        } catch (CameraMisset $e) {
            throw $e;
        } catch (Impossible) {
            throw CameraMisset::option($option, $typed, 'right,down, as in 3mm,-2mm');
        }
    }
}
