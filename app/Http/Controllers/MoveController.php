<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MoveRequest;
use App\Models\Answer;
use App\Models\School;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\HoleBook;
use App\View\Spelling;
use App\View\Wall\MovePreview;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\Move;
use StoneDrill\Core\Curriculum\Catalogue;

/** Closing a hole by changing an answer: first what would follow, then one press, and a way back. */
final readonly class MoveController
{
    public function __construct(
        private CatalogueMapper $mapper,
        private CoverageBook $coverages,
        private HoleBook $holes,
    ) {}

    public function create(Request $request, #[CurrentUser] User $user, Answer $answer): View
    {
        $school = $user->school;
        $catalogue = $this->mapper->curriculum($school);
        $before = $this->holes->of($school);
        [$hole, $move] = $this->asked($request, $answer, $before);
        $then = $move->takenIn($catalogue, (string) $hole->rank);
        $spelling = Spelling::of($catalogue->school);

        return view('wall.move', [
            'answer' => $answer,
            'hole' => $hole,
            'move' => $move,
            'beats' => $move->beats?->toText($spelling->vocabulary),
            'value' => match ($move->facet) {
                'kind' => say($this->mapper->kinds($school)->get((string) $move->value)->name()),
                'bearing' => $spelling->hour((string) $move->value),
                default => $move->value,
            },
            'rankName' => $school->ranks->firstWhere('code', $hole->rank)->name ?? '',
            'preview' => new MovePreview(
                $catalogue,
                $this->coverages->of($school),
                $before,
                $then,
                $this->coverages->ofAnother($school, $then),
                $this->holes->after($school, $catalogue, $then),
            ),
        ]);
    }

    public function store(MoveRequest $request, #[CurrentUser] User $user, Answer $answer): RedirectResponse
    {
        $school = $user->school;
        $catalogue = $this->mapper->curriculum($school);
        [$hole, $move] = $this->asked($request, $answer, $this->holes->of($school));
        $before = $answer->version;
        $columns = $this->columns($school, $move->takenIn($catalogue, (string) $hole->rank), $answer);
        if (! $answer->updateVersion($request->integer('version'), $columns, $user)) {
            return redirect()->route('wall')->with('error', __('messages.saved-in-between'));
        }

        return redirect()
            ->route('wall')
            ->with('status', __('messages.hole-closed', ['answer' => $answer->title]))
            ->with('undo', ['answer' => $answer->id, 'version' => $before, 'now' => $before + 1]);
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
            if (
                [$hole->kind->value, $hole->attack, $hole->side?->value] !== [
                    $request->input('kind'),
                    $request->input('attack'),
                    $request->input('side'),
                ]
            ) {
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
        $core = $catalogue->answer($answer->code);
        $ranks = $school->ranks->pluck('id', 'code');

        return [
            'pattern' => $core->matching->listed,
            'mirrored' => $core->matching->mirrored,
            'rank_id' => $ranks[$core->teaching->rank],
            'short_rank_id' => $core->teaching->short === null ? null : $ranks[$core->teaching->short->rank],
            'short_beats' => $core->teaching->short?->beats,
            'beats' => $core->beats->toText(),
        ];
    }
}
