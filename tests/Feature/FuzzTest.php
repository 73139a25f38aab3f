<?php

declare(strict_types=1);

use App\Models\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Tests\Fuzz\Files;
use Tests\Fuzz\Requests;

// In small what bench/fuzz.php does in large: everything is answered plainly, nothing breaks, nothing takes long.
const SLOWEST = 10.0;
const MAX_MEMORY = 256_000_000;

beforeEach(function (): void {
    Storage::fake();
    $this->hall = $this->school();
    $this->head = $this->person($this->hall, Role::Head);
    $this->judge = function (Closure $send, string $what): void {
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $began = microtime(true);
        $status = $send()->getStatusCode();
        expect($status)->toBeLessThan(500, $what)
            ->and(microtime(true) - $began)->toBeLessThan(SLOWEST, $what)
            ->and(memory_get_peak_usage() - $before)->toBeLessThan(MAX_MEMORY, $what);
    };
});

it('answers any request plainly', function (int $seed): void {
    $ids = [
        'attack' => $this->hall->attacks()->value('id'),
        'other' => $this->hall->attacks()->orderByDesc('id')->value('id'),
        'answer' => $this->hall->answers()->value('id'),
        'student' => $this->hall->students()->value('id'),
        'rank' => $this->hall->ranks()->value('id'),
        'rung' => $this->hall->rungs()->value('id'),
        'list' => null,
        'rep' => $this->hall->reps()->value('id'),
    ];
    foreach ((new Requests($ids, $seed))->take(20) as [$method, $path, $fields, $isJson]) {
        $this->actingAs($this->head->fresh());
        ($this->judge)(
            fn () => $isJson
                ? $this->json($method, $path, $fields, options: JSON_INVALID_UTF8_SUBSTITUTE)
                : $this->call($method, $path, $fields),
            "{$method} {$path} ".mb_strimwidth((string) json_encode($fields, JSON_INVALID_UTF8_SUBSTITUTE), 0, 2000),
        );
    }
})->with(range(1, 10));

it('answers any file plainly', function (int $seed): void {
    $files = new Files((string) file_get_contents(base_path('tests/fixtures/small.yaml')), $seed);
    foreach ($files->take(10) as [$name, $content]) {
        $this->actingAs($this->head->fresh());
        ($this->judge)(
            fn () => $this->post(str_ends_with($name, '.csv') ? '/people/reps/check' : '/school/import', [
                'file' => UploadedFile::fake()->createWithContent($name, $content),
            ]),
            $name.' '.mb_strimwidth(bin2hex($content), 0, 4000),
        );
    }
})->with(range(1, 10));

it('answers what is no text in an address', function (string $path, int $status): void {
    $this->actingAs($this->head)->call('GET', $path)->assertStatus($status);
})->with([
    ['/%00', 404], ['/attacks?find=a%00b', 400], ['/attacks?find=%ff', 400], ['/attacks?find=%ED%A0%80', 400],
    ['/attacks?%ff=1', 400], ['/%ff', 400],
]);
