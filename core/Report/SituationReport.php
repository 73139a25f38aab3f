<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\LimbStatus;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Floor\Hit;
use StoneDrill\Core\Floor\RingPlace;
use StoneDrill\Core\Floor\Situation;

/** What an attack leaves free, what is in reach, and where the attacker reaches. */
final readonly class SituationReport implements Report
{
    private function __construct(public Attack $attack, public Situation $situation) {}

    /** For a typical defender and an attacker of the build that the attack says. */
    public static function of(Catalogue $catalogue, Attack $attack): self
    {
        return new self(
            $attack,
            Situation::of(
                $attack->kind,
                $attack->facets,
                (new Sizes($catalogue->school))->bodies(null, null, $attack->facets->build),
            ),
        );
    }

    public function document(): array
    {
        return [
            'limbs' => array_map(
                static fn (LimbStatus $limb): array => [
                    'limb' => $limb->limb->value,
                    'state' => $limb->state->value,
                    'reason' => $limb->text() ?? '',
                ],
                $this->situation->limbs,
            ),
            'attacker_free' => $this->situation->attackerFree,
            'in_reach' => array_map(
                static fn (Hit $hit): array => [
                    'limb' => $hit->limb->value,
                    'weapon' => $hit->strike->value,
                    'target' => $hit->target->value,
                    'margin_cm' => $hit->centimetres(),
                ],
                $this->situation->inReach,
            ),
            'weak_side' => $this->situation->weakSide,
            'ring' => array_map(
                static fn (RingPlace $place): array => [
                    'bearing' => $place->bearing->toClock(),
                    'threats' => $place->threats,
                    'sector' => $place->sector->value,
                ],
                $this->situation->ring,
            ),
        ];
    }
}
