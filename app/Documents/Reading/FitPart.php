<?php

declare(strict_types=1);

namespace App\Documents\Reading;

use App\Documents\Choices\FitChoice;
use InchLadder\Fit\Crop;
use InchLadder\Fit\Fit;
use InchLadder\Fit\Frame;
use InchLadder\Fit\Ratio;
use InchLadder\Fit\Way;
use InchLadder\Fit\Ways\CropToPaper;
use InchLadder\Fit\Ways\CropToRatio;
use InchLadder\Fit\Ways\FreeCrop;
use InchLadder\Fit\Ways\Inset;
use InchLadder\Fit\Ways\Stretch;
use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Choices;

/** Reads how picture and paper are made to agree; what belongs to another way is kept for a return to it. */
final readonly class FitPart
{
    public const DEFAULTS = [
        'way' => 'crop', 'lock' => 'paper', 'ratio' => '4:5', 'left' => null, 'top' => null, 'size' => '1', 'width' => '1', 'height' => '1',
        'inset' => '1', 'inset_width' => null,
        'cell' => '1 in', 'print_cell' => null, 'columns' => null, 'rows' => null,
        'planned' => null, 'own' => null,
    ];

    /** What a fit of whole squares says beside the squares: the largest crop of them, in the middle. */
    public const SQUARES = ['way' => 'cells', 'size' => '1', 'left' => null, 'top' => null];

    private const OVER_LEAST = '-1';

    private const OVER_MOST = '2';

    public FitChoice $json;

    /** @param  string  $at  the field it stands in */
    public function __construct(private Fields $fields, string $at = 'fit')
    {
        $this->json = new FitChoice(
            way: $fields->one("{$at}.way", Way::class)->value,
            lock: $fields->word("{$at}.lock", ['paper', 'ratio', 'free']),
            ratio: $fields->words("{$at}.ratio", 30) ?: self::DEFAULTS['ratio'],
            // A crop that hangs over the edge, once a border is left off, is brought inside where it is used, and comes back with it.
            left: $fields->share("{$at}.left", self::OVER_LEAST, self::OVER_MOST),
            top: $fields->share("{$at}.top", self::OVER_LEAST, self::OVER_MOST),
            size: $fields->share("{$at}.size", Frame::LEAST) ?? '1',
            width: $fields->share("{$at}.width", Frame::LEAST, self::OVER_MOST) ?? '1',
            height: $fields->share("{$at}.height", Frame::LEAST, self::OVER_MOST) ?? '1',
            inset: $fields->share("{$at}.inset", Frame::LEAST) ?? '1',
            inset_width: $fields->typed("{$at}.inset_width"),
            cell: $fields->typed("{$at}.cell") ?? self::DEFAULTS['cell'],
            print_cell: $fields->typed("{$at}.print_cell"),
            columns: $fields->whole("{$at}.columns"),
            rows: $fields->whole("{$at}.rows"),
            planned: $fields->words("{$at}.planned", 200) ?: null,
            own: $fields->words("{$at}.own", 40) ?: null,
        );
    }

    /**
     * Whole squares as they are kept.
     *
     * @return array<string, mixed>
     */
    public static function squares(WholeCells $cells, Notation $notation): array
    {
        return [
            ...self::SQUARES,
            'cell' => $notation->exactly($cells->cell),
            'print_cell' => $cells->printCell === null ? null : $notation->exactly($cells->printCell),
            'columns' => $cells->columns,
            'rows' => $cells->rows,
        ];
    }

    /** @param  Choices  $choices  all but the fit */
    public function fit(Choices $choices): Fit
    {
        return $this->way(Way::from($this->json->way), $choices);
    }

    /** What another way would be, with all that was chosen for it. */
    public function way(Way $way, Choices $choices): Fit
    {
        $json = $this->json;
        $share = static fn (?string $share): ?Rational => $share === null ? null : Rational::of($share);
        $frame = new Frame($share($json->left), $share($json->top), Rational::of($json->size));

        return match ($way) {
            Way::Crop => match ($json->lock) {
                'paper' => new CropToPaper($frame),
                'ratio' => new CropToRatio($this->fields->beside('fit.ratio', fn (): Rational => Ratio::read($json->ratio, $this->fields->lengths)) ?? Rational::one(), $frame),
                default => new FreeCrop(Crop::at($frame->left, $frame->top, Rational::of($json->width), Rational::of($json->height))),
            },
            Way::Inset => new Inset($json->inset_width === null
                ? Rational::of($json->inset)
                : ($this->fields->beside('fit.inset_width', fn (): Rational => Inset::reach($choices->reference(), $choices->room(), $this->fields->length($json->inset_width))) ?? Rational::of($json->inset))),
            Way::Cells => new WholeCells($this->fields->length($json->cell), $frame, $json->columns, $json->rows, $json->print_cell === null ? null : $this->fields->length($json->print_cell)),
            Way::Stretch => new Stretch,
        };
    }
}
