<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

use BackedEnum;
use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Argument;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Branch;
use StoneDrill\Core\Technique\GoOn;
use StoneDrill\Core\Technique\GoToAnswer;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Verb;

/** Writes beats in their one canonical spelling, the inverse of {@see Parser}. */
final readonly class Printer
{
    private const INDENT = '  ';

    /** @param ?Vocabulary $vocabulary a school's, whose own words are written, and bearings its way */
    public function __construct(private ?Vocabulary $vocabulary = null) {}

    /** One beat a line, branches indented, a line break at the end. */
    public function print(Beats $beats): string
    {
        return $this->lines($beats->line, '');
    }

    /** One action, as it stands in a beat. */
    public function action(Action $action): string
    {
        return implode(
            ' ',
            array_filter(
                [
                    ...$this->doer($action),
                    implode(' or ', array_map($this->word(...), $action->targets)),
                    $action->bearing === null ? null : $this->bearing($action->bearing, $action),
                    $action->toward === null
                        ? null
                        : ($action->toward->isSide() ? '' : 'toward ').$action->toward->value,
                    $action->words === null ? null : sprintf('"%s"', $action->words),
                    $action->seconds === null ? null : $action->seconds.' s',
                    $action->manner->size?->toText(),
                    $action->manner->count === 1 ? null : 'x'.$action->manner->count,
                    $action->manner->facing === null ? null : 'facing '.$this->bearing($action->manner->facing),
                ],
                static fn (?string $part): bool => $part !== null && $part !== '',
            ),
        );
    }

    /** What is done in a beat, without what it does to the attacker and what is noted. */
    public function actions(Beat $beat): string
    {
        return ($beat->isOptional ? 'maybe: ' : '').implode(', ', array_map($this->action(...), $beat->actions));
    }

    /** A beat without what stands under it. */
    public function beat(Beat $beat): string
    {
        $text = $this->actions($beat);
        if ($beat->effects !== []) {
            $text .= ' -> '.implode($beat->isTogether ? ' and ' : ' or ', array_map($this->word(...), $beat->effects));
        }

        return $beat->note === null ? $text : $text.'   # '.$beat->note;
    }

    /** @param list<Beat> $beats */
    private function lines(array $beats, string $indent): string
    {
        $text = '';
        foreach ($beats as $beat) {
            $text .= $indent.$this->beat($beat)."\n";
            foreach ($beat->readings as $reading) {
                $text .= sprintf("%sfor %s: %s\n", $indent.self::INDENT, $reading->for, $this->beat($reading->beat));
            }
            foreach ($beat->branches as $branch) {
                $text .= $this->branch($branch, $indent.self::INDENT);
            }
        }

        return $text;
    }

    /** A branch on lines of its own, indented by so much. */
    public function branch(Branch $branch, string $indent = ''): string
    {
        $effect = $branch->condition->effect;
        $if = sprintf('%sif %s:', $indent, $effect === null ? $branch->condition->toText() : $this->word($effect));

        if ($branch->beats === []) {
            return $branch->then === null ? '' : $if.' '.self::goes($branch->then)."\n";
        }
        if (
            count($branch->beats) === 1
            && $branch->then === null
            && $branch->beats[0]->branches === []
            && $branch->beats[0]->readings === []
        ) {
            return $if.' '.$this->beat($branch->beats[0])."\n";
        }
        $deeper = $indent.self::INDENT;

        return $if
            ."\n"
            .$this->lines($branch->beats, $deeper)
            .($branch->then === null ? '' : $deeper.self::goes($branch->then)."\n");
    }

    /** Where a line goes on. */
    public static function goes(GoToAnswer|GoOn $then): string
    {
        return $then instanceof GoOn ? 'go on' : sprintf('go to "%s" beat %d', $then->title, $then->beat);
    }

    /**
     * Limb, prefixes and deed. `hand` before a hand strike and `foot` before a kick or stomp are not written, nor is a
     * deed that its limb names already.
     *
     * @return list<string>
     */
    private function doer(Action $action): array
    {
        $prefixes = [...$action->manner->jumping ? ['jumping'] : [], ...$action->manner->spinning ? ['spinning'] : []];
        $limb = $action->limb;
        if (! ($action->verb instanceof Strike) || $limb === null) {
            return [$limb === null ? '' : $limb->value, ...$prefixes, $this->word($action->verb)];
        }
        if ($action->verb->isItsOwnLimb()) {
            $words = explode(' ', $limb->value);
            $part = array_pop($words);

            return [...$limb === Limb::Head ? $prefixes : [...$words, ...$prefixes], $part];
        }
        $side = $limb->hasSide() ? explode(' ', $limb->value)[0] : $limb->value;

        return [$side, ...$prefixes, $this->word($action->verb)];
    }

    /** @param ?Action $of the action that goes there; null where the bearing is the way that the defender faces */
    private function bearing(Bearing $bearing, ?Action $of = null): string
    {
        $verb = $of?->verb;

        return $this->vocabulary === null
            ? $bearing->toClock()
            : $this->vocabulary->bearing(
                $bearing,
                $verb instanceof Verb && $verb->argument() === Argument::TargetOrBearing,
            );
    }

    private function word(BackedEnum $word): string
    {
        return $this->vocabulary === null ? (string) $word->value : $this->vocabulary->own($word);
    }
}
