<?php

use App\Console\Housekeeping;
use App\Jobs\PlanSeason;
use App\Jobs\WarmSchool;
use App\Jobs\Workers;
use App\Models\School;
use App\Models\Test;
use App\Persistence\Demo;
use App\Persistence\SeasonBook;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schedule;

Artisan::command('stone-drill:prepare {--demo : load the demo into an empty database}', function (
    Demo $made,
    Housekeeping $housekeeping,
): void {
    Artisan::call('migrate', ['--force' => true]);
    $housekeeping->run(CarbonImmutable::now());
    $housekeeping->forgetOtherCode();
    if (! $this->option('demo') || School::query()->exists()) {
        return;
    }
    $this->comment('· loading the demo: Cinder Quay Hall');
    $made->load(CarbonImmutable::now());
    // Whoever opens a class first sees what the way to the test teaches in it.
    Test::query()->pluck('id')->each(static fn (int $test) => Workers::queue(new PlanSeason($test)));
    // What the database knows of its tables is of when they were empty.
    DB::statement('analyze');
})->purpose('Bring the database up to date, and with --demo load the demo into an empty one');

Artisan::command('stone-drill:tidy', function (Housekeeping $housekeeping): void {
    $housekeeping->run(CarbonImmutable::now());
})->purpose('Remove what is over: expired cache rows and sessions, sign-in attempts, uploads that nobody confirmed');

Artisan::command(
    'stone-drill:warm {--now : here, and not by those who do the jobs} {--all : in class or not}',
    function (): void {
        foreach ($this->option('all') ? WarmSchool::large() : WarmSchool::schools(CarbonImmutable::now()) as $school) {
            $this->option('now') ? dispatch_sync(new WarmSchool($school)) : Workers::queue(new WarmSchool($school));
        }
    },
)->purpose('Work out beforehand what large schools ask for in a class that is on or begins soon');

Artisan::command('stone-drill:seasons', function (): void {
    foreach (SeasonBook::around(CarbonImmutable::now()) as $test) {
        Workers::queue(new PlanSeason($test));
    }
})->purpose('Plan the ways to coming tests anew where a class has just ended or soon begins');

Schedule::command('stone-drill:backup')->dailyAt('03:10')->withoutOverlapping(120);
Schedule::command('stone-drill:tidy')->hourly()->withoutOverlapping(30);
Schedule::command('stone-drill:warm')->hourlyAt(1)->withoutOverlapping(30);
Schedule::command('stone-drill:seasons')->hourlyAt(6)->withoutOverlapping(30);
