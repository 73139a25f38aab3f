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
use StoneDrill\Core\Solo\Basic;
use StoneDrill\Core\Solo\SoloForm;

/**
 * Takes a shipped curriculum over into a school, through the importer of files. Nothing that the school has is changed.
 */
final readonly class AdoptStarter
{
    public function __construct(private CatalogueMapper $mapper, private ImportCatalogue $importer) {}

    /** @param array<string, string> $ranks code of the school's rank, by id of the starter's */
    public function adopt(Starter $starter, School $school, array $ranks, ?User $by): void
    {
        $adoption = $this->adoption($starter, $school, $ranks);
        $this->importer->import(
            new SchoolFile(
                $adoption->taken(),
                basics: self::basics($starter, $school, $adoption),
                forms: self::forms($starter, $school, $adoption),
            ),
            $school,
            $by,
        );
    }

    /** @return list<Basic> those that the school has not, at its ranks */
    public static function basics(Starter $starter, School $school, Adoption $adoption): array
    {
        $new = array_filter($starter->read()->basics, self::isNewTo($school->basics()->pluck('code')->all()));

        return array_values(
            array_map(
                static fn (Basic $basic): Basic => new Basic(
                    ...[...get_object_vars($basic), 'rank' => $adoption->rankFor($basic->rank)],
                ),
                $new,
            ),
        );
    }

    /** @return list<SoloForm> those that the school has not, at its ranks */
    public static function forms(Starter $starter, School $school, Adoption $adoption): array
    {
        $new = array_filter($starter->read()->forms, self::isNewTo($school->forms()->pluck('code')->all()));

        return array_values(
            array_map(
                static fn (SoloForm $form): SoloForm => new SoloForm(
                    $form->id,
                    $form->title,
                    $adoption->rankFor($form->rank),
                    $form->parts,
                ),
                $new,
            ),
        );
    }

    /**
     * @param array<array-key, mixed> $codes
     *
     * @return callable(Basic|SoloForm): bool
     */
    private static function isNewTo(array $codes): callable
    {
        return static fn (Basic|SoloForm $solo): bool => ! in_array($solo->id, $codes, true);
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
