<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Word;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\HoleBook;
use App\Persistence\PeopleMapper;
use App\Persistence\SeasonBook;
use App\View\Classes\ClassPage;
use App\View\Texts;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Report\CheckReport;
use StoneDrill\Core\Report\DrawReport;
use StoneDrill\Core\Report\FewestReport;
use StoneDrill\Core\Report\PlanReport;
use StoneDrill\Core\Report\ReadyReport;
use StoneDrill\Core\Report\Report;
use StoneDrill\Core\Report\SeasonReport;
use StoneDrill\Core\Report\SituationReport;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** The reports of `bin/drill --json`, for programs: of one answer, attack or student. */
final readonly class ReportsController
{
    private const COVER = '0.9';
    private const SEED = '1';

    /** Seconds after which what is worked out by a job is asked for again. */
    private const AGAIN = 5;

    public function __construct(private CatalogueMapper $mapper, private Texts $texts) {}

    public function check(Request $request, #[CurrentUser] User $user, string $code): JsonResponse
    {
        $catalogue = $this->mapper->curriculum($user->school);
        abort_unless($catalogue->hasAnswer($code), 404);
        $sizes = array_map(strval(...), array_keys($catalogue->school->statures->sizes));
        $rungs = array_map(strval(...), $catalogue->ladder->ids());
        $rung = self::known($request, 'rung', $rungs);

        return $this->told(
            CheckReport::of(
                $catalogue,
                [$catalogue->answer($code)],
                self::known($request, 'defender', $sizes),
                self::known($request, 'attacker', $sizes),
                $rung === null ? null : $catalogue->ladder->get((int) $rung),
            ),
        );
    }

    public function situation(#[CurrentUser] User $user, string $code): JsonResponse
    {
        $catalogue = $this->mapper->curriculum($user->school);
        $attack = array_column($catalogue->attacks, null, 'id')[$code] ?? abort(404);

        return $this->told(SituationReport::of($catalogue, $attack));
    }

    public function fewest(Request $request, #[CurrentUser] User $user, HoleBook $holes): JsonResponse
    {
        $catalogue = $this->mapper->curriculum($user->school);
        $cover = self::word($request, 'cover', self::COVER);
        if (! is_numeric($cover) || $cover < 0 || $cover > 1) {
            throw self::refused('cover', $cover, '0 … 1');
        }
        $fewest = $holes->fewest($user->school, $catalogue, self::rank($request, $catalogue), (float) $cover);

        return $this->told(new FewestReport($fewest, (float) $cover));
    }

    /** What would be drawn for the student next; the same seed draws the same. */
    public function draw(Request $request, #[CurrentUser] User $user, string $code): JsonResponse
    {
        $file = $this->file($user, $code);
        $rung = self::known($request, 'rung', array_map(strval(...), $file->catalogue->ladder->ids()));
        $seed = self::word($request, 'seed', self::SEED);
        if (! ctype_digit($seed) || strlen($seed) > 9) {
            throw self::refused('seed', $seed, '0 … 999999999');
        }
        $report = DrawReport::of(
            $file,
            $file->students[0],
            $file->catalogue->ladder->get((int) ($rung ?? $file->catalogue->ladder->ids()[0])),
            (int) $seed,
            CarbonImmutable::now(),
        );

        return $report === null
            ? response()->json(['message' => __('programs.nothing-to-draw', ['student' => $code])], 422)
            : $this->told($report);
    }

    /** How ready the student is for the test of a rank. */
    public function ready(Request $request, #[CurrentUser] User $user, string $code): JsonResponse
    {
        $file = $this->file($user, $code);
        $rank = $file->catalogue->rank(self::rank($request, $file->catalogue));

        return $this->told(ReadyReport::of($file, $file->students[0], $rank, CarbonImmutable::now()));
    }

    /** A class as it is planned now, as its page shows it. */
    public function plan(#[CurrentUser] User $user, CoverageBook $coverages, string $code): JsonResponse
    {
        $class = $user->school->classes()->where('code', $code)->firstOrFail();
        $page = new ClassPage($class->setRelation('school', $user->school), $this->mapper, $coverages);

        return $page->plan === null
            ? response()->json(['message' => $page->trouble], 422)
            : $this->told(new PlanReport($page->plan, $class->facts()));
    }

    /** The way to a test. While a job plans it, how far that is. */
    public function season(#[CurrentUser] User $user, SeasonBook $seasons, string $code): JsonResponse
    {
        $test = $user->school->tests()->where('code', $code)->firstOrFail()->setRelation('school', $user->school);
        if ($seasons->tellFailed($test)) {
            return response()->json(['message' => __('tests.season.failed')], 503);
        }
        $ahead = $seasons->asked($test);

        return $ahead === null
            ? response()->json(
                ['message' => __('tests.season.working'), 'percent' => $seasons->share($test)],
                202,
                ['Retry-After' => (string) self::AGAIN],
            )
            : $this->told(new SeasonReport($ahead->plan, $ahead->mend, $ahead->learning));
    }

    /** The student alone, with all reps. */
    private function file(User $user, string $code): SchoolFile
    {
        $student = $user->school->students()->where('code', $code)->with('rank')->firstOrFail();

        return new SchoolFile(
            $this->mapper->curriculum($user->school),
            [$this->mapper->student($student)],
            PeopleMapper::repsOf($student),
        );
    }

    private static function rank(Request $request, Catalogue $catalogue): string
    {
        $ranks = array_map(strval(...), array_keys($catalogue->rankOrder()));

        return self::known($request, 'rank', $ranks) ?? throw self::refused('rank', '', implode(', ', $ranks));
    }

    /** What is asked for, 0 too; the usual where nothing is. */
    private static function word(Request $request, string $name, string $usual): string
    {
        $word = Word::in($request, $name);

        return $word === '' ? $usual : $word;
    }

    /**
     * @param list<string> $known
     *
     * @throws HttpException when it is none of them
     */
    private static function known(Request $request, string $what, array $known): ?string
    {
        $word = Word::in($request, $what);

        return $word === '' ? null : (in_array($word, $known, true)
            ? $word
            : throw self::refused($what, $word, implode(', ', $known)));
    }

    private static function refused(string $what, string $found, string $expected): HttpException
    {
        return new HttpException(422, __('programs.not-known', [
            'what' => $what, 'found' => $found, 'expected' => $expected,
        ]));
    }

    private function told(Report $report): JsonResponse
    {
        return response()->json($this->texts->sayAll($report->document()));
    }
}
