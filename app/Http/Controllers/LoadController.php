<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\CatalogueMapper;
use App\Models\Rep;
use App\Wall\LoadPicture;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use StoneDrill\Core\Answer\Answer as CoreAnswer;
use StoneDrill\Core\Coverage\Basics;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Load;

/** What each rank asks of its students, and the basics that appear there. */
final readonly class LoadController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function index(Request $request): View
    {
        $school = $request->user()->school;
        $catalogue = $this->mapper->curriculum($school);
        $loads = Load::of($catalogue, Coverage::of($catalogue));

        return view('wall.ranks', [
            'catalogue' => $catalogue,
            'loads' => array_column($loads, null, 'rank'),
            'steep' => Load::steep($loads),
            'picture' => new LoadPicture($catalogue, $loads),
            'basics' => Basics::of($catalogue),
            'answers' => $school->answers->groupBy('rank.code'),
        ]);
    }

    public function basic(Request $request, string $word): View
    {
        $school = $request->user()->school;
        $catalogue = $this->mapper->curriculum($school);
        $basic = Basics::of($catalogue)->find(str_replace('-', ' ', $word)) ?? abort(404);
        $rows = $school->answers->keyBy('code');

        return view('wall.basic', [
            'basic' => $basic,
            'rankNames' => array_column($catalogue->ranks, 'name', 'id'),
            'rows' => $rows,
            'faults' => $this->faults(array_map(static fn (array $use): CoreAnswer => $use[0], $basic->uses), $rows->pluck('id', 'code')->all(), $school->id),
        ]);
    }

    /**
     * The usual mistakes of the answers, the ones seen most often first.
     *
     * @param list<CoreAnswer>   $answers
     * @param array<string, int> $ids     of the rows by code
     *
     * @return list<array{fault: string, seen: int, in: list<string>}>
     */
    private function faults(array $answers, array $ids, int $school): array
    {
        $faults = [];
        foreach ($answers as $answer) {
            foreach ($answer->faults as $fault) {
                $faults[$fault] ??= ['fault' => $fault, 'seen' => 0, 'in' => []];
                $faults[$fault]['in'][] = $answer->title;
            }
        }
        $rows = array_map(static fn (CoreAnswer $answer): int => $ids[$answer->id], $answers);
        foreach (Rep::query()->where('school_id', $school)->whereIn('answer_id', $rows)->whereNotIn('id', Rep::query()->where('school_id', $school)->whereNotNull('replaces')->select('replaces'))->pluck('faults') as $seen) {
            foreach ($seen as $fault) {
                $faults[$fault] ??= ['fault' => $fault, 'seen' => 0, 'in' => []];
                $faults[$fault]['seen']++;
            }
        }
        usort($faults, static fn (array $a, array $b): int => [$b['seen'], $a['fault']] <=> [$a['seen'], $b['fault']]);

        return $faults;
    }
}
