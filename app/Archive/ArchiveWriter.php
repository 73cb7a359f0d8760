<?php

declare(strict_types=1);

namespace App\Archive;

use App\Documents\Choices\BesideChoice;
use App\Documents\Choices\ChoicesJson;
use App\Documents\Choices\ShotChoice;
use App\Exceptions\StorageFailed;
use App\Imaging\MetadataStripper;
use App\Imaging\PhotoStore;
use App\Models\CellNote;
use App\Models\Drawing;
use App\Models\MarkTick;
use App\Models\Photo;
use App\Models\Sheets;
use Illuminate\Validation\ValidationException;
use InchLadder\Impossible;
use ZipArchive;

/** A drawing as one open file: a zip of its document, its pictures, and its cells, marks and sittings as CSV. */
final readonly class ArchiveWriter
{
    public const KIND = 'inch-ladder-drawing';

    /** Of the document. */
    public const VERSION = 6;

    /** Document 1 ended at `state`, document 2 at `words`, document 3 at `place`. */
    public const CELLS = ['mesh', 'column', 'row', 'state', 'doubtful', 'words', 'place', 'reached'];

    public const MARKS = ['board', 'tick', 'place'];

    public function __construct(private PhotoStore $photos)
    {
    }

    /** @throws StorageFailed */
    public function write(Drawing $drawing, string $path): void
    {
        $others = array_values(array_filter((new Sheets($drawing))->all(), static fn (Drawing $one): bool => $one->id !== $drawing->id));
        $written = [];
        try {
            foreach ($others as $i => $other) {
                $written['sheet-'.($i + 2).'.zip'] = $to = (string) tempnam(sys_get_temp_dir(), 'inch');
                $this->one($other, $to, [], true);
            }
            $this->one($drawing, $path, $written, false);
        } finally {
            array_map(unlink(...), $written);
        }
    }

    /**
     * @param  array<string, string>  $sheets  paths of the other sheets' archives, by the names they have in this one
     * @param  bool  $beside  whether the photo is in the archive that this one lies in
     */
    private function one(Drawing $drawing, string $path, array $sheets, bool $beside): void
    {
        $choices = $this->choices($drawing);
        $photo = $drawing->photo === null ? null : $this->photos->bareOrPreview($drawing->photo);
        [$others, $shots] = $choices instanceof ChoicesJson ? [$this->pictures($choices->beside), $this->pictures($choices->shots)] : [[], []];
        $cells = $this->cells($drawing);
        $marks = $this->marks($drawing);
        $sittings = SittingList::csv($drawing);
        $files = ['cells.csv' => $cells, 'marks.csv' => $marks, 'sittings.csv' => $sittings];
        $entry = static function (MetadataStripper $bare, string $name) use (&$files): ArchivePictureJson {
            $files["{$name}.{$bare->ending}"] = $bare->bytes;

            return new ArchivePictureJson("{$name}.{$bare->ending}", hash('sha256', $bare->bytes), $bare->isReduced ?: null);
        };
        $document = new ArchiveJson(
            self::KIND, self::VERSION, $choices,
            $photo === null ? null : $entry($photo, 'photo'),
            array_map(static fn (MetadataStripper $bare, int $i): ArchivePictureJson => $entry($bare, 'beside-'.($i + 1)), $others, array_keys($others)),
            array_map(static fn (MetadataStripper $bare, int $i): ArchivePictureJson => $entry($bare, 'shot-'.($i + 1)), $shots, array_keys($shots)),
            hash('sha256', $cells),
            hash('sha256', $marks),
            hash('sha256', $sittings),
            $beside ? null : array_map(static fn (string $name, string $file): ArchivePictureJson => new ArchivePictureJson($name, (string) hash_file('sha256', $file), null), array_keys($sheets), array_values($sheets)),
        );
        $files = ['drawing.json' => (string) json_encode($document, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION), ...$files];

        $zip = new ZipArchive;
        if (@$zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw StorageFailed::writing($path);
        }
        foreach ($files as $name => $bytes) {
            $beside && str_starts_with($name, 'photo.') ? null : $zip->addFromString($name, $bytes);
        }
        foreach ($sheets as $name => $file) {
            $zip->addFile($file, $name);
        }
        if (! @$zip->close()) {
            throw StorageFailed::writing($path);
        }
    }

    /**
     * @param  list<BesideChoice>|list<ShotChoice>  $choices
     * @return list<MetadataStripper>
     */
    private function pictures(array $choices): array
    {
        return array_map(fn (BesideChoice|ShotChoice $one): MetadataStripper => $this->photos->bareOrPreview(Photo::query()->findOrFail($one->id)), $choices);
    }

    /** @return ChoicesJson|array<array-key, mixed> as they are kept, when they cannot be read: what is damaged can still be carried to safety */
    private function choices(Drawing $drawing): ChoicesJson|array
    {
        try {
            $json = $drawing->read()->json;
            // What names a picture that nobody has goes nowhere.
            $known = array_flip(Photo::query()->whereKey(array_column([...$json->beside, ...$json->shots], 'id'))->pluck('id')->all());
            $has = static fn (BesideChoice|ShotChoice $one): bool => isset($known[$one->id]);

            return new ChoicesJson(...[...get_object_vars($json), 'beside' => array_values(array_filter($json->beside, $has)), 'shots' => array_values(array_filter($json->shots, $has))]);
        } catch (ValidationException|Impossible) {
            return $drawing->document() ?? [];
        }
    }

    private function marks(Drawing $drawing): string
    {
        return Csv::write([self::MARKS, ...$drawing->markTicks()->orderBy('board')->orderBy('tick')->get()
            ->map(static fn (MarkTick $tick): array => [$tick->board, $tick->tick, $tick->place])->all()]);
    }

    private function cells(Drawing $drawing): string
    {
        return Csv::write([self::CELLS, ...$drawing->cellNotes()->orderBy('mesh')->orderBy('row')->orderBy('column')->orderBy('spot')->get()
            ->map(static fn (CellNote $note): array => [$note->mesh, $note->column, $note->row, $note->state, (int) $note->doubtful, $note->words, (string) $note->place, $note->reached])->all()]);
    }
}
