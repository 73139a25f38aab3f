<?php

declare(strict_types=1);

namespace App\View\Wall;

/** A wall as a drawing that stands alone, its ink in itself. */
final readonly class WallSvg
{
    public static function of(WallPicture $picture): string
    {
        return Ink::into(view('wall.picture', ['picture' => $picture])->render(), __('wall.picture.title'), 'wall/ink.css');
    }
}
