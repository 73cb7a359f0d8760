<?php

declare(strict_types=1);

namespace App\Wire;

use App\Imaging\FewTones;
use Illuminate\Http\Request;
use InchLadder\Tone\Bar;
use InchLadder\Tone\Greys;
use InchLadder\Tone\StepsOutOfRange;
use InchLadder\Tone\Swatch;
use InchLadder\Tone\Tones;
use InchLadder\Tone\ValueScale;

/** In which greys a picture is shown, as the query of its address. */
final class TonesQuery
{
    /**
     * @param  float  $light  L* at which the lightest step begins
     * @param  float  $dark  L* at which the darkest ends
     */
    public static function write(Bar $bar, float $light, float $dark, int $drop): string
    {
        return http_build_query(['greys' => implode('-', array_map(static fn (Swatch $box): int => Greys::byte($box->lightness), $bar->boxes)), 'light' => round($light, 2), 'dark' => round($dark, 2), 'drop' => $drop]);
    }

    /** @throws StepsOutOfRange */
    public static function read(Request $request): FewTones
    {
        $lightness = static fn (string $name): float => max(0, min(200, $request->float($name)));
        preg_match_all('/\d{1,3}/', Said::text($request, 'greys'), $found);
        $greys = array_map(static fn (string $grey): int => min(255, (int) $grey), $found[0]);
        $scale = ValueScale::of(count($greys), $lightness('light'), $lightness('dark'));
        assert($greys !== []);

        return new FewTones($scale, $greys, max(0, min(Tones::MOST_DROP, $request->integer('drop'))));
    }
}
