<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Phase;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Rules;

/**
 * Names what is found of an answer in a cell by the content of everything that it hangs on, and by the rules of this
 * release.
 */
final class RunKeys
{
    private RunFingerprint $imprint;

    /** The school's part of every key. */
    private string $school;

    /** @var array<string, string> the part of an answer, by its id */
    private array $answers = [];

    /** @var array<string, string> the part of a kind, by its id */
    private array $kinds = [];

    /** @var array<string, int> bits of the facets that a main line hangs on in no way, by phase */
    private array $unread = [];

    public function __construct(Catalogue $catalogue, private readonly Standards $standards)
    {
        $this->imprint = new RunFingerprint($catalogue);
        // What it is called and how much it weighs changes nothing that is found.
        $conventions = $catalogue->school->conventions;
        $settings = [
            ...array_diff_key(
                get_object_vars($catalogue->school),
                array_flip(['name', 'proof', 'holeFactors', 'conventions']),
            ),
            $conventions->bearings,
            $conventions->aliases,
        ];
        $this->school = hash(
            'xxh128',
            serialize([Rules::VERSION, $settings, $catalogue->ranks, $catalogue->ladder->rungs]),
        );
    }

    /**
     * @param string $what       what is looked for
     * @param Side   $side       of the attack
     * @param string $need       id of the rank that needs the cell, where that matters
     * @param bool   $isMirrored whether the answer is mirrored there
     */
    public function of(string $what, Answer $answer, Attack $attack, Side $side, string $need, bool $isMirrored): string
    {
        $ofAnswer = $this->answers[$answer->id]
            ??= $this->imprint->of($answer).' '.$this->standards->familyBits($answer->teaching->rank);
        $ofKind = $this->kinds[$attack->kind->id] ??= self::content($attack->kind);

        $ofAttack = $attack->on($side)->bits.' '.$attack->briefing->recoil->value;

        return "{$what} {$this->school} {$ofAnswer} {$ofKind} {$ofAttack} {$need} {$isMirrored}";
    }

    /**
     * The same for what hangs on a main line alone.
     *
     * @param string $line what names the line
     */
    public function ofLine(string $line, Attack $attack, Side $side, bool $isMirrored): string
    {
        $ofKind = $this->kinds[$attack->kind->id] ??= self::content($attack->kind);

        $read = $this->readInLines($attack->on($side));

        return "works {$this->school} {$line} {$ofKind} {$read} {$attack->briefing->recoil->value} {$isMirrored}";
    }

    /**
     * The facets that decide where both stand and what comes: neither thumb, place nor others; how it enters as it
     * comes, and what it wants as it moves.
     */
    private function readInLines(Facets $facets): int
    {
        $phase = $facets->phase;
        $unread = $this->unread[$phase->value] ??=
            Facet::Thumb->mask()
            | Facet::Place->mask()
            | Facet::Others->mask()
            | ($phase === Phase::Reaching ? 0 : Facet::Entry->mask())
            | ($phase === Phase::Moving ? 0 : Facet::Intent->mask());

        return $facets->bits & ~$unread;
    }

    public static function content(Kind $kind): string
    {
        return hash('xxh128', serialize($kind));
    }
}
