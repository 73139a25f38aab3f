<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AttackRequest;
use App\Models\Attack;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\Code;
use App\Persistence\CoverageBook;
use App\Persistence\KeptPages;
use App\View\Attacks\AttackerCard;
use App\View\Attacks\AttackHoles;
use App\View\Attacks\AttackList;
use App\View\Attacks\AttackPage;
use App\View\Floor\SituationView;
use App\View\Footage\FootageList;
use App\View\Forms\AttackForm;
use App\View\Wall\HoleLinks;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use StoneDrill\Core\Attack\Facet;

final readonly class AttackController
{
    public function __construct(
        private CatalogueMapper $mapper,
        private CoverageBook $coverages,
        private KeptPages $pages,
    ) {}

    public function index(Request $request, #[CurrentUser] User $user): View
    {
        $school = $user->school;

        return view('attacks.index', [
            'list' => new AttackList($request, $school, $this->mapper, $this->coverages->of($school)),
            'lists' => $school->drillLists,
            'unreadable' => $this->mapper->unreadable($school),
            'ranks' => $school->ranks,
        ]);
    }

    public function create(Request $request, #[CurrentUser] User $user): View
    {
        // What an address says is where the form begins; what was typed stands before it.
        $asked = array_filter($request->only('kind', ...array_column(Facet::cases(), 'value')), is_string(...));

        return view('attacks.create', [
            'form' => AttackForm::empty($user->school, $this->mapper, [...$asked, ...(array) $request->old()]),
        ]);
    }

    public function store(AttackRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $school = $user->school;
        $columns = [...$request->columns(), 'updated_by_id' => $user->id];
        $attack = Code::create($school->attacks(), (string) $request->string('title'), $columns);

        return redirect()
            ->route('attacks.show', $attack)
            ->with('status', __('messages.attack-added', ['attack' => $attack->title]));
    }

    public function show(#[CurrentUser] User $user, Attack $attack): View
    {
        $school = $user->school;
        $why = $this->mapper->whyUnreadable($attack->setRelation('school', $school));
        if ($why !== null) {
            return view('attacks.unreadable', ['attack' => $attack, 'why' => $why]);
        }
        $catalogue = $this->mapper->curriculum($school);
        $core = $catalogue->attack($attack->code);
        $coverage = $this->coverages->of($school);

        return view('attacks.show', [
            'situation' => $this->pages->ofCurriculum(
                "situation-{$attack->id}",
                $user,
                static fn (): string => view('attacks.situation', [
                    'attack' => $attack,
                    'seen' => ($seen = SituationView::of($catalogue, $core)),
                    'card' => new AttackerCard($core, $core->facets, $seen->line),
                ])->render(),
            ),
            'attack' => $attack,
            'lists' => $school->drillLists,
            'page' => ($page = new AttackPage($core, $catalogue, $coverage, $school)),
            'when' => $page->when(),
            'holes' => AttackHoles::of($attack->code, $coverage->holes, isWhole: false),
            'links' => HoleLinks::in($school, $catalogue),
            'footage' => new FootageList($attack),
        ]);
    }

    public function edit(Request $request, #[CurrentUser] User $user, Attack $attack): View
    {
        return view('attacks.edit', [
            'attack' => $attack,
            'why' => $this->mapper->whyUnreadable($attack->setRelation('school', $user->school)),
            'form' => AttackForm::of($attack, $user->school, $this->mapper, (array) $request->old()),
        ]);
    }

    public function update(AttackRequest $request, #[CurrentUser] User $user, Attack $attack): RedirectResponse
    {
        if (! $attack->updateVersion($request->integer('version'), $request->columns(), $user)) {
            return redirect()
                ->route('attacks.edit', $attack)
                ->withInput([...$request->except('_token', '_method'), 'version' => $attack->version])
                ->with('overtaken', true);
        }

        return redirect()
            ->route('attacks.show', $attack)
            ->with('status', __('messages.saved', ['name' => $attack->title]));
    }

    public function destroy(Attack $attack): RedirectResponse
    {
        if ($attack->reps()->exists() || $attack->answers()->exists()) {
            return redirect()->route('attacks.show', $attack)->with('error', __('messages.attack-stays'));
        }
        $attack->delete();

        return redirect()->route('attacks.index')->with('status', __('messages.deleted', ['name' => $attack->title]));
    }
}
