<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Role;
use App\Models\School;
use App\Models\Student;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\CatalogueReader;
use StoneDrill\Core\Catalogue\Format;
use StoneDrill\Core\Catalogue\Student as CoreStudent;
use StoneDrill\Core\Pressure\Rep;

/** The made-up school that a new installation shows, and an empty one beside it. */
final readonly class Demo
{
    public const PASSWORD = 'saltmarsh';

    /** The day on which the demo file was written: its dates move so that this day is today. */
    private const WRITTEN_ON = '2026-11-24';

    public function __construct(private Importer $importer) {}

    public static function file(): string
    {
        return database_path('demo/cinder-quay.yaml');
    }

    public function load(CarbonImmutable $today): void
    {
        $catalogue = (new CatalogueReader())->read((string) file_get_contents(self::file()), Format::Yaml);
        DB::transaction(function () use ($catalogue, $today): void {
            $school = School::create(['name' => $catalogue->school->name, 'doctrine' => $catalogue->school->doctrine->value]);
            $this->importer->import($this->moved($catalogue, $today), $school);
            $this->person($school, 'Maren Tolliver', 'head@cinder-quay.example', Role::Head);
            $this->person($school, 'Idris Fenwater', 'instructor@cinder-quay.example', Role::Instructor);
            $this->person($school, 'Sunniva Pell', 'assistant@cinder-quay.example', Role::Assistant);
            $this->person($school, 'Orla Tidewell', 'student@cinder-quay.example', Role::Student, $school->students()->where('code', 'orla-tidewell')->firstOrFail());

            $empty = School::create(['name' => 'Lantern Pier', 'doctrine' => 'escape']);
            $this->person($empty, 'Bram Harrowgate', 'head@lantern-pier.example', Role::Head);
        });
    }

    private function person(School $school, string $name, string $email, Role $role, ?Student $student = null): void
    {
        User::create(['school_id' => $school->id, 'student_id' => $student?->id, 'name' => $name, 'email' => $email, 'password' => self::PASSWORD, 'role' => $role]);
    }

    private function moved(Catalogue $catalogue, CarbonImmutable $today): Catalogue
    {
        $days = (int) CarbonImmutable::parse(self::WRITTEN_ON, 'UTC')->diffInDays($today->utc()->startOfDay());
        $move = sprintf('%+d days', $days);

        return new Catalogue(
            $catalogue->school,
            $catalogue->kinds,
            $catalogue->ranks,
            $catalogue->ladder,
            $catalogue->attacks,
            $catalogue->answers,
            array_map(static fn (CoreStudent $student): CoreStudent => new CoreStudent(...[...get_object_vars($student), 'born' => $student->born?->modify($move)]), $catalogue->students),
            array_map(static fn (Rep $rep): Rep => new Rep(...[...get_object_vars($rep), 'at' => $rep->at->modify($move)]), $catalogue->reps),
        );
    }
}
