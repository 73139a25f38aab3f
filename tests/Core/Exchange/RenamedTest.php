<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\AttackerLimb;
use StoneDrill\Core\Attack\DefenderHold;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Exchange\SchoolFile;
use Tests\Core\Exchange\RenamedFixture;
use Tests\Support\English;

it('reads a file of the first release', function (): void {
    $file = (new CatalogueReader())->read(RenamedFixture::firstRelease(), Format::Json);
    $kind = $file->catalogue->kinds[0];

    expect($kind->words->name)->toBe('Held by the belt')
        ->and(array_map(English::say(...), $file->notices)[0])
        ->toBe('“his_busy” is called “attacker_busy” now. It was read as that; a new export writes the new name.')
        ->and(count($file->notices))->toBe(3)
        ->and(array_column($file->catalogue->answers[0]->teaching->mistakes, 'text'))->toBe(['leans back'])
        ->and($file->reps[0]->details->mistakes)->toBe(['waits'])
        ->and(array_map(static fn (AttackerLimb $limb): string => $limb->value, $kind->attackerLimbs))->toBe(['hand'])
        ->and(array_map(static fn (DefenderHold $hold): string => $hold->value, $kind->defenderHolds))
        ->toBe(['wrists']);
});

it('writes it with the names of today, and reads the same again', function (Format $format): void {
    $file = (new CatalogueReader())->read(RenamedFixture::firstRelease(), Format::Json);
    $written = (new CatalogueWriter())->write($file, $format);

    expect($written)->toContain('attacker_busy')
        ->toContain('mistakes')
        ->not->toContain('his_busy')
        ->not->toContain('yours')
        ->not->toContain('faults')
        ->and((new CatalogueReader())->read($written, $format))
        ->toEqual(new SchoolFile($file->catalogue, $file->students, $file->reps));
})->with([Format::Yaml, Format::Json]);
