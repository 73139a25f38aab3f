<?php

declare(strict_types=1);

namespace App\View\Workbench;

use App\Http\Word;
use Illuminate\Http\Request;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Run;

/** An answer and the attack that it is put on the floor against: its own, or another one that it answers. */
final readonly class Meeting
{
    /** @param bool $isMirrored whether the answer is mirrored there */
    private function __construct(
        public Answer $answer,
        public Attack $attack,
        public BenchSettings $settings,
        public bool $isMirrored,
    ) {}

    /** With the attack that it was written for. */
    public static function own(Answer $answer, Attack $attack, BenchSettings $settings): self
    {
        return new self($answer, $attack, $settings, $settings->isMirrored());
    }

    /** What was asked for; its own attack where that means nothing. */
    public static function of(Request $request, Catalogue $catalogue, string $code): self
    {
        $answer = $catalogue->answer($code);
        $own = $catalogue->attackOf($answer);
        $attack = self::asked(Word::in($request, 'against'), $catalogue, $answer) ?? $own;
        $settings = BenchSettings::of($request, $catalogue, $attack);

        return $attack === $own
            ? self::own($answer, $own, $settings)
            : new self(
                $answer,
                $attack,
                $settings,
                ! $answer->matching->coversAsWritten($attack->kind, $attack->on($settings->side)),
            );
    }

    /** The same of another answer, such as this one with a mistake made. */
    public function with(Answer $answer): self
    {
        return new self($answer, $this->attack, $this->settings, $this->isMirrored);
    }

    /** It is tried at the rung of the settings, with their bodies or others. */
    public function examined(Examiner $examiner, ?Bodies $bodies = null): Examination
    {
        return $this->tried($examiner, $bodies, $this->settings->rung);
    }

    /** The same at full pace with nothing told. */
    public function run(Examiner $examiner, ?Bodies $bodies = null): Run
    {
        return $this->tried($examiner, $bodies, null)->trial->run;
    }

    private function tried(Examiner $examiner, ?Bodies $bodies, ?Rung $rung): Examination
    {
        return $examiner->examineIn(
            $this->answer,
            $this->attack,
            $this->settings->side,
            $this->isMirrored,
            $bodies ?? $this->settings->bodies,
            $rung,
        );
    }

    private static function asked(string $against, Catalogue $catalogue, Answer $answer): ?Attack
    {
        $attack = array_column($catalogue->attacks, null, 'id')[$against] ?? null;
        if ($attack === null) {
            return null;
        }
        foreach ($attack->sides() as $side) {
            if ($answer->matching->covers($attack->kind, $attack->on($side))) {
                return $attack;
            }
        }

        return null;
    }
}
