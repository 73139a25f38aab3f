<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\DrillList;
use App\Persistence\CatalogueMapper;
use App\View\Forms\DrillListForm;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use StoneDrill\Core\Coverage\Pairs\DrillRow;

/** Lists of attacks to drill, made so that every pair of what varies is met. */
final readonly class DrillListController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function index(Request $request): View
    {
        return view('lists.index', ['lists' => $request->user()->school->drillLists()->with('madeBy')->withCount('items')->get()]);
    }

    public function create(Request $request): View
    {
        $school = $request->user()->school;

        return view('lists.create', [
            'form' => new DrillListForm([...$request->query(), ...$request->old()], $school, $this->mapper),
            'attacks' => $school->attacks->keyBy('code'),
            'kinds' => $this->mapper->kinds($school),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        $school = $request->user()->school;
        $request->validate(
            ['name' => ['required', 'string', 'max:200', Rule::unique('drill_lists')->where('school_id', $school->id)]],
            ['name.unique' => 'Another list has this name already.'],
        );
        $form = new DrillListForm($request->all(), $school, $this->mapper);
        if ($form->rows === null) {
            throw ValidationException::withMessages(['forbid' => $form->wrong ?? 'No attack of the catalogue is of these families.']);
        }
        $ids = $school->attacks->pluck('id', 'code');
        try {
            $list = DB::transaction(static function () use ($school, $request, $form, $ids): DrillList {
                $list = $school->drillLists()->create(['name' => $request->string('name'), 'made_by_id' => $request->user()->id]);
                $list->items()->createMany(array_map(static fn (DrillRow $row, int $place): array => [
                    'school_id' => $school->id,
                    'position' => $place + 1,
                    'attack_id' => $ids[$row->attack],
                    'side' => $row->side->value,
                    'differences' => $row->differences,
                ], $form->listed(), array_keys($form->listed())));

                return $list;
            });
        } catch (UniqueConstraintViolationException) {
            throw ValidationException::withMessages(['name' => 'Another list has this name already.']);
        }

        return redirect()->route('lists.show', $list)->with('said', "“{$list->name}” is saved.");
    }

    public function show(DrillList $list): View
    {
        return view('lists.show', ['list' => $list->load(['items.attack', 'madeBy'])]);
    }

    public function destroy(DrillList $list): RedirectResponse
    {
        $list->delete();

        return redirect()->route('lists.index')->with('said', "“{$list->name}” is deleted.");
    }
}
