<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/**
 * A kind of attack as data: one row of the table of kinds, built in or a school's own.
 */
final readonly class Kind
{
    /**
     * @param string          $id       the word in the open file
     * @param list<HisBusy>   $hisBusy  limbs of his own the attack keeps busy
     * @param list<YoursHeld> $yours    what it takes from the defender
     * @param list<Hand>      $hands    hands it can be done with
     * @param list<int>       $bearings hours it can come from
     * @param list<string>    $cautions what can hurt a partner in training
     */
    public function __construct(
        public string $id,
        public string $name,
        public Family $family,
        public Start $start,
        public array $hisBusy,
        public array $yours,
        public array $hands,
        public array $bearings,
        public array $cautions = [],
    ) {}

    /** Whether a wrist is held, so that an attack says where the thumb lies. */
    public function holdsWrist(): bool
    {
        return array_filter($this->yours, static fn (YoursHeld $held): bool => $held->isWrist()) !== [];
    }

    /** Whether the attacker keeps a hand free to follow up with. */
    public function leavesHandFree(): bool
    {
        return $this->hisBusy === [] || $this->hisBusy === [HisBusy::Hand];
    }
}
