<?php

declare(strict_types=1);

namespace App\Wall;

/** A wall as a drawing that stands alone, its ink in itself. */
final readonly class WallPaper
{
    public static function of(WallPicture $picture): string
    {
        $ink = sprintf('<title>The curriculum as a wall. Planning estimates.</title><style>%s</style>', view('wall.ink')->render());

        return '<?xml version="1.0" encoding="UTF-8"?>'."\n".preg_replace('/<defs>/', $ink.'<defs>', view('wall.picture', ['picture' => $picture])->render(), 1);
    }
}
