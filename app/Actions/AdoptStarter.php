<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\School;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\Starter;
use StoneDrill\Core\Curriculum\Adoption;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Exchange\SchoolFile;

/** Takes a shipped curriculum over into a school, through the importer of files. Nothing that the school has is changed. */
final readonly class AdoptStarter
{
    public function __construct(private CatalogueMapper $mapper, private ImportCatalogue $importer) {}

    /** @param array<string, string> $ranks code of the school's rank, by id of the starter's */
    public function adopt(Starter $starter, School $school, array $ranks, ?User $by): void
    {
        $this->importer->import(new SchoolFile($this->adoption($starter, $school, $ranks)->taken()), $school, $by);
    }

    /** @param array<string, string> $ranks code of the school's rank, by id of the starter's */
    public function adoption(Starter $starter, School $school, array $ranks = []): Adoption
    {
        return new Adoption($this->curriculum($school), $starter->catalogue(), $ranks);
    }

    public function curriculum(School $school): Catalogue
    {
        return $this->mapper->curriculum($school);
    }
}
