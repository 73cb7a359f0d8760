<?php

declare(strict_types=1);

namespace App\Documents\Reading;

use App\Documents\Choices\BorderChoice;
use App\Documents\Choices\LightChoice;
use App\Documents\Choices\PhotoChoice;
use App\Documents\Choices\PrintedPartChoice;
use App\Wording\Say;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\RulerUnknown;
use InchLadder\Measure\Size;
use InchLadder\Photo\Border;
use InchLadder\Photo\Framing;
use InchLadder\Photo\Keep;
use InchLadder\Photo\Light;
use InchLadder\Photo\PrintedPart;
use InchLadder\Photo\Reference;
use InchLadder\Photo\Subject;
use InchLadder\Photo\Turning;

/** Reads what is copied from: the reference, how it is held, and what it is of. */
final readonly class PhotoPart
{
    public const DEFAULTS = [
        'kind' => 'screen', 'width' => null, 'height' => null, 'agreed' => false, 'ruler' => null, 'subject' => 'still life', 'source' => '', 'permission' => '',
        'quarters' => 0, 'mirrored' => false, 'straighten' => 0, 'keep' => 'shape',
        'border' => ['top' => '0', 'right' => '0', 'bottom' => '0', 'left' => '0'], 'border_stays' => false,
        'least_cell' => null, 'light' => null, 'part' => null,
    ];

    private const PER_CENT = '/^(\d{1,2}(?:[.,]\d{1,4})?)\s*%$/D';

    public PhotoChoice $json;

    public function __construct(private Fields $fields)
    {
        $degrees = $fields->at('photo.straighten');
        $quarters = $fields->at('photo.quarters');
        $ruler = $fields->at('photo.ruler');
        $this->json = new PhotoChoice(
            kind: $fields->word('photo.kind', ['screen', 'print', 'sizes']),
            width: $fields->typed('photo.width'),
            height: $fields->typed('photo.height'),
            agreed: $fields->flag('photo.agreed'),
            ruler: is_string($ruler) && $ruler !== '' ? $ruler : null,
            subject: $fields->one('photo.subject', Subject::class)->value,
            source: $fields->words('photo.source', 300),
            permission: $fields->words('photo.permission', 300),
            quarters: is_int($quarters) ? (($quarters % 4) + 4) % 4 : 0,
            mirrored: $fields->flag('photo.mirrored'),
            straighten: is_numeric($degrees) && is_finite((float) $degrees) ? round((float) $degrees, 2) : $this->notDegrees(),
            keep: $fields->one('photo.keep', Keep::class)->value,
            border: new BorderChoice(...array_map(fn (string $side): string => $this->borderWritten("photo.border.{$side}"), ['top' => 'top', 'right' => 'right', 'bottom' => 'bottom', 'left' => 'left'])),
            border_stays: $fields->flag('photo.border_stays'),
            least_cell: $fields->typed('photo.least_cell'),
            light: $this->lightRead(),
            part: $this->partRead(),
        );
    }

    /**
     * What the print shows of the photo after its quarter turns, border and all.
     *
     * @param  int|null  $wide  pixels of the file
     */
    public function whole(?int $wide, ?int $high, Notation $notation): ?Reference
    {
        $turning = Turning::of($this->json->quarters, false, 0, Keep::Shape);
        [$wide, $high] = $turning->quarterTurned($wide, $high);
        if ($this->json->kind === 'screen') {
            return Reference::onScreen(max(1, (int) $wide), max(1, (int) $high));
        }
        foreach (['width' => $this->json->width, 'height' => $this->json->height] as $side => $typed) {
            if ($typed === null) {
                $this->fields->wrong("photo.{$side}", $this->json->kind === 'print' ? $this->toMeasure($side, $wide, $high, $notation) : Say::it('choices.side of the original'));
            }
        }
        $this->fields->refuseIfWrong();

        return $this->fields->beside('photo.width', function () use ($wide, $high): Reference {
            $size = $this->fields->size((string) $this->json->width, (string) $this->json->height);
            if ($this->json->kind === 'sizes' || $wide === null || $high === null) {
                return Reference::printed($size);
            }
            [, , $wide, $high] = $this->partOf($size, $wide, $high)->pixels($wide, $high);

            return Reference::printed($size, $wide, $high);
        });
    }

    /** @param  int  $wide  pixels after the quarter turns */
    private function partOf(Size $print, int $wide, int $high): PrintedPart
    {
        $part = $this->json->part;

        return $part === null || $print->isNothing() ? PrintedPart::whole() : PrintedPart::of(Rational::of($part->left), Rational::of($part->top), Rational::of($part->width), $print->ratio(), Rational::nd($wide, $high));
    }

    private function partRead(): ?PrintedPartChoice
    {
        if ($this->fields->at('photo.part') === null) {
            return null;
        }
        $shares = array_map(fn (string $of): ?string => $this->fields->share("photo.part.{$of}", '0', '1'), ['left', 'top', 'width']);

        return in_array(null, $shares, true) ? null : new PrintedPartChoice(...$shares);
    }

    /** What to do about a side that was not measured yet; with the other known, what to expect. */
    private function toMeasure(string $side, ?int $wide, ?int $high, Notation $notation): string
    {
        $typed = $side === 'height' ? $this->json->width : $this->json->height;
        $other = $typed === null ? null : $this->fields->length($typed);
        if ($other === null || ! $other->isPositive() || $wide === null || $high === null) {
            return Say::it('choices.side of the print');
        }
        $about = Reference::onScreen(max(1, $wide), max(1, $high))->otherSide($other, $side === 'height');

        return Say::it('choices.side of the print by its shape', ['about' => $notation->plain($notation->ruler->round($about)->reading)]);
    }

    /**
     * @param  Reference  $whole  as whole() gives it
     * @param  int|null  $wide  pixels of the file
     */
    public function framing(Reference $whole, ?int $wide, ?int $high): ?Framing
    {
        $json = $this->json;
        $turning = $this->fields->beside('photo.straighten', fn (): Turning => Turning::of($json->quarters, $json->mirrored, $whole->pixelsWide === null ? 0 : $json->straighten, Keep::from($json->keep)));
        $side = fn (string $name, string $typed, ?Length $length): Rational => $this->borderShare("photo.border.{$name}", $typed, $length);
        $border = $this->fields->beside('photo.border.top', fn (): Border => Border::of(
            $side('top', $json->border->top, $whole->print?->height),
            $side('right', $json->border->right, $whole->print?->width),
            $side('bottom', $json->border->bottom, $whole->print?->height),
            $side('left', $json->border->left, $whole->print?->width),
        ));

        return $turning === null || $border === null ? null : new Framing($turning, $border, $whole->print === null || $wide === null || $high === null || $json->kind !== 'print' ? null : $this->partOf($whole->print, ...$turning->quarterTurned($wide, $high)));
    }

    private function lightRead(): ?LightChoice
    {
        if ($this->fields->at('photo.light') === null) {
            return null;
        }
        $places = array_map(fn (string $at): ?string => $this->fields->place("photo.light.{$at}"), ['x1', 'y1', 'x2', 'y2']);

        return in_array(null, $places, true) ? null : new LightChoice(...$places);
    }

    /** @param  Reference  $whole  the photo after its quarter turns */
    public function light(Reference $whole): ?Light
    {
        $light = $this->json->light;
        $across = $light === null ? 0.0 : Rational::of($light->x2)->minus(Rational::of($light->x1))->times($whole->ratio())->toFloat();
        $down = $light === null ? 0.0 : Rational::of($light->y2)->minus(Rational::of($light->y1))->toFloat();

        return $light === null ? null : $this->fields->beside('photo.light', static fn (): Light => Light::falling($across, $down));
    }

    /** The print's own ruler; null when it is the paper's. */
    public function ruler(): ?Graduation
    {
        $name = $this->json->ruler;

        return $name === null ? null : $this->fields->beside('photo.ruler', function () use ($name): Graduation {
            $ruler = Graduation::read($name);

            return $ruler->unit->isMetric() === $this->fields->unit->isMetric() ? $ruler : throw RulerUnknown::inAnotherUnit($ruler, $this->fields->unit);
        });
    }

    /** `3 %`, `0`, or a length in its canonical spelling. */
    private function borderWritten(string $field): string
    {
        $typed = $this->fields->words($field, 40);

        return match (true) {
            preg_match('/^0*(?:[.,]0*)?$/D', $typed) === 1 => '0',
            preg_match(self::PER_CENT, $typed, $found) === 1 => str_replace(',', '.', $found[1]).' %',
            default => $this->fields->canonical($field, $typed),
        };
    }

    /** `3 %` of anything; a length of a print only. */
    private function borderShare(string $field, string $written, ?Length $side): Rational
    {
        if ($written === '0') {
            return Rational::zero();
        }
        if (preg_match(self::PER_CENT, $written, $found)) {
            return Rational::of($found[1])->dividedBy(100);
        }
        if ($side === null) {
            $this->fields->wrong($field, Say::it('choices.border on a screen'));

            return Rational::zero();
        }

        return $this->fields->length($written)->over($side);
    }

    private function notDegrees(): float
    {
        $this->fields->wrong('photo.straighten', Say::it('choices.degrees'));

        return 0.0;
    }
}
