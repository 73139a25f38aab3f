<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\Answer;
use App\Models\Attack;
use App\Models\Footage;
use App\Models\FootageState;
use App\Models\School;
use Illuminate\Database\Eloquent\Collection;
use StoneDrill\Core\Curriculum\Footage as CoreFootage;
use StoneDrill\Core\Curriculum\FootageOf;
use StoneDrill\Core\Exchange\SchoolFile;

/** The way from rows of pictures and clips to core values. */
final readonly class FootageMapper
{
    /** @return Collection<int, Footage> those that can be shown, in the order in which they came */
    public static function rows(School $school): Collection
    {
        return Footage::query()
            ->where('school_id', $school->id)
            ->where('state', FootageState::Ready)
            ->with('attack', 'answer', 'solo', 'students')
            ->orderBy('id')
            ->get();
    }

    public static function footage(Footage $row): CoreFootage
    {
        $of = $row->of();

        return new CoreFootage(
            basename($row->path),
            self::kind($row),
            $of->code,
            $row->mistake,
            $row->caption,
            $row->beats(),
            array_values($row->students->pluck('code')->sort()->all()),
        );
    }

    /**
     * A file with the pictures and clips of what is in it.
     *
     * @param Collection<int, Footage> $rows
     */
    public static function in(SchoolFile $file, Collection $rows): SchoolFile
    {
        $known = [
            'attack' => array_column($file->catalogue->attacks, 'id'),
            'answer' => array_column($file->catalogue->answers, 'id'),
            'basic' => array_column($file->basics, 'id'),
            'form' => array_column($file->forms, 'id'),
        ];
        $footage = array_filter(
            $rows->map(self::footage(...))->all(),
            static fn (CoreFootage $one): bool => in_array($one->id, $known[$one->of->value], true),
        );

        return $file->withFootage(array_values($footage));
    }

    private static function kind(Footage $row): FootageOf
    {
        $of = $row->of();

        return match (true) {
            $of instanceof Attack => FootageOf::Attack,
            $of instanceof Answer => FootageOf::Answer,
            $of->isForm() => FootageOf::Form,
            default => FootageOf::Basic,
        };
    }
}
