<?php

declare(strict_types=1);

use App\Models\Footage;
use App\Models\FootageState;
use App\Models\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Tests\Feature\FootageFixture;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->person($this->hall, Role::Head));
    config(['queue.default' => 'database']);
    $this->post("/attacks/{$this->hall->attacks()->value('id')}/footage", [
        'file' => FootageFixture::upload(FootageFixture::clip(), 'x.mp4'),
        'agreed' => '1',
    ])->assertSessionHasNoErrors();
    $this->path = (string) getenv('PATH');
    $this->programs = sys_get_temp_dir().'/programs-'.bin2hex(random_bytes(4));
    File::makeDirectory($this->programs);
    // A program that is ended by a signal as soon as it begins.
    $this->endBy = function (string $signal): void {
        File::put("{$this->programs}/ffprobe", "#!/bin/sh\nkill -{$signal} $$\nsleep 5\n");
        File::chmod("{$this->programs}/ffprobe", 0o755);
        putenv("PATH={$this->programs}:{$this->path}");
    };
    $this->work = fn () => $this->artisan('queue:work', [
        '--once' => true, '--queue' => 'default,later', '--tries' => 2, '--sleep' => 0,
    ]);
});

afterEach(function (): void {
    putenv("PATH={$this->path}");
    File::deleteDirectory($this->programs);
});

it('prepares a clip once the machine is up again that was stopped in the middle of it', function (
    string $signal,
): void {
    ($this->endBy)($signal);
    foreach (range(1, 3) as $time) {
        ($this->work)();
        $one = Footage::query()->firstOrFail();
        expect([$one->state, Storage::disk('footage')->allFiles(), DB::table('jobs')->value('attempts')])
            ->toBe([FootageState::Waiting, [$one->path], $time]);
        $this->travel(6)->seconds();
    }
    expect(DB::table('failed_jobs')->count())->toBe(0);

    putenv("PATH={$this->path}");
    ($this->work)();
    expect(Footage::query()->firstOrFail()->state)->toBe(FootageState::Ready)
        ->and(DB::table('jobs')->count())
        ->toBe(0);
})->with(['TERM', 'INT']);

it('gives up a clip on which a program breaks', function (): void {
    ($this->endBy)('SEGV');
    ($this->work)();

    expect(Footage::query()->firstOrFail()->only('state', 'reason'))
        ->toBe(['state' => FootageState::Refused, 'reason' => 'failed'])
        ->and(Storage::disk('footage')->allFiles())
        ->toBe([]);
});
