<?php

declare(strict_types=1);

namespace App\View\Attacks;

use App\View\Texts;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Wording\AttackWords;

/** What the kinds of attack are called in the reader's words. */
final readonly class KindNames
{
    public function __construct(private Texts $texts) {}

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
