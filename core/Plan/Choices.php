<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Copying\Correction;
use InchLadder\Copying\Detail;
use InchLadder\Copying\Naming;
use InchLadder\Copying\Pass;
use InchLadder\Copying\Start;
use InchLadder\Copying\Working;
use InchLadder\Finish\GuidesOff;
use InchLadder\Finish\Medium;
use InchLadder\Finish\Transfer;
use InchLadder\Fit\Fit;
use InchLadder\Grid\Corner;
use InchLadder\Grid\Division;
use InchLadder\Grid\Labels;
use InchLadder\Grid\Part;
use InchLadder\Grid\School;
use InchLadder\Grid\Schools\AxesWithTicks;
use InchLadder\Layout\KeyPoint;
use InchLadder\Layout\Region;
use InchLadder\Layout\Span;
use InchLadder\Marks\EndUse;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Size;
use InchLadder\Paper\Colour;
use InchLadder\Paper\Margins;
use InchLadder\Paper\OrientationAdvice;
use InchLadder\Paper\Placement;
use InchLadder\Paper\Position;
use InchLadder\Paper\Profile;
use InchLadder\Paper\Purpose;
use InchLadder\Paper\SetUp;
use InchLadder\Paper\Shape;
use InchLadder\Paper\Sheet;
use InchLadder\Paper\Surface;
use InchLadder\Paper\Turn;
use InchLadder\Photo\Framing;
use InchLadder\Photo\Light;
use InchLadder\Photo\Reference;
use InchLadder\Photo\Subject;
use InchLadder\Things\FittedShape;
use InchLadder\Things\Thing;
use InchLadder\Tone\Order;
use InchLadder\Tone\Tones;

/** Everything the artist decided. Choices are stored; results are computed from them by Plan::of. */
final readonly class Choices
{
    public Placement $placement;

    public Framing $framing;

    public Tones $tones;

    /**
     * @param  list<KeyPoint>  $points
     * @param  list<Region>  $regions
     * @param  list<Division>  $divisions
     * @param  list<Span>  $spans
     * @param  list<Correction>  $corrections  what the hand said of crossings and contours
     * @param  list<Thing>  $things  the one in front first
     * @param  list<string>  $waved
     * @param  list<Span>  $strokes  the way strokes run, where the hand said so
     * @param  list<string>  $related  relations that were ticked on the drawing, by their key
     * @param  list<SetUp>  $setup  what was seen to before the sheet is marked
     * @param  list<FittedShape>  $shapes  ovals, boxes and triangles laid over the picture
     * @param  array<string, array{float, float}>  $meant  places that are moved on purpose, by their key: mm right and down
     */
    public function __construct(
        public Notation $notation,
        /** The photo after its quarter turns, border and all. */
        public Reference $whole,
        /** As measured, either way round. */
        public Size $sheet,
        /** The sheet of the catalogue it is; null for a size of one's own. */
        public ?Sheet $standard,
        public Turn $turn,
        public Margins $margins,
        public Fit $fit,
        public School $school,
        public Labels $labels,
        public Corner $corner = Corner::TopLeft,
        ?Placement $placement = null,
        ?Framing $framing = null,
        public Shape $shape = Shape::Rectangle,
        /** The name of a sheet from the artist's own stock. */
        public ?string $stockName = null,
        /** How long the ruler is; null when it reaches everywhere. */
        public ?Length $reach = null,
        /** The ruler laid to the print, when it is another than the paper's. */
        public ?Graduation $printRuler = null,
        public Subject $subject = Subject::StillLife,
        /** The part of the crop the grid is wanted over; null for all of it. */
        public ?Part $part = null,
        public array $points = [],
        public array $regions = [],
        public array $divisions = [],
        public array $spans = [],
        public Colour $colour = Colour::White,
        /** How tones are counted; five of them, the paper the first, if nothing was said. */
        ?Tones $tones = null,
        /** What goes over the pencil. */
        public Medium $medium = Medium::Graphite,
        /** How the cells are gone through. */
        public Start $start = Start::Corner,
        public Working $working = Working::Cells,
        /** The pass that is on; it counts only where one goes round in passes. */
        public Pass $round = Pass::Place,
        /** Axes laid over a grid of another school; null without. */
        public ?AxesWithTicks $axes = null,
        public array $corrections = [],
        public array $things = [],
        /** Drawn in ink from the start: nothing that may still move is offered. */
        public bool $ink = false,
        /** Whether things are told by their names, or as shapes. */
        public Naming $naming = Naming::Features,
        /** How much is drawn; null for what is common under the medium. */
        private ?Detail $detail = null,
        /** To how much of the crop's longer side the outlines of masses are straightened. */
        public float $straight = 0.012,
        /** Cautions that were waved away. */
        public array $waved = [],
        public array $meant = [],
        public array $related = [],
        public array $strokes = [],
        /** Where the light of the picture comes from; null where that was not said. */
        public ?Light $light = null,
        /** Line first, or tone along with it; null for what the medium wants. */
        private ?Order $order = null,
        /** When the guides come off; null for what is common under the medium. */
        private ?GuidesOff $guides = null,
        /** How the study is carried to the good sheet; null where it is drawn on it. */
        public ?Transfer $transfer = null,
        /** What the sheet's surface stands. */
        public Profile $profile = new Profile(Surface::Toothed, false),
        public array $setup = [],
        /** What this sheet is for, of several in one drawing. */
        public ?Purpose $purpose = null,
        public array $shapes = [],
    ) {
        $this->placement = $placement ?? Placement::at(Position::Centred);
        $this->tones = $tones ?? Tones::of(5, true, 1, $colour->lightness());
        $this->framing = $framing ?? Framing::plain();
    }

    /** The pass in force; null where a cell is finished before the next. */
    public function pass(): ?Pass
    {
        return $this->working === Working::Passes ? $this->round : null;
    }

    /** How much is drawn; what is common under the medium, where nothing was said: paint hides the pencil, washes and pastel let much of it show, and a gouge cuts no finer than it is wide (common practice). */
    public function detail(): Detail
    {
        return $this->detail ?? match ($this->medium) {
            Medium::Paint => Detail::Little,
            Medium::Wash, Medium::Pastel => Detail::Some,
            Medium::Relief => Detail::Some,
            Medium::Graphite, Medium::Ink, Medium::Crayon => Detail::All,
        };
    }

    /** When the guides come off; before what goes over them, where that is chosen and nothing does, is as it is common. */
    public function guidesOff(): GuidesOff
    {
        return $this->guides !== null && in_array($this->guides, GuidesOff::ways($this->medium), true) ? $this->guides : GuidesOff::under($this->medium);
    }

    /** What becomes of guide lines, by what goes over them and when they come off. */
    public function endUse(): EndUse
    {
        return match (true) {
            $this->transfer !== null, $this->guidesOff() === GuidesOff::Never => EndUse::Stays,
            $this->medium === Medium::Ink => EndUse::Ink,
            $this->medium === Medium::Wash => EndUse::Wash,
            $this->medium === Medium::Paint => EndUse::Opaque,
            default => EndUse::Erased,
        };
    }

    /** Whether the line comes first: where paint, ink, washes, pastel or coloured pencil follow it must stand alone, and wax seals graphite in; in graphite tone forgives it (common practice). */
    public function order(): Order
    {
        return $this->order ?? match ($this->medium) {
            Medium::Graphite => Order::ToneAlong,
            default => Order::LineFirst,
        };
    }

    /** How long a contour is at least to be told of, in sides of a cell: while all is placed, short ones wait. */
    public function shortestContour(): float
    {
        return $this->pass() === Pass::Place ? Detail::Little->shortest() : $this->detail()->shortest();
    }

    public function rulerOnPrint(): Graduation
    {
        return $this->printRuler ?? $this->notation->ruler;
    }

    /** The picture that is drawn from: turned, straightened, without its border. */
    public function reference(): Reference
    {
        return $this->framing->within($this->whole);
    }

    /** The paper a drawing can take: inside its margins, the way round the sheet lies, and of the outline's shape. */
    public function room(): Size
    {
        return $this->shape->inside($this->margins->inside($this->turn->apply($this->sheet, OrientationAdvice::for($this->reference()->ratio(), $this->sheet))));
    }

    /** The point that is held at a place of the sheet; the first, if more say so. */
    public function pinned(): ?KeyPoint
    {
        foreach ($this->points as $point) {
            if ($point->pin !== null) {
                return $point;
            }
        }

        return null;
    }

    /** The same choices made to agree another way. */
    public function fitted(Fit $fit): self
    {
        return $this->with(['fit' => $fit]);
    }

    /** The same choices under another grid. */
    public function schooled(School $school): self
    {
        return $this->with(['school' => $school]);
    }

    /** The same choices on another sheet, whichever way round suits it. */
    public function on(Size $sheet): self
    {
        return $this->with(['sheet' => $sheet, 'standard' => null, 'turn' => Turn::Advised, 'placement' => Placement::at(Position::Centred)]);
    }

    /** @param  array<string, mixed>  $changes */
    private function with(array $changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
