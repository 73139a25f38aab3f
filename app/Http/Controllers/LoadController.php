<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Answer;
use App\Models\School;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CountedTries;
use App\Persistence\CoverageBook;
use App\Persistence\KeptPages;
use App\View\Wall\LoadPicture;
use App\View\Wall\LoadRows;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use StoneDrill\Core\Coverage\BasicsIndex;
use StoneDrill\Core\Coverage\IndexedWord;
use StoneDrill\Core\Coverage\Load;

/** What each rank asks of its students, and the basics that appear there. */
final readonly class LoadController
{
    public function __construct(
        private CatalogueMapper $mapper,
        private CoverageBook $coverages,
        private KeptPages $pages,
    ) {}

    public function index(#[CurrentUser] User $user): View
    {
        $school = $user->school;

        return view('wall.ranks', [
            'hasNoRank' => ! $school->ranks()->exists(),
            'hasNoAnswer' => ! $school->answers()->exists(),
            'body' => $this->pages->ofCurriculum('load', $user, fn (): string => $this->body($school)),
        ]);
    }

    private function body(School $school): string
    {
        $catalogue = $this->mapper->curriculum($school);
        $loads = Load::of($catalogue, $this->coverages->of($school));
        $answers = $school->answers
            ->load('rank')
            ->toBase()
            ->groupBy(static fn (Answer $answer): string => $answer->rank->code);

        return view('wall.load', [
            'ranks' => LoadRows::of($catalogue, $loads, $answers),
            'picture' => new LoadPicture($catalogue, $loads),
        ])->render();
    }

    public function basic(#[CurrentUser] User $user, string $word): View
    {
        $school = $user->school;
        $catalogue = $this->mapper->curriculum($school);
        $basic = BasicsIndex::of($catalogue)->find(str_replace('-', ' ', $word)) ?? abort(404);
        $rows = $school->answers->keyBy('code');

        return view('wall.basic', [
            'basic' => $basic,
            'vocabulary' => $catalogue->school->vocabulary(),
            'rankNames' => array_column($catalogue->ranks, 'name', 'id'),
            'rows' => $rows,
            'mistakes' => $this->mistakes($basic, $school),
        ]);
    }

    /**
     * The usual mistakes where it is used, the ones seen most often first.
     *
     * @return list<array{mistake: string, seen: int, in: list<string>}>
     */
    private function mistakes(IndexedWord $basic, School $school): array
    {
        $answers = $school->answers->whereIn('code', $basic->answers())->modelKeys();
        $seen = CountedTries::mistakes($school, array_values($answers));
        $written = $basic->mistakes();
        $mistakes = array_map(
            static fn (string $mistake): array => [
                'mistake' => $mistake,
                'seen' => $seen[$mistake] ?? 0,
                'in' => $written[$mistake] ?? [],
            ],
            array_map(strval(...), array_keys($written + $seen)),
        );
        usort(
            $mistakes,
            static fn (array $a, array $b): int => [$b['seen'], $a['mistake']] <=> [$a['seen'], $b['mistake']],
        );

        return $mistakes;
    }
}
