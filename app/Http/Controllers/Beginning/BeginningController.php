<?php

declare(strict_types=1);

namespace App\Http\Controllers\Beginning;

use App\Actions\BeginSchool;
use App\Auth\BeginningInvitation;
use App\Http\Requests\Beginning\BeginSchoolRequest;
use App\Http\Requests\Beginning\SchoolStepRequest;
use App\Models\SetupStep;
use App\Models\User;
use DateTimeZone;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use StoneDrill\Core\Geometry\BearingStyle;

/** The first step of a school: what it is called, how it writes, and who its first head is. */
final readonly class BeginningController
{
    public function create(Request $request, BeginningInvitation $invitation): View
    {
        $invitation->check($request);

        return view('beginning.create', [...self::choices(), 'action' => $request->fullUrl()]);
    }

    public function store(BeginSchoolRequest $request, BeginningInvitation $invitation, BeginSchool $action): RedirectResponse
    {
        $invitation->take($request);
        $user = $action->begin($request->columns(), $request->head());
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->to(SetupStep::Doctrine->url());
    }

    public function show(#[CurrentUser] User $user): View
    {
        return view('beginning.school', [...self::choices(), 'school' => $user->school]);
    }

    public function update(SchoolStepRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $user->school->update($request->columns());

        return redirect()->to(SetupStep::Doctrine->url());
    }

    /** @return array<string, mixed> */
    private static function choices(): array
    {
        $zones = DateTimeZone::listIdentifiers();
        $styles = array_column(BearingStyle::cases(), 'value');

        return [
            'zones' => array_combine($zones, $zones),
            'styles' => array_combine($styles, array_map(static fn (string $style): string => __("beginning.school.styles.{$style}"), $styles)),
        ];
    }
}
