<?php

declare(strict_types=1);

use App\Actions\EraseStudent;
use App\Footage\FootageStore;
use App\Models\Footage;
use App\Models\FootageState;
use App\Models\Role;
use App\Models\User;
use App\View\Accounts\PersonalData;
use Illuminate\Support\Facades\Storage;
use Tests\Feature\FootageFixture;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->head = $this->person($this->hall, Role::Head);
    $this->actingAs($this->head);
    $this->attack = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    $this->answer = $this->hall->answers()->firstOrFail();
    $this->send = fn (string $bytes, string $name, array $with = [], ?string $to = null) => $this->post(
        $to ?? "/attacks/{$this->attack->id}/footage",
        ['file' => FootageFixture::upload($bytes, $name), 'agreed' => '1', ...$with],
    );
    $this->last = fn (): Footage => Footage::query()->latest('id')->firstOrFail();
    $this->kept = fn (): string => (string) Storage::disk('footage')->get(($this->last)()->path);
    $this->colour = function (string $bytes, int $x, int $y): string {
        $at = imagecolorat(imagecreatefromstring($bytes), $x, $y);

        return (($at >> 16) & 255) > ($at & 255) ? 'red' : 'blue';
    };
});

it('keeps a picture of each kind without its place, with a thumbnail, and nothing of what was sent', function (
    string $bytes,
    string $name,
    string $mime,
): void {
    expect($bytes)->toContain(FootageFixture::PLACE);
    ($this->send)($bytes, $name, ['caption' => 'Both hands'])
        ->assertSessionHasNoErrors()
        ->assertRedirect("/attacks/{$this->attack->id}#footage");
    $one = ($this->last)();

    expect([$one->state, $one->reason, $one->width, $one->height, $one->caption])
        ->toBe([FootageState::Ready, '', 60, 40, 'Both hands'])
        ->and(($this->kept)())->not->toContain(FootageFixture::PLACE)
        ->not->toContain('Exif')
        ->and(Storage::disk('footage')->allFiles())->toBe([$one->path, FootageStore::thumbnail($one->path)])
        ->and($one->bytes)->toBe(strlen(($this->kept)()))
        ->and([($this->colour)(($this->kept)(), 5, 20), ($this->colour)(($this->kept)(), 55, 20)])
        ->toBe(['red', 'blue']);
    $this->get("/footage/{$one->id}/file")->assertOk()
        ->assertHeader('content-type', $mime)
        ->assertHeader('x-content-type-options', 'nosniff')
        ->assertHeader('content-security-policy', "default-src 'none'; sandbox");
    $this->get("/footage/{$one->id}/thumbnail")->assertOk()
        ->assertHeader('content-type', 'image/jpeg');
    $this->get("/attacks/{$this->attack->id}")->assertOk()
        ->assertSee('Both hands')
        ->assertSee("/footage/{$one->id}/thumbnail");
    $this->get("/footage/{$one->id}")->assertOk()
        ->assertSee("/footage/{$one->id}/file");
})->with([
    'a JPEG' => [fn (): string => FootageFixture::withPlace(), 'Hall.JPG', 'image/jpeg'],
    'a PNG' => [fn (): string => FootageFixture::pngWithPlace(), 'hall.png', 'image/png'],
    'a WebP' => [fn (): string => FootageFixture::webpWithPlace(), 'hall.webp', 'image/webp'],
]);

it('knows that the picture of the test tells a place', function (): void {
    file_put_contents($file = sys_get_temp_dir().'/place.jpg', FootageFixture::withPlace(6));
    $said = exif_read_data($file);
    unlink($file);

    expect([$said['GPSLatitude'], $said['GPSLatitudeRef'], $said['Orientation']])->toBe([
        ['52/1', '22/1', '12/1'],
        'N',
        6,
    ]);
});

it('turns a picture as it was held', function (
    int $held,
    int $width,
    string $topLeft,
    string $topRight,
    string $bottomLeft,
): void {
    ($this->send)(FootageFixture::withPlace($held), 'held.jpg')->assertSessionHasNoErrors();
    [$bytes, $height] = [($this->kept)(), 100 - $width];

    expect([($this->last)()->width, ($this->last)()->height])->toBe([$width, $height])
        ->and([
            ($this->colour)($bytes, 4, 4),
            ($this->colour)($bytes, $width - 5, 4),
            ($this->colour)($bytes, 4, $height - 5),
        ])
        ->toBe([$topLeft, $topRight, $bottomLeft]);
})->with([
    // By hand: red is the left half of what is stored; 6 is turned a quarter with the clock, 8 against it.
    [1, 60, 'red', 'blue', 'red'],
    [2, 60, 'blue', 'red', 'blue'],
    [3, 60, 'blue', 'red', 'blue'],
    [4, 60, 'red', 'blue', 'red'],
    [5, 40, 'red', 'red', 'blue'],
    [6, 40, 'red', 'red', 'blue'],
    [7, 40, 'blue', 'blue', 'red'],
    [8, 40, 'blue', 'blue', 'red'],
]);

it('makes a large picture smaller, and leaves the bytes of one that is bare alone', function (): void {
    ($this->send)(FootageFixture::picture(width: 3000, height: 1000), 'wide.jpg')->assertSessionHasNoErrors();
    expect([($this->last)()->width, ($this->last)()->height])->toBe([2400, 800]);
    $drawn = ($this->kept)();
    ($this->send)($drawn, 'again.jpg')->assertSessionHasNoErrors();

    expect(($this->kept)())->toBe($drawn)
        ->and(Footage::query()->pluck('path')->unique())->toHaveCount(1);
    // One of two with the same content goes: the other keeps it.
    $this->delete('/footage/'.($this->last)()->id)->assertRedirect();
    expect(($this->kept)())->toBe($drawn);
    $this->delete('/footage/'.($this->last)()->id)->assertRedirect();
    expect(Storage::disk('footage')->allFiles())->toBe([]);
});

it('draws a JPEG anew that hides something behind its picture or between its parts', function (string $bytes): void {
    ($this->send)($bytes, 'hides.jpg')->assertSessionHasNoErrors();

    expect(($this->last)()->state)->toBe(FootageState::Ready)
        ->and(($this->kept)())->not->toContain(FootageFixture::PLACE);
})->with([
    'behind' => fn (): string => FootageFixture::picture().FootageFixture::PLACE,
    'behind, with an end of its own' => fn (): string => FootageFixture::picture().FootageFixture::withPlace(),
    'a note' => fn (): string => substr_replace(
        FootageFixture::picture(),
        "\xFF\xFE".pack('n', strlen(FootageFixture::PLACE) + 2).FootageFixture::PLACE,
        2,
        0,
    ),
    'a part for programs' => fn (): string => substr_replace(
        FootageFixture::picture(),
        "\xFF\xED".pack('n', strlen(FootageFixture::PLACE) + 2).FootageFixture::PLACE,
        2,
        0,
    ),
]);

it('keeps a clip without its place, with its length and a thumbnail, and gives the range that is asked for', function (
    string $type,
    string $mime,
): void {
    $bytes = FootageFixture::clip($type);
    expect($bytes)->toContain(FootageFixture::PLACE);
    ($this->send)($bytes, "swing.{$type}")->assertSessionHasNoErrors();
    $one = ($this->last)();

    expect([$one->state, $one->reason, $one->width, $one->height])->toBe([FootageState::Ready, '', 160, 120])
        ->and($one->seconds)->toEqualWithDelta(2.0, 0.1)
        ->and($kept = ($this->kept)())->not->toContain(FootageFixture::PLACE);
    $file = "/footage/{$one->id}/file";
    $part = $this->get($file, ['Range' => 'bytes=100-199'])
        ->assertStatus(206)
        ->assertHeader('content-type', $mime)
        ->assertHeader('content-range', 'bytes 100-199/'.strlen($kept))
        ->assertHeader('accept-ranges', 'bytes');
    expect($part->streamedContent())->toBe(substr($kept, 100, 100))
        ->and(
            $this->get($file, ['Range' => 'bytes=-50'])
                ->assertStatus(206)
                ->streamedContent(),
        )
        ->toBe(substr($kept, -50))
        ->and($this->get($file)->assertOk()->streamedContent())->toBe($kept);
    [$width, $height] = getimagesizefromstring($this->get("/footage/{$one->id}/thumbnail")->streamedContent());
    expect([$width, $height])->toBe([480, 360]);
})->with([['mp4', 'video/mp4'], ['webm', 'video/webm']]);

it('refuses what is no picture and no clip, or is called otherwise, and says what it is', function (
    string $bytes,
    string $name,
    string $said,
): void {
    ($this->send)($bytes, $name)
        ->assertRedirect()
        ->assertSessionHasErrors(['file' => $said]);

    expect(Footage::query()->count())->toBe(0)
        ->and(Storage::disk('footage')->allFiles())->toBe([]);
})->with([
    'nothing' => ['', 'empty.jpg', '“empty.jpg” is empty.'],
    'a program' => [
        '<?php phpinfo();',
        'shell.jpg',
        '“shell.jpg” holds no JPEG, PNG, WebP, MP4 or WebM, but text/x-php. Save it as one of those, then send it again.',
    ],
    'a drawing that can run' => [
        '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
        'x.png',
        '“x.png” holds no JPEG, PNG, WebP, MP4 or WebM, but image/svg+xml. Save it as one of those, then send it again.',
    ],
    'a page' => [
        '<!doctype html><script>alert(1)</script>',
        'x.jpg',
        '“x.jpg” holds no JPEG, PNG, WebP, MP4 or WebM, but text/html. Save it as one of those, then send it again.',
    ],
    'a list of files' => [
        "#EXTM3U\n#EXT-X-TARGETDURATION:1\n#EXTINF:1,\nfile:///etc/passwd\n",
        'list.mp4',
        '“list.mp4” holds no JPEG, PNG, WebP, MP4 or WebM, but text/plain. Save it as one of those, then send it again.',
    ],
    'a JPEG called PNG' => [
        fn (): string => FootageFixture::picture(),
        'lies.png',
        '“lies.png” holds a JPEG and is called otherwise. Give it a name that ends in .jpg, then send it again.',
    ],
    'a PNG called a clip' => [
        fn (): string => FootageFixture::picture('png'),
        'lies.mp4',
        '“lies.mp4” holds a PNG and is called otherwise. Give it a name that ends in .png, then send it again.',
    ],
    'a clip of another kind' => [
        fn (): string => FootageFixture::clip('mov'),
        'phone.mov',
        '“phone.mov” holds no JPEG, PNG, WebP, MP4 or WebM, but video/quicktime. Save it as one of those, then send it again.',
    ],
]);

it('refuses a picture that is too large', function (): void {
    ($this->send)(str_pad(FootageFixture::picture(), 20_000_001, "\0"), 'large.jpg')->assertSessionHasErrors([
        'file' => '“large.jpg” has 20.0 MB. The most is 20 MB.',
    ]);
});

it('tells of what cannot be read to its end that it cannot, and keeps nothing of it', function (
    string $bytes,
    string $name,
    string $reason,
): void {
    ($this->send)($bytes, $name)->assertSessionHasNoErrors();
    $one = ($this->last)();

    expect([$one->state, $one->reason])->toBe([FootageState::Refused, $reason])
        ->and(Storage::disk('footage')->allFiles())->toBe([]);
    $this->get("/attacks/{$this->attack->id}")->assertSee(__("footage.refused.{$reason}"));
    $this->get("/footage/{$one->id}")->assertOk()
        ->assertSee(__("footage.refused.{$reason}"));
    $this->get("/footage/{$one->id}/file")->assertNotFound();
    $this->get("/footage/{$one->id}/thumbnail")->assertNotFound();
})->with([
    'half a JPEG' => [
        fn (): string => substr(
            $picture = FootageFixture::picture(width: 400, height: 400),
            0,
            intdiv(strlen($picture), 2),
        ),
        'half.jpg',
        'broken',
    ],
    'half a PNG' => [fn (): string => substr(FootageFixture::picture('png', 400, 400), 0, -20), 'half.png', 'broken'],
    'half a WebP' => [
        fn (): string => substr(FootageFixture::picture('webp', 400, 400), 0, -200),
        'half.webp',
        'broken',
    ],
    'a picture of ten thousand million' => [fn (): string => FootageFixture::bomb(100_000), 'bomb.png', 'pixels'],
    'half a clip' => [fn (): string => substr(FootageFixture::clip(), 0, 9000), 'half.mp4', 'broken'],
    'half a clip whose list comes first' => [
        fn (): string => substr(
            $clip = FootageFixture::clip('mp4', ['-movflags', 'faststart']),
            0,
            intdiv(strlen($clip), 2),
        ),
        'half.mp4',
        'broken',
    ],
    'a clip of four minutes' => [
        fn (): string => FootageFixture::clip('mp4', ['-r', '1', '-preset', 'ultrafast'], 240),
        'long.mp4',
        'long',
    ],
    'a clip that few browsers play' => [
        fn (): string => FootageFixture::clip('mp4', ['-c:v', 'mpeg4']),
        'old.mp4',
        'packed',
    ],
    'a sound' => [fn (): string => FootageFixture::clip('mp4', ['-vn']), 'sound.mp4', 'packed'],
    'a clip five thousand across' => [
        fn (): string => FootageFixture::clip('mp4', ['-vf', 'scale=5000:100', '-preset', 'ultrafast'], 0.5),
        'wide.mp4',
        'pixels',
    ],
]);

it('asks whether everybody who can be seen has agreed', function (): void {
    ($this->send)(FootageFixture::picture(), 'x.jpg', ['agreed' => '0', 'caption' => 'Typed'])
        ->assertSessionHasErrors('agreed')
        ->assertSessionHasInput('caption', 'Typed');

    expect(Footage::query()->count())->toBe(0);
});

it('is seen by whoever may see what it is of, and by nobody else', function (): void {
    ($this->send)(FootageFixture::picture(), 'x.jpg')->assertSessionHasNoErrors();
    $id = ($this->last)()->id;
    $files = ["/footage/{$id}", "/footage/{$id}/file", "/footage/{$id}/thumbnail"];
    foreach ([Role::Instructor, Role::Assistant] as $role) {
        $this->actingAs($this->person($this->hall, $role));
        foreach ($files as $file) {
            $this->get($file)->assertOk();
        }
    }
    $student = $this->person($this->hall, Role::Student, $this->hall->students()->firstOrFail());
    $other = $this->person($this->school('Other Hall'), Role::Head);
    foreach ($files as $file) {
        $this->actingAs($student)->get($file)->assertForbidden();
        $this->actingAs($other)->get($file)->assertNotFound();
    }
    $this->actingAs($this->hall->users()->where('role', Role::Assistant)->firstOrFail())
        ->delete("/footage/{$id}")
        ->assertForbidden();
    auth()->logout();
    $this->get($files[1])->assertRedirect('/sign-in');
});

it('shows nobody under 16 for whom no guardian has agreed', function (): void {
    $child = $this->hall->students()->firstOrFail();
    $child->update(['born' => now()->subYears(12), 'consent_by' => null]);
    ($this->send)(FootageFixture::picture(), 'x.jpg', ['shows' => [$child->id]])->assertSessionHasErrors([
        'shows' => "Under 16, and no guardian has agreed: {$child->name}. Enter the consent with the student first.",
    ]);
    $child->update(['consent_by' => 'Mo Ander', 'consent_on' => now()]);
    ($this->send)(FootageFixture::picture(), 'x.jpg', ['shows' => [$child->id]])->assertSessionHasNoErrors();
    $one = ($this->last)();
    $this->get("/footage/{$one->id}/file")->assertOk();
    // The consent is taken back.
    $child->update(['consent_by' => null]);
    $this->get("/footage/{$one->id}/file")->assertForbidden();
    $this->get("/footage/{$one->id}/thumbnail")->assertForbidden();
    $this->get("/attacks/{$this->attack->id}")->assertOk()
        ->assertSee('Kept back: somebody under 16 can be seen for whom no guardian has agreed.')
        ->assertDontSee("/footage/{$one->id}/thumbnail");
});

it('leaves unticked who was unticked where what is said of a clip is not taken', function (): void {
    $ada = $this->hall->students()->firstOrFail();
    ($this->send)(FootageFixture::picture(), 'x.jpg', ['shows' => [$ada->id]])->assertSessionHasNoErrors();
    $page = '/footage/'.($this->last)()->id;
    $isTicked = fn (): bool => preg_match(
        "/name=\"shows\[\]\" value=\"{$ada->id}\"\s+checked/",
        (string) $this->get($page)->assertOk()->getContent(),
    ) === 1;
    expect($isTicked())->toBeTrue();

    $this->from($page)->put($page, ['caption' => str_repeat('x', 301)])->assertSessionHasErrors('caption');
    expect($isTicked())->toBeFalse();
    $this->from($page)->put($page, ['caption' => ''])->assertSessionHasErrors('version');
    expect($isTicked())->toBeFalse()->and($isTicked())->toBeTrue();
});

it('goes with whoever is erased, and tells them of it before', function (): void {
    $ada = $this->hall->students()->firstOrFail();
    // Named twice she is on it once.
    ($this->send)(FootageFixture::picture(), 'x.jpg', [
        'shows' => [$ada->id, $ada->id],
        'caption' => 'Ada steps out',
    ])->assertSessionHasNoErrors();
    ($this->send)(FootageFixture::picture('png'), 'y.png')->assertSessionHasNoErrors();
    $stays = ($this->last)();
    $this->get("/people/{$ada->id}/data")->assertOk()
        ->assertSee('Pictures and clips');
    expect((new PersonalData($ada))->document()['footage'])->toBe([
        [
            'of' => $this->attack->title,
            'caption' => 'Ada steps out',
            'type' => 'jpeg',
            'at' => $ada
                ->footage()
                ->firstOrFail()
                ->created_at->format(DATE_ATOM),
        ],
    ]);
    app(EraseStudent::class)->erase($ada);

    expect(Footage::query()->pluck('id')->all())->toBe([$stays->id])
        ->and(Storage::disk('footage')->allFiles())->toBe([$stays->path, FootageStore::thumbnail($stays->path)]);
});

it('shows mistakes of an answer, and keeps where its beats begin', function (): void {
    $this->answer->update(['mistakes' => ['Steps short']]);
    ($this->send)(
        FootageFixture::clip(),
        'x.mp4',
        ['mistake' => 'Steps short'],
        "/answers/{$this->answer->id}/footage",
    )->assertSessionHasNoErrors();
    $one = ($this->last)();
    $this->get("/answers/{$this->answer->id}")->assertOk()
        ->assertSee('Steps short');
    $this->get("/footage/{$one->id}")->assertOk()
        ->assertSee('Where each beat begins');
    $this->put("/footage/{$one->id}", [
        'version' => 1,
        'mistake' => '',
        'caption' => 'Slowly',
        'beats_at' => ['0.4', '1.25', '', ''],
    ])->assertSessionHasNoErrors();
    expect([$one->fresh()->beats_at, $one->fresh()->caption, $one->fresh()->mistake, $one->fresh()->version])->toBe([
        [0.4, 1.25],
        'Slowly',
        '',
        2,
    ]);
    // By hand: 1.25 − 0.4.
    $this->get("/footage/{$one->id}")->assertSee('<td>0.85</td>', false);

    $this->put("/footage/{$one->id}", ['version' => 2, 'beats_at' => ['1', '', '2']])->assertSessionHasErrors([
        'beats_at.1' => 'A time is missing between two others.',
    ]);
    $this->put("/footage/{$one->id}", ['version' => 2, 'beats_at' => ['1', 'soon']])->assertSessionHasErrors([
        'beats_at.1' => 'A time is a number of seconds from 0 to 180.',
    ]);
    $this->put("/footage/{$one->id}", ['version' => 2, 'beats_at' => ['2', '1']])->assertSessionHasErrors([
        'beats_at' => 'Each beat begins at least 0.05 s after the one before.',
    ]);
    $this->put("/footage/{$one->id}", ['version' => 2, 'mistake' => 'Nothing of the kind'])->assertSessionHasErrors(
        'mistake',
    );
    // Somebody else was faster.
    $this->put("/footage/{$one->id}", ['version' => 1, 'caption' => 'Too late'])->assertSessionHas('overtaken');
    expect($one->fresh()->caption)->toBe('Slowly');
});

it('goes with what it is of, and housekeeping takes its file', function (): void {
    ($this->send)(
        FootageFixture::picture(),
        'x.jpg',
        to: '/basics/'
            .$this->hall
                ->solos()
                ->create([
                    'code' => 'b',
                    'name' => 'Base',
                    'kind' => 'stance',
                    'rank_id' => $this->hall->ranks()->value('id'),
                ])->id
            .'/footage',
    )->assertSessionHasNoErrors();
    ($this->send)(FootageFixture::picture('png'), 'y.png')->assertSessionHasNoErrors();
    $stays = ($this->last)();
    $this->get('/basics/'.$this->hall->solos()->value('id'))->assertOk()
        ->assertSee('Pictures and clips');
    $this->hall->solos()->firstOrFail()->delete();
    expect(Footage::query()->count())->toBe(1)
        ->and(Storage::disk('footage')->allFiles())->toHaveCount(4);
    $store = app(FootageStore::class);
    $store->tidy(time() - 3600);
    expect(Storage::disk('footage')->allFiles())->toHaveCount(4);
    $store->tidy(time() + 3600);

    expect(Storage::disk('footage')->allFiles())->toBe([$stays->path, FootageStore::thumbnail($stays->path)]);
});

it('takes the same file of the same thing once', function (): void {
    ($this->send)(FootageFixture::withPlace(), 'x.jpg')->assertSessionHasNoErrors();
    ($this->send)(FootageFixture::withPlace(), 'y.jpg')->assertSessionHasErrors([
        'file' => 'This file is here already.',
    ]);
    ($this->send)(
        FootageFixture::withPlace(),
        'x.jpg',
        [],
        "/answers/{$this->answer->id}/footage",
    )->assertSessionHasNoErrors();

    expect(Footage::query()->count())->toBe(2);
});

it('takes no more than forty of one thing', function (): void {
    ($this->send)(FootageFixture::picture(), 'x.jpg')->assertSessionHasNoErrors();
    for ($more = 1; $more < 40; $more++) {
        ($this->last)()->replicate()->save();
    }
    ($this->send)(FootageFixture::picture('png'), 'x.png')->assertSessionHasErrors([
        'file' => 'There are 40 already. Delete one first.',
    ]);
});

it('is seen by a student and a guardian where it is on the sheet for home', function (): void {
    $base = $this->hall
        ->solos()
        ->create([
            'code' => 'base',
            'name' => 'Base',
            'kind' => 'stance',
            'rank_id' => $this->hall->ranks()->orderBy('position')->value('id'),
        ]);
    ($this->send)(
        FootageFixture::picture(),
        'x.jpg',
        ['caption' => 'Feet apart'],
        "/basics/{$base->id}/footage",
    )->assertSessionHasNoErrors();
    $one = ($this->last)();
    ($this->send)(FootageFixture::picture('png'), 'y.png')->assertSessionHasNoErrors();
    $elsewhere = ($this->last)();
    $ada = $this->hall->students()->firstOrFail();
    foreach ([Role::Student, Role::Guardian] as $role) {
        $this->actingAs($this->person($this->hall, $role))
            ->get("/people/{$ada->id}/home")
            ->assertOk()
            ->assertSee('Feet apart')
            ->assertSee("/footage/{$one->id}/file");
        $this->get("/footage/{$one->id}/file")->assertOk();
        $this->get("/footage/{$one->id}/thumbnail")->assertOk();
        $this->get("/footage/{$one->id}")->assertForbidden();
        $this->get("/footage/{$elsewhere->id}/file")->assertForbidden();
    }
    // Of several children, too.
    $second = $this->hall
        ->students()
        ->create(['code' => 'kit', 'name' => 'Kit Plover', 'rank_id' => $ada->rank_id, 'flags' => []]);
    $guardian = User::query()->where('role', Role::Guardian)->sole();
    $guardian->entrust([$second->id, $ada->id]);
    $this->actingAs($guardian->fresh())
        ->get("/footage/{$one->id}/file")
        ->assertOk();
    $guardian->children()->detach($second->id);
    $this->actingAs($guardian->fresh());
    // Marked as sound before the week began it is not due, and not on the sheet.
    $base
        ->marks()
        ->create([
            'school_id' => $this->hall->id,
            'student_id' => $ada->id,
            'mark' => 'sound',
            'at' => now()->subWeek(),
        ]);
    $this->get("/footage/{$one->id}/file")->assertForbidden();
});
