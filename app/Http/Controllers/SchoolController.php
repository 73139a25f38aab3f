<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SchoolRequest;
use App\Persistence\CatalogueMapper;
use DateTimeZone;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use StoneDrill\Core\Coverage\HoleKind;

/** The school itself: its ranks, what it weighs its holes with, and its catalogue file. */
final readonly class SchoolController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function show(Request $request): View
    {
        $school = $request->user()->school;

        return view('school.show', [
            'school' => $school,
            'unreadable' => $this->mapper->unreadable($school),
            'ranks' => $school->ranks,
            'ladder' => $school->rungs,
            'rungs' => $this->mapper->ladder($school)->rungs,
            'core' => $this->mapper->school($school),
            'kinds' => HoleKind::cases(),
            'zones' => DateTimeZone::listIdentifiers(),
        ]);
    }

    public function update(SchoolRequest $request): RedirectResponse
    {
        $request->user()->school->update($request->columns());

        return redirect()->to(route('school').'#weights')->with('said', 'Hole weights and time zone saved.');
    }
}
