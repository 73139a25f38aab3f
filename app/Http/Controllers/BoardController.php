<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Persistence\CatalogueMapper;
use App\View\Board\Board;
use App\View\Board\MistakeTrend;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The board of a group: everybody of a rank, or of the school, a page at a time. */
final readonly class BoardController
{
    /** People on one board. */
    private const GROUP = 30;

    public function __construct(private CatalogueMapper $mapper) {}

    public function show(Request $request): View
    {
        $school = $request->user()->school;
        $rank = $school->ranks->firstWhere('code', $request->query('rank'));
        $sort = is_string($request->query('sort')) && isset(Board::SORTS[$request->query('sort')]) ? $request->query('sort') : 'name';
        $students = $school->students()->with('rank')->when($rank, static fn ($query) => $query->where('rank_id', $rank->id))->paginate(self::GROUP)->withQueryString();

        return view('board.show', [
            'ranks' => $school->ranks,
            'rank' => $rank,
            'sort' => $sort,
            'students' => $students,
            'board' => new Board($school, $students->getCollection(), $this->mapper, CarbonImmutable::now(), $sort, (int) (is_string($request->query('attacks')) && ctype_digit($request->query('attacks')) ? substr($request->query('attacks'), 0, 6) : 1)),
            'attackIds' => $school->attacks->pluck('id', 'code'),
        ]);
    }

    public function mistakes(Request $request): View
    {
        return view('board.mistakes', ['trend' => new MistakeTrend($request->user()->school, CarbonImmutable::now())]);
    }
}
