<?php

declare(strict_types=1);

use App\Backup\BackupFailed;
use App\Backup\Backups;
use App\Backup\Parcel;
use App\Backup\Seal;
use App\Models\Role;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\File;
use Tests\Feature\ObjectStoreServer;

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/drill-backups-'.bin2hex(random_bytes(4));
    config(['installation.backups' => ['folder' => $this->folder, 'key' => 'a key of its own', 'disk' => '']]);
    $this->sealed = function (string $content, string $secret = 'one'): string {
        $stream = fopen('php://memory', 'w+b');
        (new Seal($secret))->write($stream, ['made' => 'now'], str_split($content, 1000));
        rewind($stream);

        return (string) stream_get_contents($stream);
    };
    $this->open = function (string $bytes, string $secret = 'one'): string {
        $stream = fopen('php://memory', 'w+b');
        fwrite($stream, $bytes);
        rewind($stream);

        return implode('', iterator_to_array((new Seal($secret))->read($stream), false));
    };
});

afterEach(fn () => File::deleteDirectory($this->folder));

it('opens what it has sealed, of any length', function (int $length): void {
    $content = $length === 0 ? '' : random_bytes($length);

    expect(($this->open)(($this->sealed)($content)))->toBe('{"made":"now"}'.$content);
})->with([0, 1, 65_535, 65_536, 65_537, 300_000]);

it('opens nothing that was changed, cut short, added to, or sealed with another key', function (Closure $change): void {
    // Two parts and more of one sign: what is not sealed could be read.
    $bytes = ($this->sealed)(str_repeat('salt marsh ', 20_000));
    expect($bytes)->not->toContain('salt');

    expect(fn () => ($this->open)($change($bytes)))->toThrow(BackupFailed::class);
})->with([
    'nothing' => [fn (string $bytes): string => ''],
    'something else' => [fn (string $bytes): string => 'PK'.$bytes],
    'cut in a part' => [fn (string $bytes): string => substr($bytes, 0, -10)],
    'cut between parts' => [fn (string $bytes): string => substr($bytes, 0, 21 + 24 + 4 + 31)],
    'one bit' => [fn (string $bytes): string => substr_replace($bytes, chr(ord($bytes[70_000]) ^ 1), 70_000, 1)],
    'a length that is none' => [fn (string $bytes): string => substr_replace($bytes, "\xFF\xFF\xFF\xFF", 21 + 24, 4)],
    'two in one' => [fn (string $bytes): string => $bytes.$bytes],
]);

it('opens with its own key alone', function (): void {
    ($this->open)(($this->sealed)('x'), 'two');
})->throws(BackupFailed::class);

it('makes a backup that holds the schema, and that nobody else can read', function (): void {
    $backup = app(Backups::class)->make(CarbonImmutable::now());

    expect(substr(sprintf('%o', fileperms($backup->path)), -3))->toBe('600')
        ->and($backup->bytes)->toBeGreaterThan(10_000)
        ->and((string) file_get_contents($backup->path))->not->toContain('migrations')
        ->and(array_map(fn ($one): string => $one->name(), app(Backups::class)->all()))->toBe([$backup->name()])
        ->and(glob($this->folder.'/*.part'))->toBe([]);
});

it('leaves nothing of one that failed, and says why', function (): void {
    config(['database.connections.pgsql.port' => 1]);

    expect(fn () => app(Backups::class)->make(CarbonImmutable::now()))->toThrow(BackupFailed::class, 'pg_dump failed')
        ->and(glob($this->folder.'/*'))->toBe([]);
});

it('touches nothing when a backup cannot be used', function (string $content): void {
    $school = $this->school();
    File::ensureDirectoryExists($this->folder);
    file_put_contents("{$this->folder}/bad", $content);

    expect(fn () => app(Backups::class)->restore("{$this->folder}/bad"))->toThrow(BackupFailed::class)
        ->and(fn () => app(Backups::class)->restore("{$this->folder}/nowhere"))->toThrow(BackupFailed::class)
        ->and($school->fresh())->not->toBeNull();
})->with(['', 'x', "stone-drill-backup/1\n"]);

it('keeps the last of each of seven days, four weeks and twelve months', function (): void {
    File::ensureDirectoryExists($this->folder);
    // One a night for 500 nights, and a second one on the last day.
    $last = CarbonImmutable::parse('2026-11-28T03:10:00Z');
    foreach ([...range(0, 499)] as $night) {
        touch($this->folder.'/'.$last->subDays($night)->format('Ymd\THis\Z').'.drill-backup');
    }
    touch($this->folder.'/20261128T120000Z.drill-backup');
    touch($this->folder.'/notes.txt');
    app(Backups::class)->prune();

    $kept = array_map(fn ($backup): string => $backup->at->format('m-d H'), app(Backups::class)->all());
    // By hand: seven days; the Sundays of weeks 47, 46, 45 (week 48 ends with the 28th); the ends of the months before.
    expect($kept)
        ->toBe([
            '11-28 12', '11-27 03', '11-26 03', '11-25 03', '11-24 03', '11-23 03', '11-22 03', '11-15 03', '11-08 03',
            '10-31 03', '09-30 03', '08-31 03', '07-31 03', '06-30 03', '05-31 03', '04-30 03', '03-31 03', '02-28 03',
            '01-31 03', '12-31 03',
        ])
        ->and(file_exists($this->folder.'/notes.txt'))->toBeTrue();
});

it('tells which backups still hold somebody who is erased, and how old they are', function (): void {
    $hall = $this->school();
    $page = '/people/'.$hall->students()->value('id').'/data';
    $this->actingAs($this->person($hall, Role::Head))->get($page)->assertSee('No backup holds them.');
    File::ensureDirectoryExists($this->folder);
    $this->travelTo('2026-11-28T12:00:00Z');
    touch($this->folder.'/20261127T031000Z.drill-backup');
    $this->get($page)->assertSee(
        'One backup still holds them until it is deleted: it was made 27 Nov 2026, 03:10 (1 day ago).',
    );
    touch($this->folder.'/20260831T031000Z.drill-backup');

    $this->get($page)->assertSee(
        '2 backups still hold them until they are deleted: the newest was made 27 Nov 2026, 03:10 (1 day ago), the oldest 31 Aug 2026, 03:10 (2 months ago).',
    );
});

it('packs files of any length one after another, and gives each back', function (): void {
    $files = [
        'database' => [random_bytes(70_000), '', random_bytes(5)],
        'empty' => [],
        '1/a.jpg' => ['x'],
        '1/b.mp4' => str_split(random_bytes(200_000), 7000),
    ];
    // Cut elsewhere than they were packed.
    $stream = (static function () use ($files): Generator {
        yield from str_split(implode('', iterator_to_array(Parcel::pack($files), false)), 333);
    })();
    $found = [];
    foreach (Parcel::unpack($stream) as $name => $content) {
        $found[$name] = implode('', iterator_to_array($content, false));
    }

    expect($found)->toBe(array_map(implode(...), $files));
});

it('goes on to the next file where one was not read', function (): void {
    $names = [];
    foreach (Parcel::unpack(Parcel::pack(['a' => ['1', '2'], 'b' => ['3']])) as $name => $content) {
        $names[] = $name;
    }

    expect($names)->toBe(['a', 'b']);
});

it('says of files that end in the middle that they do', function (): void {
    $bytes = implode('', iterator_to_array(Parcel::pack(['a' => ['salt marsh']]), false));
    foreach (Parcel::unpack((static fn (): Generator => (yield substr($bytes, 0, -6)))()) as $content) {
        iterator_to_array($content, false);
    }
})->throws(BackupFailed::class);

it(
    'copies each to a store that speaks S3, keeps the same there, and comes back from it to an empty folder',
    function (): void {
        $store = new ObjectStoreServer();
        config(['installation.backups.disk' => 's3']);
        try {
            $this->school();
            $this->travelTo('2026-11-01 03:10:00');
            $this->artisan('stone-drill:backup')->assertSuccessful();
            $name = basename(app(Backups::class)->all()[0]->path);
            expect($store->names())->toBe(["backups/{$name}"]);
            // Two of one day: the later is kept, here and there.
            $this->travel(1)->hours();
            $this->artisan('stone-drill:backup')->assertSuccessful();
            $later = basename(app(Backups::class)->all()[0]->path);
            expect($store->names())->toBe(["backups/{$later}"])
                ->and($later)->not->toBe($name);

            // The machine is gone, and with it its folder.
            File::deleteDirectory($this->folder);
            expect(fn () => app(Backups::class)->fetch("copy:{$name}"))->toThrow(
                BackupFailed::class,
                "There are: {$later}.",
            );
            $path = app(Backups::class)->fetch("copy:{$later}");
            expect($path)->toBe("{$this->folder}/{$later}")
                ->and(fileperms($path) & 0777)->toBe(0600)
                ->and(filesize($path))->toBeGreaterThan(1_000);
            // Opened with its key, to its end.
            $parts = iterator_to_array((new Seal('a key of its own'))->read(fopen($path, 'rb')), false);
            expect(json_decode($parts[0], true)['files'])->toBeTrue();
        } finally {
            $store->stop();
        }

        // A store that is away: the backup is there, and the failure is told.
        $this->travel(1)->hours();
        $this->artisan('stone-drill:backup')
            ->expectsOutputToContain('could not be copied to the other disk')
            ->assertFailed();
        expect(app(Backups::class)->all())->not->toBeEmpty();
    },
);
