<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Auth\CardCode;
use App\Http\Requests\Account\TabletRequest;
use App\Models\Tablet;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The bench tablets of a school, as its head sees them. */
final class TabletsController
{
    public function index(#[CurrentUser] User $user): View
    {
        $school = $user->school;

        return view('tablets.index', [
            'tablets' => $school->tablets->filter(static fn (Tablet $tablet): bool => $tablet->isUsable()),
            'withPin' => $school
                ->users()
                ->teaching()
                ->whereNull('closed_at')
                ->whereNotNull('pin')
                ->orderBy('name')
                ->pluck('name'),
        ]);
    }

    public function store(TabletRequest $request, #[CurrentUser] User $user): View
    {
        $code = CardCode::make();
        // Codes that nobody typed in time are of no use any more.
        $user->school->tablets()->where('expires_at', '<', CarbonImmutable::now())->delete();
        $tablet = $user->school
            ->tablets()
            ->create([
                'name' => $request->validated('name'),
                'token' => CardCode::hash($code),
                'expires_at' => CarbonImmutable::now()->addMinutes(Tablet::MINUTES),
            ]);

        // It is known this once.
        return view('tablets.code', ['code' => CardCode::spaced($code), 'tablet' => $tablet]);
    }

    public function destroy(Tablet $tablet): RedirectResponse
    {
        $tablet->delete();

        return redirect()->route('tablets.index')->with('status', __('tablets.ended', ['name' => $tablet->name]));
    }
}
