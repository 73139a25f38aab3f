<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use StoneDrill\Core\Technique\Action;

/** What the plain floor does with the defender’s feet. */
trait PlainFeet
{
    /** @return array{bool, bool} */
    private function feet(array $actions): array
    {
        $stepped = $pivoted = $this->faceIsWritten = $this->wentRound = false;
        foreach ($actions as $action) {
            $verb = $action->verb->value;
            if ($action->manner->facing !== null) {
                $this->facing = $action->manner->facing->toDegrees();
                $this->faceIsWritten = true;
            }
            $length = fn (float $share): float => ($action->manner->size === null
                ? $share * $this->own * (isset(self::LENGTHS[$verb]) ? $this->share : 1)
                : $action->manner->size->metres ?? $share * $this->own * $action->manner->size->factor)
                * $action->manner->count;
            $way = fn (float $share): array => self::way($action->bearing?->toDegrees() ?? 0, $length($share));
            $fixed = in_array($this->pose, ['kneeling', 'seated'], true);
            if (
                in_array(
                    $verb,
                    ['step', 'cross', 'slide', 'hop', 'leave', 'spread', 'close', 'ride', 'go behind'],
                    true,
                )
            ) {
                if ($fixed) {
                    continue;
                }
                $stepped = true;
                $foot = $action->limb?->value === 'left foot' ? 'left' : 'right';
                $across = self::minus($this->right, $this->left);
                $unit = self::length($across) < 1e-9
                    ? self::way($this->facing + 90, 1)
                    : self::times($across, 1 / self::length($across));
                $middle = $this->me();
                match ($verb) {
                    'step' => $this->put($foot, self::plus($this->{$foot}, $way(0.35)), $action),
                    'cross' => $this->put(
                        $foot,
                        self::plus($foot === 'left' ? $this->right : $this->left, $way(0.35)),
                        $action,
                    ),
                    'slide' => $this->shift($way(0.2)),
                    'hop' => $this->shift($way(0.25)),
                    'leave' => $this->shift($way(1.05)),
                    'ride' => $this->shift(
                        self::way(self::angle(self::minus($this->me(), $this->attacker)), $length(0.2)),
                    ),
                    'go behind' => $this->goRound($action->toward->value, $action->manner->facing !== null),
                    default => ([$this->left, $this->right] = [
                        self::plus($middle, self::times($unit, -$this->half($verb, $action))),
                        self::plus($middle, self::times($unit, $this->half($verb, $action))),
                    ]),
                };
            }
            $this->straddles = $verb === 'spread' || ($verb !== 'close' && $this->straddles);
            match ($verb) {
                'pivot' => ([$this->facing, $pivoted] = [$action->bearing->toDegrees(), true]),
                'turn under' => ([$this->facing, $pivoted, $this->crouch] = [
                    $action->bearing->toDegrees(),
                    true,
                    max($this->crouch, 0.1 * $this->own),
                ]),
                'drop' => ($this->crouch += $length(0.1)),
                'rise' => ($this->crouch = 0.0),
                'kneel' => ($this->pose = 'kneeling'),
                'all fours' => ($this->pose = 'all fours'),
                'get up' => ($this->pose = 'standing'),
                'slip' => ($this->slip = self::plus($this->slip, $way(0.1))),
                default => null,
            };
        }

        return [$stepped, $pivoted];
    }

    /** To the attacker's back, unless an arm on that side is in the way. */
    private function goRound(string $side, bool $isFacing): void
    {
        $high = (in_array($side, $this->holding, true) && $this->heldAt() >= 0.85)
        || ($this->out !== null
            && ! $this->out['leg']
            && in_array($this->out['side'], [$side, 'both'], true)
            && $this->out['aim'] >= 0.85);
        if ($high && $this->crouch < 0.1 * $this->own - 1e-9) {
            return;
        }
        $this->shift(
            self::minus(
                self::plus(
                    $this->attacker,
                    self::way($this->attackerFacing, -0.06 * ($this->own + $this->attackerHeight)),
                ),
                $this->me(),
            ),
        );
        $this->facing = $isFacing ? $this->facing : $this->attackerFacing;
        $this->faceIsWritten = $this->wentRound = true;
    }

    /**
     * A foot where it is put, past the other rather than at it, and the other drawn after it rather than left behind.
     */
    private function put(string $foot, array $place, Action $action): void
    {
        $other = $foot === 'left' ? 'right' : 'left';
        if ($action->manner->size === null) {
            if (self::length(self::minus($place, $this->{$other})) < 0.12 * $this->own - 1e-9) {
                $place = self::plus($this->{$other}, self::way($action->bearing->toDegrees(), 0.2 * $this->own));
            }
            $back = self::minus($this->{$other}, $place);
            if (! $this->straddles && self::length($back) > 0.5 * $this->own + 1e-9) {
                $this->{$other} = self::plus($place, self::times($back, (0.35 * $this->own) / self::length($back)));
            }
        }
        $this->{$foot} = $place;
    }

    private function half(string $verb, Action $action): float
    {
        return $verb === 'close'
            ? 0.0955 * $this->own
            : ($action->manner->size === null
                    ? 0.45 * $this->own
                    : $action->manner->size->metres ?? 0.45 * $this->own * $action->manner->size->factor) / 2;
    }

    private function me(): array
    {
        return self::times(self::plus($this->left, $this->right), 0.5);
    }

    private function shift(array $by): void
    {
        [$this->left, $this->right] = [self::plus($this->left, $by), self::plus($this->right, $by)];
    }
}
