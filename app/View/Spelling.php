<?php

declare(strict_types=1);

namespace App\View;

use App\Models\School;
use App\Persistence\CatalogueMapper;
use StoneDrill\Core\Curriculum\School as CoreSchool;
use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Geometry\BearingStyle;
use StoneDrill\Core\Solo\SoloForm;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\NotationException;
use StoneDrill\Core\Technique\Notation\Vocabulary;

/** How a school spells beats, which are stored in their one canonical spelling, and where attacks come from. */
final readonly class Spelling
{
    private function __construct(public Vocabulary $vocabulary, private BearingStyle $style) {}

    public static function of(CoreSchool $school): self
    {
        return new self($school->vocabulary(), $school->conventions->bearings);
    }

    public static function ofSchool(School $school): self
    {
        return self::of(app(CatalogueMapper::class)->school($school));
    }

    /** @param string $stored beats; those that cannot be read stay as they are */
    public function beats(string $stored): string
    {
        return $this->spell(
            $stored,
            fn (): string => Beats::parse($stored, $this->vocabulary)->toText($this->vocabulary),
        );
    }

    /** @param string $stored the parts of a solo form; those that cannot be read stay as they are */
    public function form(string $stored): string
    {
        return $this->spell(
            $stored,
            fn (): string => SoloForm::spell(SoloForm::parse($stored, $this->vocabulary), $this->vocabulary),
        );
    }

    /**
     * Where something comes from: “3 o’clock”, “90°”, “right”.
     *
     * @param string $hour 1 to 12
     */
    public function hour(string $hour): string
    {
        return BearingText::of(Bearing::clock($hour), $this->style);
    }

    /**
     * The same among others of its kind: “3”, “90°”, “right”.
     *
     * @param string $hour 1 to 12
     */
    public function mark(string $hour): string
    {
        return say(Bearing::clock($hour)->spell($this->style));
    }

    /** Where something comes from after “from” in the line that says an attack. */
    public function from(Bearing $bearing): string
    {
        return BearingText::from($bearing, $this->style);
    }

    /** @param callable(): string $write */
    private function spell(string $stored, callable $write): string
    {
        if ($this->vocabulary->isStandard()) {
            return $stored;
        }
        try {
            return $write();
        } catch (NotationException) {
            return $stored;
        }
    }
}
