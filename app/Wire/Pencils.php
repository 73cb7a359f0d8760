<?php

declare(strict_types=1);

namespace App\Wire;

use App\Models\OwnPencil;
use App\Wire\Json\PencilBoxJson;
use App\Wire\Json\PencilJson;
use App\Wire\Json\SwatchJson;
use App\Wording\ColourWording;
use App\Wording\Say;
use Illuminate\Support\Facades\DB;
use InchLadder\Colour\Box;
use InchLadder\Colour\Kind;
use InchLadder\Colour\PencilUnusable;
use InchLadder\Colour\Reflectance;

/** Pencils that are owned, as they are kept and as they are read. */
final class Pencils
{
    private const LONGEST_NAME = 60;

    /** @return list<PencilJson> */
    public static function all(): array
    {
        return array_map(self::json(...), OwnPencil::inOrder());
    }

    /**
     * @param  string  $id  of the one that is changed; empty for a new one
     *
     * @throws PencilUnusable
     */
    public static function keep(string $id, string $name, string $kind, string $firm, string $soft): PencilJson
    {
        $name = trim($name);
        if ($name === '' || mb_strlen($name) > self::LONGEST_NAME) {
            throw PencilUnusable::nameless();
        }
        $kept = OwnPencil::query()->find($id) ?? new OwnPencil;
        OwnPencil::query()->where('name', $name)->where('id', '!=', $kept->id ?? '')->exists() && throw PencilUnusable::named($name);
        $kept->exists || OwnPencil::query()->count() < OwnPencil::MOST || throw PencilUnusable::oneTooMany(OwnPencil::MOST);
        $colour = static fn (string $text): ?string => $text === '' ? null : (Reflectance::ofHex($text)?->hex() ?? throw PencilUnusable::coloured($text));
        $kept->fill(['name' => $name, 'kind' => (Kind::tryFrom($kind) ?? throw PencilUnusable::ofNoKind())->value, 'firm' => $colour($firm), 'soft' => $colour($soft)])->save();

        return self::json($kept);
    }

    /**
     * A box of pencils, put on the list at once; those that are on it already stay as they are.
     *
     * @throws PencilUnusable and nothing of it is kept
     */
    public static function keepBox(string $typed, string $kind): PencilBoxJson
    {
        $box = Box::read($typed);
        $of = Kind::tryFrom($kind) ?? throw PencilUnusable::ofNoKind();
        $known = OwnPencil::query()->whereIn('name', $box->names())->pluck('name')->all();
        $new = array_values(array_diff($box->names(), $known));
        OwnPencil::query()->count() + count($new) <= OwnPencil::MOST || throw PencilUnusable::oneTooMany(OwnPencil::MOST);
        $kept = DB::transaction(static fn (): array => array_map(static fn (string $name): PencilJson => self::json(OwnPencil::query()->create(['name' => $name, 'kind' => $of->value, 'firm' => $box->pencils[$name]?->hex(), 'soft' => null])), $new));

        return new PencilBoxJson($kept, array_values(array_filter([
            $kept === [] ? null : Say::counted('pencils.box.kept', count($kept), ['names' => Say::listed(array_slice($new, 0, 3))]),
            $known === [] ? null : Say::counted('pencils.box.known', count($known), ['names' => Say::listed(array_values(array_map(strval(...), $known)))]),
        ])));
    }

    public static function json(OwnPencil $one): PencilJson
    {
        $pencil = $one->pencil();

        return new PencilJson($one->id, $one->name, $one->kind, $one->firm, $one->soft, $pencil === null ? Say::it('pencils.not looked at') : ColourWording::told($pencil->firm->lab()).' '.ColourWording::numbers($pencil->firm->lab()));
    }

    /**
     * @param  array<string, array{Reflectance|null, Reflectance|null}>  $read  by name
     * @return list<SwatchJson>
     */
    public static function swatches(array $read): array
    {
        $swatches = [];
        foreach (OwnPencil::inOrder() as $one) {
            [$firm, $soft] = $read[$one->name] ?? [null, null];
            if (isset($read[$one->name])) {
                $swatches[] = new SwatchJson($one->id, $one->name, $firm?->hex(), $soft?->hex(), $firm === null ? Say::it('colours.read.empty') : ColourWording::told($firm->lab()).' '.ColourWording::numbers($firm->lab()));
            }
        }

        return $swatches;
    }
}
