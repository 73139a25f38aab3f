<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\School;
use App\Models\Student;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\WindowBook;
use App\View\SvgFile;
use App\View\Wall\RosePicture;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Rose;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Proof\Window;

/** Coverage by the direction from which attacks come; of one student, what they hold. */
final readonly class RoseController
{
    public function __construct(private CatalogueMapper $mapper, private CoverageBook $coverages) {}

    public function show(Request $request, #[CurrentUser] User $user): View
    {
        return view('wall.rose', $this->asked($request, $user->school));
    }

    public function svg(Request $request, #[CurrentUser] User $user): Response
    {
        $svg = view('wall.rose-drawing', [
            'picture' => $this->asked($request, $user->school)['picture'],
            'isLive' => false,
        ])->render();

        return SvgFile::of(
            SvgFile::inked($svg, __('rose.title'), 'wall/rose-ink.css'),
            Str::slug($user->school->name).'-rose',
        );
    }

    /**
     * @return array{picture: RosePicture, by: string, student: ?Student, students: array<int, string>,
     *     asked: array<string, int|string>}
     */
    private function asked(Request $request, School $school): array
    {
        $catalogue = $this->mapper->curriculum($school);
        $cells = $this->coverages->of($school)->cells;
        $by = $request->query('by') === 'rank' ? 'rank' : 'family';
        $student = $school->students()->with('rank')->find($request->integer('student'));
        $rose = $student === null
            ? $this->ofSchool($catalogue, $cells, $by)
            : $this->ofStudent($catalogue, $cells, $by, $student);
        $names = $by === 'rank'
            ? array_column($catalogue->ranks, 'name', 'id')
            : array_combine(
                array_column(Family::cases(), 'value'),
                array_map(
                    static fn (Family $family): string => __("attack.families.{$family->value}"),
                    Family::cases(),
                ),
            );
        $more = $student === null ? [] : ['student' => $student->id];

        return [
            'picture' => new RosePicture(
                $rose,
                $names,
                static fn (string $ring, int $hour): string => route(
                    'wall',
                    [
                        'bearing' => $hour,
                        ...$by === 'rank' ? ['from' => $ring, 'to' => $ring] : ['family' => $ring],
                        ...$more,
                    ],
                    absolute: false,
                ),
                $catalogue->school->conventions->bearings,
            ),
            'by' => $by,
            'student' => $student,
            'students' => $school->students()->pluck('name', 'id')->all(),
            'asked' => ['by' => $by, ...$more],
        ];
    }

    /** @param list<Cell> $cells */
    private function ofSchool(Catalogue $catalogue, array $cells, string $by): Rose
    {
        $order = $catalogue->rankOrder();

        return Rose::of(
            $catalogue,
            $cells,
            $by === 'rank' ? 'rank' : 'family',
            static fn (Cell $cell): bool => $cell->isInTime($order),
            static fn (Cell $cell): bool => $cell->isTaughtInTime($order),
        );
    }

    /** @param list<Cell> $cells */
    private function ofStudent(Catalogue $catalogue, array $cells, string $by, Student $student): Rose
    {
        $now = CarbonImmutable::now();
        $order = $catalogue->rankOrder();
        $windows = (new WindowBook($student->school, $catalogue))->of([$student->id], $now)[$student->id];
        $asked = array_values(
            array_filter(
                $cells,
                static fn (Cell $cell): bool => $cell->attack->need->rank !== null
                    && $order[$cell->attack->need->rank] <= $order[$student->rank->code],
            ),
        );

        return Rose::of(
            $catalogue,
            $asked,
            $by === 'rank' ? 'rank' : 'family',
            static fn (Cell $cell): bool => ($windows[$cell->key->text] ?? Window::empty())->holds(
                $student->rank->goal_rung,
                $now,
            ),
            static fn (Cell $cell): bool => ($windows[$cell->key->text] ?? Window::empty())->count > 0,
        );
    }
}
