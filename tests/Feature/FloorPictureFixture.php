<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\View\Floor\FloorPicture;
use StoneDrill\Core\Geometry\BearingStyle;
use Tests\Core\Floor\OnTheFloor;

/** What the tests of FloorPicture share. */
final class FloorPictureFixture
{
    public static function picture(
        string $beats,
        BearingStyle $style = BearingStyle::Clock,
        string $kind = 'wrist-cross',
        array $values = [],
    ): FloorPicture {
        return FloorPicture::ofRun(OnTheFloor::run($kind, $values, $beats), $style);
    }
}
