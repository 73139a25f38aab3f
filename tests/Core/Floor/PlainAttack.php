<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use StoneDrill\Core\Technique\Strike;

/** How the attacker of the plain floor comes, reaches and is judged. */
trait PlainAttack
{
    private function isHold(): bool
    {
        return in_array($this->kind, [...self::GRABS, ...self::CHOKES, ...self::CLOSE], true);
    }

    private function takeHold(): void
    {
        $one = in_array(
            $this->kind,
            [
                'wrist-same', 'sleeve', 'wrist-cross', 'handshake', 'arm-one', 'cloth-one', 'hair-front',
                'shoulder-side', 'arm-across', 'shoulder-behind', 'hair-behind',
            ],
            true,
        );
        $hand = $this->facets['hand'];
        $other = $hand === 'left' ? 'right' : 'left';
        $this->holding = $one ? [$hand] : ['left', 'right'];
        $this->wrists = match ($this->kind) {
            'wrist-same', 'sleeve', 'wrist-double' => [$other],
            'wrist-cross', 'handshake' => [$hand],
            'wrist-both' => ['left', 'right'],
            default => [],
        };
    }

    private function advance(): float
    {
        return $this->kind === 'dive-legs'
            ? 1.2
            : ['stand' => 0, 'step' => 0.35, 'through' => 0.7][$this->facets['entry']] * $this->attackerHeight;
    }

    private function side(): int
    {
        return $this->kind === 'dive-legs' ? 0 : ['left' => -1, 'right' => 1][$this->facets['hand']] ?? 0;
    }

    private function contact(): float
    {
        [$aim, $chain] = self::AIMS[$this->kind];
        $leg = str_starts_with($this->kind, 'kick');

        return max(
            0.06 * ($this->own + $this->attackerHeight),
            sqrt(
                ($this->attackerReach($chain, $leg, $this->height($aim)) + 0.06 * $this->own - 0.15) ** 2
                    - ($this->side() * ($leg ? 0.0955 : 0.129) * $this->attackerHeight) ** 2,
            ),
        );
    }

    private function attackerReach(float $chain, bool $leg, float $aim): float
    {
        $joint = $this->attackerHeight($leg ? 0.53 : 0.818, false);
        $nearest = max(max(0, $joint - 0.15 * $this->attackerHeight), min($joint, $aim));

        return sqrt(
            ($chain * $this->attackerHeight) ** 2
                - min(abs($nearest - $aim), 0.8 * $chain * $this->attackerHeight) ** 2,
        ) + ($leg ? 0 : 0.288 * $this->attackerHeight * sin(deg2rad(15)));
    }

    private function attacked(array $actions, float $crouched): array
    {
        $line = $this->bearing + 180;
        $this->attackerFacing = $line;
        if ($this->isHold()) {
            $this->attacker = self::plus($this->attacker, self::way($line, 0.35 * $this->attackerHeight));
            $out = $this->apartBy() - $this->holdAt - 0.15;
            $off = $this->offLine($line, $this->me()) - 0.12 * $this->own;
            $this->out = $this->ownLimb();
            $why = $this->stopped($actions, 'hold')
                ? 'stopped'
                : ($out > 1e-9
                    ? 'out'
                    : ($off >= -1e-9
                        ? 'off'
                        : null));
            $this->outUntil = $why === 'stopped' && ! $this->pullsBack ? 1 : 0;
            if ($why === null) {
                $this->takeHold();
            }

            return [$why, $out, $off];
        }
        [$aim, $chain] = self::AIMS[$this->kind];
        $contact = $this->apartBy2($this->attacker) - $this->advance();
        $halfway = clone $this;
        $halfway->attacker = self::plus($this->attacker, self::way($line, $this->advance() / 2));
        $met = $halfway->meets($actions, $chain, str_starts_with($this->kind, 'kick'));
        $nearer = self::length(self::minus($this->attacker, $this->me())) < self::length($this->attacker) - 1e-9;
        $this->attacker = self::plus($this->attacker, self::way($line, $this->advance()));

        $this->out = $this->ownLimb();
        $inside = $this->share === 1.0 && in_array($this->kind, ['swing', 'slap', 'kick-round'], true)
            ? min(0.21 * $this->attackerHeight, 0.8 * $contact)
            : 0.0;
        $rides = str_starts_with($this->kind, 'push')
        && ! $nearer
        && array_filter($actions, static fn ($action): bool => $action->verb->value === 'ride') !== [];
        $verdict = $this->judged(
            $actions,
            $crouched,
            $line,
            $aim,
            $chain,
            str_starts_with($this->kind, 'kick'),
            $this->side(),
            $met,
            in_array($this->kind, ['swing', 'slap', 'kick-round'], true),
            $inside,
            $this->sortOfBlow(),
            $rides,
        );
        $this->outUntil = $verdict[0] === 'stopped' && ! $this->pullsBack ? 1 : 0;
        if ($verdict[0] === 'stopped' && $this->kind === 'dive-legs') {
            [$this->attackerPose, $this->poseEnds, $this->bends] = ['folded', null, true];
        }

        return $verdict;
    }

    private function followedUp(array $actions, float $crouched, float $line): ?array
    {
        $hand = in_array($this->facets['hand'], ['left', 'right'], true) && ! str_starts_with($this->kind, 'kick')
            ? ($this->facets['hand'] === 'left'
                ? 'right'
                : 'left')
            : 'right';
        if (
            $this->turnEnds !== null
            || $this->attackerPose === 'lying'
            || in_array($hand, $this->gone, true)
            || in_array($hand, $this->holding, true)
            || in_array($hand, array_column($this->grips, 'arm'), true)
        ) {
            return null;
        }
        $this->attackerFacing = $line;

        $met = $this->meets($actions, 0.386, false);
        $this->out = ['side' => $hand, 'leg' => false, 'aim' => 0.93, 'halfway' => false];
        $swings = in_array($this->kind, ['swing', 'slap'], true);
        $verdict = $this->judged(
            $actions,
            $crouched,
            $line,
            0.93,
            0.386,
            false,
            $hand === 'left' ? -1 : 1,
            $met,
            $swings,
            $swings ? 0.25 * $this->attackerHeight : 0.0,
            'blow',
            false,
        );
        $this->outUntil = $verdict[0] === 'stopped' && ! $this->pullsBack ? 2 : 1;

        return $verdict;
    }

    private function judged(
        array $actions,
        float $crouched,
        float $line,
        float $aim,
        float $chain,
        bool $leg,
        int $side,
        bool $met,
        bool $round,
        float $inside,
        string $sort,
        bool $rides,
    ): array {
        $point = $aim >= 0.85 ? $this->head() : $this->me();
        $joint = self::plus(
            $this->attacker,
            self::way($line + 90, $side * ($leg ? 0.0955 : 0.129) * $this->attackerHeight),
        );
        $out = self::length(self::minus($point, $joint))
        - 0.06 * $this->own
        - $this->attackerReach($chain, $leg, $this->height($aim));
        $off = $this->offLine($line, $point) - 0.12 * $this->own;
        $why = match (true) {
            $this->stopped($actions, $sort) => 'stopped',
            $rides => 'ridden',
            $met => 'intercepted',
            $aim >= 0.85 && $this->crouch - $crouched >= 0.1 * $this->own - 1e-9 => 'under',
            $out > 1e-9 => 'out',
            ! $round && $off >= -1e-9 => 'off',
            $round && $this->apartBy() < $inside => 'inside',
            default => null,
        };

        return [$why, $out, $off];
    }

    private function sortOfBlow(): string
    {
        return match (true) {
            $this->kind === 'dive-legs' => 'dive',
            $this->kind === 'push-one' => 'one hand',
            str_starts_with($this->kind, 'kick') => 'kick',
            default => 'blow',
        };
    }

    private function stopped(array $actions, string $sort): bool
    {
        foreach ($actions as $action) {
            $verb = $action->verb->value;
            $limb = $this->limbOf($action, $actions);
            if (
                $sort === 'kick'
                && $verb === 'block'
                && preg_match('/^(left|right) (foot|knee)$/', (string) $limb, $leg) === 1
                && $this->otherFootStands($leg[1], $actions)
            ) {
                return true;
            }
            $free = array_filter(
                ['left', 'right'],
                fn (string $side): bool => ($limb === 'both hands' || $limb === $side.' hand') && $this->isFree($side),
            );
            $verbs = [
                'block',
                'parry',
                'cover',
                ...$sort === 'hold' || $sort === 'one hand' ? ['clear', 'clamp', 'press', 'strip'] : [],
            ];
            if (
                $sort === 'dive'
                    ? $limb === 'both hands' && in_array($verb, ['block', 'shove', 'press'], true) && count($free) === 2
                    : $free !== [] && in_array($verb, $verbs, true)
            ) {
                return true;
            }
        }

        return false;
    }

    private function otherFootStands(string $own, array $actions): bool
    {
        $other = $own === 'left' ? 'right' : 'left';
        foreach ($actions as $action) {
            $verb = $action->verb->value;
            $isOther = str_starts_with((string) $action->limb?->value, $other);
            $lifts = in_array($verb, ['slide', 'hop', 'leave', 'spread', 'close', 'ride', 'go behind'], true)
            || $action->manner->jumping
            || ($isOther
                && (in_array($verb, ['step', 'cross', 'stomp', 'knee'], true)
                    || str_ends_with($verb, ' kick')
                    || ($verb === 'block' && ! str_ends_with((string) $action->limb?->value, 'hand'))));
            if ($lifts) {
                return false;
            }
        }

        return $this->pose === 'standing';
    }

    /** Whether the defender's hand is neither limited nor blocked. */
    private function isFree(string $side): bool
    {
        return $this->holding === []
            || (! in_array($side, $this->wrists, true)
                && ! in_array($this->kind, ['hug-front-pinned', 'hug-behind-pinned', 'arms-neck-behind'], true));
    }

    private function meets(array $actions, float $chain, bool $byLeg): bool
    {
        foreach ($actions as $action) {
            $strike = $action->verb->value;
            $kick = str_ends_with($strike, 'kick');
            $longer = in_array($strike, ['punch', 'palm', 'fingertips'], true)
            && self::CHAINS[$strike] * $this->own > $chain * $this->attackerHeight + 1e-9;
            $hit = $action->verb instanceof Strike && ($kick || $longer) ? $this->struck($action, $actions) : null;
            $nearer
                = $byLeg && in_array($hit['target'] ?? '', ['shin', 'knee'], true) ? 0.2 * $this->attackerHeight : 0.0;
            if (
                ($hit['margin'] ?? -9) + $nearer >= -0.05 - 1e-9
                && ($hit['turn'] == 0 || in_array($strike, ['side kick', 'hook kick'], true))
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, float> margin by limb, of those that reach */
    private function threats(): array
    {
        $threats = [];
        if (
            $this->attackerPose === 'lying'
            || abs(self::turn($this->attackerFacing, self::angle(self::minus($this->me(), $this->attacker))))
                > 110 + 1e-9
        ) {
            return [];
        }
        foreach (['left', 'right'] as $side) {
            foreach (['hand', 'foot'] as $part) {
                $leg = $part === 'foot';
                $busy = $leg
                    ? $this->attackerPose !== 'standing'
                        || $this->astride
                        || in_array($side, array_column($this->grips, 'leg'), true)
                    : in_array($side, $this->holding, true)
                        || in_array($side, $this->gone, true)
                        || in_array($side, array_column($this->grips, 'arm'), true);
                $joint = self::plus(
                    $this->attacker,
                    self::way(
                        $this->attackerFacing + 90,
                        ($side === 'left' ? -1 : 1) * ($leg ? 0.0955 : 0.129) * $this->attackerHeight,
                    ),
                );
                $point = $leg ? $this->me() : $this->head();
                $margin = $this->attackerReach($leg ? 0.53 : 0.386, $leg, $this->height($leg ? 0.58 : 0.93))
                + 0.06 * $this->own
                - self::length(self::minus($point, $joint));
                if (! $busy && $margin >= 0) {
                    $threats["{$side} {$part}"] = $margin;
                }
            }
        }
        ksort($threats);

        return $threats;
    }

    /** Metres of a place off the line through the attacker, by the area of the triangle. */
    private function offLine(float $line, array $point): float
    {
        $along = self::way($line, 1);
        $to = self::minus($point, $this->attacker);

        return abs($along[0] * $to[1] - $along[1] * $to[0]);
    }

    private function apartBy2(array $place): float
    {
        return self::length($place);
    }
}
