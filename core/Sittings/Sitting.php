<?php

declare(strict_types=1);

namespace InchLadder\Sittings;

use InchLadder\Copying\Figures;

/** One time of sitting at a drawing, from the first thing done to the last; it ends by itself when nothing is done for a while. */
final readonly class Sitting
{
    /** Work is told of after it was done, so many seconds at a time at most (ours: an hour that the device was without the server). */
    public const LONGEST_REPORT = 3600;

    /** So many seconds earlier than what was told last is a report that was long on its way; more is a clock that was set back (ours: two reports of a minute). */
    private const LATE_SECONDS = 120;

    /**
     * @param  float  $began  in seconds since 1970, like every time here
     * @param  float  $ended  when something was done last
     * @param  array<string, int>  $seconds  worked, by rung; of Copy by pass too, `copy place`
     * @param  string  $lesson  what it taught, in one line
     */
    public function __construct(public float $began, public float $ended, public array $seconds = [], public string $lesson = '')
    {
    }

    /** The sitting that begins with some work that was just done. */
    public static function opened(string $what, int $seconds, float $now): self
    {
        return new self($now - $seconds, $now, [$what => $seconds]);
    }

    /** Whether what is done now belongs to it still. A clock that was set back makes no new one. */
    public function goesOn(float $now): bool
    {
        return $now - $this->ended <= Figures::REST_SECONDS;
    }

    /**
     * With so many seconds more of something: never more than have passed since it began, whoever tells the same minute
     * twice. A clock that was set back tells nothing of what has passed; then the work itself does.
     */
    public function with(string $what, int $seconds, float $now): self
    {
        $ended = $now < $this->ended - self::LATE_SECONDS ? $this->ended + $seconds : max($this->ended, $now);
        $most = max(0, (int) ceil($ended - $this->began) - $this->worked());

        return $most === 0 ? new self($this->began, $ended, $this->seconds, $this->lesson) : new self($this->began, $ended, [...$this->seconds, $what => ($this->seconds[$what] ?? 0) + min($seconds, $most)], $this->lesson);
    }

    /** Seconds, all together. */
    public function worked(): int
    {
        return array_sum($this->seconds);
    }
}
