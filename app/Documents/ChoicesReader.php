<?php

declare(strict_types=1);

namespace App\Documents;

use App\Documents\Choices\ChoicesJson;
use App\Documents\Choices\CopyChoice;
use App\Documents\Choices\FinishChoice;
use App\Documents\Choices\PinnedNote;
use App\Documents\Choices\ToneChoice;
use App\Documents\Reading\CorrectionsPart;
use App\Documents\Reading\Fields;
use App\Documents\Reading\FitPart;
use App\Documents\Reading\GridPart;
use App\Documents\Reading\MarkedPart;
use App\Documents\Reading\PaperPart;
use App\Documents\Reading\PhotoPart;
use App\Documents\Reading\ShapesPart;
use App\Documents\Reading\ShotsPart;
use App\Documents\Reading\ThingsPart;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Copying\Detail;
use InchLadder\Copying\Naming;
use InchLadder\Copying\Pass;
use InchLadder\Copying\Start;
use InchLadder\Copying\Working;
use InchLadder\Finish\GuidesOff;
use InchLadder\Finish\Medium;
use InchLadder\Finish\Transfer;
use InchLadder\Fit\Way;
use InchLadder\Fit\Ways\Stretch;
use InchLadder\Grid\Corner;
use InchLadder\Grid\Labels;
use InchLadder\Marks\Figures as MarkFigures;
use InchLadder\Masses\Figures;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Unit;
use InchLadder\Paper\Colour;
use InchLadder\Paper\Purpose;
use InchLadder\Paper\SetUp;
use InchLadder\Paper\Shape;
use InchLadder\Paper\Turn;
use InchLadder\Photo\Subject;
use InchLadder\Plan\Choices;
use InchLadder\Tone\Order;
use InchLadder\Tone\Tones;

/**
 * Reads a choices document, as stored or as sent, into the core's Choices.
 *
 * What a document leaves out gets its default; every field that cannot be read
 * is answered beside that field.
 */
final class ChoicesReader
{
    /** 2 keeps every length in its canonical spelling; 1 kept it as it was typed (see Fields). */
    public const FORMAT = 2;

    private const MOST_TASKS = 60;

    private const MOST_WAVED = 20;

    private const MOST_PINNED = 60;

    private const MOST_RELATED = 60;

    /** What a new drawing starts with. */
    public const DEFAULTS = [
        'format' => self::FORMAT,
        'title' => 'Untitled',
        'unit' => 'in',
        'ruler' => '1/16 in',
        'reach' => null,
        'photo' => PhotoPart::DEFAULTS,
        'paper' => PaperPart::DEFAULTS,
        'fit' => FitPart::DEFAULTS,
        'grid' => GridPart::DEFAULTS,
        'copy' => ['start' => 'corner', 'working' => 'cells', 'pass' => 'place', 'ink' => false, 'naming' => 'features', 'detail' => null, 'straight' => 2, 'waved' => [], 'corrections' => []],
        'tone' => ['steps' => 5, 'paper' => true, 'drop' => 1, 'order' => null, 'end' => null, 'first' => 1, 'threshold' => null],
        'finish' => ['medium' => 'graphite', 'guides' => null, 'transfer' => null, 'done' => [], 'lesson' => ''],
        'points' => [],
        'regions' => [],
        'things' => [],
        'spans' => [],
        'beside' => [],
        'crops' => [],
        'pinned' => [],
        'shots' => [],
        'meant' => [],
        'related' => [],
        'strokes' => [],
        'shapes' => [],
    ];

    /** The document with every default filled in and every bare number given its unit. */
    public readonly ChoicesJson $json;

    public readonly Choices $choices;

    private readonly FitPart $fit;

    private readonly GridPart $grid;

    private readonly Fields $fields;

    /** @param  array<array-key, mixed>  $document */
    private function __construct(array $document, ?int $wide, ?int $high)
    {
        $fields = $this->fields = new Fields($document, self::DEFAULTS);
        $notation = $this->notation();
        $reach = $fields->typedPositive('reach', static fn (): string => Say::it('choices.ruler of nothing'), Length::of(MarkFigures::SHORTEST_RULER, Unit::Millimetre));
        $photo = new PhotoPart($fields);
        $paper = new PaperPart($fields);
        $this->fit = new FitPart($fields);
        $this->grid = new GridPart($fields);
        $marked = new MarkedPart($fields);
        $things = new ThingsPart($fields);
        $shapes = new ShapesPart($fields);
        $shots = new ShotsPart($fields);
        $start = $fields->one('copy.start', Start::class);
        [$working, $pass] = [$fields->one('copy.working', Working::class), $fields->one('copy.pass', Pass::class)];
        $naming = $fields->one('copy.naming', Naming::class);
        $detail = $fields->at('copy.detail') === null ? null : $fields->one('copy.detail', Detail::class);
        $straight = filter_var($fields->at('copy.straight'), FILTER_VALIDATE_INT, FILTER_NULL_ON_FAILURE) ?? -1;
        if ($straight < 0 || $straight >= count(Figures::STRAIGHT)) {
            $fields->wrong('copy.straight', Say::it('choices.straight', ['most' => count(Figures::STRAIGHT) - 1]));
        }
        $waved = array_values(array_unique(array_filter(array_map(static fn (int $i): string => $fields->words("copy.waved.{$i}", 40), $fields->entries('copy.waved', self::MOST_WAVED)))));
        $related = array_values(array_unique(array_filter(array_map(static fn (int $i): string => $fields->words("related.{$i}", 140), $fields->entries('related', self::MOST_RELATED)))));
        $corrections = new CorrectionsPart($fields);
        $medium = $fields->one('finish.medium', Medium::class);
        $guides = $fields->at('finish.guides') === null ? null : $fields->one('finish.guides', GuidesOff::class);
        $transfer = $fields->at('finish.transfer') === null ? null : $fields->one('finish.transfer', Transfer::class);
        $done = array_map(static fn (int $i): string => $fields->words("finish.done.{$i}", 20), $fields->entries('finish.done', self::MOST_TASKS));
        $finish = new FinishChoice($medium->value, $guides?->value, $transfer?->value, array_values(array_unique(array_filter($done))), $fields->words('finish.lesson', 200));
        $colour = Colour::from($paper->json->colour);
        $number = static fn (string $field): int => filter_var($fields->at($field), FILTER_VALIDATE_INT, FILTER_NULL_ON_FAILURE) ?? -1;
        $lightness = static fn (string $field): ?float => $fields->at($field) === null ? null
            : filter_var($fields->at($field), FILTER_VALIDATE_FLOAT, FILTER_NULL_ON_FAILURE);
        $tones = $fields->beside('tone.steps', static fn (): Tones => Tones::of(
            $number('tone.steps'),
            $fields->flag('tone.paper'),
            $number('tone.drop'),
            $colour->lightness(),
            $lightness('tone.end'),
            $number('tone.first'),
            $lightness('tone.threshold'),
        ));
        $order = $fields->at('tone.order') === null ? null : $fields->one('tone.order', Order::class);
        $toned = new ToneChoice(
            steps: $number('tone.steps'),
            paper: $fields->flag('tone.paper'),
            drop: $tones->drop ?? 0,
            order: $order?->value,
            end: $tones?->end,
            first: $tones->first ?? 1,
            threshold: $tones?->threshold,
        );
        $title = trim(mb_strimwidth($fields->words('title', 200), 0, 120));

        $this->json = new ChoicesJson(
            self::FORMAT, $title === '' ? 'Untitled' : $title, $fields->unit->value, $notation->ruler->name, $reach,
            $photo->json, $paper->json, $this->fit->json, $this->grid->json, new CopyChoice($start->value, $working->value, $pass->value, $fields->flag('copy.ink'), $naming->value, $detail?->value, $straight, $waved, $corrections->json), $toned, $finish, $marked->points, $marked->regions, $things->json, $marked->spans, $marked->beside, $marked->crops, $this->pinned(), $shots->json, $shots->meant, $related, $marked->strokes, $shapes->json,
        );
        $whole = $photo->whole($wide, $high, $notation);
        $school = $this->grid->school();
        $size = $paper->size();
        $framing = $whole === null ? null : $photo->framing($whole, $wide, $high);
        $printRuler = $photo->ruler();
        $light = $whole === null || $framing === null ? null : $photo->light($framing->within($whole));
        $spans = $marked->spans();
        $strokes = $marked->strokes();
        $fields->refuseIfWrong();
        assert($whole !== null && $school !== null && $size !== null && $framing !== null, 'What could not be read was refused above.');

        $unfitted = new Choices(
            notation: $notation,
            whole: $whole,
            sheet: $size,
            standard: $paper->standard(),
            turn: Turn::from($paper->json->turn),
            margins: $paper->margins(),
            fit: new Stretch,
            school: $school,
            labels: Labels::from($this->grid->json->labels),
            corner: Corner::from($this->grid->json->corner),
            placement: $paper->placement(),
            framing: $framing,
            shape: Shape::from($paper->json->shape),
            stockName: $paper->json->name,
            reach: $reach === null ? null : $fields->length($reach),
            printRuler: $printRuler,
            subject: Subject::from($photo->json->subject),
            part: $this->grid->part(),
            axes: $this->grid->axes(),
            points: $marked->points(),
            regions: $marked->regions(),
            divisions: $this->grid->divisions(),
            spans: $spans,
            start: $start,
            working: $working,
            round: $pass,
            colour: $colour,
            tones: $tones,
            medium: $medium,
            corrections: $corrections->corrections,
            things: $things->things,
            ink: $fields->flag('copy.ink'),
            naming: $naming,
            detail: $detail,
            straight: Figures::STRAIGHT[$straight] ?? 0.0,
            waved: $waved,
            meant: $shots->moved(),
            related: $related,
            strokes: $strokes,
            light: $light,
            order: $order,
            guides: $guides,
            transfer: $transfer,
            profile: $paper->profile(),
            purpose: $paper->json->purpose === null ? null : Purpose::from($paper->json->purpose),
            setup: array_map(SetUp::from(...), $paper->json->setup),
            shapes: $shapes->shapes,
        );
        $this->choices = $unfitted->fitted($this->fit->fit($unfitted));
        $fields->refuseIfWrong();
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  int|null  $wide  the photo's pixels; null when there is none
     *
     * @throws ValidationException naming each field that cannot be read
     * @throws \InchLadder\Impossible when the margins leave no paper
     */
    public static function read(array $document, ?int $wide, ?int $high): self
    {
        return new self($document, $wide, $high);
    }

    /** @return array<array-key, mixed> the whole document as it is stored, with every default filled in */
    public function document(): array
    {
        return (array) json_decode((string) json_encode($this->json), true);
    }

    /** The choices as they would be another way. */
    public function fitted(Way $way): Choices
    {
        return $this->choices->fitted($this->fit->way($way, $this->choices));
    }

    /** The choices as they would be under another school; null when what it needs was not readable. */
    public function schooled(string $school): ?Choices
    {
        $other = $this->grid->schoolCalled($school);

        return $other === null ? null : $this->choices->schooled($other);
    }

    private function notation(): Notation
    {
        $ruler = $this->fields->at('ruler');

        return $this->fields->beside('ruler', fn (): Notation => new Notation($this->fields->unit, Graduation::read(is_string($ruler) ? $ruler : '')))
            ?? new Notation($this->fields->unit, $this->fields->unit->commonRuler());
    }

    /** @return list<PinnedNote> those with something to say */
    private function pinned(): array
    {
        $notes = array_map(fn (int $i): PinnedNote => new PinnedNote($this->fields->words("pinned.{$i}.at", 30), $this->fields->words("pinned.{$i}.words", 200)), $this->fields->entries('pinned', self::MOST_PINNED));

        return array_values(array_filter($notes, static fn (PinnedNote $note): bool => $note->words !== '' && preg_match('/^[a-z]{3,12}( ('.implode('|', array_column(Pass::cases(), 'value')).'))?$/D', $note->at) === 1));
    }
}
