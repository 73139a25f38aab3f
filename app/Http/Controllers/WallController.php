<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\KnowsWhatItShows;
use App\Models\SetupStep;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\KeptPages;
use App\View\Spelling;
use App\View\SvgFile;
use App\View\Wall\HoleLinks;
use App\View\Wall\NextSteps;
use App\View\Wall\WallBuilder;
use App\View\Wall\WallCsv;
use App\View\Wall\WallFilter;
use App\View\Wall\WallQuery;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** The curriculum as a wall, or as a table of the same facts, with its holes. */
final readonly class WallController implements KnowsWhatItShows
{
    /** Stands for what the moss is, which tells the time, in a wall that was drawn before. */
    private const MOSS = "\x1Fmoss\x1F";

    public function __construct(
        private WallBuilder $builder,
        private KeptPages $pages,
        private CatalogueMapper $mapper,
        private NextSteps $nextSteps,
    ) {}

    public function show(Request $request, #[CurrentUser] User $user): View
    {
        $school = $user->school;
        $query = WallQuery::of($request, $school);

        return view('wall.show', [
            'query' => $query,
            'unreadable' => $this->mapper->unreadable($school),
            'isEmpty' => $school->ranks->isEmpty() || ! $school->attacks()->exists(),
            'ranks' => $school->ranks,
            'filter' => new WallFilter(
                $query,
                $school->ranks,
                $school->students()->pluck('name', 'id')->all(),
                CarbonImmutable::now(),
                Spelling::ofSchool($school),
            ),
            'nextSteps' => $this->nextSteps->of($user),
            'body' => $this->body($user, $query),
        ]);
    }

    public function shows(Request $request, User $user): ?string
    {
        $school = $user->school;

        // Its next steps end with the first rep.
        return $school->setup === SetupStep::NextSteps
            ? null
            : $this->builder->pageMark($school, WallQuery::of($request, $school));
    }

    public function svg(Request $request, #[CurrentUser] User $user): Response
    {
        $school = $user->school;
        $wall = $this->builder->build($school, WallQuery::of($request, $school), waits: true);

        $svg = SvgFile::inked(
            view('wall.picture', ['picture' => $wall->picture])->render(),
            __('wall.picture.title'),
            'wall/ink.css',
        );

        return SvgFile::of($svg, Str::slug($school->name).'-wall')->header(
            'Content-Type',
            'image/svg+xml; charset=utf-8',
        );
    }

    public function csv(Request $request, #[CurrentUser] User $user): Response
    {
        $school = $user->school;

        return response(
            WallCsv::of($this->builder->build($school, WallQuery::of($request, $school), whole: true)),
            200,
            [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => sprintf('attachment; filename="%s-wall.csv"', Str::slug($school->name)),
            ],
        );
    }

    /** The wall as it is read, drawn anew when anything changed that it hangs on. */
    private function body(User $user, WallQuery $query): string
    {
        $school = $user->school;
        $draw = function () use ($school, $query): string {
            $wall = $this->builder->build($school, $query);

            $body = view('wall.body', [
                'wall' => $wall,
                'query' => $query,
                'attackIds' => $school->attackIds(),
                'answers' => $school->answers->keyBy('code'),
                'rankNames' => $school->ranks->pluck('name', 'code')->all(),
                'links' => HoleLinks::in($school, $wall->catalogue),
                'moss' => self::MOSS,
            ])->render();

            // Thousands of stones: how far their lines are indented is not sent.
            return (string) preg_replace('/\n\s+/', "\n", $body);
        };
        $body = $this->pages->of('wall', $user, $query->parameters(), $draw, $this->builder->mark($school, $query));

        return str_replace(self::MOSS, e($query->mossText($this->builder->provenAt($school, $query))), $body);
    }
}
