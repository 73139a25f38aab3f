<?php

declare(strict_types=1);

namespace App\View\Solos;

use App\Models\Solo;
use App\Models\Student;
use App\Persistence\CatalogueMapper;
use App\Persistence\SoloBook;
use App\Persistence\SoloMapper;
use App\View\Floor\Palette;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Coverage\BasicsIndex;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Solo\FormPath;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\Printer;

/** A basic or a form as it is shown: how it is done, where it is used, how the students do it. */
final readonly class SoloPage
{
    private Catalogue $catalogue;

    /** Metres, of whom it is drawn for. */
    private float $stature;

    public ?FootPicture $feet;

    public ?PathPicture $path;

    /**
     * @var list<array{number: int, text: string, note: string, seconds: float, cue: string}> of a form, those of
     *     answers in their place
     */
    public array $beats;

    /** @var list<string> titles that it goes through and that no answer has */
    public array $missing;

    public function __construct(public Solo $solo, CatalogueMapper $mapper, Palette $palette = Palette::Slate)
    {
        $this->catalogue = $mapper->curriculum($solo->school);
        $this->stature = $this->catalogue->school->statures->typical();
        $plan = SoloMapper::feet($solo);
        $this->feet = $plan === null ? null : new FootPicture($plan, $this->stature, $palette);
        $path = $this->path();
        $this->path = $path === null ? null : new PathPicture($path, $this->stature, $palette);
        $this->beats = $path === null ? [] : self::beats($path, new Printer($this->catalogue->school->vocabulary()));
        $this->missing = array_values(
            array_filter(
                SoloMapper::form($solo)?->goesThrough() ?? [],
                fn (string $title): bool => $this->catalogue->answerTitled($title) === null,
            ),
        );
    }

    private function path(): ?FormPath
    {
        $form = $this->solo->isForm() ? SoloMapper::form($this->solo) : null;

        return $form === null
            ? null
            : FormPath::of(
                $form->beats(fn (string $title): ?Beats => $this->catalogue->answerTitled($title)?->beats),
                $this->stature,
            );
    }

    /** @return list<array{number: int, text: string, note: string, seconds: float, cue: string}> */
    private static function beats(FormPath $path, Printer $printer): array
    {
        $beats = [];
        foreach ($path->places as $place) {
            if ($place->beat !== null) {
                $beats[] = [
                    'number' => $place->number,
                    'text' => $printer->actions($place->beat),
                    'note' => $place->beat->cue() ?? ($place->beat->note ?? ''),
                    'seconds' => round($place->beat->seconds(), 2),
                    'cue' => $place->beat->cue() ?? '',
                ];
            }
        }

        return $beats;
    }

    /** @return list<Rung> at whose pace it can be counted aloud */
    public function rungs(): array
    {
        return $this->catalogue->ladder->rungs;
    }

    /** For whom it is drawn. */
    public function drawnFor(): string
    {
        return __('solos.drawn-for', ['metres' => number_format($this->stature, 2)]);
    }

    /** @return list<array{title: string, url: string, beats: string}> answers in which the word of a basic is used */
    public function uses(): array
    {
        $word = $this->solo->word === '' ? null : BasicsIndex::of($this->catalogue)->find($this->solo->word);
        $ids = $this->solo->school->answerIds();

        return array_map(
            static fn (array $use): array => [
                'title' => $use[0]->title,
                'url' => route('answers.show', $ids[$use[0]->id]),
                'beats' => implode(', ', $use[1]),
            ],
            array_values(array_filter($word->uses ?? [], static fn (array $use): bool => isset($ids[$use[0]->id]))),
        );
    }

    /** @return list<array{student: Student, standing: string, text: string}> of whom it is asked */
    public function students(CarbonImmutable $now): array
    {
        $students = $this->solo->school
            ->students()
            ->with('rank')
            ->get()
            ->filter(fn (Student $student): bool => $student->rank->position >= $this->solo->rank->position);
        $book = (new SoloBook($this->solo->school, $now))->read(array_values($students->modelKeys()));

        return array_values(
            $students
                ->map(
                    fn (Student $student): array => [
                        'student' => $student,
                        'standing' => $book->standing($student, $this->solo)->value,
                        'text' => StandingText::of($book, $student, $this->solo),
                    ],
                )
                ->all(),
        );
    }
}
