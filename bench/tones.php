<?php

declare(strict_types=1);

use App\Imaging\Decoder;
use App\Imaging\FewTones;
use App\Imaging\ImageFormat;
use App\Imaging\PhotoStore;
use Bench\Bench;
use InchLadder\Colour\Kind;
use InchLadder\Colour\Nearest;
use InchLadder\Colour\Pencil;
use InchLadder\Colour\Reflectance;
use InchLadder\Photo\Framing;
use InchLadder\Pixels\Lab;
use InchLadder\Tone\ValueScale;
use Tests\Photos;

/*
 * Tones of a large photo, against what it takes to decode it to the size they are shown at; and pencils, in pairs.
 */
return function (Bench $bench): void {
    $path = Photos::photographic(6000, 4000, 91);
    $store = app(PhotoStore::class);
    $photo = $store->take($path);
    $store->preview($photo);
    $dark = 0;
    // As it is asked for once the photo is on the shelf; each time other tones, since what was made once is kept.
    $times = Bench::together([
        'decoded' => fn () => (new Decoder)->decodeSmall($path, ImageFormat::Jpeg, (int) config('inch.photo.preview_side')),
        'toned' => function () use ($store, $photo, &$dark): void {
            $store->fewTones($photo, Framing::plain(), new FewTones(ValueScale::of(5, 96.0, 8.0 + $dark++), [250, 190, 130, 80, 30], 1));
        },
    ], 5);
    $ratio = $times['toned'] / $times['decoded'];
    $bench->say('tones of 24 megapixels', sprintf('%.2f × its decode to that size', $ratio), '≤ 1.5 ×', $ratio <= 1.5, sprintf('%d and %d ms', $times['toned'] * 1000, $times['decoded'] * 1000));

    mt_srand(48);
    $share = fn (): float => mt_rand(10, 990) / 1000;
    // Body colour: of these it matters which lies over which.
    $pencils = array_map(fn (int $i): Pencil => new Pencil("p{$i}", Kind::Body, new Reflectance($share(), $share(), $share())), range(1, 48));
    $ms = [];
    for ($i = 0; $i < 20; $i++) {
        $began = hrtime(true);
        Nearest::to(new Lab(mt_rand(20, 80), mt_rand(-40, 40), mt_rand(-40, 40)), $pencils, new Reflectance(0.8, 0.75, 0.6));
        $ms[] = (hrtime(true) - $began) / 1e6;
    }
    sort($ms);
    $bench->say('pairs of 48 pencils, both orders', sprintf('%.0f ms', $ms[10]), '≤ 50 ms', $ms[10] <= 50, '2304 layers');
};
