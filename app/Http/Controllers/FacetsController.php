<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\CatalogueMapper;
use App\Forms\AttackForm;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The facet fields of an attack, narrowed to what goes with what has been chosen so far. */
final readonly class FacetsController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function __invoke(Request $request): View
    {
        return view('attacks.facets', ['form' => AttackForm::empty($request->user()->school, $this->mapper, $request->query())]);
    }
}
