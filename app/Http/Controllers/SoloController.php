<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SoloRequest;
use App\Models\Solo;
use App\Models\SoloKind;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\Code;
use App\View\Floor\Palette;
use App\View\Footage\FootageList;
use App\View\Pdf;
use App\View\Solos\SoloFields;
use App\View\Solos\SoloList;
use App\View\Solos\SoloPage;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** What is practised alone: basics and solo forms. */
final readonly class SoloController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function index(#[CurrentUser] User $user): View
    {
        return view('solos.index', [
            'list' => new SoloList($user->school, CarbonImmutable::now()),
            'ranks' => $user->school->ranks,
        ]);
    }

    public function create(Request $request, #[CurrentUser] User $user): View
    {
        $kind = $request->old('kind', $request->query('kind'));

        return view('solos.form', [
            'fields' => $this->fields(
                new Solo(['kind' => SoloKind::tryFrom(is_string($kind) ? $kind : '') ?? SoloKind::Strike]),
                $user,
            ),
        ]);
    }

    public function store(SoloRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $rows = $request->isForm() ? $user->school->forms() : $user->school->basics();
        $solo = Code::create($rows, (string) $request->string('name'), [
            ...$request->columns(),
            'updated_by_id' => $user->id,
        ]);

        return redirect()->route('basics.show', $solo)->with('status', __('messages.saved', ['name' => $solo->name]));
    }

    public function show(Solo $solo): View
    {
        return view('solos.show', [
            'solo' => $solo->load('rank'),
            'page' => ($page = new SoloPage($solo, $this->mapper)),
            'rows' => $page->students(CarbonImmutable::now()),
            'footage' => new FootageList($solo),
        ]);
    }

    public function edit(#[CurrentUser] User $user, Solo $solo): View
    {
        return view('solos.form', ['fields' => $this->fields($solo, $user)]);
    }

    public function update(SoloRequest $request, #[CurrentUser] User $user, Solo $solo): RedirectResponse
    {
        if (! $solo->updateVersion($request->integer('version'), $request->columns(), $user)) {
            return redirect()
                ->route('basics.edit', $solo)
                ->withInput([...$request->except('_token', '_method'), 'version' => $solo->version])
                ->with('overtaken', true);
        }

        return redirect()->route('basics.show', $solo)->with('status', __('messages.saved', ['name' => $solo->name]));
    }

    /** What was marked goes with it. */
    public function destroy(Solo $solo): RedirectResponse
    {
        $solo->delete();

        return redirect()->route('basics.index')->with('status', __('messages.deleted', ['name' => $solo->name]));
    }

    /** All of them, to print. */
    public function pdf(#[CurrentUser] User $user): Response
    {
        $solos = $user->school
            ->solos()
            ->with('rank', 'school')
            ->get()
            ->sortBy(static fn (Solo $solo): array => [$solo->rank->position, $solo->isForm(), $solo->id]);
        $pages = $solos->map(fn (Solo $solo): SoloPage => new SoloPage($solo, $this->mapper, Palette::Paper));

        return Pdf::response(
            view('solos.pdf', ['school' => $user->school, 'pages' => $pages])->render(),
            Str::slug($user->school->name).'-basics',
        );
    }

    private function fields(Solo $solo, User $user): SoloFields
    {
        return new SoloFields($solo, $user->school, $this->mapper->school($user->school)->statures->typical());
    }
}
