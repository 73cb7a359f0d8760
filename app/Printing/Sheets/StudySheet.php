<?php

declare(strict_types=1);

namespace App\Printing\Sheets;

use App\Exceptions\StorageFailed;
use App\Models\Drawing;
use App\Printing\FullSize;
use App\Printing\Pages;
use App\Printing\Picture;
use App\Printing\PrintableSheet;
use App\Printing\PrintOptions;
use App\Printing\Rectangle;
use App\Printing\SheetImpossible;
use App\Shots\KeptShots;
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
        $full = FullSize::carried($drawing, $options);

        return $full->pages('study', [], [$full->lands()], new Picture(new Rectangle(0, 0, $full->width, $full->height), $this->drawn($drawing, $full->plan, $full->isMirrored())));
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
