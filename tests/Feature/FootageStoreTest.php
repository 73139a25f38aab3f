<?php

declare(strict_types=1);

use App\Footage\FootageStore;
use App\Models\Footage;
use App\Models\Role;
use Illuminate\Support\Facades\Storage;
use League\Flysystem\UnableToRetrieveMetadata;
use Tests\Feature\FootageFixture;
use Tests\Feature\ObjectStoreServer;

beforeEach(function (): void {
    $this->server = new ObjectStoreServer();
    $this->hall = $this->school();
    $this->actingAs($this->person($this->hall, Role::Head));
    $this->attack = $this->hall->attacks()->firstOrFail();
});

afterEach(fn () => $this->server->stop());

it(
    'keeps pictures and clips in a store that speaks S3, gives ranges of them, and forgets them there',
    function (): void {
        $this->post("/attacks/{$this->attack->id}/footage", [
            'file' => FootageFixture::upload(FootageFixture::clip(), 'x.mp4'),
            'agreed' => '1',
        ])->assertSessionHasNoErrors();
        $one = Footage::query()->firstOrFail();
        expect($this->server->names())->toBe([$one->path, FootageStore::thumbnail($one->path)]);
        $kept = (string) file_get_contents($this->server->folder.'/drill/'.strtr($one->path, ['/' => '%2F']));

        expect($kept)->not->toContain(FootageFixture::PLACE)
            ->and(
                $this->get("/footage/{$one->id}/file", ['Range' => 'bytes=10-19'])
                    ->assertStatus(206)
                    ->streamedContent(),
            )
            ->toBe(substr($kept, 10, 10))
            ->and(
                $this->get("/footage/{$one->id}/file")->assertOk()
                    ->streamedContent(),
            )
            ->toBe($kept);
        $this->delete("/footage/{$one->id}")->assertRedirect();
        expect($this->server->names())->toBe([])->and(app(FootageStore::class)->local($one->path))->toBeNull();
    },
);

it('takes what is sent in parts', function (): void {
    // Above 16 MB the client sends parts.
    file_put_contents(
        $file = sys_get_temp_dir().'/parts-'.bin2hex(random_bytes(4)),
        $bytes = random_bytes(1 << 20).str_repeat('salt marsh ', 1_800_000),
    );
    $store = app(FootageStore::class);
    $path = $store->wait($file, 1);
    unlink($file);

    expect(md5_file((string) $store->local($path)))->toBe(md5($bytes))
        ->and($this->server->names())->toBe([$path]);
    $store->tidy(time() + 3600);
    expect($this->server->names())->toBe([]);
});

it('lets in nobody who has another key', function (): void {
    config(['filesystems.disks.s3.key' => 'another']);
    Storage::forgetDisk('s3');

    expect(fn () => app(FootageStore::class)->disk()->lastModified('1/x.jpg'))->toThrow(
        UnableToRetrieveMetadata::class,
    );
});
