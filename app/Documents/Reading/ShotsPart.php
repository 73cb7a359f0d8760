<?php

declare(strict_types=1);

namespace App\Documents\Reading;

use App\Documents\Choices\MeantChoice;
use App\Documents\Choices\ShotChoice;
use App\Documents\Choices\ShotReading;
use App\Wording\Say;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use InchLadder\Copying\Pass;
use InchLadder\Layout\Places;

/** Reads the shots of the drawing, and what of it was changed on purpose. */
final readonly class ShotsPart
{
    public const MOST = 24;

    private const MOST_READINGS = 120;

    private const ALL = '0 0, 1 1';

    /** Share of the drawing area's side: from corners nearer together nothing is told of the rest (ours). */
    private const LEAST_PART = 0.1;

    private const FARTHEST_MM = 2000.0;

    /** @var list<ShotChoice> */
    public array $json;

    /** @var list<MeantChoice> */
    public array $meant;

    public function __construct(private Fields $fields)
    {
        $this->json = array_map($this->shot(...), $fields->entries('shots', self::MOST));
        $meant = array_map(fn (int $i): MeantChoice => new MeantChoice($fields->words("meant.{$i}.name", 60), $this->mm("meant.{$i}.right_mm"), $this->mm("meant.{$i}.down_mm")), $fields->entries('meant', self::MOST_READINGS));
        $this->meant = array_values(array_filter($meant, static fn (MeantChoice $one): bool => $one->name !== ''));
    }

    /** @return array<string, array{float, float}> mm right and down, by name */
    public function moved(): array
    {
        return array_combine(array_map(static fn (MeantChoice $one): string => $one->name, $this->meant), array_map(static fn (MeantChoice $one): array => [$one->right_mm, $one->down_mm], $this->meant));
    }

    private function shot(int $i): ShotChoice
    {
        $fields = $this->fields;
        $id = $fields->words("shots.{$i}.id", 40);
        Str::isUlid($id) || $fields->wrong('shots', Say::it('choices.picture unknown'));
        $pass = $fields->words("shots.{$i}.pass", 20);
        $readings = [];
        foreach ($fields->entries("shots.{$i}.readings", self::MOST_READINGS) as $k) {
            $name = $fields->words("shots.{$i}.readings.{$k}.name", 60);
            $at = $this->places("shots.{$i}.readings.{$k}.at", 1);
            if ($name !== '' && $at !== null) {
                $readings[$name] = new ShotReading($name, $at);
            }
        }

        return new ShotChoice(
            $id, $this->time("shots.{$i}.taken"), Pass::tryFrom($pass)?->value, $this->places("shots.{$i}.corners", 4) ?? '',
            $fields->word("shots.{$i}.of", ['sheet', 'area']), $this->between("shots.{$i}.between"), $fields->flag("shots.{$i}.found"), array_values($readings),
        );
    }

    /** Two places, the second below and right of the first; all of it where nothing is said. */
    private function between(string $field): string
    {
        $text = $this->fields->at($field);
        $places = Places::read(is_string($text) ? $text : self::ALL, 2) ?? [];
        $good = count($places) === 2 && $places[1][0] - $places[0][0] >= self::LEAST_PART && $places[1][1] - $places[0][1] >= self::LEAST_PART && min($places[0]) >= 0 && max($places[1]) <= 1;
        $good || $this->fields->wrong('shots', Say::it('choices.shot between'));

        return $good ? Places::write($places) : self::ALL;
    }

    private function places(string $field, int $count): ?string
    {
        $text = $this->fields->at($field);
        $places = Places::read(is_string($text) ? $text : '?', $count);
        if ($places === null || count($places) !== $count) {
            $this->fields->wrong('shots', Say::it('choices.shot unreadable'));

            return null;
        }

        return Places::write($places);
    }

    private function time(string $field): string
    {
        $text = $this->fields->words($field, 40);
        $time = preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d/D', substr($text, 0, 19)) === 1 ? strtotime($text) : false;

        return Carbon::createFromTimestampUTC($time === false ? 0 : $time)->format('Y-m-d\TH:i:s\Z');
    }

    private function mm(string $field): float
    {
        $value = $this->fields->at($field);

        return is_int($value) || is_float($value) ? round(max(-self::FARTHEST_MM, min(self::FARTHEST_MM, (float) $value)), 3) : 0.0;
    }
}
