<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use StoneDrill\Core\Checks\Hazards;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\ContactPolicy;
use StoneDrill\Core\Curriculum\Hazard;

/** Where those under 16 are taught an answer otherwise than everybody else of their rank. */
final readonly class YouthRules
{
    private ContactPolicy $policy;

    private ContactPolicy $youthPolicy;

    /** @var array<string, Answer> those that are for them, by id */
    private array $youthAnswers;

    /** @param Catalogue $forYouth the same as those under 16 learn it */
    public function __construct(private Catalogue $catalogue, Catalogue $forYouth)
    {
        $ranks = array_column($catalogue->ranks, 'id');
        $this->policy = ContactPolicy::of($catalogue->school, $ranks);
        $this->youthPolicy = ContactPolicy::of($forYouth->school, $ranks);
        $this->youthAnswers = array_column($forYouth->answers, null, 'id');
    }

    /**
     * Whether it is not for them, reads otherwise for them, or what can hurt in it may go less far with them.
     *
     * @param string $rank id
     */
    public function differ(string $answer, string $rank): bool
    {
        $of = $this->youthAnswers[$answer] ?? null;
        if ($of === null) {
            return true;
        }
        $order = $this->catalogue->rankOrder();
        $beats = $of->beatsFor($this->catalogue->rank($rank), $order);
        $hazards = [
            ...Hazards::ofBeats($beats),
            ...Hazards::ofAttack($this->catalogue->attack($of->attack)->kind),
        ];

        return $beats != $this->catalogue->answer($answer)->beatsFor($this->catalogue->rank($rank), $order)
            || array_any(
                $hazards,
                fn (Hazard $hazard): bool => $this->youthPolicy->level($hazard, $rank)
                    !== $this->policy->level($hazard, $rank),
            );
    }
}
