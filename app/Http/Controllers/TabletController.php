<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Auth\BenchTablet;
use App\Http\Word;
use App\Models\Tablet;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A bench tablet itself: paired by a code, then opened by the PIN of whoever records. */
final readonly class TabletController
{
    public function __construct(private BenchTablet $bench) {}

    public function show(Request $request): View
    {
        $tablet = BenchTablet::of($request);

        return $tablet === null
            ? view('tablets.pair')
            : view('tablets.unlock', ['tablet' => $tablet, 'people' => BenchTablet::people($tablet)]);
    }

    public function pair(Request $request): RedirectResponse
    {
        $tablet = Tablet::byCode(Word::in($request, 'code'));
        if ($tablet === null || ! BenchTablet::pair($tablet)) {
            return redirect()
                ->route('tablet')
                ->withInput()
                ->withErrors(['code' => __('tablets.no-such-code')]);
        }

        return redirect()->route('tablet')->with('status', __('tablets.paired', ['school' => $tablet->school->name]));
    }

    public function unlock(Request $request): RedirectResponse
    {
        $tablet = BenchTablet::of($request);
        if ($tablet === null) {
            return redirect()->route('tablet')->with('error', __('tablets.gone'));
        }
        $this->bench->unlock($request, $tablet, (int) Word::in($request, 'person'), Word::in($request, 'pin'));

        return redirect()->route('mat');
    }

    /** Makes it an ordinary device again; the school sees it as paired until it ends it. */
    public function leave(): RedirectResponse
    {
        BenchTablet::leave();

        return redirect()->route('sign-in');
    }
}
