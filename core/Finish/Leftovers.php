<?php

declare(strict_types=1);

namespace InchLadder\Finish;

/** What the rungs before have left open. */
final readonly class Leftovers
{
    /**
     * @param  int  $open  cells that were not copied
     * @param  list<string>  $doubtful  addresses of cells to be looked at again
     * @param  list<string>  $noted  addresses of cells with a note
     * @param  list<string>  $out  names of lengths that do not pass
     * @param  list<string>  $light  addresses of cells with nothing in them, where a guide shows most
     * @param  int  $shots  photographs of the sheet that are kept
     * @param  list<string>  $unfilled  names of things that are begun and not filled in
     * @param  list<string>  $ready  names of things that are final
     * @param  int  $whites  places that are kept bare
     * @param  list<string>|null  $soiled  where the last shot shows something on them; null without a shot
     * @param  int  $shapes  that were laid over what is drawn
     */
    public function __construct(public int $open = 0, public array $doubtful = [], public array $noted = [], public array $out = [], public array $light = [], public int $shots = 0, public array $unfilled = [], public array $ready = [], public int $shapes = 0, public int $whites = 0, public ?array $soiled = null)
    {
    }
}
