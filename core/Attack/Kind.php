<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

use StoneDrill\Core\Text;

/**
 * A kind of attack as data: one row of the table of kinds, built in or a school's own.
 */
final readonly class Kind
{
    /** How the built-in kinds come that are delivered over a distance; a school's own come as its family does. */
    private const BLOWS = [
        'swing' => Blow::Swing,
        'slap' => Blow::Slap,
        'punch-rising' => Blow::Rising,
        'punch-low' => Blow::Low,
        'kick-round' => Blow::RoundKick,
    ];

    /** What can hurt a partner in training, by built-in kind: the last part of the text's key. */
    private const CAUTIONS = [
        'hair-front' => 'neck',
        'hair-behind' => 'neck',
        'throat-front' => 'choke',
        'throat-behind' => 'choke',
        'forearm-behind' => 'choke',
        'headlock-side' => 'neck',
        'headlock-front' => 'neck',
        'arms-neck-behind' => 'neck',
        'punch-straight' => 'head',
        'swing' => 'head',
        'slap' => 'head',
        'punch-rising' => 'head',
        'punch-behind' => 'head',
        'kick-front' => 'shins',
        'kick-round' => 'shins',
        'dive-legs' => 'fall',
        'clinch-trip' => 'fall',
        'ground-standing' => 'fall',
        'ground-astride' => 'fall',
    ];

    /**
     * @param string          $id       the word in the open file
     * @param list<AttackerLimb>   $attackerLimbs  limbs of the attacker the attack keeps busy
     * @param list<DefenderHold> $defenderHolds    what it takes from the defender
     * @param list<Hand>      $hands    hands it can be done with
     * @param list<int>       $bearings hours it can come from
     * @param ?KindWords      $words    what a school calls a kind of its own; null for a built-in one
     */
    public function __construct(
        public string $id,
        public Family $family,
        public Start $start,
        public array $attackerLimbs,
        public array $defenderHolds,
        public array $hands,
        public array $bearings,
        public ?KindWords $words = null,
    ) {}

    /**
     * Where a hold of this kind holds, as a share of the defender's stature above the floor; a wrist is held half way
     * between the two.
     */
    public function holdsAt(): float
    {
        return match (true) {
            $this->holdsWrist() => 0.58,
            in_array($this->id, ['hair-front', 'hair-behind'], true) => 0.93,
            in_array(
                $this->id,
                ['shoulders-front', 'shoulder-side', 'arm-across', 'shoulder-behind', 'shoulders-behind'],
                true,
            ) => 0.818,
            $this->family === Family::Choke, $this->family === Family::Head => 0.85,
            $this->family === Family::Hug, $this->family === Family::Takedown => 0.66,
            default => 0.72,
        };
    }

    public function name(): Text
    {
        return $this->words === null ? Text::of('kinds.names.'.$this->id) : Text::plain($this->words->name);
    }

    /** @return list<Text> what can hurt a partner in training */
    public function cautions(): array
    {
        if ($this->words !== null) {
            return array_map(Text::plain(...), $this->words->cautions);
        }

        return isset(self::CAUTIONS[$this->id]) ? [Text::of('kinds.cautions.'.self::CAUTIONS[$this->id])] : [];
    }

    /** Whether a wrist is held, so that an attack says where the thumb lies. */
    public function holdsWrist(): bool
    {
        return array_filter($this->defenderHolds, static fn (DefenderHold $held): bool => $held->isWrist()) !== [];
    }

    /** How it is delivered over a distance; null for holds, threats and what is on the ground. */
    public function blow(): ?Blow
    {
        if ($this->start !== Start::Delivered) {
            return null;
        }

        return self::BLOWS[$this->id]
            ?? match ($this->family) {
                Family::Kick => Blow::FrontKick,
                Family::Push => Blow::Push,
                Family::Takedown => Blow::Dive,
                default => array_diff($this->bearings, [4, 5, 6, 7, 8]) === [] ? Blow::Behind : Blow::Straight,
            };
    }

    /** Whether the attacker keeps a hand free to follow up with. */
    public function leavesHandFree(): bool
    {
        return $this->attackerLimbs === [] || $this->attackerLimbs === [AttackerLimb::Hand];
    }
}
