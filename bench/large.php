<?php

declare(strict_types=1);

use App\Actions\ImportCatalogue;
use App\Models\Role;
use App\Models\School;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use Bench\Browser;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Exchange\SchoolFile;

// Called by bench/large: fills a school with 2,000 attacks, 2,000 answers and 200 people, and asks its pages.

require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/Browser.php';
require __DIR__.'/Answer.php';
require __DIR__.'/large-catalogue.php';

[$base, $size, $people] = [$argv[1], (int) ($argv[2] ?? 2000), (int) ($argv[3] ?? 200)];
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
ini_set('memory_limit', '2G');
$mapper = $app->make(CatalogueMapper::class);
$demo = $mapper->curriculum(School::query()->where('name', 'Cinder Quay Hall')->firstOrFail());

['ranks' => $ranks, 'attacks' => $attacks, 'answers' => $answers] = large($demo, $size);
$students = [];
for ($i = 0; $i < $people; $i++) {
    $students[] = new Student("s{$i}", "Student {$i}", 'r'.(1 + ($i % 10)), 1.5 + ($i % 40) / 100, null, []);
}
$school = School::create(['name' => 'Large Hall', 'doctrine' => 'escape']);
$began = microtime(true);
$app->make(ImportCatalogue::class)->import(
    new SchoolFile(new Catalogue($demo->school, [], $ranks, $demo->ladder, $attacks, $answers), $students),
    $school,
);
$school->update(['name' => 'Large Hall']);
DB::insert(
    "insert into reps (id, school_id, student_id, attack_id, side, rung, outcome, at, recorded_at)
    select gen_random_uuid(), ?, s.id, a.id, 'written', 1 + n % 7, (array['clean','clean','scraped','late','hit'])[1 + n % 5], now() - (random() * 90) * interval '1 day', now()
    from generate_series(1, 20000) n join (select id, row_number() over (order by id) - 1 as place from students where school_id = ?) s on s.place = n % ? join (select id, row_number() over (order by id) - 1 as place from attacks where school_id = ?) a on a.place = (n * 7919) % ?",
    [$school->id, $school->id, $people, $school->id, $size],
);
User::create([
    'school_id' => $school->id,
    'name' => 'Head',
    'email' => 'head@large.example',
    'password' => 'saltmarsh',
    'role' => Role::Head,
]);
printf(
    "%d attacks, %d answers, %d people, 20,000 reps brought in within %.1f s\n",
    $size,
    $size,
    $people,
    microtime(true) - $began,
);

$browser = (new Browser($base))->signIn('head@large.example');
$attack = (int) DB::table('attacks')->where('school_id', $school->id)->value('id');
$answer = (int) DB::table('answers')->where('school_id', $school->id)->value('id');
$student = (int) DB::table('students')->where('school_id', $school->id)->orderByDesc('id')->value('id');
$pages = [
    'an empty page' => '/people/create', 'wall' => '/wall', 'wall as a table' => '/wall?form=table',
    'wall of a family' => '/wall?family=grab', 'holes' => '/wall/holes', 'load' => '/wall/ranks',
    'fewest' => '/wall/fewest', 'cross-table' => '/wall/cross', 'board' => '/board', 'kit' => '/mat/kit',
    'mat' => '/mat', 'attacks' => '/attacks', 'answers' => '/answers', 'an attack' => "/attacks/{$attack}",
    'an answer' => "/answers/{$answer}", 'writing an answer' => "/attacks/{$attack}/answers/create",
    'a ladder' => "/people/{$student}", 'record' => "/record/{$student}", 'wall as CSV' => '/wall.csv',
    'wall as SVG' => '/wall.svg', 'a list of pairs' => '/drill-lists/create', 'export' => '/school/export.yaml',
];
foreach ($pages as $name => $path) {
    [$first, $again] = [$browser->get($path), $browser->get($path)];
    printf(
        "%-18s %3d  first %6.2f s  again %6.2f s  %8.1f kB%s\n",
        $name,
        $again->status,
        $first->seconds,
        $again->seconds,
        strlen($again->body) / 1000,
        $first->status !== 200 ? "  first answered {$first->status}" : '',
    );
}

// The same file as a job would take it in: read and written by a process of its own that may have 512 MB.
file_put_contents(
    $file = tempnam(sys_get_temp_dir(), 'stone-drill-').'.yaml',
    $browser->get('/school/export.yaml')->body,
);
School::create(['name' => 'Copy Hall', 'doctrine' => 'escape']);
$began = microtime(true);
passthru(
    implode(
        ' ',
        array_map(escapeshellarg(...), [
            PHP_BINARY,
            '-d',
            'memory_limit=512M',
            '-d',
            'variables_order=EGPCS',
            dirname(__DIR__).'/artisan',
            'school:import',
            'Copy Hall',
            $file,
        ]),
    ).' >/dev/null',
    $code,
);
printf(
    "the exported file of %.1f MB brought into another school within %.1f s of 60, with %d MB of 512%s\n",
    filesize($file) / 1e6,
    microtime(true) - $began,
    getrusage(1)['ru_maxrss'] / 1024,
    $code === 0 ? '' : ": it failed ({$code})",
);
unlink($file);
