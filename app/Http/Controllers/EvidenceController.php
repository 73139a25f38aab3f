<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Answer;
use App\Models\User;
use App\Persistence\EvidenceBook;
use App\View\Evidence\EvidenceRows;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** What the reps teach the school. */
final readonly class EvidenceController
{
    public function __construct(private EvidenceBook $book) {}

    public function index(#[CurrentUser] User $user): View
    {
        return view('evidence.index', ['rows' => new EvidenceRows($this->book->of($user->school), $user->school)]);
    }

    public function csv(#[CurrentUser] User $user): Response
    {
        $rows = new EvidenceRows($this->book->of($user->school), $user->school);

        return response($rows->csv(), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => sprintf('attachment; filename="%s-evidence.csv"', Str::slug($user->school->name))]);
    }

    /** Of one answer, as a part of its page. */
    public function answer(#[CurrentUser] User $user, Answer $answer): View
    {
        return view('evidence.answer', ['rows' => new EvidenceRows($this->book->of($user->school), $user->school, $answer->code)]);
    }
}
