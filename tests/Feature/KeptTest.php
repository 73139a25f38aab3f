<?php

declare(strict_types=1);

use App\Persistence\Packed;
use App\Persistence\ReadRevisions;
use App\Persistence\RevisionCache;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Route;
use StoneDrill\Core\Rules;

it('lets one work it out, however many ask at once', function (): void {
    $folder = sys_get_temp_dir().'/stone-drill-kept-'.getmypid();
    mkdir($folder);
    config([
        'cache.stores.file' => ['driver' => 'file', 'path' => $folder.'/cache', 'lock_path' => $folder.'/cache'],
    ]);
    Cache::purge('file');
    $children = [];
    foreach (range(1, 4) as $number) {
        $child = pcntl_fork();
        if ($child === 0) {
            $value = (new RevisionCache(Cache::store('file'), new ReadRevisions(), Cache::store('array')))->of(
                'holes:test',
                'now',
                60,
                function () use ($folder, $number): int {
                    file_put_contents($folder.'/worked', "{$number}\n", FILE_APPEND);
                    usleep(400_000);

                    return $number;
                },
            );
            file_put_contents($folder.'/read', "{$value}\n", FILE_APPEND);
            // Nothing of the test that goes on in the parent is tidied up here.
            posix_kill(posix_getpid(), SIGKILL);
        }
        $children[] = $child;
    }
    array_map(static fn (int $child): int => pcntl_waitpid($child, $status), $children);
    [$worked, $read] = array_map(
        static fn (string $file): array => explode("\n", trim((string) file_get_contents("{$folder}/{$file}"))),
        ['worked', 'read'],
    );
    (new Illuminate\Filesystem\Filesystem())->deleteDirectory($folder);

    expect($worked)->toHaveCount(1)->and($read)->toBe(array_fill(0, 4, $worked[0]));
});

it('has at hand what is kept afterwards, and writes the latest of it once whoever asked was answered', function (): void {
    Route::get('/kept-afterwards', static function (): array {
        $kept = app(RevisionCache::class);

        return [
            $kept->keepAfterwards('x', 'first', 60, 1), $kept->known('x', 'first'),
            $kept->keepAfterwards('x', 'second', 60, 2), $kept->known('x', 'first'), $kept->known('x', 'second'),
            Cache::get(RevisionCache::named('x')),
        ];
    });

    expect($this->get('/kept-afterwards')->json())->toBe([1, 1, 2, null, 2, null]);
    $this->nextRequest();
    expect(app(RevisionCache::class)->known('x', 'second'))->toBe(2)
        ->and(app(RevisionCache::class)->known('x', 'first'))->toBeNull()
        ->and(Cache::get(RevisionCache::named('x')))->toBe(['second', 2]);
});

it('shows nothing that other rules have found', function (): void {
    $kept = app(RevisionCache::class);
    $kept->keep('x', 'now', 60, 'new');
    expect($kept->known('x', 'now'))->toBe('new');
    app(App\Persistence\ReadRevisions::class)->values = [];
    // The release before and this one on the same database: each reads and keeps its own.
    Cache::forget(RevisionCache::named('x'));
    Cache::put(Rules::VERSION - 1 .':x', ['now', 'old'], 60);
    Cache::put('x', ['now', 'of the first release'], 60);
    expect($kept->known('x', 'now'))->toBeNull()
        ->and($kept->of('x', 'now', 60, fn (): string => 'found anew'))->toBe('found anew')
        ->and(Cache::get(Rules::VERSION - 1 .':x'))->toBe(['now', 'old']);
});

it('finds in the memory of the machine what was worked out for that revision, and nothing else', function (): void {
    config(['cache.stores.memory' => ['driver' => 'array']]);
    Cache::purge('memory');
    $worked = [];
    $near = function (string $revision, mixed $value) use (&$worked): mixed {
        // As the next request has it: nothing is at hand.
        app(ReadRevisions::class)->values = [];

        return app(RevisionCache::class)->near('taught', $revision, 60, function () use (
            &$worked,
            $revision,
            $value,
        ): mixed {
            $worked[] = $revision;

            return $value;
        });
    };
    expect($near('one', 'first'))->toBe('first')
        ->and($near('one', 'never asked'))->toBe('first')
        ->and($worked)->toBe(['one']);
    // Another machine has forgotten what the database still has, and the other way round.
    Cache::store('memory')->flush();
    expect($near('one', 'never asked'))->toBe('first');
    Cache::forget(RevisionCache::named('taught'));
    expect($near('one', 'never asked'))->toBe('first')
        ->and($worked)->toBe(['one']);
    expect($near('two', 'second'))->toBe('second')
        ->and($near('two', 'never asked'))->toBe('second')
        ->and($worked)->toBe(['one', 'two']);
    // What is too large for it is kept in the database alone.
    $large = str_repeat('x', 4_000_001);
    expect($near('three', $large))->toBe($large)
        ->and(Cache::store('memory')->get(RevisionCache::named('taught'))[0])->toBe('two')
        ->and($near('three', 'never asked'))->toBe($large);
});

it('keeps what is packed in the database, whatever bytes it is packed into', function (): void {
    config(['cache.default' => 'database']);
    app()->forgetInstance('cache.store');
    $kept = app(RevisionCache::class);
    $bytes = [];
    foreach (range(1, 60) as $length) {
        $text = str_repeat('Taken by the scarf · ', $length).$length;
        $bytes[] = (string) gzcompress($text, 1);
        $kept->keep('packed', 'now', 60, Packed::pack($text));
        app(ReadRevisions::class)->values = [];
        expect(Packed::unpack($kept->known('packed', 'now')))->toBe($text);
    }
    // Among them some that are no text and have no zero byte, which the store would not have seen.
    expect(
        array_filter(
            $bytes,
            static fn (string $packed): bool => ! str_contains($packed, "\0") && ! mb_check_encoding($packed, 'UTF-8'),
        ),
    )->not->toBe([]);
});
