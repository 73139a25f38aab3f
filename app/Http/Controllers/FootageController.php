<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Footage\FootageStore;
use App\Footage\FootageType;
use App\Http\Requests\FootageRequest;
use App\Jobs\PrepareFootage;
use App\Jobs\Workers;
use App\Models\Answer;
use App\Models\Attack;
use App\Models\Footage;
use App\Models\FootageState;
use App\Models\Solo;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\View\Footage\FootageList;
use App\View\Footage\FootagePage;
use App\View\Workbench\Workbench;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Pictures and clips of an attack, an answer or a basic. */
final readonly class FootageController
{
    public function __construct(
        private FootageStore $store,
        private Workbench $workbench,
        private CatalogueMapper $mapper,
    ) {}

    /** Those of one thing, for its page. */
    public function index(?Attack $attack = null, ?Answer $answer = null, ?Solo $solo = null): View
    {
        return view('footage.list', ['list' => new FootageList($attack ?? ($answer ?? ($solo ?? abort(404))))]);
    }

    public function create(?Attack $attack = null, ?Answer $answer = null, ?Solo $solo = null): View
    {
        return view('footage.create', ['list' => new FootageList($attack ?? ($answer ?? ($solo ?? abort(404))))]);
    }

    /** The request knows which of the three it is sent to. */
    public function store(
        FootageRequest $request,
        #[CurrentUser]
        User $user,
        ?Attack $attack = null,
        ?Answer $answer = null,
        ?Solo $solo = null,
    ): RedirectResponse {
        $file = $request->file('file');
        $of = $request->of();
        $path = $this->store->wait($file->path(), $of->school_id);
        $footage = DB::transaction(static function () use ($request, $user, $file, $of, $path): Footage {
            $footage = $of
                ->footage()
                ->make([
                    ...$request->columns(),
                    'school_id' => $of->school_id,
                    'updated_by_id' => $user->id,
                    'type' => FootageType::of($file->path()),
                    'state' => FootageState::Waiting,
                    'path' => $path,
                    'sent' => hash_file('sha256', $file->path()),
                    'bytes' => $file->getSize(),
                ]);
            $footage->save();
            $footage->students()->attach($request->shows(), ['school_id' => $of->school_id]);

            return $footage;
        });
        Workers::give(new PrepareFootage($footage->id));

        return redirect()->to(FootageList::place($of))->with('status', __('footage.sent'));
    }

    public function show(Request $request, Footage $footage): View
    {
        return view('footage.show', [
            'page' => new FootagePage($footage, $request, $this->workbench, $this->mapper),
            'rungs' => $this->mapper->ladder($footage->school)->rungs,
        ]);
    }

    public function update(FootageRequest $request, #[CurrentUser] User $user, Footage $footage): RedirectResponse
    {
        $saved = DB::transaction(static function () use ($request, $user, $footage): bool {
            $saved = $footage->updateVersion($request->integer('version'), $request->columns(), $user);
            if ($saved) {
                $footage->students()->syncWithPivotValues($request->shows(), ['school_id' => $footage->school_id]);
            }

            return $saved;
        });
        $back = redirect()->route('footage.show', $footage);

        return $saved
            ? $back->with('status', __('footage.saved'))
            : $back
                ->withInput([...$request->except('_token', '_method'), 'version' => $footage->version])
                ->with('overtaken', true);
    }

    public function destroy(Footage $footage): RedirectResponse
    {
        $place = FootageList::place($footage->of());
        $footage->delete();
        $this->store->forget($footage);

        return redirect()->to($place)->with('status', __('footage.deleted'));
    }
}
