<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Actions\ImportCatalogue;
use App\Footage\FootageFolder;
use App\Models\Role;
use App\Models\School;
use App\Models\Student;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Curriculum\Student as CoreStudent;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Solo\SoloMark;

/** The made-up school that a new installation shows, and an empty one beside it. */
final readonly class Demo
{
    public const PASSWORD = 'saltmarsh';

    /** The day on which the demo file was written: its dates move so that this day is today. */
    private const WRITTEN_ON = '2026-11-24';

    /** Weeks since the school began to keep its catalogue here. */
    private const WEEKS = 40;

    /** Weeks since these answers and attacks came in, by code. */
    private const CAME_LATER = [
        'answers' => ['finger-post' => 9, 'door-keeper' => 9, 'rail-slide' => 6, 'gangway-turn' => 3],
        'attacks' => ['closing-in-pointing' => 9, 'blocking-cabin-door' => 9],
    ];

    /** Weeks since the other side of these is taught, by code. */
    private const TURNED_LATER = ['fender' => 7, 'kept-hand' => 7, 'collar-tuck' => 2];

    /** What is planned for tonight: attack, side, and what is otherwise about it. */
    private const TONIGHT = [
        'name' => 'Tonight: the gangway',
        'items' => [
            ['wrist-across-pull', 'written', ['place' => 'narrow']],
            ['wrist-across-pull', 'mirrored', ['place' => 'narrow']],
            ['arm-led-away', 'written', []],
            ['arm-led-away', 'mirrored', ['place' => 'stairs']],
            ['push-chest-one', 'written', ['place' => 'narrow']],
            ['hug-behind-pinned', 'written', ['place' => 'narrow']],
            ['throat-two-hands', 'written', []],
            ['straight-punch', 'written', ['place' => 'narrow']],
            ['shoulder-turned', 'written', []],
            ['swing-wide', 'written', ['place' => 'obstacles']],
        ],
    ];

    /** Whom the guardian looks after, by code. */
    private const ENTRUSTED = ['pip-sandling', 'tansy-creekmoor'];

    /** An answer that was taught a rank later, and the weeks since. */
    private const MOVED = ['answer' => 'slack-line', 'from' => 'flint', 'weeks' => 5];

    public function __construct(private ImportCatalogue $importer) {}

    public static function file(): string
    {
        return database_path('demo/cinder-quay.yaml');
    }

    public function load(CarbonImmutable $today): void
    {
        $file = (new CatalogueReader())->read((string) file_get_contents(self::file()), Format::Yaml);
        DB::transaction(function () use ($file, $today): void {
            $school = School::create([
                'name' => $file->catalogue->school->name,
                'doctrine' => $file->catalogue->school->doctrine->value,
            ]);
            $this->importer->import(
                DemoClasses::in($this->moved($file, $today), $today),
                $school,
                files: new FootageFolder(database_path('demo/footage')),
            );
            $this->backdate($school, $today);
            $this->person($school, 'Maren Tolliver', 'head@cinder-quay.example', Role::Head);
            $this->planTonight(
                $school,
                $this->person($school, 'Idris Fenwater', 'instructor@cinder-quay.example', Role::Instructor),
            );
            $this->person($school, 'Sunniva Pell', 'assistant@cinder-quay.example', Role::Assistant);
            $this->person(
                $school,
                'Orla Tidewell',
                'student@cinder-quay.example',
                Role::Student,
                $school->students()->where('code', 'orla-tidewell')->firstOrFail(),
            );
            $this->person($school, 'Imke Sandling', 'guardian@cinder-quay.example', Role::Guardian)->entrust(
                $school->students()->whereIn('code', self::ENTRUSTED)->pluck('id')->all(),
            );

            $empty = School::create(['name' => 'Lantern Pier', 'doctrine' => 'escape']);
            $this->person($empty, 'Bram Harrowgate', 'head@lantern-pier.example', Role::Head);
        });
    }

    /** One evening's list, ready to be taken to the mat: what happens on a gangway and at its rail. */
    private function planTonight(School $school, User $instructor): void
    {
        $ids = $school->attackIds();
        $list = $school->drillLists()->create(['name' => self::TONIGHT['name'], 'made_by_id' => $instructor->id]);
        foreach (self::TONIGHT['items'] as $place => [$attack, $side, $differences]) {
            $list
                ->items()
                ->create([
                    'school_id' => $school->id,
                    'position' => $place + 1,
                    'attack_id' => $ids[$attack],
                    'side' => $side,
                    'differences' => $differences,
                ]);
        }
    }

    /** Lets the catalogue have grown over a year, so that there is a last season to compare with. */
    private function backdate(School $school, CarbonImmutable $today): void
    {
        $versions = DB::table('answer_versions')->where('school_id', $school->id);
        $versions->clone()->update(['saved_at' => $today->subWeeks(self::WEEKS)]);
        $school
            ->attacks()
            ->toBase()
            ->update(['created_at' => $today->subWeeks(self::WEEKS)]);
        foreach (self::CAME_LATER['attacks'] as $code => $weeks) {
            $school
                ->attacks()
                ->where('code', $code)
                ->toBase()
                ->update(['created_at' => $today->subWeeks($weeks)]);
        }
        foreach (self::CAME_LATER['answers'] as $code => $weeks) {
            $versions
                ->clone()
                ->where('answer_id', $school->answers()->where('code', $code)->value('id'))
                ->update(['saved_at' => $today->subWeeks($weeks)]);
        }
        foreach (self::TURNED_LATER as $code => $weeks) {
            $this->was($school, $code, ['mirrored' => false], $today->subWeeks($weeks));
        }
        $this->was(
            $school,
            self::MOVED['answer'],
            ['rank_id' => $school->ranks()->where('code', self::MOVED['from'])->value('id')],
            $today->subWeeks(self::MOVED['weeks']),
        );
    }

    /**
     * Gives an answer an earlier version that was otherwise.
     *
     * @param array<string, mixed> $differences columns
     */
    private function was(School $school, string $code, array $differences, CarbonImmutable $until): void
    {
        $answer = $school->answers()->where('code', $code)->firstOrFail();
        $first = $answer->versions()->firstOrFail();
        $first->update(['content' => [...$first->content, ...$differences]]);
        // The database keeps the new version, as of the day it is saved.
        $school
            ->answers()
            ->whereKey($answer->id)
            ->toBase()
            ->update(['version' => 2, 'updated_at' => $until]);
    }

    private function person(School $school, string $name, string $email, Role $role, ?Student $student = null): User
    {
        return User::create([
            'school_id' => $school->id,
            'student_id' => $student?->id,
            'name' => $name,
            'email' => $email,
            'password' => self::PASSWORD,
            'role' => $role,
        ]);
    }

    private function moved(SchoolFile $file, CarbonImmutable $today): SchoolFile
    {
        $days = (int) CarbonImmutable::parse(self::WRITTEN_ON, 'UTC')->diffInDays($today->utc()->startOfDay());
        $move = sprintf('%+d days', $days);

        return new SchoolFile(
            $file->catalogue,
            array_map(
                static fn (CoreStudent $student): CoreStudent => new CoreStudent(
                    ...[...get_object_vars($student), 'born' => $student->born?->modify($move)],
                ),
                $file->students,
            ),
            array_map(
                static fn (Rep $rep): Rep => new Rep(...[...get_object_vars($rep), 'at' => $rep->at->modify($move)]),
                $file->reps,
            ),
            basics: $file->basics,
            forms: $file->forms,
            marks: array_map(
                static fn (SoloMark $mark): SoloMark => new SoloMark(
                    ...[...get_object_vars($mark), 'at' => $mark->at->modify($move)],
                ),
                $file->marks,
            ),
            footage: $file->footage,
        );
    }
}
