<?php

declare(strict_types=1);

namespace App\Models;

/** What has become of a picture or a clip that was sent. */
enum FootageState: string
{
    /** It is being prepared, and nobody sees it. */
    case Waiting = 'waiting';
    case Ready = 'ready';
    /** It could not be used; what was sent is gone, and the row says why. */
    case Refused = 'refused';
}
