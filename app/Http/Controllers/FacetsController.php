<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\View\Forms\AttackForm;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The facet fields of an attack, narrowed to what goes with what has been chosen, or said in a line, so far. */
final readonly class FacetsController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function __invoke(Request $request, #[CurrentUser] User $user): View
    {
        $school = $user->school;
        $line = is_string($request->query('line')) ? trim($request->query('line')) : '';

        return view('attacks.facets', [
            'form' => $request->header('HX-Trigger-Name') === 'line' && $line !== ''
                ? AttackForm::said($line, $school, $this->mapper)
                : AttackForm::empty($school, $this->mapper, $request->query()),
        ]);
    }
}
