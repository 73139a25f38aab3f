<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Answer;
use App\Models\School;
use App\Persistence\CatalogueMapper;
use App\Persistence\HoleBook;
use App\View\Wall\MovePreview;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\Move;
use StoneDrill\Core\Curriculum\Catalogue;

/** Closing a hole by changing an answer: first what would follow, then one press, and a way back. */
final readonly class MoveController
{
    public function __construct(private CatalogueMapper $mapper, private HoleBook $holes) {}

    public function show(Request $request, Answer $answer): View
    {
        $school = $request->user()->school;
        $catalogue = $this->mapper->curriculum($school);
        $before = $this->holes->of($school);
        [$hole, $move] = $this->asked($request, $answer, $before);
        $then = $move->takenIn($catalogue, (string) $hole->rank);

        return view('wall.move', [
            'answer' => $answer,
            'hole' => $hole,
            'move' => $move,
            'rankName' => $school->ranks->firstWhere('code', $hole->rank)->name ?? '',
            'outlook' => new MovePreview($catalogue, $before, $then, $this->holes->after($school, $catalogue, $then)),
        ]);
    }

    public function store(Request $request, Answer $answer): RedirectResponse
    {
        $request->validate(['version' => ['required', 'integer']]);
        $school = $request->user()->school;
        $catalogue = $this->mapper->curriculum($school);
        [$hole, $move] = $this->asked($request, $answer, $this->holes->of($school));
        $before = $answer->version;
        if (! $answer->updateVersion($request->integer('version'), $this->columns($school, $move->takenIn($catalogue, (string) $hole->rank), $answer), $request->user())) {
            return redirect()->route('wall')->with('wrong', 'Somebody saved this answer in between. Nothing was changed; look at it again.');
        }

        return redirect()->route('wall')->with('said', "“{$answer->title}” is changed, and the hole is closed.")->with('undo', ['answer' => $answer->id, 'version' => $before, 'now' => $before + 1]);
    }

    /**
     * The hole and the move that were named; somebody else may have closed it meanwhile.
     *
     * @param list<Hole> $holes
     *
     * @return array{Hole, Move}
     */
    private function asked(Request $request, Answer $answer, array $holes): array
    {
        foreach ($holes as $hole) {
            if ([$hole->kind->value, $hole->attack, $hole->side?->value] !== [$request->input('kind'), $request->input('attack'), $request->input('side')]) {
                continue;
            }
            foreach ($hole->moves as $move) {
                if ($move->answer === $answer->code && $move->kind->value === $request->input('move')) {
                    return [$hole, $move];
                }
            }
        }
        abort(404);
    }

    /** @return array<string, mixed> the columns of the answer as the catalogue has it */
    private function columns(School $school, Catalogue $catalogue, Answer $answer): array
    {
        $core = array_column($catalogue->answers, null, 'id')[$answer->code];
        $ranks = $school->ranks->pluck('id', 'code');

        return [
            'pattern' => $core->listed,
            'mirrored' => $core->mirrored,
            'rank_id' => $ranks[$core->rank],
            'short_rank_id' => $core->short === null ? null : $ranks[$core->short->rank],
            'short_beats' => $core->short?->beats,
            'beats' => $core->beats->toText(),
        ];
    }
}
