<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Scope;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Proof\AnswerRecord;
use StoneDrill\Core\Text;

/**
 * What the floor says of answers beside what the mat says, where both say anything: works or not for the school's
 * typical bodies, and clean in half of the tries or more or not. The tries are counted as they are, not drawn toward
 * the school's other answers: where eleven of fifteen were not clean, somebody has to look, however well the others do.
 */
final readonly class ModelBesideMat
{
    /** @var array<string, int> how many are in each of the four corners: `both`, `neither`, `floor-only`, `mat-only` */
    public array $corners;

    /** @var list<Disagreement> the most tries first */
    public array $disagree;

    /** @param list<AnswerRecord> $records of enough tries */
    public function __construct(Catalogue $catalogue, array $records)
    {
        $examiner = new Examiner(Standards::of($catalogue));
        $corners = ['both' => 0, 'neither' => 0, 'floor-only' => 0, 'mat-only' => 0];
        $disagree = $seen = [];
        foreach ($records as $record) {
            $examination = $seen[$record->answer.$record->side->value] ??= self::examine(
                $catalogue,
                $examiner,
                $record,
            );
            if ($examination === null) {
                continue;
            }
            [$works, $isClean] = [$examination->works(), 2 * $record->tally->full >= $record->tally->count()];
            $corners[
                match (true) {
                    $works && $isClean => 'both',
                    $works => 'floor-only',
                    $isClean => 'mat-only',
                    default => 'neither',
                }
            ]++;
            if ($works !== $isClean) {
                $disagree[] = self::look($record, $examination, $works);
            }
        }
        usort(
            $disagree,
            static fn (Disagreement $a, Disagreement $b): int => $b->record->tally->count()
                <=> $a->record->tally->count(),
        );
        [$this->corners, $this->disagree] = [$corners, $disagree];
    }

    private static function examine(Catalogue $catalogue, Examiner $examiner, AnswerRecord $record): ?Examination
    {
        if (! $catalogue->hasAnswer($record->answer)) {
            return null;
        }
        $answer = $catalogue->answer($record->answer);
        $attack = $catalogue->attackOf($answer);

        $side = $attack->side($record->side);

        return $examiner->examineIn(
            $answer,
            $attack,
            $side,
            $side === Side::Mirrored,
            (new Sizes($catalogue->school))->bodies(null, null, $attack->facets->build),
            null,
            Scope::works(),
        );
    }

    /** Where it fails by the floor; where it works there, the strike with the least to spare. */
    private static function look(AnswerRecord $record, Examination $examination, bool $works): Disagreement
    {
        $failure = $examination->failure();
        if (! $works && $failure !== null) {
            return new Disagreement($record, false, $failure->beat, $failure->message);
        }
        $least = null;
        foreach ($examination->trial->run->mainLine as $frame) {
            foreach ($frame->hits as $hit) {
                $margin = $hit->measure->margin;
                if ($margin !== null && ($least === null || $margin < $least[1])) {
                    $least = [$frame->number, $margin, $hit->target->value];
                }
            }
        }

        return $least === null
            ? new Disagreement($record, $works, '', Text::of('evidence.look.nothing'))
            : new Disagreement(
                $record,
                $works,
                $least[0],
                Text::of('evidence.look.spare', ['cm' => (int) round(100 * $least[1]), 'target' => $least[2]]),
            );
    }
}
