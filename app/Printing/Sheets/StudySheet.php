<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Exceptions\StorageFailed;
use App\Models\Drawing;
use App\Printing\At;
use App\Printing\Hinges;
use App\Printing\Pages;
use App\Printing\Picture;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Printing\Rectangle;
use App\Printing\Ruling;
use App\Printing\SheetImpossible;
use App\Printing\TiledLayout;
use App\Shots\KeptShots;
use App\Wording\Say;
use Imagick;
use InchLadder\Impossible;
use InchLadder\Plan\Plan;

/** What was drawn, from the last shot of it, laid flat with its lines stronger, at full size: a study to be carried over as it came out. */
final readonly class StudySheet implements PrintableSheet
{
    private const QUALITY = 90;

    public static function key(): string
    {
        return 'study';
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
        $plan = $drawing->plan();
        $size = At::Drawing->size($plan);
        [$width, $height] = [$size->width->toFloat(), $size->height->toFloat()];
        $mirrored = ContourSheet::isMirrored($plan, $options);
        $picture = new Picture(new Rectangle(0, 0, $width, $height), $this->drawn($drawing, $plan, $mirrored));
        $board = Ruling::of($drawing, $plan, false)->board($width, $height, false, null, Hinges::on($width, $height), lines: $options->lines)->laidOn($picture);

        return (new TiledLayout(
            $mirrored ? $board->mirrored() : $board,
            $drawing->title(),
            implode(', ', array_filter([Say::it('printing.study.title', ['title' => mb_strimwidth($drawing->title(), 0, 24, '…')]), $mirrored ? Say::it('printing.trace.mirrored') : null])),
            $options->unit->isMetric(),
            [ContourSheet::lands($plan), Say::it('printing.trace.hinge')],
        ))->on($options->printer);
    }

    /**
     * @return string a JPEG of the drawing area; a board that is mirrored leaves its pictures as they are, so they are turned here
     *
     * @throws SheetImpossible where no shot can be laid flat
     */
    private function drawn(Drawing $drawing, Plan $plan, bool $mirrored): string
    {
        $kept = app(KeptShots::class);
        foreach (array_reverse($drawing->read()->json->shots) as $shot) {
            try {
                $flat = new Imagick('jpeg:'.$kept->flat($drawing, $plan, $shot, $kept->picture($shot), true));
            } catch (Impossible|StorageFailed) {
                continue;
            }
            $layout = $plan->layout;
            $across = $flat->getImageWidth() / $layout->sheet->width->toFloat();
            $down = $flat->getImageHeight() / $layout->sheet->height->toFloat();
            $flat->cropImage((int) max(1, round($across * $layout->fitted->area->width->toFloat())), (int) max(1, round($down * $layout->fitted->area->height->toFloat())), (int) round($across * $layout->left->toFloat()), (int) round($down * $layout->top->toFloat()));
            $flat->setImagePage(0, 0, 0, 0);
            $mirrored && $flat->flopImage();
            $flat->setImageFormat('jpeg');
            $flat->setImageCompressionQuality(self::QUALITY);

            return $flat->getImageBlob();
        }
        throw SheetImpossible::noShot();
    }
}
