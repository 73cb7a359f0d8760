<?php

declare(strict_types=1);

namespace App\Wire;

use App\Devices\Exposure;
use App\Devices\Mistakes;
use App\Devices\SimulatedCamera;
use App\Documents\Choices\BesideChoice;
use App\Documents\Choices\ShotChoice;
use App\Exceptions\StorageFailed;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
use App\Models\Photo;
use App\Shots\KeptShots;
use App\Shots\Opinion;
use App\Shots\SecondOpinion;
use App\Shots\SheetNotFound;
use App\Shots\ShotFile;
use App\Wire\Json\ContoursJson;
use App\Wire\Json\DriftJson;
use App\Wire\Json\FoundCornersJson;
use App\Wire\Json\RuledLineJson;
use App\Wire\Json\RuledLinesJson;
use App\Wire\Json\ShotJson;
use App\Wire\Json\ShotsJson;
use App\Wording\CompareWording;
use App\Wording\Refusal;
use App\Wording\Say;
use InchLadder\Compare\Drift;
use InchLadder\Impossible;
use InchLadder\Layout\Places;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;

/** Writes the shots of a drawing: where the sheet lies on them, and how it fared from one to the next. */
final readonly class ShotsWriter
{
    /** Pixels along a rehearsed shot: all that is needed, and made in a second. */
    private const REHEARSED = 2200;

    /** Where a hand begins to set corners that were not found. */
    public const START = [[0.12, 0.1], [0.88, 0.1], [0.88, 0.9], [0.12, 0.9]];

    public function __construct(private KeptShots $kept, private SecondOpinion $second, private ShotFile $file, private PhotoStore $photos)
    {
    }

    public function shots(Drawing $drawing): ShotsJson
    {
        $plan = $drawing->plan();
        [$shots, $verdicts, $wanted] = [[], [], []];
        foreach ($drawing->read()->json->shots as $shot) {
            $pass = $shot->pass === null ? null : Say::it("copying.pass.{$shot->pass}.name");
            try {
                $opinion = $this->kept->opinion($drawing, $plan, $shot, $this->kept->picture($shot));
                $verdicts[] = $opinion->verdict;
                $wanted = $opinion->comparison->wanted;
                $shots[] = $this->shot($plan, $opinion, $shot->id, $shot->taken, $pass);
            } catch (Impossible|StorageFailed $e) {
                $verdicts[] = null;
                $shots[] = new ShotJson($shot->id, $shot->taken, $pass, Refusal::of($e), false, null, null, '');
            }
        }
        $say = new CompareWording($plan, $wanted);

        return new ShotsJson(
            $shots,
            array_map(static fn (Drift $one): DriftJson => new DriftJson($one->name, $one->critical, array_map(static fn (?float $mm): ?float => $mm === null ? null : round($mm, 2), $one->off), $say->drift($one), $one->drifted()), Drift::among($verdicts, $wanted)),
            $say->trend($verdicts),
        );
    }

    /** Where the sheet lies; where it is not found, a start for the hand, and why. */
    public function corners(Drawing $drawing, Photo $photo): FoundCornersJson
    {
        try {
            $found = $this->second->find($drawing->plan(), $drawing->photo, $this->file->ofPhoto($photo))->corners;
        } catch (SheetNotFound $e) {
            return new FoundCornersJson(Places::write(self::START), false, Refusal::of($e));
        }

        return new FoundCornersJson(Places::write(array_map(static fn (array $at): array => [$at[0] / $photo->width, $at[1] / $photo->height], $found)), true, null);
    }

    /** A shot by the simulated camera, of a drawing with one mistake in it, or none; another one each time. */
    public function rehearsed(Drawing $drawing, SimulatedCamera $camera): BesideChoice
    {
        $plan = $drawing->plan();
        $seed = count($drawing->read()->json->shots) + (int) hexdec(substr(sha1($drawing->id), 0, 6));
        $points = array_map(static fn ($placed): string => $placed->point->name, array_values(array_filter($plan->layout->points(), static fn ($placed): bool => $placed->isInside())));
        $things = array_map(static fn ($one): string => $one->thing->name, array_values(array_filter($plan->things()->all, static fn ($one): bool => $one->isInside() && ! $one->thing->boxed)));
        [$jpeg] = $camera->shoot($drawing, Mistakes::drawn($seed, $points, $things), new Exposure($seed, side: self::REHEARSED));
        $path = (string) tempnam(sys_get_temp_dir(), 'inch');
        try {
            file_put_contents($path, $jpeg);

            return new BesideChoice($this->photos->take($path)->id, Say::it('comparing.rehearsed'));
        } finally {
            @unlink($path);
        }
    }

    public function contours(Drawing $drawing): ContoursJson
    {
        // A place of every third sample shows how it runs.
        return new ContoursJson(array_map(static fn (array $line): array => array_map(static fn (array $at): array => [round($at[0], 4), round($at[1], 4)], $line), $this->second->contours($drawing->plan(), $drawing->photo, 3)));
    }

    /** Where the lines of the grid really are, as one would type them. */
    public function ruled(Drawing $drawing, ShotChoice $shot, Photo $picture): RuledLinesJson
    {
        $plan = $drawing->plan();
        $notation = $plan->choices->notation;
        $read = static fn (array $lines): array => array_map(static fn (int $line, float $mm): RuledLineJson => new RuledLineJson($line, $notation->plain($notation->ruler->round(Length::mm(Rational::near($mm, 4)))->reading)), array_keys($lines), array_values($lines));
        [$across, $down] = array_map($read, $this->kept->ruled($drawing, $plan, $shot, $picture));

        return new RuledLinesJson($across, $down, Say::counted('comparing.ruled', count($across) + count($down)));
    }

    private function shot(Plan $plan, Opinion $opinion, string $id, string $taken, ?string $pass): ShotJson
    {
        $say = new CompareWording($plan, $opinion->comparison->wanted);
        $verdict = $opinion->verdict;
        [$typical, $largest] = [$verdict->typical(), $verdict->largest()];

        return new ShotJson(
            $id, $taken, $pass, $say->first($verdict), $verdict->isGoodEnough(),
            $typical === null ? null : round($typical, 2), $largest === null ? null : round($largest, 2), $say->misfit($verdict),
        );
    }
}
