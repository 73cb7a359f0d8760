<?php

declare(strict_types=1);

namespace InchLadder\Colour;

/**
 * Pencils as a whole box of them is typed: names parted by commas or lines, each with its colour where that is known
 * (`crimson #a02030`), a run of grades (`2H to 6B`), a run of numbers (`chalk 1 to 24`), or how many there are (`12`).
 */
final readonly class Box
{
    private const LONGEST_NAME = 60;

    /** A run is at most so long; the longest boxes that are sold have fewer (common practice). */
    private const LONGEST_RUN = 200;

    /**
     * @param  non-empty-array<array-key, Reflectance|null>  $pencils  what is known of each, pressed firmly, in the order they were typed,
     *                                                                 by name. A name of digits is a whole number as a key
     */
    private function __construct(public array $pencils)
    {
    }

    /** @throws PencilUnusable */
    public static function read(string $text): self
    {
        $pencils = [];
        foreach (preg_split('/[,;\r\n]+/', trim($text)) ?: [] as $typed) {
            foreach (trim($typed) === '' ? [] : self::one(trim($typed)) as $name => $colour) {
                $pencils[$name] = $colour;
            }
        }

        return $pencils === [] ? throw PencilUnusable::nameless() : new self($pencils);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->pencils));
    }

    /**
     * @return array<array-key, Reflectance|null> by name
     *
     * @throws PencilUnusable
     */
    private static function one(string $typed): array
    {
        $colour = null;
        if (preg_match('/^(.*?)\s*(#\S*)$/u', $typed, $found) === 1) {
            $colour = Reflectance::ofHex($found[2]) ?? throw PencilUnusable::coloured($found[2]);
            $typed = $found[1];
        }
        $names = self::grades($typed) ?? self::numbers($typed) ?? [$typed];
        foreach ($names as $name) {
            if ($name === '' || mb_strlen($name) > self::LONGEST_NAME) {
                throw PencilUnusable::nameless();
            }
        }

        return array_fill_keys($names, $colour);
    }

    /** @return list<string>|null from one grade to another, either way; null where it is none */
    private static function grades(string $typed): ?array
    {
        if (preg_match('/^([0-9]?[HFB]{1,2})\s*(?:to|–|-)\s*([0-9]?[HFB]{1,2})$/iu', $typed, $found) !== 1) {
            return null;
        }
        [$from, $to] = [Grade::tryFrom(strtoupper($found[1])), Grade::tryFrom(strtoupper($found[2]))];
        if ($from === null || $to === null) {
            return null;
        }
        $all = array_column(Grade::cases(), 'value');
        [$first, $last] = [(int) array_search($from->value, $all, true), (int) array_search($to->value, $all, true)];

        return array_map(static fn (int $at): string => $all[$at], range($first, $last));
    }

    /**
     * @return list<string>|null from one number to another, or from 1 to how many there are; null where it is none
     *
     * @throws PencilUnusable
     */
    private static function numbers(string $typed): ?array
    {
        if (preg_match('/^()()([0-9]{1,4})$/', $typed, $found) !== 1 && preg_match('/^(|[^0-9].*?|.*?[^0-9])([0-9]{1,4})\s*(?:to|–|-)\s*([0-9]{1,4})$/u', $typed, $found) !== 1) {
            return null;
        }
        [$first, $last] = [(int) ($found[2] === '' ? 1 : $found[2]), (int) $found[3]];
        if ($last < $first || $last - $first >= self::LONGEST_RUN) {
            throw PencilUnusable::run($typed, self::LONGEST_RUN);
        }

        return array_map(static fn (int $number): string => "{$found[1]}{$number}", range($first, $last));
    }
}
