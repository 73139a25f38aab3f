<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Answer;
use App\Models\Rank;
use App\Models\School;
use App\Persistence\CatalogueMapper;
use App\Persistence\HoleBook;
use App\View\Wall\MovePreview;
use App\View\Wall\WallBuilder;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Moving an answer to another rank: first what would follow on the wall, then one press, and a way back. */
final readonly class PlacementController
{
    public function __construct(private CatalogueMapper $mapper, private HoleBook $holes, private WallBuilder $mason) {}

    public function show(Request $request, Answer $answer): View
    {
        $school = $request->user()->school;
        $to = $this->asked($request, $school) ?? $answer->rank;
        $now = $this->mapper->curriculum($school);
        $then = $now->withAnswerAt($answer->code, $to->code);

        return view('wall.placement', [
            'answer' => $answer,
            'to' => $to,
            'ranks' => $school->ranks,
            'losesShort' => $answer->short_rank_id !== null && array_column($then->answers, null, 'id')[$answer->code]->short === null,
            'picture' => $this->mason->compare($school, $now, $then),
            'outlook' => $to->is($answer->rank) ? null : new MovePreview($now, $this->holes->of($school), $then, $this->holes->after($school, $now, $then)),
        ]);
    }

    public function update(Request $request, Answer $answer): RedirectResponse
    {
        $school = $request->user()->school;
        $request->validate(['version' => ['required', 'integer'], 'to' => ['required', Rule::in($school->ranks->pluck('code')->all())]]);
        $to = $this->asked($request, $school) ?? $answer->rank;
        $core = array_column($this->mapper->curriculum($school)->withAnswerAt($answer->code, $to->code)->answers, null, 'id')[$answer->code];
        $before = $answer->version;
        $columns = ['rank_id' => $to->id, ...($core->short === null ? ['short_rank_id' => null, 'short_beats' => null] : [])];
        if (! $answer->updateVersion($request->integer('version'), $columns, $request->user())) {
            return redirect()->route('answers.rank', [$answer, 'to' => $to->code])->with('wrong', 'Somebody saved this answer in between. Nothing was moved; look at it again.');
        }

        return redirect()->route('wall')->with('said', "“{$answer->title}” is introduced at {$to->name} now.")->with('undo', ['answer' => $answer->id, 'version' => $before, 'now' => $before + 1]);
    }

    private function asked(Request $request, School $school): ?Rank
    {
        return $school->ranks->firstWhere('code', $request->input('to'));
    }
}
