<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EraseStudent;
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
        return view('people.data', [
            'student' => $student,
            'rows' => (new PersonalData($student))->rows(),
            'backups' => PersonalData::backups($backups->all()),
        ]);
    }

    public function export(Student $student): JsonResponse
    {
        return response()->json(
            (new PersonalData($student))->document(),
            headers: ['Content-Disposition' => "attachment; filename=\"{$student->code}.json\""],
            options: JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    public function destroy(EraseStudentRequest $request, Student $student, EraseStudent $action): RedirectResponse
    {
        $action->erase($student);

        return redirect()->route('students.index')->with('status', __('people.erased'));
    }
}
