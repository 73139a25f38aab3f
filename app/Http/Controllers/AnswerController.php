<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnswerRequest;
use App\Models\Answer;
use App\Models\Attack;
use App\Models\Rank;
use App\Models\School;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\Code;
use App\View\Footage\FootageList;
use App\View\Forms\AnswerForm;
use App\View\History\AnswerHistory;
use App\View\Spelling;
use App\View\Workbench\Workbench;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use StoneDrill\Core\Attack\Attack as CoreAttack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Technique\Beats;

final readonly class AnswerController
{
    public function __construct(private CatalogueMapper $mapper, private Workbench $workbench) {}

    public function index(Request $request, #[CurrentUser] User $user): View
    {
        $school = $user->school;
        $find = is_string($request->query('find')) ? trim($request->query('find')) : '';
        $all = $school
            ->answers()
            ->with(['attack', 'rank'])
            ->get();
        $answers = $find === '' ? $all : $this->withWords($all, $find, Spelling::ofSchool($school));

        return view('answers.index', [
            'groups' => $school->ranks
                ->mapWithKeys(static fn (Rank $rank): array => [$rank->name => $answers->where('rank_id', $rank->id)])
                ->filter->isNotEmpty(),
            'find' => $find,
            'unreadable' => $this->mapper->unreadable($school),
            'total' => $all->count(),
            'hasAttacks' => $school->attacks()->exists(),
        ]);
    }

    public function create(Request $request, #[CurrentUser] User $user, Attack $attack): View
    {
        $school = $user->school;
        $side = $request->query('side') === Side::Mirrored->value ? Side::Mirrored : Side::Written;

        return view('answers.create', [
            'attack' => $attack,
            'form' => ($form = AnswerForm::empty(
                $this->core($attack, $school),
                $side,
                $school,
                (array) $request->old(),
            )),
            'draft' => $this->workbench->draft($request, $school, $attack, $form->values, null),
        ]);
    }

    public function store(AnswerRequest $request, #[CurrentUser] User $user, Attack $attack): RedirectResponse
    {
        $school = $user->school;
        $answer = Code::create($school->answers(), (string) $request->string('title'), [
            ...$request->columns(),
            'attack_id' => $attack->id,
            'updated_by_id' => $user->id,
        ]);

        return redirect()
            ->route('answers.show', $answer)
            ->with('status', __('messages.answer-added', ['answer' => $answer->title]));
    }

    public function show(Request $request, #[CurrentUser] User $user, Answer $answer): View
    {
        $school = $user->school;
        $answer->setRelation('school', $school);
        $why = $this->mapper->whyUnreadable($answer);
        if ($why !== null) {
            return view('answers.unreadable', ['answer' => $answer, 'why' => $why]);
        }
        $bench = $this->workbench->saved($request, $answer);
        $spelling = Spelling::ofSchool($school);

        return view('answers.show', [
            'answer' => $answer,
            'bench' => $bench,
            'facts' => $this->workbench->facts($answer),
            'history' => AnswerHistory::of($answer, $school),
            'beats' => $spelling->beats($answer->beats),
            'mirror' => $spelling->beats(Beats::parse($answer->beats)->mirror()->toText()),
            'ids' => ['attacks' => $school->attackIds(), 'answers' => $school->answerIds()],
            'rungs' => $this->mapper->ladder($school)->rungs,
            'shortRank' => $school->ranks->firstWhere('id', $answer->short_rank_id),
            'footage' => new FootageList($answer),
            'measured' => $school->students()->whereNotNull('height')->pluck('name', 'id')->all(),
        ]);
    }

    public function edit(Request $request, #[CurrentUser] User $user, Answer $answer): View
    {
        $school = $user->school;
        $answer->setRelation('school', $school);
        $answer->attack->setRelation('school', $school);
        if ($this->mapper->whyUnreadable($answer->attack) !== null) {
            return view('answers.unreadable', [
                'answer' => $answer,
                'why' => (string) $this->mapper->whyUnreadable($answer),
            ]);
        }

        return view('answers.edit', [
            'answer' => $answer,
            'why' => $this->mapper->whyUnreadable($answer),
            'beats' => Spelling::ofSchool($school)->beats($answer->beats),
            'form' => ($form = AnswerForm::of(
                $answer,
                $this->core($answer->attack, $school),
                $school,
                (array) $request->old(),
            )),
            'draft' => $this->workbench->draft($request, $school, $answer->attack, $form->values, $answer),
        ]);
    }

    public function update(AnswerRequest $request, #[CurrentUser] User $user, Answer $answer): RedirectResponse
    {
        if (! $answer->updateVersion($request->integer('version'), $request->columns(), $user)) {
            return redirect()
                ->route('answers.edit', $answer)
                ->withInput([...$request->except('_token', '_method'), 'version' => $answer->version])
                ->with('overtaken', true);
        }

        return redirect()
            ->route('answers.show', $answer)
            ->with('status', __('messages.saved', ['name' => $answer->title]));
    }

    public function destroy(Answer $answer): RedirectResponse
    {
        if ($answer->reps()->exists()) {
            return redirect()->route('answers.show', $answer)->with('error', __('messages.answer-stays'));
        }
        $answer->delete();

        return redirect()
            ->route('attacks.show', $answer->attack_id)
            ->with('status', __('messages.deleted', ['name' => $answer->title]));
    }

    private function core(Attack $attack, School $school): CoreAttack
    {
        return $this->mapper->attack($attack->setRelation('school', $school), $this->mapper->kinds($school));
    }

    /**
     * Those whose title or beats, as the school reads them, say what is looked for.
     *
     * @param Collection<int, Answer> $answers
     *
     * @return Collection<int, Answer>
     */
    private function withWords(Collection $answers, string $words, Spelling $spelling): Collection
    {
        return $answers->filter(
            static fn (Answer $answer): bool => Str::contains(
                $answer->title."\n".$spelling->beats($answer->beats),
                $words,
                ignoreCase: true,
            ),
        );
    }
}
