<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PeopleFileRequest;
use App\Models\Student;
use App\Models\User;
use App\Persistence\Code;
use App\Persistence\PeopleLines;
use App\Persistence\Spreadsheet;
use Closure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** People in and out as lines of a spreadsheet: first what each line would do, then those that are right. */
final class PeopleFileController
{
    public function show(): View
    {
        return view('people.file', ['lines' => null, 'text' => '', 'isDayFirst' => true]);
    }

    /** Says of each line what it would do, and adds nobody. */
    public function check(PeopleFileRequest $request): View
    {
        return view('people.file', [
            'lines' => $request->lines(),
            'text' => $request->text(),
            'isDayFirst' => $request->boolean('day_first', true),
        ]);
    }

    public function store(PeopleFileRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $school = $user->school;
        $lines = $request->lines();
        if ($lines->isTooLong) {
            return back()
                ->withInput()
                ->withErrors(['rows' => __('students.file.too-long', ['max' => number_format(PeopleLines::MAX)])]);
        }
        $ranks = $school->ranks->pluck('id', 'name');
        DB::transaction(static function () use ($school, $lines, $ranks): void {
            foreach ($lines->lines as $line) {
                if ($line['isNew']) {
                    Code::create($school->students(), $line['name'], [
                        'name' => $line['name'],
                        'rank_id' => $ranks[$line['rank']],
                        'height' => $line['height'],
                        'born' => $line['born'],
                        'flags' => [],
                    ]);
                }
            }
        });

        return redirect()
            ->route('students.index')
            ->with('status', trans_choice('students.file.added', $lines->countNew()));
    }

    public function export(#[CurrentUser] User $user, string $sheet): StreamedResponse
    {
        $school = $user->school;

        return Spreadsheet::download(Str::slug($school->name).'-people', $sheet, static function (
            Closure $write,
        ) use ($school): void {
            $write(PeopleLines::FIELDS);
            foreach ($school->students()->with('rank')->get() as $student) {
                /** @var Student $student */
                $write([
                    $student->name,
                    $student->rank->name,
                    $student->height === null ? '' : (string) $student->height,
                    $student->born?->format('Y-m-d') ?? '',
                ]);
            }
        });
    }
}
