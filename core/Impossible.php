<?php

declare(strict_types=1);

namespace InchLadder;

/**
 * Something the artist asked for that cannot be.
 *
 * Every way of being impossible has a class of its own, made by a named constructor; it says the reason in a word or
 * two and the facts it rests on. `App\Wording\Refusal` makes one plain sentence of them: what was wrong, the limit, and
 * what would work.
 */
abstract class Impossible extends \DomainException
{
    /** @param  array<string, mixed>  $facts  lengths, sizes, counts and texts, by the names they have in the sentence */
    final protected function __construct(public readonly string $reason, public readonly array $facts = [])
    {
        parent::__construct(substr(strrchr(static::class, '\\') ?: '', 1).": {$reason}");
    }

    /** The choice the sentence should be shown beside, in the words of `Choices`: `paper.margins`, `grid.columns` … */
    abstract public function choice(): string;

    /** A fact that is a word. */
    final protected function word(string $fact): string
    {
        $word = $this->facts[$fact] ?? '';

        return is_string($word) ? $word : '';
    }
}
