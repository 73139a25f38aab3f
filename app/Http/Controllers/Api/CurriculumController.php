<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Word;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\EvidenceBook;
use App\View\Texts;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Report\CoverageReport;

/** What a school teaches, for programs: as in its catalogue file. */
final readonly class CurriculumController
{
    public function __construct(private CatalogueMapper $mapper, private CoverageBook $coverages) {}

    public function school(#[CurrentUser] User $user): JsonResponse
    {
        $document = $this->document($user);

        return response()->json(['school' => $document['school'], 'ranks' => $document['ranks'] ?? []]);
    }

    public function attacks(#[CurrentUser] User $user): JsonResponse
    {
        return response()->json(['attacks' => $this->document($user)['attacks'] ?? []]);
    }

    public function answers(#[CurrentUser] User $user): JsonResponse
    {
        return response()->json(['answers' => $this->document($user)['answers'] ?? []]);
    }

    /** The same as `bin/drill coverage --json`, up to a rank. */
    public function coverage(Request $request, #[CurrentUser] User $user, Texts $texts): JsonResponse
    {
        $catalogue = $this->mapper->curriculum($user->school);
        $rank = Word::in($request, 'rank');
        if ($rank !== '' && ! isset($catalogue->rankOrder()[$rank])) {
            return response()->json(['message' => __('programs.no-rank', ['rank' => $rank])], 422);
        }
        $report = CoverageReport::of($catalogue, $this->coverages->of($user->school), $rank === '' ? null : $rank);

        return response()->json($texts->sayAll($report->document()));
    }

    /** The same as `bin/drill evidence --json`, now. */
    public function evidence(#[CurrentUser] User $user, EvidenceBook $book, Texts $texts): JsonResponse
    {
        return response()->json(
            $texts->sayAll(
                (
                    $book->asked($user->school, isFile: true)
                    ?? abort(503, __('evidence.reading'), ['Retry-After' => '10'])
                )->document(),
            ),
        );
    }

    /** @return array<string, mixed> */
    private function document(User $user): array
    {
        return (new CatalogueWriter())->document(new SchoolFile($this->mapper->curriculum($user->school)));
    }
}
