<?php

declare(strict_types=1);

use App\Models\Role;

// How a tablet comes to trust a network that is its own authority.

it('shows how, to anybody, where the network is its own authority', function (): void {
    config(['installation.installed' => 'lan', 'app.url' => 'https://localhost']);
    $this->get('https://localhost/trust')->assertOk()
        ->assertSee('Trust this network')
        ->assertSee('http://localhost/root.crt')
        ->assertSee('data-qr="http://localhost/trust"', false)
        ->assertSee('Certificate trust settings')
        ->assertSee('https://localhost/');
    $this->actingAs($this->person($this->school(), Role::Head))
        ->get('https://localhost/school/tablets')
        ->assertOk()
        ->assertSee('/trust"', false);
});

it('shows nothing of it where there is a public authority, or none', function (string $installed): void {
    config(['installation.installed' => $installed]);
    $this->get('/trust')->assertNotFound();
    $this->actingAs($this->person($this->school(), Role::Head))
        ->get('/school/tablets')
        ->assertOk()
        ->assertDontSee('Trust this network');
})->with(['domain', '']);
