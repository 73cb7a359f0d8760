<?php

declare(strict_types=1);

namespace App\Archive;

use App\Documents\ChoicesReader;
use App\Imaging\Decoder;
use App\Imaging\PhotoRefused;
use App\Imaging\PhotoStore;
use App\Models\CellNote;
use App\Models\Drawing;
use App\Models\Photo;
use App\Models\Sheets;
use App\Models\SittingRow;
use App\Wording\Refusal;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use InchLadder\Copying\Noted;
use InchLadder\Copying\Pass;
use InchLadder\Copying\Quad;
use InchLadder\Grid\Cells;
use InchLadder\Impossible;
use InchLadder\Plan\Plan;
use InchLadder\Sittings\Sitting;
use ZipArchive;

/**
 * Reads an exported drawing back. Nothing is unpacked by the names in it: each entry is looked
 * for under the name it must have, read up to its limit, and held against its hash, before a
 * single thing is kept.
 */
final readonly class ArchiveReader
{
    private const MOST_BYTES = ['drawing.json' => 2_000_000, 'cells.csv' => 1_000_000, 'marks.csv' => 200_000, 'sittings.csv' => 1_000_000, 'picture' => 67_108_864];

    private const MOST_ENTRIES = 55;

    private const MOST_MARKS = 2000;

    private const MOST_SITTING_LINES = 5000;

    private const NAMES = '/^(?:drawing\.json|cells\.csv|marks\.csv|sittings\.csv|(?:photo|beside-(?:[1-9]|1[0-2])|shot-(?:[1-9]|1[0-9]|2[0-4]))\.(?:jpg|png|webp)|sheet-(?:[2-9]|1[0-2])\.zip)$/D';

    public function __construct(private PhotoStore $photos, private Decoder $decoder)
    {
    }

    /**
     * @throws ArchiveRefused
     * @throws PhotoRefused
     */
    public function read(string $path): Drawing
    {
        $new = [];
        $unpacked = new Unpacked($path);
        try {
            return $this->one($path, null, $new, $unpacked);
        } catch (\Throwable $e) {
            // Nothing of an archive stays when the rest of it cannot.
            array_map($this->photos->forget(...), $new);

            throw $e;
        } finally {
            $unpacked->clear();
        }
    }

    /**
     * @param  array{string, string}|null  $outer  where the photo lies, and its hash, of the archive this one lies in; null where it lies in none
     * @param  list<Photo>  $new  pictures that came with it
     */
    private function one(string $path, ?array $outer, array &$new, Unpacked $unpacked): Drawing
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw ArchiveRefused::notAnArchive();
        }
        try {
            $this->checkNames($zip);
            $unpacked->assertRoomFor($zip);
            $document = $this->document($zip);
            $cells = $this->cells($this->checked($zip, 'cells.csv', $document['cells_sha256'] ?? null));
            $marks = isset($document['marks_sha256']) ? $this->marks($this->checked($zip, 'marks.csv', $document['marks_sha256'])) : [];
            $sittings = isset($document['sittings_sha256']) ? $this->sittings($this->checked($zip, 'sittings.csv', $document['sittings_sha256'])) : [];
            $photo = $outer === null ? $this->picture($zip, $document['photo'] ?? null, 'photo', $unpacked) : self::same($document['photo'] ?? null, $outer);
            $beside = array_map(fn (mixed $entry): string => $this->picture($zip, $entry, 'beside', $unpacked) ?? throw ArchiveRefused::damaged('drawing.json'), (array) ($document['beside'] ?? []));
            $shots = array_map(fn (mixed $entry): string => $this->picture($zip, $entry, 'shot', $unpacked) ?? throw ArchiveRefused::damaged('drawing.json'), (array) ($document['shots'] ?? []));

            $sheets = $outer === null && is_array($document['sheets'] ?? null) ? array_map(fn (mixed $entry): string => $this->sheet($zip, $entry, $unpacked), array_values($document['sheets'])) : [];

            return DB::transaction(function () use ($document, $photo, $beside, $shots, $cells, $marks, $sittings, $sheets, $unpacked, &$new): Drawing {
                $drawing = $this->keep($document['choices'], $photo, array_values($beside), array_values($shots), $cells, $marks, $sittings, $new);
                $hash = is_array($document['photo'] ?? null) && is_string($document['photo']['sha256'] ?? null) ? $document['photo']['sha256'] : '';
                foreach ($sheets as $sheet) {
                    Sheets::join($this->one($sheet, [$photo ?? '', $hash], $new, $unpacked), $drawing->id);
                    Sheets::join($drawing, $drawing->id);
                }

                return $drawing;
            });
        } finally {
            $zip->close();
        }
    }

    private function checkNames(ZipArchive $zip): void
    {
        if ($zip->numFiles > self::MOST_ENTRIES) {
            throw ArchiveRefused::tooLarge();
        }
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $name = (string) $zip->getNameIndex($i, ZipArchive::FL_ENC_RAW);
            if (preg_match(self::NAMES, $name) !== 1) {
                throw ArchiveRefused::hostile($name);
            }
        }
    }

    /** @return array{choices: array<array-key, mixed>, ...} */
    private function document(ZipArchive $zip): array
    {
        $document = json_decode($this->entry($zip, 'drawing.json'), true, 32);
        if (! is_array($document) || ($document['kind'] ?? null) !== ArchiveWriter::KIND || ! is_int($document['version'] ?? null)) {
            throw ArchiveRefused::damaged('drawing.json');
        }
        if ($document['version'] > ArchiveWriter::VERSION) {
            throw ArchiveRefused::newer($document['version']);
        }

        return is_array($document['choices'] ?? null) ? $document : throw ArchiveRefused::damaged('drawing.json');
    }

    /** An entry's bytes, never more than its limit, whatever the archive says of its size. */
    private function entry(ZipArchive $zip, string $name): string
    {
        $most = self::MOST_BYTES[$name] ?? self::MOST_BYTES['picture'];
        $stream = $zip->getStream($name) ?: throw ArchiveRefused::damaged($name);
        $bytes = @stream_get_contents($stream, $most + 1);
        fclose($stream);
        if ($bytes === false) {
            throw ArchiveRefused::damaged($name);
        }

        return strlen($bytes) > $most ? throw ArchiveRefused::tooLarge() : $bytes;
    }

    private function checked(ZipArchive $zip, string $name, mixed $sha256): string
    {
        $bytes = $this->entry($zip, $name);

        return is_string($sha256) && hash_equals(hash('sha256', $bytes), $sha256) ? $bytes : throw ArchiveRefused::damaged($name);
    }

    /**
     * @return string|null where a picture lies now, for the photo store to take
     */
    private function picture(ZipArchive $zip, mixed $entry, string $part, Unpacked $unpacked): ?string
    {
        if ($entry === null) {
            return null;
        }
        $file = is_array($entry) ? ($entry['file'] ?? null) : null;
        if (! is_string($file) || preg_match(self::NAMES, $file) !== 1 || ! str_starts_with($file, $part)) {
            throw ArchiveRefused::damaged('drawing.json');
        }
        $path = $unpacked->place();
        $bytes = $this->checked($zip, $file, $entry['sha256'] ?? null);
        $unpacked->take(strlen($bytes));
        file_put_contents($path, $bytes);

        return $path;
    }

    /**
     * The photo of the archive round this one, when it is the same.
     *
     * @param  array{string, string}  $outer
     */
    private static function same(mixed $entry, array $outer): ?string
    {
        if ($entry === null) {
            return null;
        }

        return is_array($entry) && is_string($entry['sha256'] ?? null) && $outer[0] !== '' && hash_equals($outer[1], $entry['sha256']) ? $outer[0] : throw ArchiveRefused::damaged('drawing.json');
    }

    /**
     * Another sheet's archive, on the disk.
     */
    private function sheet(ZipArchive $zip, mixed $entry, Unpacked $unpacked): string
    {
        $file = is_array($entry) ? ($entry['file'] ?? null) : null;
        if (! is_string($file) || preg_match(self::NAMES, $file) !== 1 || ! str_starts_with($file, 'sheet-')) {
            throw ArchiveRefused::damaged('drawing.json');
        }
        $path = $unpacked->place();
        $from = $zip->getStream($file) ?: throw ArchiveRefused::damaged($file);
        $to = fopen($path, 'wb') ?: throw ArchiveRefused::tooLarge();
        $copied = @stream_copy_to_stream($from, $to, $unpacked->left() + 1);
        fclose($from);
        fclose($to);
        $copied === false && throw ArchiveRefused::damaged($file);
        $unpacked->take($copied);

        return is_string($entry['sha256'] ?? null) && hash_equals((string) hash_file('sha256', $path), $entry['sha256']) ? $path : throw ArchiveRefused::damaged($file);
    }

    /** @return list<array<string, mixed>> as CellNote takes them */
    private function cells(string $csv): array
    {
        $lines = Csv::read($csv);
        $head = array_shift($lines);
        $known = array_map(static fn (int $length): array => array_slice(ArchiveWriter::CELLS, 0, $length), [4, 6, 7, 8]);
        if (! in_array($head, $known, true) || count($lines) > Cells::MOST ** 2 * 4) {
            throw ArchiveRefused::damaged('cells.csv');
        }
        $cells = array_map(static function (array $line) use ($head): array {
            [$mesh, $column, $row, $state, $doubtful, $words, $place, $reached] = [...$line, ...array_slice(['', '', '', '', '0', '', '', ($line[3] ?? '') === Noted::DONE ? (string) Pass::all() : '0'], min(8, count($line)))];
            $quad = $place === '' ? null : Quad::read($place);
            $good = count($line) === count($head) && preg_match('/^\d{1,2}x\d{1,2} \d{1,2} \d{1,2} (?:done|empty|open) [01]$/D', "{$mesh} {$column} {$row} {$state} {$doubtful}") === 1
                && preg_match('/^[0-'.Pass::all().']$/D', $reached) === 1 && ($state === Noted::DONE) === ($state !== Noted::EMPTY && (int) $reached === Pass::all())
                && mb_check_encoding($words, 'UTF-8') && preg_match('/\p{Cc}/u', $words) === 0 && mb_strlen($words) <= CellNote::MOST_WORDS && ($place === '') === ($quad === null);

            return $good ? [
                'mesh' => $mesh, 'column' => (int) $column, 'row' => (int) $row, 'state' => $state, 'doubtful' => $doubtful === '1', 'words' => $words, 'reached' => (int) $reached,
                'place' => $quad?->write(), 'spot' => $quad?->name() ?? "{$mesh} {$column} {$row}", 'settled_at' => $state === Noted::OPEN && $reached === '0' ? null : now(),
            ] : throw ArchiveRefused::damaged('cells.csv');
        }, $lines);

        return count(array_unique(array_column($cells, 'spot'))) === count($cells) ? $cells : throw ArchiveRefused::damaged('cells.csv');
    }

    /** @return list<array{board: string, tick: string, place: string}> */
    private function marks(string $csv): array
    {
        $lines = Csv::read($csv);
        if (array_shift($lines) !== ArchiveWriter::MARKS || count($lines) > self::MOST_MARKS) {
            throw ArchiveRefused::damaged('marks.csv');
        }
        $marks = array_map(static fn (array $line): array => preg_match('~^(?:paper|photo),[a-z]{3,8}\d{0,2}(?:-look)?-\d{1,2},[\d/ ]{0,80}$~D', implode(',', $line)) === 1
            ? ['board' => $line[0], 'tick' => $line[1], 'place' => $line[2]]
            : throw ArchiveRefused::damaged('marks.csv'), $lines);

        return count(array_unique(array_map(static fn (array $mark): string => "{$mark['board']} {$mark['tick']}", $marks))) === count($marks) ? $marks : throw ArchiveRefused::damaged('marks.csv');
    }

    /** @return list<Sitting> */
    private function sittings(string $csv): array
    {
        $lines = Csv::read($csv);
        if (array_shift($lines) !== SittingList::HEAD || count($lines) > self::MOST_SITTING_LINES) {
            throw ArchiveRefused::damaged('sittings.csv');
        }
        $sittings = [];
        foreach ($lines as $line) {
            $time = '\d{4}-\d\d-\d\dT\d\d:\d\d:\d\dZ';
            $good = count($line) === count(SittingList::HEAD) && preg_match("/^{$time} {$time} [a-z]{3,12} (?:place|refine|detail)? \d{1,6}$/D", implode(' ', array_slice($line, 0, 5))) === 1
                && mb_check_encoding($line[5], 'UTF-8') && preg_match('/\p{Cc}/u', $line[5]) === 0 && mb_strlen($line[5]) <= SittingRow::MOST_LESSON;
            [$began, $ended] = $good ? [strtotime($line[0]), strtotime($line[1])] : [false, false];
            if ($began === false || $ended === false || $ended < $began) {
                throw ArchiveRefused::damaged('sittings.csv');
            }
            $name = "{$line[0]} {$line[1]}";
            $seconds = [...($sittings[$name] ?? null)->seconds ?? [], trim("{$line[2]} {$line[3]}") => (int) $line[4]];
            $sittings[$name] = new Sitting((float) $began, (float) $ended, $seconds, $line[5]);
        }

        return array_values($sittings);
    }

    /**
     * @param  array<array-key, mixed>  $choices
     * @param  list<string>  $beside
     * @param  list<string>  $shots
     * @param  list<array<string, mixed>>  $cells
     * @param  list<array{board: string, tick: string, place: string}>  $marks
     * @param  list<Sitting>  $sittings
     * @param  list<Photo>  $new  pictures that came with it
     */
    private function keep(array $choices, ?string $photo, array $beside, array $shots, array $cells, array $marks, array $sittings, array &$new): Drawing
    {
        // Everything is read and worked out before the first picture is kept.
        [, $wide, $high] = $photo === null ? [null, null, null] : $this->decoder->inspect($photo);
        array_map($this->decoder->inspect(...), [...$beside, ...$shots]);
        $told = is_array($choices['shots'] ?? null) ? array_values($choices['shots']) : [];
        if (count($told) !== count($shots)) {
            throw ArchiveRefused::damaged('drawing.json');
        }
        $this->understood([...$choices, 'beside' => [], 'shots' => []], $wide, $high);
        $named = is_array($choices['beside'] ?? null) ? array_values($choices['beside']) : [];
        $take = function (string $path) use (&$new): Photo {
            $taken = $this->photos->take($path);
            $taken->wasRecentlyCreated && $new[] = $taken;

            return $taken;
        };
        $choices['beside'] = array_map(static fn (string $path, int $i): array => ['id' => $take($path)->id, 'name' => is_string($named[$i]['name'] ?? null) ? $named[$i]['name'] : ''], $beside, array_keys($beside));
        $choices['shots'] = array_map(static fn (string $path, int $i): array => [...is_array($told[$i]) ? $told[$i] : [], 'id' => $take($path)->id], $shots, array_keys($shots));
        $taken = $photo === null ? null : $take($photo);
        $read = $this->understood($choices, $wide, $high);

        return DB::transaction(static function () use ($taken, $read, $cells, $marks, $sittings): Drawing {
            $drawing = Drawing::begin($taken, $read->json);
            $drawing->cellNotes()->createMany($cells);
            $drawing->markTicks()->createMany($marks);
            array_map(static fn (Sitting $sitting): bool => $drawing->sittings()->make()->hold($sitting)->save(), $sittings);

            return $drawing;
        });
    }

    /** @param  array<array-key, mixed>  $choices */
    private function understood(array $choices, ?int $wide, ?int $high): ChoicesReader
    {
        try {
            $read = ChoicesReader::read($choices, $wide, $high);
            if ($wide === null && $read->json->photo->kind !== 'sizes') {
                throw ArchiveRefused::damaged('drawing.json');
            }
            Plan::of($read->choices);

            return $read;
        } catch (ValidationException $e) {
            throw ArchiveRefused::unreadable((string) collect($e->errors())->flatten()->first());
        } catch (ArchiveRefused $e) {
            throw $e;
        } catch (Impossible $e) {
            throw ArchiveRefused::unreadable(Refusal::of($e));
        }
    }
}
