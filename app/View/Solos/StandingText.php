<?php

declare(strict_types=1);

namespace App\View\Solos;

use App\Models\Solo;
use App\Models\Student;
use App\Persistence\SoloBook;

/** How a student stands in a basic or a form, in words. */
final readonly class StandingText
{
    public static function of(SoloBook $book, Student $student, Solo $solo): string
    {
        $mark = $book->mark($student, $solo);
        $fades = $book->fadesOn($student, $solo);
        $word = __("solos.standings.{$book->standing($student, $solo)->value}");

        return $mark === null
            ? $word
            : __($fades === null ? 'solos.marked-on' : 'solos.fades-on', [
                'standing' => $word,
                'day' => school_time($mark->at, 'j M Y'),
                'fades' => $fades?->format('j M Y') ?? '',
            ]);
    }
}
