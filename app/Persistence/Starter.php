<?php

declare(strict_types=1);

namespace App\Persistence;

use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Exchange\SchoolFile;

/** A first curriculum that ships with the application, as a catalogue file. */
enum Starter: string
{
    case LeaveAtOnce = 'leave-at-once';
    case HitAndLeave = 'hit-and-leave';
    case HoldAndControl = 'hold-and-control';
    case AttacksOnly = 'attacks-only';

    public function file(): string
    {
        return database_path("starters/{$this->value}.yaml");
    }

    public function title(): string
    {
        return __("beginning.starters.{$this->value}.title");
    }

    public function text(): string
    {
        return __("beginning.starters.{$this->value}.text");
    }

    public function catalogue(): Catalogue
    {
        return $this->read()->catalogue;
    }

    /** Everything that it holds: basics and forms too. */
    public function read(): SchoolFile
    {
        static $read = [];

        return $read[$this->value] ??= (new CatalogueReader())->read(
            (string) file_get_contents($this->file()),
            Format::Yaml,
        );
    }
}
