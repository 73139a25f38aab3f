<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\CatalogueMapper;
use App\Forms\BeatsCheck;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Reads beats while they are typed, and says what is wrong and where. */
final readonly class BeatsCheckController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function __invoke(Request $request): View
    {
        $beats = is_string($request->input('beats')) ? $request->input('beats') : '';

        return view('answers.check', ['check' => BeatsCheck::of($beats, $request->user()->school, $this->mapper), 'marks' => true]);
    }
}
