<?php

declare(strict_types=1);

namespace App\View\Wall;

/** A wall as a drawing that stands alone, its ink in itself. */
final readonly class WallSvg
{
    public static function of(WallPicture $picture): string
    {
        $ink = sprintf('<title>%s</title><style>%s</style>', e(__('wall.picture.title')), file_get_contents(resource_path('views/wall/ink.css')));

        return '<?xml version="1.0" encoding="UTF-8"?>'."\n".preg_replace('/<defs>/', $ink.'<defs>', view('wall.picture', ['picture' => $picture])->render(), 1);
    }
}
