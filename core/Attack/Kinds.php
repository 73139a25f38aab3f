<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/**
 * The kinds of attack a school works with, by id: the built-in table and the school's own rows.
 */
final readonly class Kinds
{
    private const FRONT = [10, 11, 12, 1, 2];
    private const SIDES = [2, 3, 4, 8, 9, 10];
    private const ARM = [8, 9, 10, 11, 12, 1, 2, 3, 4];
    private const BEHIND = [4, 5, 6, 7, 8];
    private const WIDE = [9, 10, 11, 12, 1, 2, 3];
    private const ANY = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12];

    private const NECK = 'Nothing closes on the neck at speed: tap or stop word at the first pressure.';
    private const CHOKE = 'Chokes are not for children. Light contact only, tap early, never hold on.';
    private const FALL = 'Mats under everyone; who cannot fall safely does not fall.';
    private const HEAD = 'Pads or an agreed stop short of the head until both say otherwise.';

    /** @param array<string, Kind> $kinds by id */
    private function __construct(private array $kinds) {}

    /** The built-in table. */
    public static function builtIn(): self
    {
        static $builtIn = null;

        return $builtIn ??= self::of(self::table());
    }

    /** These kinds and the given ones; a row with an id that is there already takes its place. */
    public function with(Kind ...$more): self
    {
        return self::of([...array_values($this->kinds), ...array_values($more)]);
    }

    /** @throws UnknownKind when no kind has this id */
    public function get(string $id): Kind
    {
        return $this->kinds[$id] ?? throw UnknownKind::id($id);
    }

    public function has(string $id): bool
    {
        return isset($this->kinds[$id]);
    }

    /** @return list<Kind> in the order of the table */
    public function all(): array
    {
        return array_values($this->kinds);
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_map('strval', array_keys($this->kinds));
    }

    /** @param list<Kind> $kinds */
    private static function of(array $kinds): self
    {
        return new self(array_column($kinds, null, 'id'));
    }

    /** @return list<Kind> */
    private static function table(): array
    {
        $one = [Hand::Left, Hand::Right];
        $both = [Hand::Both];
        $none = [Hand::None];
        $hand = [AttackerLimb::Hand];
        $hands = [AttackerLimb::Hands];
        $arms = [AttackerLimb::Arms];
        $opposite = [DefenderHold::WristOpposite];
        $same = [DefenderHold::WristSame];
        $pinned = [DefenderHold::ArmsPinned];
        $delivered = Start::Delivered;

        return [
            new Kind('wrist-same', 'Wrist hold, same side', Family::Grab, Start::Grab, $hand, $opposite, $one, self::FRONT),
            new Kind('sleeve', 'Sleeve hold', Family::Grab, Start::Grab, $hand, $opposite, $one, self::FRONT),
            new Kind('wrist-cross', 'Wrist hold, across', Family::Grab, Start::Grab, $hand, $same, $one, self::FRONT),
            new Kind('handshake', 'Handshake that does not end', Family::Grab, Start::Grab, $hand, $same, $one, self::FRONT),
            new Kind('wrist-double', 'Two hands on one wrist', Family::Grab, Start::Grab, $hands, $opposite, $one, self::FRONT),
            new Kind('wrist-both', 'Both wrists held', Family::Grab, Start::Grab, $hands, [DefenderHold::Wrists], $both, self::FRONT),
            new Kind('arm-one', 'Upper arm hold', Family::Grab, Start::Grab, $hand, [], $one, self::ARM),
            new Kind('cloth-one', 'Cloth held with one hand', Family::Grab, Start::Grab, $hand, [], $one, self::FRONT),
            new Kind('hair-front', 'Hair held from the front', Family::Grab, Start::Grab, $hand, [], $one, self::FRONT, [self::NECK]),
            new Kind('cloth-two', 'Cloth held with two hands', Family::Grab, Start::Grab, $hands, [], $both, self::FRONT),
            new Kind('shoulders-front', 'Both shoulders held from the front', Family::Grab, Start::Grab, $hands, [], $both, self::FRONT),
            new Kind('shoulder-side', 'Shoulder held from the side', Family::Grab, Start::Grab, $hand, [], $one, self::SIDES),
            new Kind('arm-across', 'Arm laid over the shoulders', Family::Grab, Start::Grab, $hand, [], $one, self::SIDES),
            new Kind('shoulder-behind', 'Shoulder held from behind', Family::Grab, Start::Grab, $hand, [], $one, self::BEHIND),
            new Kind('hair-behind', 'Hair held from behind', Family::Grab, Start::Grab, $hand, [], $one, self::BEHIND, [self::NECK]),
            new Kind('shoulders-behind', 'Both shoulders held from behind', Family::Grab, Start::Grab, $hands, [], $both, self::BEHIND),
            new Kind('throat-front', 'Throat held with both hands, front', Family::Choke, Start::Grab, $hands, [], $both, self::FRONT, [self::CHOKE]),
            new Kind('throat-behind', 'Throat held with both hands, behind', Family::Choke, Start::Grab, $arms, [], $both, self::BEHIND, [self::CHOKE]),
            new Kind('forearm-behind', 'Forearm across the throat, behind', Family::Choke, Start::Grab, $arms, [], $one, self::BEHIND, [self::CHOKE]),
            new Kind('hug-front-pinned', 'Bear hug from the front, arms pinned', Family::Hug, Start::Hug, $arms, $pinned, $both, self::FRONT),
            new Kind('hug-front-free', 'Bear hug from the front, arms free', Family::Hug, Start::Hug, $arms, [], $both, self::FRONT),
            new Kind('hug-behind-pinned', 'Bear hug from behind, arms pinned', Family::Hug, Start::Hug, $arms, $pinned, $both, self::BEHIND),
            new Kind('hug-behind-free', 'Bear hug from behind, arms free', Family::Hug, Start::Hug, $arms, [], $both, self::BEHIND),
            new Kind('headlock-side', 'Headlock from the side', Family::Head, Start::Hug, $arms, [], $one, self::SIDES, [self::NECK]),
            new Kind('headlock-front', 'Headlock from the front', Family::Head, Start::Hug, $arms, [], $one, self::FRONT, [self::NECK]),
            new Kind('arms-neck-behind', 'Arms threaded from behind, hands at the neck', Family::Head, Start::Hug, $arms, [DefenderHold::ArmsBlocked], $both, self::BEHIND, [self::NECK]),
            new Kind('push-one', 'One-handed push', Family::Push, $delivered, [], [], $one, self::FRONT),
            new Kind('push-two', 'Two-handed push', Family::Push, $delivered, [], [], $both, self::FRONT),
            new Kind('push-behind', 'Push from behind', Family::Push, $delivered, [], [], $both, self::BEHIND),
            new Kind('punch-straight', 'Straight punch', Family::Strike, $delivered, [], [], $one, self::WIDE, [self::HEAD]),
            new Kind('swing', 'Wide swing', Family::Strike, $delivered, [], [], $one, self::WIDE, [self::HEAD]),
            new Kind('slap', 'Slap', Family::Strike, $delivered, [], [], $one, self::WIDE, [self::HEAD]),
            new Kind('punch-rising', 'Rising punch', Family::Strike, $delivered, [], [], $one, self::WIDE, [self::HEAD]),
            new Kind('punch-low', 'Low punch', Family::Strike, $delivered, [], [], $one, self::WIDE),
            new Kind('punch-behind', 'Punch from behind', Family::Strike, $delivered, [], [], $one, self::BEHIND, [self::HEAD]),
            new Kind('kick-front', 'Front kick', Family::Kick, $delivered, [], [], $one, self::WIDE, ['Meeting a kick hits knees and shins: slow, padded, and never knee to knee.']),
            new Kind('kick-round', 'Round kick', Family::Kick, $delivered, [], [], $one, self::WIDE, ['Meeting a kick hits knees and shins: slow, padded, and never knee to knee.']),
            new Kind('dive-legs', 'Dive at the legs', Family::Takedown, $delivered, [], [], $both, self::FRONT, [self::FALL]),
            new Kind('clinch-trip', 'Clinch with a trip', Family::Takedown, Start::Hug, $arms, [], $both, self::FRONT, [self::FALL]),
            new Kind('ground-standing', 'On the ground, attacker standing', Family::Ground, Start::Ground, [], [], $none, self::ANY, [self::FALL]),
            new Kind('ground-astride', 'On the ground, attacker astride', Family::Ground, Start::Astride, [AttackerLimb::Legs], [], $both, [12], [self::FALL]),
            new Kind('closing-in', 'Somebody closes in', Family::Threat, Start::Threat, [], [], $none, self::WIDE),
            new Kind('blocking-way', 'Somebody blocks the way', Family::Threat, Start::Threat, [], [], $none, self::WIDE),
        ];
    }
}
