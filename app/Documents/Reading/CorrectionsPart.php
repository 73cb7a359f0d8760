<?php

declare(strict_types=1);

namespace App\Documents\Reading;

use App\Documents\Choices\CorrectionChoice;
use App\Wording\Say;
use InchLadder\Copying\Correction;
use InchLadder\Copying\Told;
use InchLadder\Layout\Places;

/** Reads what the hand said of crossings and contours. */
final readonly class CorrectionsPart
{
    /** @var list<CorrectionChoice> */
    public array $json;

    /** @var list<Correction> */
    public array $corrections;

    public function __construct(Fields $fields)
    {
        [$json, $corrections] = [[], []];
        foreach ($fields->entries('copy.corrections', Correction::MOST) as $i) {
            $what = $fields->one("copy.corrections.{$i}.what", Told::class);
            [$was, $now] = array_map(static function (string $field) use ($fields, $i): ?array {
                $text = $fields->at("copy.corrections.{$i}.{$field}");

                return $text === null && $field === 'was' ? [] : Places::read(is_string($text) ? $text : '?', Correction::MOST_POINTS);
            }, ['was', 'now']);
            if ($was === null || $now === null || count($was) > 1 || ($was === [] && $now === []) || ($what === Told::Crossing ? count($now) > 1 : count($now) === 1)) {
                $fields->wrong('copy.corrections', Say::it('choices.correction unreadable'));

                continue;
            }
            $corrections[] = new Correction($what, $was[0] ?? null, $now);
            $json[] = new CorrectionChoice($what->value, $was === [] ? null : Places::write($was), Places::write($now));
        }
        [$this->json, $this->corrections] = [$json, $corrections];
    }
}
