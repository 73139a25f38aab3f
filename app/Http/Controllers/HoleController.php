<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\HoleBook;
use App\View\Wall\HoleLinks;
use App\View\Wall\HoleList;
use App\View\Wall\WallPage;
use App\View\Wall\WallQuery;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Every hole of the curriculum and of its proof that is asked for: beside the wall when they are worked out. */
final readonly class HoleController
{
    public function __construct(
        private CatalogueMapper $mapper,
        private CoverageBook $coverages,
        private HoleBook $holes,
    ) {}

    public function __invoke(Request $request, #[CurrentUser] User $user): View
    {
        $school = $user->school;
        $query = WallQuery::of($request, $school);
        $catalogue = $this->mapper->curriculum($school);
        $coverage = $query->isYouth ? $this->coverages->forYouth($school) : $this->coverages->of($school);
        $page = WallPage::of(
            $query->selection->among($coverage->cells),
            count($query->ranks($catalogue)),
            $query->page,
        );
        $hasFailed = $this->holes->tellFailed($school);
        $found = $query->isYouth ? $coverage->holes : ($hasFailed ? null : $this->holes->asked($school));

        return view('wall.holes', [
            'holes' => new HoleList(
                $query->holes($found ?? $coverage->holes, $page->cells, $catalogue, $page->isPart()),
                isWhole: $found !== null,
                isLarge: HoleBook::isLarge($catalogue),
                hasFailed: $hasFailed,
                share: $this->holes->share($school),
                isYouth: $query->isYouth,
            ),
            'query' => $query,
            'links' => HoleLinks::in($school, $catalogue),
        ]);
    }
}
