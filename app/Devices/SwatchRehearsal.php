<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Drawing;
use App\Models\OwnPencil;
use App\Printing\PrintOptions;
use App\Printing\Sheets\SwatchSheet;
use InchLadder\Colour\Kind;
use InchLadder\Colour\Reflectance;
use InchLadder\Pixels\Lab;

/** A page of swatches, filled in and photographed by the simulated camera: to try the reading without pencils at hand. */
final readonly class SwatchRehearsal
{
    private const SIDE = 2000;

    public function __construct(private SimulatedCamera $camera)
    {
    }

    /**
     * The first page, each pencil in a colour that follows from its name alone.
     *
     * @template T
     *
     * @param  \Closure(string): T  $read  of the path the shot lies at
     * @return T
     */
    public function taken(Drawing $drawing, \Closure $read): mixed
    {
        $unit = $drawing->read()->choices->notation->unit;
        $page = (new SwatchSheet)->pages($drawing, PrintOptions::of(['page' => $unit->isMetric() ? 'a4' : 'letter'], $unit))->page(0);
        $filled = array_map(self::pair(...), OwnPencil::inOrder());
        $path = (string) tempnam(sys_get_temp_dir(), 'inch');
        try {
            file_put_contents($path, $this->camera->photograph(FilledSwatches::picture($page, $filled), $page->width, $page->height, new Exposure(side: self::SIDE, linear: true, quality: 95)));

            return $read($path);
        } finally {
            @unlink($path);
        }
    }

    /** @return array{Reflectance, Reflectance} */
    private static function pair(OwnPencil $pencil): array
    {
        $chance = new Chance(crc32($pencil->name), 'pencil');
        $firm = $pencil->kind === Kind::Graphite->value
            ? Reflectance::grey($chance->between(20, 62))
            : Reflectance::ofLab(new Lab($chance->between(28, 82), $chance->between(-45, 55), $chance->between(-40, 60)));

        return [$firm, $firm->halved()];
    }
}
