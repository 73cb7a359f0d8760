<?php

declare(strict_types=1);

namespace App\Printing;

/**
 * The pages of one sheet, each made when it is asked for, so that hundreds never lie in memory together.
 *
 * @implements \IteratorAggregate<int, Page>
 */
final readonly class Pages implements \Countable, \IteratorAggregate
{
    /**
     * @param  int<1, max>  $count
     * @param  \Closure(int): Page  $make  by number, from 0
     */
    public function __construct(public string $title, private int $count, private \Closure $make)
    {
    }

    public static function one(Page $page): self
    {
        return new self($page->title, 1, static fn (): Page => $page);
    }

    /**
     * One of them alone.
     *
     * @param  int  $leaf  from 1
     *
     * @throws SheetImpossible
     */
    public function only(int $leaf): self
    {
        if ($leaf < 1 || $leaf > $this->count) {
            throw SheetImpossible::noSuchPage($leaf, $this->count);
        }

        return self::one($this->page($leaf - 1));
    }

    /** These, and then others. */
    public function and(self $others): self
    {
        return new self($this->title, $this->count + $others->count, fn (int $i): Page => $i < $this->count ? $this->page($i) : $others->page($i - $this->count));
    }

    public function count(): int
    {
        return $this->count;
    }

    public function page(int $number): Page
    {
        return ($this->make)($number);
    }

    public function getIterator(): \Generator
    {
        for ($i = 0; $i < $this->count; $i++) {
            yield $this->page($i);
        }
    }
}
