<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\CatalogueMapper;
use App\Catalogue\HoleBook;
use App\Catalogue\ProofBook;
use App\Wall\HoleList;
use App\Wall\WallPicture;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use StoneDrill\Core\Coverage\Coverage;

/** The curriculum as a wall, or as a table of the same facts, with its holes. */
final readonly class WallController
{
    public function __construct(private CatalogueMapper $mapper, private HoleBook $holes) {}

    public function __invoke(Request $request): View
    {
        $school = $request->user()->school;
        $catalogue = $this->mapper->curriculum($school);
        $coverage = Coverage::of($catalogue);
        $students = array_values($school->students()->with('rank')->get()->map($this->mapper->student(...))->all());
        $attackIds = $school->attacks->pluck('id', 'code')->all();

        $known = $this->holes->known($school, $catalogue);

        return view('wall.show', [
            'holes' => new HoleList($known ?? $coverage->holes, $known !== null),
            'catalogue' => $catalogue,
            'coverage' => $coverage,
            'asTable' => $request->query('form') === 'table',
            'picture' => new WallPicture($catalogue, $coverage, ProofBook::of($school, $this->mapper), $students, $attackIds),
            'attackIds' => $attackIds,
            'answers' => $school->answers->keyBy('code'),
            'rankNames' => $school->ranks->pluck('name', 'code'),
        ]);
    }
}
