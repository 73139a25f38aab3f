<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\Starter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use StoneDrill\Core\Curriculum\Rung;

/** The school itself: its ranks and rungs, its starters, and its catalogue file. */
final readonly class SchoolController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function show(#[CurrentUser] User $user): View
    {
        $school = $user->school;
        $rungs = $this->mapper->ladder($school)->rungs;

        return view('school.show', [
            'school' => $school,
            'unreadable' => $this->mapper->unreadable($school),
            'ranks' => $school->ranks,
            'ladder' => $school->rungs,
            'rungNames' => array_combine(
                array_map(static fn (Rung $rung): int => $rung->id, $rungs),
                array_map(static fn (Rung $rung): string => "{$rung->id} {$rung->name}", $rungs),
            ),
            'starters' => Starter::cases(),
        ]);
    }
}
