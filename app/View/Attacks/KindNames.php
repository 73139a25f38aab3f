<?php

declare(strict_types=1);

namespace App\View\Attacks;

use App\View\BearingText;
use App\View\Texts;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Wording\AttackWords;
use StoneDrill\Core\Curriculum\Catalogue;

/** What the kinds of attack are called in the reader's words. */
final readonly class KindNames
{
    public function __construct(private Texts $texts) {}

    /** An attack in one line, as its school says where it comes from. */
    public function line(Catalogue $catalogue, Kind $kind, Facets $facets): string
    {
        return $this->spoken(Kinds::builtIn()->with(...$catalogue->kinds))->say(
            $kind,
            $facets,
            BearingText::from($facets->bearing, $catalogue->school->conventions->bearings),
        );
    }

    /** Reads and says attacks with these kinds in one line. */
    public function spoken(Kinds $kinds): AttackWords
    {
        return new AttackWords(
            $kinds,
            array_map(
                fn (Kind $kind): string => $this->texts->say($kind->name()),
                array_column($kinds->all(), null, 'id'),
            ),
        );
    }
}
