<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use InchLadder\Colour\Kind;
use InchLadder\Colour\Pencil;
use InchLadder\Colour\Reflectance;

/**
 * A pencil, crayon or stick that the artist owns; what it leaves is null until it was looked at.
 *
 * @property string $id
 * @property string $name
 * @property string $kind as Kind has it
 * @property string|null $firm `#rrggbb` on white, pressed firmly
 * @property string|null $soft the same, lightly
 */
final class OwnPencil extends Model
{
    use HasUlids;

    /** The longest sets that are sold have so many (common practice), and as many again. */
    public const MOST = 300;

    protected $table = 'pencils';

    protected $fillable = ['name', 'kind', 'firm', 'soft'];

    /** @return list<self> graphite first; by name, as anybody counts: 2B before 10B */
    public static function inOrder(): array
    {
        $all = self::query()->get()->all();
        $kinds = array_flip(array_column(Kind::cases(), 'value'));
        usort($all, static fn (self $a, self $b): int => ($kinds[$a->kind] ?? 9) <=> ($kinds[$b->kind] ?? 9) ?: strnatcasecmp($a->name, $b->name) ?: strcmp($a->id, $b->id));

        return $all;
    }

    /** @return list<string> of all of them, in that order: what a page of swatches is printed and read by */
    public static function names(): array
    {
        return array_map(static fn (self $one): string => $one->name, self::inOrder());
    }

    /** @return list<Pencil> those of which it is known what they leave */
    public static function known(): array
    {
        return array_values(array_filter(array_map(static fn (self $one): ?Pencil => $one->pencil(), self::inOrder())));
    }

    public function pencil(): ?Pencil
    {
        $firm = $this->firm === null ? null : Reflectance::ofHex($this->firm);

        return $firm === null ? null : new Pencil($this->name, Kind::tryFrom($this->kind) ?? Kind::Graphite, $firm, $this->soft === null ? null : Reflectance::ofHex($this->soft));
    }
}
