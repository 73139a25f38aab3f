<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DrillListRequest;
use App\Models\DrillList;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\View\Forms\DrillListForm;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Coverage\Pairs\DrillRow;

/** Lists of attacks to drill, made so that every pair of what varies is met. */
final readonly class DrillListController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function index(#[CurrentUser] User $user): View
    {
        return view('lists.index', ['lists' => $user->school->drillLists()->with('madeBy')->withCount('items')->get()]);
    }

    public function create(Request $request, #[CurrentUser] User $user): View
    {
        $school = $user->school;

        return view('lists.create', [
            'form' => new DrillListForm([...$request->query(), ...(array) $request->old()], $school, $this->mapper),
            'attacks' => $school->attacks->keyBy('code'),
            'kinds' => $this->mapper->kinds($school),
        ]);
    }

    public function store(DrillListRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $school = $user->school;
        $ids = $school->attackIds();
        $rows = $request->rows();
        $list = DB::transaction(static function () use ($school, $user, $request, $rows, $ids): DrillList {
            $list = $school->drillLists()->create(['name' => $request->validated('name'), 'made_by_id' => $user->id]);
            $list->items()->createMany(
                array_map(
                    static fn (DrillRow $row, int $place): array => [
                        'school_id' => $school->id,
                        'position' => $place + 1,
                        'attack_id' => $ids[$row->attack],
                        'side' => $row->side,
                        'differences' => $row->differences,
                    ],
                    $rows,
                    array_keys($rows),
                ),
            );

            return $list;
        });

        return redirect()
            ->route('drill-lists.show', $list)
            ->with('status', __('messages.saved', ['name' => $list->name]));
    }

    public function show(DrillList $list): View
    {
        return view('lists.show', ['list' => $list->load(['items.attack', 'madeBy'])]);
    }

    public function destroy(DrillList $list): RedirectResponse
    {
        $list->delete();

        return redirect()->route('drill-lists.index')->with('status', __('messages.deleted', ['name' => $list->name]));
    }
}
