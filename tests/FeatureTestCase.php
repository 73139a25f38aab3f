<?php

declare(strict_types=1);

namespace Tests;

use App\Actions\ImportCatalogue;
use App\Models\Role;
use App\Models\School;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Facades\Storage;
use LogicException;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;

/** Tests of the application against a real database, each in a transaction that is rolled back. */
abstract class FeatureTestCase extends TestCase
{
    use RefreshDatabase;

    /** An evening some weeks after the reps of the small school. */
    public const NOW = '2026-12-04 18:30:00';

    protected function setUp(): void
    {
        parent::setUp();
        // Pictures and clips of a test are nobody's but its own.
        Storage::fake('footage');
        $this->travelTo(self::NOW);
        // A key that stands for a sentence is a fault wherever it is shown; the framework looks for some of its own.
        Lang::handleMissingKeysUsing(static function (string $key): string {
            str_starts_with($key, 'validation.') || ! str_contains($key, '.') || str_contains($key, ' ')
                ?: throw new LogicException("There are no words for “{$key}”.");

            return $key;
        });
    }

    /** As the next request begins: what was put off is done, and nothing is at hand but what is kept. */
    public function nextRequest(): void
    {
        defer()->invoke();
        $this->app->forgetScopedInstances();
        // A route keeps its controller, and that what it has at hand.
        array_map(static fn (Route $route) => $route->flushController(), app('router')->getRoutes()->getRoutes());
    }

    /** A small school of its own: two ranks, two attacks, one answer on one side, one student. */
    public function school(string $name = 'Small Hall'): School
    {
        $school = School::create(['name' => $name, 'doctrine' => 'escape']);
        $text = (string) file_get_contents(__DIR__.'/fixtures/small.yaml');
        // The rep of each school has an id of its own, so that one school can be asked for another's.
        $text = $name === 'Small Hall' ? $text : str_replace('000000000001', sprintf('%012d', crc32($name)), $text);
        app(ImportCatalogue::class)->import((new CatalogueReader())->read($text, Format::Yaml), $school);
        $school->update(['name' => $name]);

        return $school->fresh();
    }

    public function person(School $school, Role $role): User
    {
        $user = User::create([
            'school_id' => $school->id,
            'student_id' => $role === Role::Student ? $school->students()->firstOrFail()->id : null,
            'name' => $role->title(),
            'email' => $role->value.'-'.$school->id.'@small.example',
            'password' => 'a long password',
            'role' => $role,
        ]);
        if ($role === Role::Guardian) {
            $user->entrust($school->students()->limit(1)->pluck('id')->all());
        }

        return $user->fresh();
    }
}
