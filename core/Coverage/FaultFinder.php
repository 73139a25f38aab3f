<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Answer\Answer;
use StoneDrill\Core\Attack\Build;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\Sizes;
use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Pressure\Timing;

/** Runs answers in the cells that they lay, and tells what each lacks there. What was found is kept and asked for again. */
final readonly class FaultFinder
{
    private Standards $standards;

    private Examiner $examiner;

    private Sizes $sizes;

    /** @var array<string, int> position by id of the rank */
    private array $order;

    /** What of the school everything that is found hangs on. */
    private string $measures;

    public function __construct(private Catalogue $catalogue, private Memory $memory = new Memory())
    {
        $this->standards = Standards::of($catalogue);
        $this->examiner = new Examiner($this->standards);
        $this->sizes = new Sizes($catalogue->school);
        $this->order = $catalogue->rankOrder();
        $school = $catalogue->school;
        $this->measures = serialize([$school->doctrine, $school->sizes, $school->typical, $school->policy, $catalogue->ranks, $catalogue->ladder->rungs]);
    }

    /**
     * @param string $need       id of the rank that needs the cell
     * @param bool   $isMirrored whether the answer is mirrored there
     *
     * @return list<Fault>
     */
    public function of(Answer $answer, Cell $cell, string $need, bool $isMirrored): array
    {
        $beats = $answer->taughtAt($this->order[$need], $this->order[$answer->rank]);
        $key = $this->key($answer, $beats->toText(), $cell, $need, $isMirrored);

        return $this->memory->of($key, fn (): array => $this->search($answer->withBeats($beats), $cell, $need, $isMirrored));
    }

    /** The move that puts what the policy teaches in the place of what it does not; null where that leaves something barred. */
    public function softened(Answer $answer, Cell $cell, string $need): ?Move
    {
        $beats = $answer->taughtAt($this->order[$need], $this->order[$answer->rank]);
        $soft = (new Softener($this->standards->policy, $answer->rank))->soften($answer->beats);
        if ($soft === null) {
            return null;
        }
        $isMirrored = ! $answer->meetsAsWritten($cell->attack->kind, $cell->attack->on($cell->side));
        $bodies = $this->sizes->bodies(null, null, $cell->attack->facets->build);
        $before = $this->examiner->examineIn($answer->withBeats($beats), $cell->attack, $cell->side, $isMirrored, $bodies, null, false);
        $after = $this->examiner->examineIn($answer->withBeats($soft), $cell->attack, $cell->side, $isMirrored, $bodies, null, false);
        $anew = array_values(array_filter($after->findings, static fn (Finding $finding): bool => array_filter($before->findings, static fn (Finding $old): bool => $old->isLike($finding)) === []));

        return $this->has($after, 'policy') ? null : new Move(MoveKind::Soften, $answer->id, $anew, beats: $soft);
    }

    /** @return list<Fault> */
    private function search(Answer $answer, Cell $cell, string $need, bool $isMirrored): array
    {
        $examination = $this->examiner->examineIn($answer, $cell->attack, $cell->side, $isMirrored, $this->sizes->bodies(null, null, $cell->attack->facets->build));

        return array_values(array_filter([
            $this->has($examination, 'policy') ? Fault::Barred : null,
            $this->has($examination, 'no-exit') ? Fault::NoWayOut : null,
            $this->isSizeBound($answer, $cell, $isMirrored) ? Fault::SizeBound : null,
            $this->isSlow($answer, $cell, $need) ? Fault::Slow : null,
            $this->has($examination, 'unbranched') ? Fault::NoWhatIf : null,
        ]));
    }

    private function has(Examination $examination, string $check): bool
    {
        return array_filter($examination->findings, static fn (Finding $finding): bool => $finding->check === $check) !== [];
    }

    /** Whether something stops with a smaller defender and a larger attacker, and nothing with two typical bodies. */
    private function isSizeBound(Answer $answer, Cell $cell, bool $isMirrored): bool
    {
        $typical = $this->catalogue->school->typical;
        $apart = $this->sizes->bodies($this->sizes->next($typical, -1), $this->sizes->next($typical, 1), Build::Alike);

        return $this->stops($answer, $cell, $isMirrored, $apart)
            && ! $this->stops($answer, $cell, $isMirrored, $this->sizes->bodies($typical, $typical, Build::Alike));
    }

    private function stops(Answer $answer, Cell $cell, bool $isMirrored, Bodies $bodies): bool
    {
        return $this->examiner->examineIn($answer, $cell->attack, $cell->side, $isMirrored, $bodies, null, false)->hasStops();
    }

    /** Whether its first beat comes too late at the rung that is the rank's goal. */
    private function isSlow(Answer $answer, Cell $cell, string $need): bool
    {
        $arrival = Timing::arrival($cell->attack->kind, $cell->attack->on($cell->side));
        $rung = $this->catalogue->ladder->get($this->standards->rank($need)->goalRung);

        return $arrival !== null && Timing::spare($arrival, $this->standards->familyBits($answer->rank), $answer->beats->line[0]->seconds(), $rung) < -1e-9;
    }

    /** Everything that what is found hangs on. */
    private function key(Answer $answer, string $beats, Cell $cell, string $need, bool $isMirrored): string
    {
        return 'fault '.hash('xxh128', implode("\0", [
            $beats, $answer->rank, $answer->doctrine->value ?? '', serialize($answer->waived), $cell->attack->kind->id, $cell->attack->on($cell->side)->bits, $need, (int) $isMirrored,
            $this->measures, $this->standards->familyBits($answer->rank), str_contains($beats, 'go to') ? serialize(array_map(static fn (Answer $other): string => $other->title.$other->beats->toText(), $this->catalogue->answers)) : '',
        ]));
    }
}
