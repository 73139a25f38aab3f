<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\CatalogueMapper;
use App\Catalogue\HoleBook;
use App\Wall\HoleList;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Every hole of the curriculum and of its proof: beside the wall when they are worked out. */
final readonly class HoleController
{
    public function __construct(private CatalogueMapper $mapper, private HoleBook $holes) {}

    public function index(Request $request): View
    {
        $school = $request->user()->school;

        return view('wall.holes', [
            'holes' => new HoleList($this->holes->of($school, $this->mapper->curriculum($school)), true),
            'attackIds' => $school->attacks->pluck('id', 'code')->all(),
            'answers' => $school->answers->keyBy('code'),
            'rankNames' => $school->ranks->pluck('name', 'code'),
        ]);
    }
}
