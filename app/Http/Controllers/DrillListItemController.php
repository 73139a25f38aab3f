<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ListChangeRequest;
use App\Http\Requests\PickedRequest;
use App\Models\DrillList;
use App\Models\DrillListItem;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** A list made by hand: attacks picked one by one, put in order, used again under another name. */
final readonly class DrillListItemController
{
    public function store(PickedRequest $request): RedirectResponse
    {
        $list = DB::transaction(static function () use ($request): DrillList {
            $list = $request->drillList();
            $list->add($request->items());

            return $list;
        });

        return back()
            ->with('status', trans_choice('lists.added', count($request->items()), ['name' => $list->name]))
            ->with('list', $list->id);
    }

    /** Moves one up or down. */
    public function update(Request $request, DrillList $list, DrillListItem $item): RedirectResponse
    {
        $change = $request->validate(['change' => ['required', Rule::in(['earlier', 'later'])]])['change'];
        DB::transaction(static fn () => $list->move($item, $change === 'earlier' ? -1 : 1));

        return redirect()->route('drill-lists.show', $list);
    }

    public function destroy(DrillList $list, DrillListItem $item): RedirectResponse
    {
        $item->delete();

        return redirect()
            ->route('drill-lists.show', $list)
            ->with('status', __('lists.removed', ['attack' => $item->attack->title]));
    }

    public function rename(ListChangeRequest $request, DrillList $list): RedirectResponse
    {
        $list->update(['name' => $request->validated('name')]);

        return redirect()
            ->route('drill-lists.show', $list)
            ->with('status', __('messages.saved', ['name' => $list->name]));
    }

    /** The same attacks again, in a list of their own. */
    public function copy(#[CurrentUser] User $user, DrillList $list): RedirectResponse
    {
        $copy = DB::transaction(static function () use ($user, $list): DrillList {
            $copy = $user->school->drillLists()->create(['name' => $list->nameOfCopy(), 'made_by_id' => $user->id]);
            $copy
                ->items()
                ->createMany(
                    $list->items
                        ->map(
                            static fn (DrillListItem $item): array => $item->only(
                                'school_id',
                                'position',
                                'attack_id',
                                'side',
                                'differences',
                            ),
                        )
                        ->all(),
                );

            return $copy;
        });

        return redirect()
            ->route('drill-lists.show', $copy)
            ->with('status', __('lists.copied', ['name' => $copy->name]));
    }
}
