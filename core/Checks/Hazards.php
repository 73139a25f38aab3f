<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

/** What in an answer, or in an attack, can hurt a partner. */
final class Hazards
{
    /**
     * Of the whole answer, its own branches among them.
     *
     * @return list<Hazard> each once
     */
    public static function ofBeats(Beats $beats): array
    {
        return self::ofLine($beats->line);
    }

    /** @return list<Hazard> each once */
    public static function ofBeat(Beat $beat): array
    {
        $hazards = [];
        foreach ($beat->actions as $action) {
            array_push($hazards, ...self::ofAction($action));
        }
        if (in_array(Effect::Dropped, $beat->effects, true)) {
            array_push($hazards, Hazard::Fall, Hazard::GroundImpact);
        }

        return self::once($hazards);
    }

    /** @return list<Hazard> each once */
    public static function ofAction(Action $action): array
    {
        if ($action->verb instanceof Strike) {
            return self::ofStrike($action->verb, $action->targets);
        }

        return match ($action->verb) {
            Verb::Lock => match ($action->targets[0] ?? null) {
                Target::Wrist => [Hazard::WristLock],
                Target::Elbow => [Hazard::ElbowLock],
                Target::Fingers => [Hazard::Fingers],
                default => [],
            },
            Verb::Sweep, Verb::Throw => [Hazard::Fall, Hazard::GroundImpact],
            Verb::ChokeHold => [Hazard::Choke],
            default => [],
        };
    }

    /** @return list<Hazard> what attacking this way does to a partner */
    public static function ofAttack(Kind $kind): array
    {
        return match ($kind->family) {
            Family::Choke => [Hazard::Choke],
            Family::Takedown => [Hazard::Fall, Hazard::GroundImpact],
            default => [],
        };
    }

    /**
     * @param list<Target> $targets
     *
     * @return list<Hazard>
     */
    private static function ofStrike(Strike $strike, array $targets): array
    {
        $hazards = [Hazard::Contact];
        if ($strike === Strike::Head) {
            $hazards[] = Hazard::HeadContact;
        }
        foreach ($targets as $target) {
            array_push(
                $hazards,
                ...match ($target) {
                    Target::Eyes => [Hazard::Eyes, Hazard::HeadContact],
                    Target::Temple, Target::BackOfHead, Target::Nose, Target::Chin => [Hazard::HeadContact],
                    Target::Throat => [Hazard::Throat],
                    Target::Neck => [Hazard::Neck],
                    Target::Spine => [Hazard::Spine],
                    Target::Knee => [Hazard::Knee],
                    default => [],
                },
            );
        }

        return self::once($hazards);
    }

    /**
     * @param array<Beat> $line
     *
     * @return list<Hazard>
     */
    private static function ofLine(array $line): array
    {
        $hazards = [];
        foreach ($line as $beat) {
            array_push($hazards, ...self::ofBeat($beat));
            foreach ($beat->branches as $branch) {
                array_push($hazards, ...self::ofLine($branch->beats));
            }
        }

        return self::once($hazards);
    }

    /**
     * @param list<Hazard> $hazards
     *
     * @return list<Hazard>
     */
    private static function once(array $hazards): array
    {
        return count($hazards) < 2 ? $hazards : array_values(array_column($hazards, null, 'value'));
    }
}
