<?php

declare(strict_types=1);

namespace App\Keeping;

/** What a look at the database file found. */
enum DatabaseState
{
    case Sound;
    /** Every row can be read; only an index is wrong, and REINDEX makes it anew. */
    case IndexDamaged;
    case Damaged;
}
