<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordReps;
use App\Models\SoloPractice;
use App\Models\Student;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\View\Floor\Palette;
use App\View\Home\HomeWeek;
use App\View\Pdf;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Source;

/** What a student practises alone this week: read, counted aloud, taken along, and ticked. */
final readonly class HomeSheetController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function show(Student $student): View
    {
        return view('home.show', ['student' => $student, 'week' => $this->week($student)]);
    }

    public function pdf(Student $student): Response
    {
        $week = $this->week($student, Palette::Paper);

        return Pdf::response(
            view('home.pdf', ['student' => $student, 'week' => $week])->render(),
            "home-{$student->code}-{$week->monday->format('Y-m-d')}",
        );
    }

    /** Once more practised: it shows in the log, and proves nothing. */
    public function store(Request $request, #[CurrentUser] User $user, Student $student): RedirectResponse
    {
        $values = $request->validate([
            'id' => ['required', 'uuid'],
            'answer' => ['required_without:solo', 'string'],
            'solo' => ['string'],
        ]);
        $back = redirect()->route('home.show', $student);
        $week = $this->week($student);
        $solo = $week->solo($values['solo'] ?? '');
        if ($solo !== null) {
            // Pressed or sent twice it is noted once.
            SoloPractice::query()->insertOrIgnore([
                'id' => Str::lower($values['id']),
                'solo_id' => $solo->id,
                'school_id' => $student->school_id,
                'student_id' => $student->id,
                'at' => CarbonImmutable::now()->format('Y-m-d H:i:s.uP'),
            ]);

            return $back->with('status', __('home.noted', ['name' => $solo->name]));
        }
        $item = $week->item($values['answer'] ?? '');
        if ($item === null) {
            return $back->with('error', __('home.gone'));
        }
        $school = $student->school;
        $result = (new RecordReps($school, $user))->record([
            'id' => Str::lower($values['id']),
            'student_id' => $student->id,
            'attack_id' => $school->attacks()->where('code', $item->attack->id)->value('id'),
            'side' => $item->side->value,
            'rung' => $this->mapper->ladder($school)->ids()[0],
            'outcome' => Outcome::Clean->value,
            'answer_id' => $school->answers()->where('code', $item->answer->id)->value('id'),
            'source' => Source::Home->value,
        ]);

        return $result->stored
            ? $back->with('status', __('home.done', ['answer' => $item->answer->title]))
            : $back->with('error', $result->why);
    }

    private function week(Student $student, Palette $palette = Palette::Slate): HomeWeek
    {
        return new HomeWeek($student, $this->mapper, CarbonImmutable::now(), palette: $palette);
    }
}
