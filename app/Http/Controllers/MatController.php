<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\CatalogueMapper;
use App\Http\Requests\RepRequest;
use App\Mat\DrillOutlook;
use App\Mat\Kit;
use App\Mat\RepLog;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Pressure\Outcome;

/** The mat: a drill set up, called and recorded, with or without a network. */
final readonly class MatController
{
    /** Reps taken at once. */
    private const MOST = 200;

    public function __construct(private CatalogueMapper $mapper) {}

    public function show(Request $request): View
    {
        $school = $request->user()->school;
        $find = $this->find($request);
        $students = Kit::of($school, $find);
        $curriculum = $this->mapper->curriculum($school);

        return view('mat.show', [
            'students' => $students,
            'find' => $find,
            'more' => $school->students()->count() - $students->count(),
            'ranks' => $school->ranks,
            'rungs' => $this->mapper->ladder($school)->rungs,
            'families' => array_values(array_filter(Family::cases(), static fn (Family $family): bool => array_filter($curriculum->attacks, static fn ($attack): bool => $attack->kind->family === $family) !== [])),
            'lists' => $school->drillLists,
            'outcomes' => Outcome::cases(),
            'usualRung' => $students->isEmpty() ? 4 : (int) $students->map(static fn (Student $student): int => $student->rank->goal_rung)->mode()[0],
        ]);
    }

    /** What the mat keeps with it. */
    public function kit(Request $request): JsonResponse
    {
        $school = $request->user()->school;

        return response()->json((new Kit($school, $this->mapper, CarbonImmutable::now(), Kit::of($school, $this->find($request))))->toArray());
    }

    /** What is drawn from, who is barred from what, and whether there is time, for what is set up. */
    public function outlook(Request $request): View
    {
        $school = $request->user()->school;
        $here = array_map(intval(...), array_filter((array) $request->input('people'), is_numeric(...)));
        $kit = new Kit($school, $this->mapper, CarbonImmutable::now(), $school->students()->with('rank')->findMany($here));

        return view('mat.outlook', ['outlook' => new DrillOutlook($kit, $request->all())]);
    }

    /** Takes what was recorded: each rep is told by its id whether it is kept, or why not. */
    public function store(Request $request): JsonResponse
    {
        $reps = $request->input('reps');
        if (! is_array($reps) || count($reps) > self::MOST) {
            return response()->json(['message' => 'Send a list of up to '.self::MOST.' reps.'], 422);
        }
        $school = $request->user()->school;
        $log = new RepLog($school, $request->user());
        $rules = RepRequest::of($school);
        $kept = $refused = [];
        foreach ($reps as $rep) {
            $validator = Validator::make(is_array($rep) ? $rep : [], $rules);
            $id = is_array($rep) && is_string($rep['id'] ?? null) ? $rep['id'] : '';
            match (true) {
                $validator->fails() => $refused[] = ['id' => $id, 'why' => (string) $validator->errors()->first()],
                ! $log->add($validator->validated()) => $refused[] = ['id' => $id, 'why' => 'Somebody else has corrected that rep in the meantime.'],
                default => $kept[] = $id,
            };
        }

        return response()->json(['kept' => $kept, 'refused' => $refused]);
    }

    private function find(Request $request): string
    {
        $find = $request->query('find');

        return is_string($find) ? trim($find) : '';
    }
}
