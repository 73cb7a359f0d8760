<?php

declare(strict_types=1);

namespace InchLadder\Checking;

use InchLadder\Measure\Length;

/** Something that has a length: one that was taken, the width or the height of a thing, or a gap between two. */
final readonly class Sized
{
    /**
     * @param  'length'|'width'|'height'|'gap'  $of
     * @param  non-empty-list<string>  $names  of the length or the thing; of a gap, of the two it lies between
     * @param  Length  $paper  as it must be on the paper, over 0
     * @param  Length|null  $drawn  as it came out; null where it was not measured
     */
    public function __construct(public string $of, public array $names, public Length $paper, public ?Length $drawn)
    {
    }

    public static function span(SpanOnPaper $span): self
    {
        return new self('length', [$span->span->name], $span->paper, $span->span->drawn);
    }
}
