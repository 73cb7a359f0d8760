<?php

declare(strict_types=1);

namespace InchLadder\Paper;

/** One family of sheets. A new one is a class in Standards and a line in Catalogue. */
interface Standard
{
    /** @return list<Sheet> */
    public function sheets(): array;
}
