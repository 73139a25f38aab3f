<?php

declare(strict_types=1);

use App\Models\Role;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Facades\DB;

beforeEach(
    fn () => config([
        'app.url' => 'http://drill.example.org',
        'app.trusted_hosts' => ['hall.example.org', 'box.example.org:8080'],
    ]),
);

it('answers under its own hosts alone', function (string $address, int $status): void {
    $this->get($address)->assertStatus($status);
})->with([
    'its address' => ['http://drill.example.org/sign-in', 200],
    'in capitals' => ['http://DRILL.example.org/sign-in', 200],
    'a further host' => ['http://hall.example.org/sign-in', 200],
    'a further host over TLS' => ['https://hall.example.org/sign-in', 200],
    'a further host with its port' => ['http://box.example.org:8080/sign-in', 200],
    'another port of it' => ['http://box.example.org:9090/sign-in', 400],
    'another port of its own' => ['http://drill.example.org:8080/sign-in', 400],
    'another host' => ['http://evil.example.org/sign-in', 400],
    'one that begins like it' => ['http://drill.example.org.evil.example.org/sign-in', 400],
    'one that ends like it' => ['http://evil-drill.example.org/sign-in', 400],
    'this machine' => ['http://localhost/sign-in', 400],
]);

it('refuses a host that is none', function (string $host): void {
    $this->call('GET', '/sign-in', server: ['HTTP_HOST' => $host])
        ->assertStatus(400)
        ->assertSee('Request not understood');
})->with([
    'a script' => '<script>',
    'spaces' => 'drill.example.org evil',
    'a path' => 'drill.example.org/x',
    'a name before it' => 'user@drill.example.org',
]);

it('is reached under every name of the machine it is tried on', function (string $host): void {
    config(['app.url' => 'http://127.0.0.1:8123']);
    $this->get("http://{$host}:8123/sign-in")->assertOk();
})->with(['127.0.0.1', 'localhost', '[::1]']);

it('believes a proxy that is trusted, and nobody else', function (): void {
    $asked = [
        'HTTP_HOST' => '10.0.0.5',
        'HTTP_X_FORWARDED_HOST' => 'drill.example.org',
        'HTTP_X_FORWARDED_PROTO' => 'https',
        'HTTP_X_FORWARDED_PORT' => '443',
        'REMOTE_ADDR' => '10.0.0.1',
    ];
    $this->call('GET', '/sign-in', server: $asked)->assertStatus(400);

    TrustProxies::at(['10.0.0.1']);
    config(['app.url' => 'https://drill.example.org']);
    $answer = $this->call('GET', '/sign-in', server: $asked)
        ->assertOk()
        ->assertSee('https://drill.example.org/sign-in')
        ->assertHeader('Strict-Transport-Security', 'max-age=31536000');
    foreach ($answer->headers->getCookies() as $cookie) {
        expect($cookie->isSecure())->toBeTrue($cookie->getName());
    }
    $this->call('GET', '/sign-in', server: [...$asked, 'HTTP_X_FORWARDED_HOST' => 'evil.example.org'])->assertStatus(
        400,
    );
    TrustProxies::at([]);
});

it('says nothing of TLS to who came without', function (): void {
    $answer = $this->get('http://drill.example.org/sign-in')
        ->assertOk()
        ->assertHeaderMissing('Strict-Transport-Security');

    expect(collect($answer->headers->getCookies())->map->isSecure()->unique()->all())->toBe([false]);
});

it('keeps no address in what it keeps of a page', function (string $path, string $name, string $link): void {
    config(['cache.default' => 'database']);
    $this->actingAs($this->person($this->school(), Role::Head));
    $this->get('http://hall.example.org'.$path)->assertOk();
    $kept = DB::table('cache')
        ->where('key', 'like', "%:{$name}:%")
        ->pluck('value')
        ->implode('');

    expect($kept)->toContain($link)->not->toContain('example.org');
})->with([
    'the drawing' => ['/wall', 'wall', '/attacks'],
    'the table' => ['/wall?form=table', 'wall', '/attacks'],
    'the load of the ranks' => ['/wall/ranks', 'load', '/answers'],
    'a cross-table' => ['/wall/cross', 'cross', '/wall?'],
]);
