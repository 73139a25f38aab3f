<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\HoleBook;
use App\View\Wall\FewestView;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use StoneDrill\Core\Coverage\Removable;
use StoneDrill\Core\Report\FewestReport;

/** The least that must be taught to cover a share by a rank, and what could be left out. */
final readonly class FewestController
{
    /** Percent, where nothing else is asked for. */
    private const SHARE = 90;

    public function __construct(
        private CatalogueMapper $mapper,
        private CoverageBook $coverages,
        private HoleBook $holes,
    ) {}

    public function __invoke(Request $request, #[CurrentUser] User $user): View
    {
        $school = $user->school;
        $catalogue = $this->mapper->curriculum($school);
        $ranks = array_column($catalogue->ranks, 'name', 'id');
        $rank = $this->rank($request, array_map(strval(...), array_keys($ranks)));
        $share = $this->share($request);

        $fewest = $rank === null ? null : $this->holes->fewest($school, $catalogue, $rank, $share / 100);

        return view('wall.fewest', [
            'catalogue' => $catalogue,
            'ranks' => $ranks,
            'rank' => $rank,
            'share' => $share,
            'fewest' => $fewest,
            'view' => $fewest === null ? null : new FewestView(new FewestReport($fewest, $share / 100), $ranks[$rank]),
            'answers' => $school->answers->keyBy('code'),
            'removable' => Removable::of($catalogue, $this->coverages->of($school)),
        ]);
    }

    /** Percent; what cannot be read asks for what is usual. */
    private function share(Request $request): int
    {
        $asked = $request->query('share');

        return is_string($asked) && ctype_digit($asked) && $asked >= 1 && $asked <= 100 ? (int) $asked : self::SHARE;
    }

    /**
     * The rank that is asked for, or the one in the middle of the ladder.
     *
     * @param list<string> $ranks ids
     */
    private function rank(Request $request, array $ranks): ?string
    {
        $asked = $request->query('rank');

        return in_array($asked, $ranks, true) ? $asked : $ranks[intdiv(count($ranks), 2)] ?? null;
    }
}
