<?php

declare(strict_types=1);

namespace App\Wire;

use App\Documents\Choices\ChoicesJson;
use App\Wire\Json\UnitOfferJson;
use App\Wording\Say;
use InchLadder\Measure\Unit;

/** Another unit to work in, where the sheet or the print was measured in one of the other family. */
final class UnitOffer
{
    /** As it is put away by, among what was waved away. */
    public const NAME = 'unit';

    public static function of(ChoicesJson $json): ?UnitOfferJson
    {
        if (in_array(self::NAME, $json->copy->waved, true)) {
            return null;
        }
        $typed = array_filter([
            ...$json->paper->sheet === null && $json->paper->name === null ? [$json->paper->width, $json->paper->height] : [],
            ...$json->photo->kind !== 'screen' ? [$json->photo->width, $json->photo->height] : [],
        ], is_string(...));
        foreach ($typed as $length) {
            $unit = Unit::tryFrom((string) preg_replace('/^.* /', '', $length));
            if ($unit !== null && $unit->isMetric() !== Unit::from($json->unit)->isMetric()) {
                return new UnitOfferJson($unit->value, Say::it("paper.unit offer.{$unit->value}", ['typed' => $length]), self::NAME);
            }
        }

        return null;
    }
}
