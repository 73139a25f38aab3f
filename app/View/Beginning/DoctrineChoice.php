<?php

declare(strict_types=1);

namespace App\View\Beginning;

use App\View\Floor\FloorPicture;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Geometry\BearingStyle;
use StoneDrill\Core\Technique\Notation\Printer;
use StoneDrill\Core\Technique\Notation\Vocabulary;

/** One way to mean an answer, shown on the attack that all of them are shown on. */
final readonly class DoctrineChoice
{
    /**
     * @param list<string> $beats
     * @param string       $end   where both stand when it is over
     */
    private function __construct(
        public Doctrine $doctrine,
        public string $title,
        public array $beats,
        public FloorPicture $picture,
        public string $end,
    ) {}

    /** @return list<self> one for each doctrine */
    public static function all(BearingStyle $style): array
    {
        $catalogue = self::catalogue();
        $attack = $catalogue->attacks[0];
        $examiner = new Examiner(Standards::of($catalogue));
        $bodies = (new Sizes($catalogue->school))->bodies(null, null, $attack->facets->build);
        $printer = new Printer(Vocabulary::standard()->withBearings($style));
        $choices = [];
        foreach ($catalogue->answers as $answer) {
            $run = $examiner->examine($answer, $attack, Side::Written, $bodies)->trial->run;
            $end = $run->end();
            $choices[] = new self(
                $answer->teaching->doctrine ?? $catalogue->school->doctrine,
                $answer->title,
                array_map($printer->beat(...), $answer->beats->line),
                FloorPicture::ofRun($run, $style)->only($end->number),
                __('beginning.doctrine.end', [
                    'seconds' => number_format($end->time, 1),
                    'metres' => number_format($end->positions()->distance, 2),
                ]),
            );
        }

        return $choices;
    }

    /** The attack that they are shown on. */
    public static function attack(): string
    {
        return self::catalogue()->attacks[0]->title;
    }

    private static function catalogue(): Catalogue
    {
        return (new CatalogueReader())->read(
            (string) file_get_contents(database_path('starters/doctrines.yaml')),
            Format::Yaml,
        )->catalogue;
    }
}
