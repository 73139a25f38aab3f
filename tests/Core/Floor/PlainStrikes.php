<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Strike;

/** What the plain floor strikes and grips with. */
trait PlainStrikes
{
    /** @return array<int, float> degrees of turning by position */
    private function strikeThrough(array $actions): array
    {
        $turns = [];
        foreach ($actions as $position => $action) {
            if ($action->verb instanceof Strike) {
                $hit = $this->struck($action, $actions);
                $this->follow($hit);
                $turns[$position] = $hit['turn'];
            }
        }

        return $turns;
    }

    private function follow(array $hit): void
    {
        $this->facing += $hit['turn'] + $hit['swings back'];
        $this->shift(self::times($hit['toward'], $hit['drive']));
    }

    private static function longest(array $actions, array $turns): float
    {
        $times = [0.0];
        foreach ($actions as $position => $action) {
            $step = self::stepFor($action, $actions);
            $times[] = self::seconds($action)
            + ($step === null ? 0 : self::seconds($step))
            + max(0, abs($turns[$position] ?? 0) - 45) / 360;
        }

        return max($times);
    }

    /** The step of the other leg that a kick or knee waits for: the last one written before it. */
    private static function stepFor(Action $action, array $actions): ?Action
    {
        $word = $action->verb->value;
        if ($word !== 'knee' && ! str_ends_with($word, ' kick')) {
            return null;
        }
        $before = array_slice($actions, 0, (int) array_search($action, $actions, true));
        $own = explode(' ', $action->limb->value)[0];
        $steps = array_filter(
            $before,
            static fn (Action $one): bool => $one->verb->value === 'slide'
                || (in_array($one->verb->value, ['step', 'cross'], true) && ! str_starts_with($one->limb->value, $own)),
        );

        return $steps === [] ? null : end($steps);
    }

    /** @return array{limb: string, target: string, margin: ?float, high: bool, faced: bool} */
    private function struck(Action $action, array $actions): array
    {
        $limb = $action->limb?->value ?? '';
        $limb = in_array($limb, ['held hand', 'other hand'], true) ? $this->handMeant($limb) : $limb;
        if ($limb !== 'free hand') {
            return $this->struckWith($action, $actions, $limb);
        }
        $best = null;
        foreach ($this->freeHands($actions) as $hand) {
            $hit = $this->struckWith($action, $actions, $hand);
            $best = $best === null || ($hit['margin'] ?? -INF) > ($best['margin'] ?? -INF) + 1e-9 ? $hit : $best;
        }

        return $best;
    }

    private function struckWith(Action $action, array $actions, string $limb): array
    {
        $hits = array_map(
            fn ($target): array => $this->one($action, $actions, $limb, $target->value),
            $action->targets,
        );
        foreach ($hits as $hit) {
            if (
                $hit['faced']
                && ! $hit['high']
                && ($hit['margin'] === null || $hit['margin'] + $hit['drive'] >= -1e-9)
            ) {
                return $hit;
            }
        }

        return $hits[0];
    }

    /** @return array{float, float} degrees turned to the strike, and back from it */
    private function turning(string $strike, string $limb, string $target): array
    {
        $off = self::turn($this->facing, self::angle(self::minus($this->attacker, $this->me())));
        $left = str_starts_with($limb, 'left');
        $own = $left ? -1 : 1;
        $isFast = $this->holding !== []
        && in_array(
            $this->kind,
            [
                'hug-front-pinned', 'hug-front-free', 'hug-behind-pinned', 'hug-behind-free', 'headlock-side',
                'headlock-front', 'arms-neck-behind', 'wrist-double', 'wrist-both', 'throat-behind',
                'forearm-behind',
            ],
            true,
        );
        if (
            $isFast
            || $this->faceIsWritten
            || $this->pose === 'lying'
            || ($this->holding !== [] && in_array($target, ['hand', 'fingers', 'wrist', 'forearm', 'elbow'], true))
        ) {
            return [0.0, 0.0];
        }
        if (abs($off) > 180 - 1e-9) {
            $off = 180 * $own;
        }
        $isSide = in_array($strike, ['side kick', 'hook kick'], true);
        if ($isSide) {
            return $own * $off >= 30 - 1e-9 && $own * $off <= 150 + 1e-9
                ? [0.0, 0.0]
                : [self::around($off - 90 * $own, $own), 30.0 * $own];
        }
        if ($strike === 'back kick') {
            return abs($off) >= 120 - 1e-9 ? [0.0, 0.0] : [self::around($off - 180 * $own, $own), 30.0 * $own];
        }
        if (in_array($strike, ['elbow', 'hammer', 'head', 'stomp'], true) || abs($off) <= 110 + 1e-9) {
            return [0.0, 0.0];
        }

        return [($off < 0 ? -1 : 1) * min(90, abs($off) - 110), 0.0];
    }

    /** The shorter way round; straight behind, the striking side. */
    private static function around(float $degrees, int $own): float
    {
        $turn = fmod(fmod($degrees, 360) + 540, 360) - 180;

        return abs($turn) > 180 - 1e-9 ? 180.0 * $own : $turn;
    }

    private function one(Action $action, array $actions, string $limb, string $target): array
    {
        $strike = $action->verb->value;
        [$turn, $back] = $this->turning($strike, $limb, $target);
        $facing = $this->facing + $turn;
        $off = abs(self::turn($this->attackerFacing, self::angle(self::minus($this->me(), $this->attacker))));
        $headHeld = array_filter($this->grips, static fn (array $grip): bool => $grip['head']) !== [];
        // How many degrees past the edge of its half the target lies.
        $past = match (true) {
            ($this->attackerPose === 'folded' || $headHeld) && in_array($target, ['back of head', 'spine'], true) => 0,
            in_array($target, self::FRONT, true) => $off - 100,
            in_array($target, self::REAR, true) => 80 - $off,
            $target === 'kidney' => 60 - $off,
            default => 0,
        };
        $round = $past > 1e-9
        && $past <= 50 + 1e-9
        && $target !== 'spine'
        && in_array($strike, ['hammer', 'backhand', 'edge', 'palm', 'elbow'], true);
        $faced = $past <= 1e-9 || $round;
        $arm = in_array($strike, ['punch', 'palm', 'hammer', 'backhand', 'edge', 'fingertips', 'elbow'], true);
        $step = self::stepFor($action, $actions);
        $base = $step === null ? $this->me() : (str_starts_with($limb, 'left') ? $this->right : $this->left);
        $found = $this->getsTo(
            $this->spot($target, $limb),
            $strike === 'head' ? 'neck' : ($arm ? 'shoulder' : 'hip'),
            self::CHAINS[$strike] * $this->own,
            $limb,
            $arm || $strike === 'knee',
            $base,
            $facing,
            $round ? 0.15 * $this->own : 0.0,
        );
        $most
            = $strike === 'stomp' ? 0.0 : (str_ends_with($strike, ' kick') ? 0.35 : ($strike === 'knee' ? 0.25 : 0.12));

        return [
            'limb' => $limb,
            'target' => $target,
            'margin' => $found['margin'],
            'high' => $found['high'],
            'faced' => $faced,
            'turn' => $turn,
            'swings back' => $back,
            'drive' => $this->drivenFor($found, $most, $actions),
            'toward' => $found['toward'],
        ];
    }

    /** How far the axis gets that way before the bodies touch: halved again and again. */
    private function until(array $way, float $most): float
    {
        $least = 0.06 * ($this->own + $this->attackerHeight);
        $apart = fn (float $metres): float => self::length(
            self::minus($this->attacker, self::plus($this->me(), self::times($way, $metres))),
        );
        $to = self::minus($this->attacker, $this->me());
        $nearest = $way[0] * $to[0] + $way[1] * $to[1];
        if ($nearest <= 0 || $apart($nearest) >= $least) {
            return $most;
        }
        [$low, $high] = [0.0, $nearest];
        for ($i = 0; $i < 80; $i++) {
            $middle = ($low + $high) / 2;
            [$low, $high] = $apart($middle) >= $least ? [$middle, $high] : [$low, $middle];
        }

        return min($most, $apart(0.0) < $least ? 0.0 : $low);
    }

    private function attackerHead(): array
    {
        if ($this->attackerPose !== 'folded') {
            return $this->attacker;
        }
        $apart = $this->apartBy();

        return self::plus(
            $this->me(),
            self::times(
                self::minus($this->attacker, $this->me()),
                ($apart - max(0, min(0.25 * $this->attackerHeight, $apart - 0.06 * $this->attackerHeight))) / $apart,
            ),
        );
    }

    private function controlled(Action $action, ?string $limb): void
    {
        $hands = match ($limb) {
            'both hands' => ['left', 'right'],
            'left hand' => ['left'],
            'right hand' => ['right'],
            default => [],
        };
        $verb = $action->verb->value;
        foreach ($hands as $hand) {
            $target = $action->targets[0]->value ?? null;
            if ($verb === 'escort' && isset($this->grips[$hand])) {
                continue;
            }
            if (! in_array($verb, ['clamp', 'lock', 'pin', 'choke hold', 'pull'], true)) {
                unset($this->grips[$hand]);
            } elseif (($this->grips[$hand]['verb'] ?? null) !== $verb || $this->grips[$hand]['target'] !== $target) {
                $arm = $target === null
                    ? $verb !== 'choke hold'
                    : $verb === 'lock'
                        || ($verb === 'pin' && $target === 'shoulder')
                        || in_array(
                            $target,
                            ['hand', 'fingers', 'wrist', 'forearm', 'elbow', 'upper arm', 'armpit'],
                            true,
                        );
                $leg = in_array($target, ['thigh', 'knee', 'shin', 'instep', 'leg', 'ankle'], true);
                $this->grips[$hand] = [
                    'verb' => $verb,
                    'target' => $target,
                    'arm' => $arm ? $this->limbOfHis($hand, false) : null,
                    'leg' => $leg ? $this->limbOfHis($hand, true) : null,
                    'at' => $this->apartBy(),
                    'head' => in_array($target, self::HEAD, true),
                ];
            }
        }
        if (in_array($verb, ['raise', 'lower'], true) && array_intersect($hands, $this->wrists) !== []) {
            $this->wristAt += ($verb === 'raise' ? 0.2 : -0.2) * $action->manner->count;
        }
        if (
            $verb === 'strip'
            && $action->toward?->value !== 'fingers'
            && (in_array($this->kind, self::GRABS, true)
                || in_array($this->kind, ['throat-front', 'throat-behind'], true))
        ) {
            if ($this->kind === 'wrist-both') {
                $this->wrists = array_values(array_diff($this->wrists, $hands));
                $this->holding = array_values(
                    array_diff(
                        ['left', 'right'],
                        $this->wrists === ['left', 'right']
                            ? []
                            : array_map(
                                static fn (string $own): string => $own === 'left' ? 'right' : 'left',
                                array_diff(['left', 'right'], $this->wrists),
                            ),
                    ),
                );
            } else {
                $this->release();
            }
        }
    }

    private function limbOfHis(string $hand, bool $leg): string
    {
        $isKick = str_starts_with($this->kind, 'kick');
        if (in_array($this->facets['hand'], ['left', 'right'], true) && $isKick === $leg) {
            return $this->facets['hand'];
        }

        return abs(self::turn($this->facing, $this->attackerFacing)) < 90
            ? $hand
            : ($hand === 'left'
                ? 'right'
                : 'left');
    }

    private function limbOf(Action $action, array $actions): ?string
    {
        if (in_array($action->limb?->value, ['held hand', 'other hand'], true)) {
            return $this->handMeant($action->limb->value);
        }
        if ($action->limb?->value !== 'free hand') {
            return $action->limb?->value;
        }

        return $action->verb instanceof Strike
            ? $this->struck($action, $actions)['limb']
            : $this->controls($action, $actions)['limb'] ?? $this->freeHands($actions)[0];
    }

    /** By the table of kinds and the attack's hand alone: whose wrist is held, the left of two, else the right hand. */
    private function handMeant(string $limb): string
    {
        $hand = $this->facets['hand'];
        $held = match (true) {
            in_array($this->kind, ['wrist-same', 'sleeve', 'wrist-double'], true) => $hand === 'left'
                ? 'right'
                : 'left',
            in_array($this->kind, ['wrist-cross', 'handshake'], true) => $hand,
            $this->kind === 'wrist-both' => 'left',
            default => $hand === 'right' ? 'left' : 'right',
        };

        return ($limb === 'held hand' ? $held : ($held === 'left' ? 'right' : 'left')).' hand';
    }

    /** @return list<string> */
    private function freeHands(array $actions): array
    {
        $busy = [];
        foreach ($actions as $action) {
            $busy = [
                ...$busy,
                ...match ($action->limb?->value) {
                    'both hands' => ['left hand', 'right hand'],
                    'held hand', 'other hand' => [$this->handMeant($action->limb->value)],
                    default => [$action->limb?->value],
                },
            ];
        }
        $free = array_values(
            array_filter(
                ['right hand', 'left hand'],
                fn (string $hand): bool => ! in_array($hand, $busy, true)
                    && ! isset($this->grips[explode(' ', $hand)[0]])
                    && $this->isFree(explode(' ', $hand)[0]),
            ),
        );

        return $free === [] ? ['right hand', 'left hand'] : $free;
    }

    private static function seconds(Action $action): float
    {
        $word = $action->verb->value;
        $one = self::SECONDS[$word]
        ?? match (true) {
            str_ends_with($word, 'kick') => 0.5,
            default => 0.25,
        };

        return $action->seconds
            ?? ($one + 0.25 * ((int) $action->manner->jumping + (int) $action->manner->spinning))
                * $action->manner->count;
    }
}
