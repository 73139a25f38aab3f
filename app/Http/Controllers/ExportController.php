<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Persistence\CatalogueMapper;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\Format;

/** Everything the school holds, as a catalogue file. */
final readonly class ExportController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function __invoke(#[CurrentUser] User $user, string $format): Response
    {
        $school = $user->school;
        $name = Str::slug($school->name).'.'.$format;

        return response(
            (new CatalogueWriter())->write($this->mapper->everything($school), Format::from($format)),
            200,
            [
                'Content-Type' => $format === 'json' ? 'application/json' : 'application/yaml; charset=utf-8',
                'Content-Disposition' => "attachment; filename=\"{$name}\"",
            ],
        );
    }
}
