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
        $one = in_array($this->kind, ['wrist-same', 'sleeve', 'wrist-cross', 'handshake', 'arm-one', 'cloth-one', 'hair-front', 'shoulder-side', 'arm-across', 'shoulder-behind', 'hair-behind'], true);
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
        return $this->kind === 'dive-legs' ? 1.2 : ['stand' => 0, 'step' => .35, 'through' => .70][$this->facets['entry']] * $this->attackerHeight;
    }

    private function side(): int
    {
        return $this->kind === 'dive-legs' ? 0 : (['left' => -1, 'right' => 1][$this->facets['hand']] ?? 0);
    }

    private function contact(): float
    {
        [$aim, $chain] = self::AIMS[$this->kind];
        $leg = str_starts_with($this->kind, 'kick');

        return max(.06 * ($this->own + $this->attackerHeight), sqrt(($this->attackerReach($chain, $leg, $this->height($aim)) + .06 * $this->own - .15) ** 2 - ($this->side() * ($leg ? .0955 : .129) * $this->attackerHeight) ** 2));
    }

    private function attackerReach(float $chain, bool $leg, float $aim): float
    {
        $joint = $this->attackerHeight($leg ? .530 : .818, false);
        $nearest = max(max(0, $joint - .15 * $this->attackerHeight), min($joint, $aim));

        return sqrt(($chain * $this->attackerHeight) ** 2 - min(abs($nearest - $aim), .8 * $chain * $this->attackerHeight) ** 2) + ($leg ? 0 : .288 * $this->attackerHeight * sin(deg2rad(15)));
    }

    private function attacked(array $actions, float $crouched): array
    {
        $line = $this->bearing + 180;
        $this->attackerFacing = $line;
        if ($this->isHold()) {
            $this->attacker = self::plus($this->attacker, self::way($line, .35 * $this->attackerHeight));
            $out = $this->apartBy() - $this->holdAt - .15;
            $off = $this->offLine($line, $this->me()) - .12 * $this->own;
            $why = $this->stopped($actions, false) ? 'stopped' : ($out > 1e-9 ? 'out' : ($off >= -1e-9 ? 'off' : null));
            if ($why === null) {
                $this->takeHold();
            }

            return [$why, $out, $off];
        }
        [$aim, $chain] = self::AIMS[$this->kind];
        $contact = $this->apartBy2($this->attacker) - $this->advance();
        $halfway = clone $this;
        $halfway->attacker = self::plus($this->attacker, self::way($line, $this->advance() / 2));
        $met = $halfway->meets($actions, $chain);
        $this->attacker = self::plus($this->attacker, self::way($line, $this->advance()));

        return $this->judged($actions, $crouched, $line, $aim, $chain, str_starts_with($this->kind, 'kick'), $this->side(), $met, in_array($this->kind, ['swing', 'slap', 'kick-round'], true), $contact, $this->kind === 'dive-legs');
    }

    private function followedUp(array $actions, float $crouched, float $line): ?array
    {
        $hand = in_array($this->facets['hand'], ['left', 'right'], true) && ! str_starts_with($this->kind, 'kick') ? ($this->facets['hand'] === 'left' ? 'right' : 'left') : 'right';
        if ($this->turnEnds !== null || $this->attackerPose === 'lying' || in_array($hand, $this->gone, true) || in_array($hand, $this->holding, true) || in_array($hand, array_column($this->grips, 'arm'), true)) {
            return null;
        }
        $this->attackerFacing = $line;

        return $this->judged($actions, $crouched, $line, .93, .386, false, $hand === 'left' ? -1 : 1, $this->meets($actions, .386), false, 0.0, false);
    }

    private function judged(array $actions, float $crouched, float $line, float $aim, float $chain, bool $leg, int $side, bool $met, bool $round, float $contact, bool $dive): array
    {
        $point = $aim >= .85 ? self::plus($this->me(), $this->slip) : $this->me();
        $joint = self::plus($this->attacker, self::way($line + 90, $side * ($leg ? .0955 : .129) * $this->attackerHeight));
        $out = self::length(self::minus($point, $joint)) - .06 * $this->own - $this->attackerReach($chain, $leg, $this->height($aim));
        $off = $this->offLine($line, $point) - .12 * $this->own;
        $why = match (true) {
            $this->stopped($actions, $dive) => 'stopped',
            $met => 'intercepted',
            $aim >= .85 && $this->crouch - $crouched >= .10 * $this->own - 1e-9 => 'under',
            $out > 1e-9 => 'out',
            ! $round && $off >= -1e-9 => 'off',
            $round && $this->share === 1.0 && $this->apartBy() < .21 * $this->attackerHeight && $this->apartBy() < .8 * $contact => 'inside',
            default => null,
        };

        return [$why, $out, $off];
    }

    private function stopped(array $actions, bool $dive): bool
    {
        foreach ($actions as $action) {
            $limb = $this->limbOf($action, $actions);
            $free = array_filter(['left', 'right'], fn (string $side): bool => ($limb === 'both hands' || $limb === $side.' hand') && $this->isFree($side));
            if ($dive ? $limb === 'both hands' && in_array($action->verb->value, ['block', 'shove'], true) && count($free) === 2 : $free !== [] && in_array($action->verb->value, ['block', 'parry', 'cover'], true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether the defender's hand is neither limited nor blocked. */
    private function isFree(string $side): bool
    {
        return $this->holding === [] || (! in_array($side, $this->wrists, true) && ! in_array($this->kind, ['hug-front-pinned', 'hug-behind-pinned', 'arms-neck-behind'], true));
    }

    private function meets(array $actions, float $chain): bool
    {
        foreach ($actions as $action) {
            $strike = $action->verb->value;
            $kick = str_ends_with($strike, 'kick');
            $longer = in_array($strike, ['punch', 'palm', 'fingertips'], true) && self::CHAINS[$strike] * $this->own > $chain * $this->attackerHeight + 1e-9;
            $hit = $action->verb instanceof Strike && ($kick || $longer) ? $this->struck($action, $actions) : null;
            if (($hit['margin'] ?? -1) >= 0 && ($hit['turn'] == 0 || in_array($strike, ['side kick', 'hook kick'], true))) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, float> margin by limb, of those that reach */
    private function threats(): array
    {
        $threats = [];
        if ($this->attackerPose === 'lying' || abs(self::turn($this->attackerFacing, self::angle(self::minus($this->me(), $this->attacker)))) > 110 + 1e-9) {
            return [];
        }
        foreach (['left', 'right'] as $side) {
            foreach (['hand', 'foot'] as $part) {
                $leg = $part === 'foot';
                $busy = $leg
                    ? $this->attackerPose !== 'standing' || $this->astride || in_array($side, array_column($this->grips, 'leg'), true)
                    : in_array($side, $this->holding, true) || in_array($side, $this->gone, true) || in_array($side, array_column($this->grips, 'arm'), true);
                $joint = self::plus($this->attacker, self::way($this->attackerFacing + 90, ($side === 'left' ? -1 : 1) * ($leg ? .0955 : .129) * $this->attackerHeight));
                $point = $leg ? $this->me() : self::plus($this->me(), $this->slip);
                $margin = $this->attackerReach($leg ? .530 : .386, $leg, $this->height($leg ? .58 : .93)) + .06 * $this->own - self::length(self::minus($point, $joint));
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
