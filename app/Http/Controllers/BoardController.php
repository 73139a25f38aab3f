<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Rank;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\View\Board\Board;
use App\View\Board\MistakeTrend;
use App\View\Wall\WallQuery;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;

/** The board of a group: everybody of a rank, or of the school, a page at a time. */
final readonly class BoardController
{
    /** People on one board. */
    private const GROUP = 30;

    public function __construct(private CatalogueMapper $mapper, private CoverageBook $coverages) {}

    public function show(Request $request, #[CurrentUser] User $user): View
    {
        $school = $user->school;
        $rank = $school->ranks->firstWhere('code', $request->query('rank'));
        $sort = in_array($request->query('sort'), Board::SORTS, true) ? $request->query('sort') : Board::SORTS[0];
        $students = $school->students()->with('rank')
            ->when($rank, static fn (Builder $query, Rank $rank) => $query->where('rank_id', $rank->id))
            ->paginate(self::GROUP)->withQueryString();
        $attacks = WallQuery::page($request->query('attacks'));

        return view('board.show', [
            'ranks' => $school->ranks,
            'rank' => $rank,
            'sort' => $sort,
            'students' => $students,
            'board' => new Board($school, $students->getCollection(), $this->mapper, $this->coverages, CarbonImmutable::now(), $sort, $attacks),
            'attackIds' => $school->attacks->pluck('id', 'code'),
        ]);
    }

    public function mistakes(#[CurrentUser] User $user): View
    {
        return view('board.mistakes', ['trend' => new MistakeTrend($user->school, CarbonImmutable::now())]);
    }
}
