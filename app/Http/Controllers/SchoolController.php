<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SchoolRequest;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\Starter;
use DateTimeZone;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use StoneDrill\Core\Coverage\HoleKind;
use StoneDrill\Core\Curriculum\Rung;

/** The school itself: its ranks, what it weighs its holes with, and its catalogue file. */
final readonly class SchoolController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function show(#[CurrentUser] User $user): View
    {
        $school = $user->school;
        $core = $this->mapper->school($school);
        $rungs = $this->mapper->ladder($school)->rungs;
        $zones = DateTimeZone::listIdentifiers();

        return view('school.show', [
            'school' => $school,
            'unreadable' => $this->mapper->unreadable($school),
            'ranks' => $school->ranks,
            'ladder' => $school->rungs,
            'rungNames' => array_combine(
                array_map(static fn (Rung $rung): int => $rung->id, $rungs),
                array_map(static fn (Rung $rung): string => "{$rung->id} {$rung->name}", $rungs),
            ),
            'factors' => array_map(static fn (HoleKind $kind): array => [
                'kind' => $kind->value,
                'label' => __('holes.kinds.'.$kind->value),
                'value' => old("factors.{$kind->value}", (string) $kind->factorIn($core)),
            ], HoleKind::cases()),
            'share' => (int) round(100 * $core->share),
            'starters' => Starter::cases(),
            'zones' => array_combine($zones, $zones),
        ]);
    }

    public function update(SchoolRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $user->school->update($request->columns());

        return redirect()->to(route('school').'#weights')->with('status', __('messages.weights-saved'));
    }
}
