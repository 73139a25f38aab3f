<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlacementRequest;
use App\Models\Answer;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\HoleBook;
use App\View\Wall\MovePreview;
use App\View\Wall\WallBuilder;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Moving an answer to another rank: first what would follow on the wall, then one press, and a way back. */
final readonly class PlacementController
{
    public function __construct(
        private CatalogueMapper $mapper,
        private CoverageBook $coverages,
        private HoleBook $holes,
        private WallBuilder $builder,
    ) {}

    public function show(Request $request, #[CurrentUser] User $user, Answer $answer): View
    {
        $school = $user->school;
        $to = $school->ranks->firstWhere('code', $request->input('to')) ?? $answer->rank;
        $now = $this->mapper->curriculum($school);
        $then = $now->withAnswerAt($answer->code, $to->code);

        return view('wall.placement', [
            'answer' => $answer,
            'to' => $to,
            'rankOptions' => $school->ranks->pluck('name', 'code'),
            'losesShort' => $answer->short_rank_id !== null && $then->answer($answer->code)->teaching->short === null,
            'picture' => $this->builder->compare($school, $now, $then),
            'preview' => $to->is($answer->rank)
                ? null
                : new MovePreview(
                    $now,
                    $this->coverages->of($school),
                    $this->holes->of($school),
                    $then,
                    $this->coverages->ofAnother($school, $then),
                    $this->holes->after($school, $now, $then),
                ),
        ]);
    }

    public function update(PlacementRequest $request, #[CurrentUser] User $user, Answer $answer): RedirectResponse
    {
        $to = $request->rank();
        $core = $this->mapper->curriculum($user->school)->withAnswerAt($answer->code, $to->code)->answer($answer->code);
        $before = $answer->version;
        $columns = [
            'rank_id' => $to->id,
            ...$core->teaching->short === null ? ['short_rank_id' => null, 'short_beats' => null] : [],
        ];
        if (! $answer->updateVersion($request->integer('version'), $columns, $user)) {
            return redirect()
                ->route('answers.placement.show', [$answer, 'to' => $to->code])
                ->with('error', __('messages.saved-in-between'));
        }

        return redirect()
            ->route('wall')
            ->with('status', __('messages.moved', ['answer' => $answer->title, 'rank' => $to->name]))
            ->with('undo', ['answer' => $answer->id, 'version' => $before, 'now' => $before + 1]);
    }
}
