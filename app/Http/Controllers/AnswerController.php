<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\CatalogueMapper;
use App\Catalogue\Code;
use App\Forms\AnswerForm;
use App\Forms\BeatsCheck;
use App\Http\Requests\AnswerRequest;
use App\Models\Answer;
use App\Models\Attack;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use StoneDrill\Core\Answer\Beats;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;

final readonly class AnswerController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function index(Request $request): View
    {
        $school = $request->user()->school;
        $find = is_string($request->query('find')) ? trim($request->query('find')) : '';
        $answers = $school->answers()->with(['attack', 'rank'])
            ->when($find, static fn ($query, string $words) => $query->where(static fn ($any) => $any->whereLike('title', "%{$words}%")->orWhereLike('beats', "%{$words}%")))
            ->get();

        return view('answers.index', [
            'groups' => $school->ranks->mapWithKeys(static fn ($rank): array => [$rank->name => $answers->where('rank_id', $rank->id)])->filter->isNotEmpty(),
            'find' => $find,
            'total' => $school->answers()->count(),
            'hasAttacks' => $school->attacks()->exists(),
        ]);
    }

    public function create(Request $request, Attack $attack): View
    {
        $this->authorizeAttack($request, $attack);
        $school = $request->user()->school;
        $side = $request->query('side') === Side::Mirrored->value ? Side::Mirrored : Side::Written;

        return view('answers.create', [
            'attack' => $attack,
            'form' => AnswerForm::empty($this->mapper->attack($attack->setRelation('school', $school), $this->mapper->kinds($school)), $side, $school, $request->old()),
            'check' => BeatsCheck::of(old('beats') ?? '', $school, $this->mapper),
        ]);
    }

    public function store(AnswerRequest $request, Attack $attack): RedirectResponse
    {
        $this->authorizeAttack($request, $attack);
        $school = $request->user()->school;
        $answer = Code::create($school->answers(), (string) $request->string('title'), [
            ...$request->columns(),
            'attack_id' => $attack->id,
            'updated_by_id' => $request->user()->id,
        ]);

        return redirect()->route('answers.show', $answer)->with('said', "“{$answer->title}” is saved. The wall has taken it in.");
    }

    public function show(Request $request, Answer $answer): View
    {
        $school = $request->user()->school;
        $coverage = Coverage::of($this->mapper->curriculum($school));

        return view('answers.show', [
            'answer' => $answer,
            'cautions' => $this->mapper->attack($answer->attack->setRelation('school', $school), $this->mapper->kinds($school))->allCautions(),
            'mirror' => Beats::parse($answer->beats)->mirror()->toText(),
            'cells' => array_values(array_filter($coverage->cells, static fn (Cell $cell): bool => in_array($answer->code, $cell->answers, true))),
            'attackIds' => $school->attacks->pluck('id', 'code'),
            'shortRank' => $school->ranks->firstWhere('id', $answer->short_rank_id),
            'reps' => $answer->reps()->count(),
        ]);
    }

    public function edit(Request $request, Answer $answer): View
    {
        $school = $request->user()->school;

        return view('answers.edit', [
            'answer' => $answer,
            'form' => AnswerForm::of($answer, $this->mapper->attack($answer->attack->setRelation('school', $school), $this->mapper->kinds($school)), $school, $request->old()),
            'check' => BeatsCheck::of(old('beats') ?? $answer->beats, $school, $this->mapper),
        ]);
    }

    public function update(AnswerRequest $request, Answer $answer): RedirectResponse
    {
        if (! $answer->updateVersion($request->integer('version'), $request->columns(), $request->user())) {
            return redirect()->route('answers.edit', $answer)->withInput([...$request->except('_token', '_method'), 'version' => $answer->version])->with('overtaken', true);
        }

        return redirect()->route('answers.show', $answer)->with('said', "“{$answer->title}” is saved.");
    }

    public function destroy(Answer $answer): RedirectResponse
    {
        if ($answer->reps()->exists()) {
            return redirect()->route('answers.show', $answer)->with('wrong', 'This answer stays: reps name it, and reps are never lost.');
        }
        $answer->delete();

        return redirect()->route('attacks.show', $answer->attack_id)->with('said', "“{$answer->title}” is deleted.");
    }

    private function authorizeAttack(Request $request, Attack $attack): void
    {
        abort_unless($request->user()->can('view', $attack), 404);
    }
}
