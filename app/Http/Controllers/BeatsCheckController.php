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
        return view('answers.check', ['check' => BeatsCheck::of((string) $request->string('beats'), $request->user()->school, $this->mapper), 'marks' => true]);
    }
}
