<?php

use App\Catalogue\Demo;
use App\Models\School;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

Artisan::command('stone-drill:prepare', function (Demo $demo): void {
    Artisan::call('migrate', ['--force' => true]);
    // The database keeps what is over until it is asked for again.
    DB::table('cache')->where('expiration', '<=', CarbonImmutable::now()->getTimestamp())->delete();
    if (School::query()->exists()) {
        return;
    }
    $this->comment('· loading the demo: Cinder Quay Hall');
    $demo->load(CarbonImmutable::now());
})->purpose('Bring the database up to date, and load the demo into an empty one');
