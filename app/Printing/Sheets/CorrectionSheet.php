<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Documents\Choices\ShotChoice;
use App\Exceptions\StorageFailed;
use App\Models\Drawing;
use App\Printing\ContourLines;
use App\Printing\Element;
use App\Printing\FullSize;
use App\Printing\Line;
use App\Printing\Pages;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Printing\Type;
use App\Shots\KeptShots;
use App\Wording\CompareWording;
use App\Wording\Say;
use InchLadder\Compare\Judged;
use InchLadder\Impossible;
use InchLadder\Plan\Plan;

/** The photo's contours at the size of the drawing, with an arrow from where each place came out to where it belongs: to lie under tracing paper, or hinged over the drawing. */
final readonly class CorrectionSheet implements PrintableSheet
{
    private const RED = '#b3321f';

    /** Mm along an arrow's head. */
    private const HEAD = 2.4;

    public static function key(): string
    {
        return 'corrections';
    }

    public function takes(): array
    {
        return ['lines', 'mirrored', 'own'];
    }

    public function isRuledFrom(): bool
    {
        return false;
    }

    public function pages(Drawing $drawing, PrintOptions $options): Pages
    {
        $full = new FullSize($drawing, $options, $options->mirrored);
        [$arrows, $says] = $this->arrows($drawing, $full->plan);

        return $full->pages('corrections', [...ContourLines::of($drawing, $full->plan, $full->width, $full->height, '#6a655e'), ...$arrows], [$says, Say::it('printing.corrections.under')]);
    }

    /** @return array{list<Element>, string} of the last shot that can be judged; and what it tells first */
    private function arrows(Drawing $drawing, Plan $plan): array
    {
        $shots = array_reverse($drawing->read()->json->shots);
        foreach ($shots as $shot) {
            try {
                return $this->of($drawing, $plan, $shot);
            } catch (Impossible|StorageFailed) {
                continue;
            }
        }

        return [[], Say::it('printing.corrections.no shot')];
    }

    /** @return array{list<Element>, string} */
    private function of(Drawing $drawing, Plan $plan, ShotChoice $shot): array
    {
        $kept = app(KeptShots::class);
        $opinion = $kept->opinion($drawing, $plan, $shot, $kept->picture($shot));
        $say = new CompareWording($plan, $opinion->comparison->wanted);
        $elements = [];
        foreach ($opinion->verdict->out() as $judged) {
            array_push($elements, ...self::arrow($judged, $say->label($judged->measured->name)));
        }

        return [$elements, $say->first($opinion->verdict)];
    }

    /** @return list<Element> */
    private static function arrow(Judged $judged, string $name): array
    {
        $measured = $judged->measured;
        [$right, $down] = [$measured->x - $measured->outX, $measured->y - $measured->outY];
        $long = max(1e-6, hypot($right, $down));
        [$u, $v] = [$right / $long, $down / $long];
        $head = min(self::HEAD, $long / 2);
        $lines = [new Line($measured->outX, $measured->outY, $measured->x, $measured->y, 0.7, self::RED)];
        foreach ([1, -1] as $side) {
            $lines[] = new Line($measured->x, $measured->y, $measured->x - $head * ($u + 0.5 * $side * $v), $measured->y - $head * ($v - 0.5 * $side * $u), 0.7, self::RED);
        }

        return [...$lines, ...Type::line($measured->outX + 2, $measured->outY - 1.5, $name, 3, colour: self::RED)];
    }
}
