<?php

declare(strict_types=1);

use App\Actions\ImportCatalogue;
use App\Footage\CatalogueZip;
use App\Jobs\MakeZip;
use App\Models\Footage;
use App\Models\FootageState;
use App\Models\Role;
use App\Models\School;
use App\Persistence\CatalogueUpload;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use StoneDrill\Core\Exchange\UnreadableCatalogue;
use Symfony\Component\Yaml\Yaml;
use Tests\Feature\FootageFixture;
use Tests\Support\Made;

beforeEach(function (): void {
    Storage::fake();
    $this->folder = sys_get_temp_dir().'/zips-'.bin2hex(random_bytes(4));
    mkdir($this->folder);
    $this->hall = $this->school();
    $this->actingAs($this->person($this->hall, Role::Head));
    $this->zip = function (array $document, array $files, string $name = 'catalogue.yaml'): string {
        $zip = new ZipArchive();
        $zip->open($path = "{$this->folder}/given.zip", ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $zip->addFromString($name, Yaml::dump($document, 8));
        foreach ($files as $file => $bytes) {
            $zip->addFromString("footage/{$file}", $bytes);
        }
        $zip->close();

        return $path;
    };
    $this->send = fn (string $path) => $this->post('/school/import', [
        'file' => new UploadedFile($path, 'school.zip', test: true),
    ]);
    $this->document = fn (array $footage): array => [...Made::small(), 'footage' => $footage];
    $this->attackId = Made::small()['attacks'][0]['id'];
});

afterEach(fn () => Illuminate\Support\Facades\File::deleteDirectory($this->folder));

it('gives everything as a zip, and takes it back in another school as it was', function (): void {
    $answer = $this->hall->answers()->firstOrFail();
    $answer->update(['mistakes' => ['Steps short']]);
    $this->hall
        ->solos()
        ->create([
            'code' => 'base',
            'name' => 'Base',
            'kind' => 'stance',
            'rank_id' => $this->hall->ranks()->value('id'),
        ]);
    $ada = $this->hall->students()->firstOrFail();
    foreach (
        [
            [
                "/answers/{$answer->id}",
                FootageFixture::clip(),
                'x.mp4',
                ['mistake' => 'Steps short', 'shows' => [$ada->id]],
            ],
            ['/basics/'.$this->hall->solos()->value('id'), FootageFixture::withPlace(), 'y.jpg', []],
            ["/answers/{$answer->id}", FootageFixture::webpWithPlace(), 'z.webp', ['caption' => 'Hands']],
            ["/answers/{$answer->id}", FootageFixture::clip('webm'), 'w.webm', []],
            ["/answers/{$answer->id}", FootageFixture::pngWithPlace(), 'v.png', []],
        ] as [$of, $bytes, $name, $with]
    ) {
        $this->post("{$of}/footage", [
            'file' => FootageFixture::upload($bytes, $name),
            'agreed' => '1',
            ...$with,
        ])->assertSessionHasNoErrors();
    }
    Footage::query()
        ->where('mistake', '<>', '')
        ->firstOrFail()
        ->update(['beats_at' => [0.3, 1.1]]);
    $response = $this->get('/school/export.zip')->assertOk()->assertHeader('content-type', 'application/zip');
    copy($response->getFile()->getPathname(), $path = "{$this->folder}/out.zip");

    $other = School::create(['name' => 'Copy', 'doctrine' => 'escape']);
    $upload = CatalogueUpload::read($path, 'zip');
    app(ImportCatalogue::class)->import($upload->file, $other, files: $upload->footage);
    $told = static fn (School $school): array => Footage::query()
        ->where('school_id', $school->id)
        ->with('attack', 'answer', 'solo', 'students')
        ->orderBy('id')
        ->get()
        ->map(
            static fn (Footage $one): array => [
                $one->of()->code,
                $one->type,
                $one->mistake,
                $one->caption,
                $one->beats_at,
                $one->state,
                $one->students->pluck('code')->all(),
                $one->width,
                $one->seconds,
            ],
        )
        ->all();
    expect($told($other))->toBe($told($this->hall))
        ->toHaveCount(5)
        ->and($told($other)[0][4])->toBe([0.3, 1.1]);
    foreach (Footage::query()->where('school_id', $other->id)->pluck('path') as $kept) {
        Storage::disk('footage')->assertExists($kept);
    }
    // Pictures that were drawn anew once keep their bytes.
    $pictures = static fn (School $school): array => Footage::query()
        ->where('school_id', $school->id)
        ->whereIn('type', ['jpeg', 'png', 'webp'])
        ->orderBy('id')
        ->pluck('path')
        ->map(basename(...))
        ->all();
    expect($pictures($other))->toBe($pictures($this->hall))->toHaveCount(3);
    // Once more changes nothing.
    $again = app(ImportCatalogue::class)->import($upload->file, $other, files: $upload->footage);
    expect($again->sections()['footage'])->toBe(['added' => 0, 'changed' => 0, 'same' => 5])
        ->and(Footage::query()->where('school_id', $other->id)->count())->toBe(5);
});

it('tells how far it is with packing, and nothing of it once it is done', function (): void {
    file_put_contents($clip = "{$this->folder}/clip.mp4", random_bytes(3_000_000));
    $told = [];
    CatalogueZip::write(
        "{$this->folder}/made.zip",
        'name: Hall',
        ['a.mp4' => $clip, 'b.mp4' => $clip],
        static function (int $percent) use (&$told): void {
            $told[] = $percent;
        },
    );
    $sorted = $told;
    sort($sorted);
    expect($told)->toBe($sorted)
        ->and(end($told))->toBeGreaterThan(95)
        ->toBeLessThanOrEqual(100)
        ->and(count(array_unique($told)))->toBeGreaterThan(10);

    Queue::fake();
    $this->get('/school/export.zip')->assertStatus(202)->assertDontSee('%');
    $job = Queue::pushed(MakeZip::class)->sole();
    Storage::put("{$job->path}.share", '40');
    $this->get('/school/export.zip')->assertStatus(202)->assertSee('40 %');
    app()->call([$job, 'handle']);
    $this->get('/school/export.zip')->assertOk();
    Storage::assertMissing("{$job->path}.share");
});

it('shows what a zip would bring before it does, and brings it when told', function (): void {
    $path = ($this->zip)(($this->document)([['file' => 'a.jpg', 'attack' => $this->attackId, 'caption' => 'Grip']]), [
        'a.jpg' => FootageFixture::withPlace(),
    ]);
    $page = (string) ($this->send)($path)->assertOk()->assertSee('Pictures and clips')->getContent();
    expect(Footage::query()->count())->toBe(0);
    preg_match('#/school/import/\w{40}#', $page, $address);
    $this->post($address[0])->assertRedirect($address[0]);
    $this->get($address[0])->assertRedirect('/wall');
    $one = Footage::query()->firstOrFail();

    expect([$one->state, $one->caption, $one->attack->code])->toBe([FootageState::Ready, 'Grip', $this->attackId])
        ->and((string) Storage::disk('footage')->get($one->path))->not->toContain(FootageFixture::PLACE);
});

it('says what is wrong with a zip, and where', function (Closure $path, string ...$pointers): void {
    try {
        CatalogueUpload::read($path->call($this), 'zip');
        $found = [];
    } catch (UnreadableCatalogue $exception) {
        $found = array_column($exception->problems, 'pointer');
    }

    expect($found)->toBe($pointers);
    ($this->send)($path->call($this))->assertOk()->assertSee('Nothing was imported.');
})->with([
    'no zip' => [
        function (): string {
            file_put_contents("{$this->folder}/x.zip", 'PK nothing');

            return "{$this->folder}/x.zip";
        },
        '',
    ],
    'no catalogue file' => [fn (): string => ($this->zip)([], ['a.jpg' => 'x'], 'notes.txt'), ''],
    'a file that is not there' => [
        fn (): string => ($this->zip)(($this->document)([['file' => 'a.jpg', 'attack' => $this->attackId]]), [
            'b.jpg' => FootageFixture::picture(),
        ]),
        '/footage/0/file',
    ],
    'a file that is something else' => [
        fn (): string => ($this->zip)(($this->document)([['file' => 'a.jpg', 'attack' => $this->attackId]]), [
            'a.jpg' => '<?php phpinfo();',
        ]),
        '/footage/0/file',
    ],
    'a file called otherwise' => [
        fn (): string => ($this->zip)(($this->document)([['file' => 'a.png', 'attack' => $this->attackId]]), [
            'a.png' => FootageFixture::picture(),
        ]),
        '/footage/0/file',
    ],
    'a bomb' => [
        fn (): string => ($this->zip)(($this->document)([['file' => 'a.jpg', 'attack' => $this->attackId]]), [
            'a.jpg' => str_repeat("\0", 21_000_000),
        ]),
        '/footage/0/file',
    ],
    'beats that are wrong' => [
        fn (): string => ($this->zip)(
            ($this->document)([['file' => 'a.jpg', 'attack' => $this->attackId, 'beats_at' => [1]]]),
            ['a.jpg' => FootageFixture::picture()],
        ),
        '/footage/0/beats_at',
    ],
]);

it('unpacks no more than its most of a file that lies about its size', function (): void {
    $path = ($this->zip)(($this->document)([]), ['a.jpg' => str_repeat("\0", 30_000_000)]);
    // In both lists of the zip the size is said to be 100 bytes.
    file_put_contents($path, str_replace(pack('V', 30_000_000), pack('V', 100), (string) file_get_contents($path)));

    expect((new CatalogueZip($path))->file('a.jpg'))->toBeNull();
});

it('leaves pictures and clips out that a file names without bringing them', function (): void {
    file_put_contents(
        $path = "{$this->folder}/alone.yaml",
        Yaml::dump(($this->document)([['file' => 'a.jpg', 'attack' => $this->attackId]]), 8),
    );
    $this->post('/school/import', ['file' => new UploadedFile($path, 'alone.yaml', test: true)])->assertOk()
        ->assertSee('The pictures and clips it names are left out (1)');
});

it('imports a zip of any size on the command line', function (): void {
    $path = ($this->zip)(($this->document)([['file' => 'a.jpg', 'attack' => $this->attackId]]), [
        'a.jpg' => FootageFixture::withPlace(),
    ]);
    $this->artisan('school:import', ['school' => 'Small Hall', 'file' => $path])
        ->expectsOutputToContain('Pictures and clips')
        ->assertSuccessful();
    expect(Footage::query()->firstOrFail()->state)->toBe(FootageState::Ready);
    $this->artisan('school:import', ['school' => 'No Hall', 'file' => $path])
        ->expectsOutputToContain('No school has the id or the name “No Hall”.')
        ->assertFailed();
    $this->artisan('school:import', ['school' => (string) $this->hall->id, 'file' => "{$path}.not"])
        ->expectsOutputToContain('There is no file')
        ->assertFailed();
    $this->artisan('school:import', [
        'school' => (string) $this->hall->id,
        'file' => ($this->zip)(($this->document)([['file' => 'a.jpg', 'attack' => $this->attackId]]), []),
    ])
        ->expectsOutputToContain('/footage/0/file')
        ->assertFailed();
});

it('takes a zip that is larger than a text may be', function (): void {
    $this->post('/school/import', ['file' => UploadedFile::fake()->create('big.yaml', 17_000)])->assertSessionHasErrors(
        [
            'file'
                => 'A YAML or JSON file may have up to 16 MB, a zip up to 64 MB. Whoever runs the server can import a larger zip: php artisan school:import.',
        ],
    );
    $this->post('/school/import', ['file' => UploadedFile::fake()->create('big.zip', 65_000)])->assertSessionHasErrors(
        'file',
    );
    $this->post('/school/import', ['file' => UploadedFile::fake()->create('big.zip', 17_000)])
        ->assertSessionHasNoErrors()
        ->assertSee('no zip that can be opened');
});
