<?php

declare(strict_types=1);

namespace App\Documents\Reading;

use App\Documents\Choices\MarginsChoice;
use App\Documents\Choices\OffsetChoice;
use App\Documents\Choices\PaperChoice;
use App\Wording\Say;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Paper\Catalogue;
use InchLadder\Paper\Colour;
use InchLadder\Paper\Margins;
use InchLadder\Paper\Placement;
use InchLadder\Paper\Position;
use InchLadder\Paper\Profile;
use InchLadder\Paper\Purpose;
use InchLadder\Paper\SetUp;
use InchLadder\Paper\Shape;
use InchLadder\Paper\Sheet;
use InchLadder\Paper\SheetSize;
use InchLadder\Paper\Surface;
use InchLadder\Paper\Turn;

/** Reads what is drawn on: the sheet, how it lies, what is kept free, and where the drawing sits. */
final readonly class PaperPart
{
    public const DEFAULTS = [
        'sheet' => 'artist-9x12', 'name' => null, 'width' => '9 in', 'height' => '12 in',
        'turn' => 'advised', 'placement' => 'centred', 'offset' => ['left' => null, 'top' => null],
        'margins' => ['top' => '1/4 in', 'right' => '1/4 in', 'bottom' => '1/4 in', 'left' => '1/4 in'], 'margins_for' => 'tape', 'shape' => 'rectangle', 'colour' => 'white',
        'surface' => null, 'delicate' => false, 'purpose' => null, 'setup' => [],
    ];

    private const OFFSETS = 'offsets';

    /** What is kept free of every side of a new drawing's sheet: room for tape and fingers (common practice), round in its unit. */
    public static function margin(Unit $unit): string
    {
        return $unit->isMetric() ? '1 cm' : '1/4 in';
    }

    public PaperChoice $json;

    public function __construct(private Fields $fields)
    {
        $sheet = $fields->at('paper.sheet');
        if ($sheet !== null && ! (is_string($sheet) && Catalogue::has($sheet))) {
            $fields->wrong('paper.sheet', Say::it('choices.sheet unknown'));
            $sheet = null;
        }
        $margin = static fn (string $side): string => $fields->typed("paper.margins.{$side}") ?? '0 '.$fields->unit->value;
        $this->json = new PaperChoice(
            sheet: $sheet,
            name: $sheet === null ? ($fields->words('paper.name', 60) ?: null) : null,
            width: $fields->typed('paper.width') ?? self::DEFAULTS['width'],
            height: $fields->typed('paper.height') ?? self::DEFAULTS['height'],
            turn: $fields->one('paper.turn', Turn::class)->value,
            placement: $fields->word('paper.placement', [...array_column(Position::cases(), 'value'), self::OFFSETS]),
            offset: new OffsetChoice($fields->typed('paper.offset.left'), $fields->typed('paper.offset.top')),
            margins: new MarginsChoice($margin('top'), $margin('right'), $margin('bottom'), $margin('left')),
            margins_for: $fields->word('paper.margins_for', ['tape', 'mat', 'trim']),
            shape: $fields->one('paper.shape', Shape::class)->value,
            colour: $fields->one('paper.colour', Colour::class)->value,
            surface: $fields->at('paper.surface') === null ? null : $fields->one('paper.surface', Surface::class)->value,
            delicate: $fields->flag('paper.delicate'),
            purpose: $fields->at('paper.purpose') === null ? null : $fields->one('paper.purpose', Purpose::class)->value,
            setup: array_values(array_filter(array_column(SetUp::cases(), 'value'), static fn (string $tick): bool => in_array($tick, (array) $fields->at('paper.setup'), true))),
        );
    }

    public function size(): ?Size
    {
        return $this->fields->beside('paper.width', fn (): Size => SheetSize::check($this->fields->size($this->json->width, $this->json->height)));
    }

    public function standard(): ?Sheet
    {
        return $this->json->sheet === null ? null : Catalogue::find($this->json->sheet);
    }

    public function margins(): Margins
    {
        return new Margins(...array_map($this->fields->length(...), (array) $this->json->margins));
    }

    public function profile(): Profile
    {
        return Profile::of($this->json->surface === null ? null : Surface::from($this->json->surface), Colour::from($this->json->colour), $this->json->delicate);
    }

    public function placement(): Placement
    {
        if ($this->json->placement !== self::OFFSETS) {
            return Placement::at(Position::from($this->json->placement));
        }

        return Placement::offset($this->fields->length($this->json->offset->left ?? $this->json->margins->left), $this->fields->length($this->json->offset->top ?? $this->json->margins->top));
    }
}
