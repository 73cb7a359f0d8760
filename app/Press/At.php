<?php

declare(strict_types=1);

namespace App\Press;

/** The size a picture is printed at. */
enum At: string
{
    /** The print's own, so that the two can be laid together. */
    case Print = 'print';
    /** As large as the page takes. */
    case Page = 'page';
    /** The drawing area's, ready to trace. */
    case Drawing = 'drawing';
}
