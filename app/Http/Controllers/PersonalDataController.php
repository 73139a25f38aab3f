<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EraseStudent;
use App\Backup\Backup;
use App\Backup\Backups;
use App\Http\Requests\EraseStudentRequest;
use App\Models\Student;
use App\View\Accounts\PersonalData;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

/** What is kept of a student: shown, given as a file, erased. */
final class PersonalDataController
{
    public function show(Student $student, Backups $backups): View
    {
        return view('people.data', ['student' => $student, 'rows' => (new PersonalData($student))->rows(), 'backups' => $this->told($backups->all())]);
    }

    /**
     * How many backups hold what is erased now, and how old they are.
     *
     * @param list<Backup> $backups the newest first
     */
    private function told(array $backups): string
    {
        $age = static fn (int $place): string => isset($backups[$place]) ? school_time($backups[$place]->at, 'j M Y, H:i').' ('.$backups[$place]->at->diffForHumans().')' : '';

        $kept = $backups === [] ? '' : ' '.__('backups.kept', ['days' => Backups::DAYS, 'weeks' => Backups::WEEKS, 'months' => Backups::MONTHS]);

        return trans_choice('backups.holds', count($backups), ['newest' => $age(0), 'oldest' => $age(count($backups) - 1)]).$kept;
    }

    public function export(Student $student): JsonResponse
    {
        return response()->json((new PersonalData($student))->document(), headers: ['Content-Disposition' => "attachment; filename=\"{$student->code}.json\""], options: JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public function destroy(EraseStudentRequest $request, Student $student, EraseStudent $action): RedirectResponse
    {
        $action->erase($student);

        return redirect()->route('students.index')->with('status', __('people.erased'));
    }
}
