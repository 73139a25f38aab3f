<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\CatalogueMapper;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The school itself: its ranks and its catalogue file. */
final readonly class SchoolController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function __invoke(Request $request): View
    {
        $school = $request->user()->school;

        return view('school.show', ['school' => $school, 'ranks' => $school->ranks, 'rungs' => $this->mapper->ladder($school)->rungs]);
    }
}
