<?php

declare(strict_types=1);

namespace App\Http\Controllers\Beginning;

use App\Actions\SetRanks;
use App\Http\Requests\Beginning\RanksStepRequest;
use App\Http\Word;
use App\Models\SetupStep;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\View\Beginning\RankRows;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use StoneDrill\Core\Curriculum\Rung;

/** The ranks of the school, and the rung that each should hold. */
final readonly class RanksStepController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function show(Request $request, #[CurrentUser] User $user): View
    {
        $ladder = $this->mapper->ladder($user->school);
        $list = trim(Word::in($request, 'list'));
        $count = $request->integer('count');
        $rows = match (true) {
            $list !== '' => RankRows::pasted($list, $ladder),
            in_array($count, RankRows::COUNTS, true) => RankRows::numbered($count, $ladder),
            default => RankRows::of($user->school, $ladder),
        };

        return view('beginning.ranks', [
            'school' => $user->school,
            'rows' => array_values((array) old('ranks', $rows->rows)),
            'rungs' => collect($ladder->rungs)
                ->mapWithKeys(static fn (Rung $rung): array => [$rung->id => "{$rung->id} {$rung->name}"])
                ->all(),
            'ladder' => $ladder->rungs,
        ]);
    }

    public function update(RanksStepRequest $request, #[CurrentUser] User $user, SetRanks $action): RedirectResponse
    {
        if (! $action->set($user->school, $request->ranks())) {
            return back()->withInput()->with('error', __('beginning.ranks.in-use'));
        }
        $user->school->finish(SetupStep::Ranks);

        return redirect()->to(SetupStep::Contact->url());
    }
}
