<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Attack;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\HoleBook;
use App\View\Attacks\AttackHoles;
use App\View\Wall\HoleLinks;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;

/** What an attack lacks: what no answer lays, and the weak spots of what does, as soon as they are worked out. */
final readonly class AttackHolesController
{
    public function __construct(
        private CatalogueMapper $mapper,
        private CoverageBook $coverages,
        private HoleBook $holes,
    ) {}

    public function __invoke(#[CurrentUser] User $user, Attack $attack): View
    {
        $school = $user->school;
        $hasFailed = $this->holes->tellFailed($school);
        $found = $hasFailed ? null : $this->holes->asked($school);

        return view('attacks.holes', [
            'attack' => $attack,
            'holes' => AttackHoles::of(
                $attack->code,
                $found ?? $this->coverages->of($school)->holes,
                isWhole: $found !== null,
                hasFailed: $hasFailed,
            ),
            'links' => HoleLinks::in($school, $this->mapper->curriculum($school)),
        ]);
    }
}
