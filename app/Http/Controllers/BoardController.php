<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\KnowsWhatItShows;
use App\Models\Rank;
use App\Models\School;
use App\Models\Student;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\WindowBook;
use App\View\Board\Board;
use App\View\Board\BoardSheet;
use App\View\Board\MistakeTrend;
use App\View\SvgFile;
use App\View\Wall\WallQuery;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** The board of a group: everybody of a rank, or of the school, a page at a time. */
final readonly class BoardController implements KnowsWhatItShows
{
    /** People on one board. */
    private const GROUP = 30;

    public function __construct(private CatalogueMapper $mapper, private CoverageBook $coverages) {}

    public function show(Request $request, #[CurrentUser] User $user): View
    {
        return view('board.show', [
            ...$this->asked($request, $user),
            'asTable' => $request->query('form') === 'table',
            'progress' => WindowBook::progress($user->school),
            'parameters' => $request->only('rank', 'sort', 'attacks', 'page', 'form'),
        ]);
    }

    public function shows(Request $request, User $user): ?string
    {
        return WindowBook::progress($user->school) === null ? $this->asked($request, $user)['board']->mark() : null;
    }

    /** How far reading many new reps is; asked for again and again until it is over. */
    public function progress(#[CurrentUser] User $user): View
    {
        return view('board.progress', ['progress' => WindowBook::progress($user->school)]);
    }

    public function svg(Request $request, #[CurrentUser] User $user): Response
    {
        ['board' => $board, 'rank' => $rank] = $this->asked($request, $user);
        $title = $user->school->name
        .', '
        .($rank->name ?? __('words.everybody'))
        .', '
        .school_time(CarbonImmutable::now(), 'j M Y');
        $svg = view('board.drawing', [
            'board' => $board,
            'sheet' => new BoardSheet($board),
            'title' => $title,
        ])->render();

        return SvgFile::of(
            SvgFile::inked($svg, $title, 'board/board-ink.css'),
            Str::slug($user->school->name).'-board',
        );
    }

    /**
     * @return array{ranks: Collection<int, Rank>, rank: ?Rank, sort: string, students: LengthAwarePaginator<int,
     *     Student>, board: Board, attackIds: array<string, int>}
     */
    private function asked(Request $request, User $user): array
    {
        // It is asked for to know what it shows, and once more where that is drawn.
        if (! $request->attributes->has(self::class)) {
            $request->attributes->set(self::class, $this->read($request, $user->school));
        }

        return $request->attributes->get(self::class);
    }

    /**
     * @return array{ranks: Collection<int, Rank>, rank: ?Rank, sort: string, students: LengthAwarePaginator<int,
     *     Student>, board: Board, attackIds: array<string, int>}
     */
    private function read(Request $request, School $school): array
    {
        $rank = $school->ranks->firstWhere('code', $request->query('rank'));
        $sort = in_array($request->query('sort'), Board::SORTS, true) ? $request->query('sort') : Board::SORTS[0];
        $students = $school
            ->students()
            ->when($rank, static fn (Builder $query, Rank $rank) => $query->where('rank_id', $rank->id))
            ->paginate(self::GROUP)
            ->withQueryString();
        $attacks = WallQuery::page($request->query('attacks'));

        return [
            'ranks' => $school->ranks,
            'rank' => $rank,
            'sort' => $sort,
            'students' => $students,
            'board' => new Board(
                $school,
                $school->withRanks($students->getCollection()),
                $this->mapper,
                $this->coverages,
                CarbonImmutable::now(),
                $sort,
                $attacks,
            ),
            'attackIds' => $school->attackIds(),
        ];
    }

    public function mistakes(#[CurrentUser] User $user): View
    {
        return view('board.mistakes', ['trend' => new MistakeTrend($user->school, CarbonImmutable::now())]);
    }
}
