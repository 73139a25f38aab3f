<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\KindRequest;
use App\Models\Kind;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\Code;
use App\View\Attacks\OwnKindForm;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use StoneDrill\Core\Curriculum\Catalogue;

/** A school's own kinds of attack, beside those that are built in. */
final readonly class KindController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function index(#[CurrentUser] User $user): View
    {
        return view('kinds.index', [
            'kinds' => $user->school->kinds,
            'used' => $user->school->attacks->countBy('kind'),
        ]);
    }

    public function create(): View
    {
        return view('kinds.form', ['form' => new OwnKindForm(null), 'seen' => session('seen')]);
    }

    public function store(KindRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        if ($request->boolean('preview')) {
            return $this->preview($request, $this->mapper->curriculum($user->school), 'own-kind');
        }
        $kind = Code::create($user->school->kinds(), (string) $request->string('name'), $request->columns());

        return redirect()->route('kinds.index')->with('status', __('messages.saved', ['name' => $kind->name]));
    }

    public function edit(Kind $kind): View
    {
        return view('kinds.form', ['form' => new OwnKindForm($kind), 'seen' => session('seen')]);
    }

    public function update(KindRequest $request, #[CurrentUser] User $user, Kind $kind): RedirectResponse
    {
        if ($request->boolean('preview')) {
            return $this->preview($request, $this->mapper->curriculum($user->school), $kind->code);
        }
        $kind->update($request->columns());

        return redirect()->route('kinds.index')->with('status', __('messages.saved', ['name' => $kind->name]));
    }

    public function destroy(#[CurrentUser] User $user, Kind $kind): RedirectResponse
    {
        if ($user->school->attacks()->where('kind', $kind->code)->exists()) {
            return redirect()->route('kinds.index')->with('error', __('own-kinds.in-use', ['name' => $kind->name]));
        }
        $kind->delete();

        return redirect()->route('kinds.index')->with('status', __('messages.deleted', ['name' => $kind->name]));
    }

    private function preview(KindRequest $request, Catalogue $catalogue, string $code): RedirectResponse
    {
        return back()->withInput()->with('seen', OwnKindForm::situation($catalogue, $request->kind($code)));
    }
}
