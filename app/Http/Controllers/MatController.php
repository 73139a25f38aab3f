<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordReps;
use App\Http\Requests\RepRequest;
use App\Models\Role;
use App\Persistence\CatalogueMapper;
use App\View\Drill\DrillForecast;
use App\View\Drill\Kit;
use App\View\Drill\KitPack;
use App\View\Drill\MatKey;
use App\View\Drill\Recorder;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Validator;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\RepLimits;

/** The mat: a drill set up, called and recorded, with or without a network. */
final readonly class MatController
{
    public function __construct(private CatalogueMapper $mapper) {}

    /** The page holds nobody's name: a device keeps it, and what it keeps of people is sealed. */
    public function show(Request $request): View
    {
        $school = $request->user()->school;
        $find = $this->find($request);
        $students = $school->students()->count();
        MatKey::give($request);
        $curriculum = $this->mapper->curriculum($school);

        return view('mat.show', [
            'students' => $students,
            'find' => $find,
            'more' => max(0, $students - Kit::MAX),
            'deletes' => $request->user()->role === Role::Head,
            'ranks' => $school->ranks,
            'rungs' => $this->mapper->ladder($school)->rungs,
            'families' => array_values(array_filter(Family::cases(), static fn (Family $family): bool => array_filter($curriculum->attacks, static fn ($attack): bool => $attack->kind->family === $family) !== [])),
            'lists' => $school->drillLists,
            'outcomes' => Outcome::cases(),
        ]);
    }

    /** What the mat keeps with it. */
    public function kit(Request $request): JsonResponse
    {
        $school = $request->user()->school;

        $kit = new Kit($school, $this->mapper, CarbonImmutable::now(), Kit::of($school, $this->find($request)));

        return response()->json((new KitPack($kit, $this->mapper->kinds($school)))->toArray($request->user()));
    }

    /** What is drawn from, who is barred from what, and whether there is time, for what is set up. */
    public function outlook(Request $request): View
    {
        $school = $request->user()->school;
        $here = array_map(intval(...), array_filter((array) $request->input('people'), is_numeric(...)));
        $kit = new Kit($school, $this->mapper, CarbonImmutable::now(), $school->students()->with('rank')->findMany($here));

        return view('mat.outlook', ['outlook' => new DrillForecast($kit, $request->all())]);
    }

    /**
     * Takes what was recorded: each rep is told by its id whether it is kept, or why not, with what the log has instead. It
     * belongs to the person who recorded it, whoever is signed in when it is sent.
     */
    public function store(Request $request): JsonResponse
    {
        $reps = $request->input('reps');
        if (! is_array($reps) || count($reps) > RepLimits::SENT_AT_ONCE) {
            return response()->json(['message' => 'Send a list of up to '.RepLimits::SENT_AT_ONCE.' reps.'], 422);
        }
        $school = $request->user()->school;
        $rules = RepRequest::of($school);
        $kept = $refused = [];
        foreach (array_values($reps) as $rep) {
            $id = is_array($rep) && is_string($rep['id'] ?? null) ? $rep['id'] : '';
            $rep = is_array($rep) ? [...$rep, ...RepRequest::inSmallLetters(Arr::only($rep, ['id', 'replaces']))] : [];
            $validator = Validator::make($rep, $rules, RepRequest::says());
            if ($validator->fails()) {
                $refused[] = ['id' => $id, 'why' => (string) $validator->errors()->first(), 'field' => (string) $validator->errors()->keys()[0]];

                continue;
            }
            $result = (new RecordReps($school, Recorder::read($rep['by'] ?? null, $request->user())))->record($validator->validated());
            if ($result->stored) {
                $kept[] = $id;
            } else {
                $refused[] = ['id' => $id, 'why' => $result->why, 'field' => 'id', 'stored' => $result->other?->only('id', 'rung', 'outcome')];
            }
        }

        return response()->json(['kept' => $kept, 'refused' => $refused]);
    }

    private function find(Request $request): string
    {
        $find = $request->query('find');

        return is_string($find) ? trim($find) : '';
    }
}
