<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\CautionJson;
use App\Wording\Say;
use InchLadder\Finish\Caution;

/** Writes what can hurt, but for what was put away. */
final class Cautions
{
    /** As it is put away by, among the cautions that were waved away. */
    private const NAME = 'caution ';

    /**
     * @param  list<Caution>  $cautions
     * @param  list<string>  $waved
     * @return list<CautionJson>
     */
    public static function write(array $cautions, array $waved = []): array
    {
        $due = array_filter($cautions, static fn (Caution $one): bool => ! in_array(self::NAME.$one->value, $waved, true));

        return array_values(array_map(static fn (Caution $one): CautionJson => new CautionJson(self::NAME.$one->value, Say::it("cautions.{$one->value}")), $due));
    }
}
