<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AdoptStarter;
use App\Http\Requests\StarterRequest;
use App\Models\SetupStep;
use App\Models\User;
use App\Persistence\Starter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Curriculum\Adoption;
use StoneDrill\Core\Curriculum\Catalogue;

/** A first curriculum: what it would add, at which of the school's ranks, and taking it over. */
final readonly class StarterController
{
    public function __construct(private AdoptStarter $action) {}

    public function show(#[CurrentUser] User $user, Starter $starter): View
    {
        $adoption = $this->action->adoption($starter, $user->school);
        $catalogue = $starter->catalogue();
        $own = $this->action->curriculum($user->school);
        $titles = [];
        foreach ($catalogue->answers as $answer) {
            $titles[$answer->attack][] = $answer->title;
        }

        return view('starters.show', [
            'starter' => $starter,
            'school' => $user->school,
            'attackRows' => array_map(
                static fn (Attack $attack): array => [
                    'title' => $attack->title,
                    'answers' => implode(', ', $titles[$attack->id] ?? []),
                    'becomes' => self::becomes($adoption, $own, $attack->id),
                ],
                $catalogue->attacks,
            ),
            'starterRanks' => $catalogue->ranks,
            'attacks' => count($adoption->attacks()),
            'answers' => count($adoption->answers()),
            'solos' => [
                ...AdoptStarter::basics($starter, $user->school, $adoption),
                ...AdoptStarter::forms($starter, $user->school, $adoption),
            ],
            'proposal' => Adoption::proposal($own, $catalogue),
            'ranks' => $user->school->ranks->pluck('name', 'code')->all(),
        ]);
    }

    private static function becomes(Adoption $adoption, Catalogue $own, string $attack): string
    {
        return match (true) {
            ! $own->hasAttack($attack) => __('beginning.starter.becomes.new'),
            $adoption->isSameAttack($attack) => __('beginning.starter.becomes.here'),
            default => __('beginning.starter.becomes.left-out', ['title' => $own->attack($attack)->title]),
        };
    }

    public function store(StarterRequest $request, #[CurrentUser] User $user, Starter $starter): RedirectResponse
    {
        $this->action->adopt($starter, $user->school, $request->ranks(), $user);
        $user->school->finish(SetupStep::Curriculum);

        return redirect()
            ->route('wall')
            ->with('status', __('beginning.starter.taken', ['starter' => $starter->title()]));
    }
}
