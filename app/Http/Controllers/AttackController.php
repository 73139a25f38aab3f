<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AttackRequest;
use App\Models\Attack;
use App\Persistence\CatalogueMapper;
use App\Persistence\Code;
use App\View\Floor\SituationView;
use App\View\Forms\AttackForm;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Hole;

final readonly class AttackController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function index(Request $request): View
    {
        $school = $request->user()->school;
        $kinds = $this->mapper->kinds($school);
        $families = collect($kinds->all())->mapWithKeys(static fn ($kind): array => [$kind->id => $kind->family]);
        $filters = array_map(static fn (mixed $value): string => is_string($value) ? trim($value) : '', $request->only('find', 'family', 'rank', 'side'));
        $coverage = Coverage::of($this->mapper->curriculum($school));
        $cells = collect($coverage->cells)->groupBy(static fn (Cell $cell): string => $cell->attack->id);
        $attacks = $school->attacks()->with('neededBy')
            ->when($filters['find'] ?? '', static fn ($query, string $words) => $query->where(static fn ($any) => $any->whereLike('title', "%{$words}%")->orWhereLike('notes', "%{$words}%")->orWhereLike('kind', "%{$words}%")))
            ->when($filters['family'] ?? '', static fn ($query, string $family) => $query->whereIn('kind', $families->filter(static fn (Family $of): bool => $of->value === $family)->keys()))
            ->when($filters['rank'] ?? '', static fn ($query, string $code) => $query->whereRelation('neededBy', 'code', $code))
            ->get()
            // What cannot be read is listed apart.
            ->filter(static fn (Attack $attack): bool => isset($cells[$attack->code]))
            ->filter(static fn (Attack $attack): bool => match ($filters['side'] ?? '') {
                'both' => $cells[$attack->code]->every(static fn (Cell $cell): bool => $cell->laidAt !== null),
                'one' => $cells[$attack->code]->contains('laidAt', null) && $cells[$attack->code]->contains(static fn (Cell $cell): bool => $cell->laidAt !== null),
                'none' => $cells[$attack->code]->every(static fn (Cell $cell): bool => $cell->laidAt === null),
                default => true,
            })
            ->groupBy(static fn (Attack $attack): string => $families[$attack->kind]->value)
            ->sortBy(static fn ($group, string $family): int => (int) array_search(Family::from($family), Family::cases(), true));

        return view('attacks.index', [
            'groups' => $attacks,
            'cells' => $cells,
            'filters' => $filters,
            'unreadable' => $this->mapper->unreadable($school),
            'kinds' => $kinds,
            'ranks' => $school->ranks,
            'total' => $school->attacks()->count(),
        ]);
    }

    public function create(Request $request): View
    {
        // What an address says is where the form begins; what was typed stands before it.
        $asked = array_filter($request->only('kind', ...array_column(Facet::cases(), 'value')), is_string(...));

        return view('attacks.create', ['form' => AttackForm::empty($request->user()->school, $this->mapper, [...$asked, ...$request->old()])]);
    }

    public function store(AttackRequest $request): RedirectResponse
    {
        $school = $request->user()->school;
        $attack = Code::create($school->attacks(), (string) $request->string('title'), [...$request->columns(), 'updated_by_id' => $request->user()->id]);

        return redirect()->route('attacks.show', $attack)->with('said', "“{$attack->title}” is in the catalogue. Now write an answer to it.");
    }

    public function show(Request $request, Attack $attack): View
    {
        $school = $request->user()->school;
        $why = $this->mapper->whyUnreadable($attack->setRelation('school', $school));
        if ($why !== null) {
            return view('attacks.unreadable', ['attack' => $attack, 'why' => $why]);
        }
        $catalogue = $this->mapper->curriculum($school);
        $coverage = Coverage::of($catalogue);
        $core = array_column($catalogue->attacks, null, 'id')[$attack->code];

        return view('attacks.show', [
            'seen' => SituationView::of($catalogue, $core),
            'attack' => $attack->setRelation('school', $school),
            'core' => $core,
            'cells' => array_values(array_filter($coverage->cells, static fn (Cell $cell): bool => $cell->attack->id === $attack->code)),
            'holes' => array_values(array_filter($coverage->holes, static fn (Hole $hole): bool => $hole->attack === $attack->code)),
            'answers' => $school->answers->keyBy('code'),
            'rankNames' => $school->ranks->pluck('name', 'code'),
            'style' => $this->mapper->school($school)->bearings,
            'reps' => $attack->reps()->count(),
        ]);
    }

    public function edit(Request $request, Attack $attack): View
    {
        return view('attacks.edit', [
            'attack' => $attack,
            'why' => $this->mapper->whyUnreadable($attack->setRelation('school', $request->user()->school)),
            'form' => AttackForm::of($attack, $request->user()->school, $this->mapper, $request->old()),
        ]);
    }

    public function update(AttackRequest $request, Attack $attack): RedirectResponse
    {
        if (! $attack->updateVersion($request->integer('version'), $request->columns(), $request->user())) {
            return redirect()->route('attacks.edit', $attack)->withInput([...$request->except('_token', '_method'), 'version' => $attack->version])->with('overtaken', true);
        }

        return redirect()->route('attacks.show', $attack)->with('said', "“{$attack->title}” is saved.");
    }

    public function destroy(Attack $attack): RedirectResponse
    {
        if ($attack->reps()->exists() || $attack->answers()->exists()) {
            return redirect()->route('attacks.show', $attack)->with('wrong', 'This attack stays: answers are written for it, or reps are recorded of it, and reps are never lost. Set “needed by” to no rank to take it out of the wall.');
        }
        $attack->delete();

        return redirect()->route('attacks.index')->with('said', "“{$attack->title}” is deleted.");
    }
}
