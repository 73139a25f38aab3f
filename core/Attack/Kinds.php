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
            new Kind('wrist-same', Family::Grab, Start::Grab, $hand, $opposite, $one, self::FRONT),
            new Kind('sleeve', Family::Grab, Start::Grab, $hand, $opposite, $one, self::FRONT),
            new Kind('wrist-cross', Family::Grab, Start::Grab, $hand, $same, $one, self::FRONT),
            new Kind('handshake', Family::Grab, Start::Grab, $hand, $same, $one, self::FRONT),
            new Kind('wrist-double', Family::Grab, Start::Grab, $hands, $opposite, $one, self::FRONT),
            new Kind('wrist-both', Family::Grab, Start::Grab, $hands, [DefenderHold::Wrists], $both, self::FRONT),
            new Kind('arm-one', Family::Grab, Start::Grab, $hand, [], $one, self::ARM),
            new Kind('cloth-one', Family::Grab, Start::Grab, $hand, [], $one, self::FRONT),
            new Kind('hair-front', Family::Grab, Start::Grab, $hand, [], $one, self::FRONT),
            new Kind('cloth-two', Family::Grab, Start::Grab, $hands, [], $both, self::FRONT),
            new Kind('shoulders-front', Family::Grab, Start::Grab, $hands, [], $both, self::FRONT),
            new Kind('shoulder-side', Family::Grab, Start::Grab, $hand, [], $one, self::SIDES),
            new Kind('arm-across', Family::Grab, Start::Grab, $hand, [], $one, self::SIDES),
            new Kind('shoulder-behind', Family::Grab, Start::Grab, $hand, [], $one, self::BEHIND),
            new Kind('hair-behind', Family::Grab, Start::Grab, $hand, [], $one, self::BEHIND),
            new Kind('shoulders-behind', Family::Grab, Start::Grab, $hands, [], $both, self::BEHIND),
            new Kind('throat-front', Family::Choke, Start::Grab, $hands, [], $both, self::FRONT),
            new Kind('throat-behind', Family::Choke, Start::Grab, $arms, [], $both, self::BEHIND),
            new Kind('forearm-behind', Family::Choke, Start::Grab, $arms, [], $one, self::BEHIND),
            new Kind('hug-front-pinned', Family::Hug, Start::Hug, $arms, $pinned, $both, self::FRONT),
            new Kind('hug-front-free', Family::Hug, Start::Hug, $arms, [], $both, self::FRONT),
            new Kind('hug-behind-pinned', Family::Hug, Start::Hug, $arms, $pinned, $both, self::BEHIND),
            new Kind('hug-behind-free', Family::Hug, Start::Hug, $arms, [], $both, self::BEHIND),
            new Kind('headlock-side', Family::Head, Start::Hug, $arms, [], $one, self::SIDES),
            new Kind('headlock-front', Family::Head, Start::Hug, $arms, [], $one, self::FRONT),
            new Kind(
                'arms-neck-behind',
                Family::Head,
                Start::Hug,
                $arms,
                [DefenderHold::ArmsBlocked],
                $both,
                self::BEHIND,
            ),
            new Kind('push-one', Family::Push, $delivered, [], [], $one, self::FRONT),
            new Kind('push-two', Family::Push, $delivered, [], [], $both, self::FRONT),
            new Kind('push-behind', Family::Push, $delivered, [], [], $both, self::BEHIND),
            new Kind('punch-straight', Family::Strike, $delivered, [], [], $one, self::WIDE),
            new Kind('swing', Family::Strike, $delivered, [], [], $one, self::WIDE),
            new Kind('slap', Family::Strike, $delivered, [], [], $one, self::WIDE),
            new Kind('punch-rising', Family::Strike, $delivered, [], [], $one, self::WIDE),
            new Kind('punch-low', Family::Strike, $delivered, [], [], $one, self::WIDE),
            new Kind('punch-behind', Family::Strike, $delivered, [], [], $one, self::BEHIND),
            new Kind('kick-front', Family::Kick, $delivered, [], [], $one, self::WIDE),
            new Kind('kick-round', Family::Kick, $delivered, [], [], $one, self::WIDE),
            new Kind('dive-legs', Family::Takedown, $delivered, [], [], $both, self::FRONT),
            new Kind('clinch-trip', Family::Takedown, Start::Hug, $arms, [], $both, self::FRONT),
            new Kind('ground-standing', Family::Ground, Start::Ground, [], [], $none, self::ANY),
            new Kind('ground-astride', Family::Ground, Start::Astride, [AttackerLimb::Legs], [], $both, [12]),
            new Kind('closing-in', Family::Threat, Start::Threat, [], [], $none, self::WIDE),
            new Kind('blocking-way', Family::Threat, Start::Threat, [], [], $none, self::WIDE),
        ];
    }
}
