<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Strike;

/**
 * Where the limbs of the plain floor’s attacker are, as lines of corners in space, and how far the defender gets to
 * them.
 */
trait PlainLimbs
{
    /** The way along a whole arm at which its points lie. */
    private const ALONG = [
        'upper arm' => 0.25, 'elbow' => 0.5, 'forearm' => 0.75, 'wrist' => 0.95, 'hand' => 1.0, 'fingers' => 1.0,
    ];

    private const LEG = ['thigh', 'knee', 'shin', 'instep', 'leg', 'ankle'];

    private const MEASURED = [
        'clamp', 'strip', 'clear', 'pull', 'press', 'lift', 'peel', 'lock', 'sweep', 'throw', 'pin', 'choke hold',
        'shove', 'post',
    ];

    /** @return array{float, float, float, float} place, height, and how far the surface lies before it */
    private function spot(string $target, string $limb): array
    {
        if (isset(self::HEIGHTS[$target])) {
            if ($this->out !== null && $this->out['leg'] && in_array($target, self::LEG, true)) {
                $hip = $this->cornerOf($this->out['side'], true);

                return [...self::onLine([$hip, [...$this->me(), $this->height($this->out['aim'])]], 0.75), 0.0];
            }
            $isHead = in_array($target, self::HEAD, true);

            return [
                ...$isHead ? $this->attackerHead() : $this->attacker,
                $this->attackerHeight(self::HEIGHTS[$target], $isHead),
                0.06 * $this->attackerHeight,
            ];
        }
        $arm = $this->limbOfHis(str_starts_with($limb, 'left') ? 'left' : 'right', false);
        $shoulder = $this->cornerOf($arm, false);
        $middle = self::times(self::plus($this->me(), $this->attacker), 0.5);
        $isWrist = $this->wristKind();
        $line = match (true) {
            in_array($arm, $this->holding, true) => [
                $shoulder,
                $isWrist
                    ? [...$middle, $this->height($this->wristAt)]
                    : [...$this->me(), $this->height($this->heldAt())],
            ],
            $this->out !== null && ! $this->out['leg'] && in_array($this->out['side'], [$arm, 'both'], true) => [
                $shoulder,
                [...$this->out['halfway'] ? $middle : $this->me(), $this->height($this->out['aim'])],
            ],
            in_array($arm, array_column($this->grips, 'arm'), true) => [$shoulder, [...$middle, $this->height(0.58)]],
            default => [$shoulder, $this->aheadOf($shoulder, 0.1, 0.6), $this->aheadOf($shoulder, 0.25, 0.78)],
        };
        $share = in_array($arm, $this->holding, true) && $target !== 'upper arm' ? 1.0 : self::ALONG[$target];

        return [...self::onLine($line, $share), 0.0];
    }

    private function wristKind(): bool
    {
        return in_array(
            $this->kind,
            ['wrist-same', 'sleeve', 'wrist-cross', 'handshake', 'wrist-double', 'wrist-both'],
            true,
        );
    }

    private function heldAt(): float
    {
        return match (true) {
            $this->wristKind() => 0.58,
            str_starts_with($this->kind, 'hair') => 0.93,
            str_contains($this->kind, 'shoulder') || $this->kind === 'arm-across' => 0.818,
            in_array(
                $this->kind,
                [
                    'throat-front', 'throat-behind', 'forearm-behind', 'headlock-side', 'headlock-front',
                    'arms-neck-behind',
                ],
                true,
            ) => 0.85,
            str_starts_with($this->kind, 'hug') || $this->kind === 'clinch-trip' => 0.66,
            default => 0.72,
        };
    }

    /** The limb that the attack itself puts out. */
    private function ownLimb(): array
    {
        if (! $this->isHold()) {
            return [
                'side' => $this->kind === 'dive-legs' ? 'both' : $this->facets['hand'],
                'leg' => str_starts_with($this->kind, 'kick'),
                'aim' => self::AIMS[$this->kind][0],
                'halfway' => false,
            ];
        }
        $one = in_array(
            $this->kind,
            [
                'wrist-same', 'sleeve', 'wrist-cross', 'handshake', 'arm-one', 'cloth-one', 'hair-front',
                'shoulder-side', 'arm-across', 'shoulder-behind', 'hair-behind',
            ],
            true,
        );

        return [
            'side' => $one ? $this->facets['hand'] : 'both',
            'leg' => false,
            'aim' => $this->heldAt(),
            'halfway' => $this->wristKind(),
        ];
    }

    /** A shoulder or hip of the attacker. */
    private function cornerOf(string $side, bool $leg): array
    {
        $share = ($side === 'left' ? -1 : ($side === 'right' ? 1 : 0)) * ($leg ? 0.0955 : 0.129);
        $height = $this->attackerPose === 'lying'
            ? 0.1 * $this->attackerHeight
            : $this->attackerHeight($leg ? 0.53 : 0.818, false);

        return [
            ...self::plus($this->attacker, self::way($this->attackerFacing + 90, $share * $this->attackerHeight)),
            $height,
        ];
    }

    private function aheadOf(array $corner, float $ahead, float $height): array
    {
        return [
            ...self::plus([$corner[0], $corner[1]], self::way($this->attackerFacing, $ahead * $this->attackerHeight)),
            $this->attackerHeight($height, false),
        ];
    }

    /** A point so far along a line of corners, each leg of which counts alike. */
    private static function onLine(array $corners, float $share): array
    {
        $legs = count($corners) - 1;
        $leg = min($legs - 1, (int) floor($share * $legs));
        $rest = $share * $legs - $leg;

        return array_map(
            static fn (float $a, float $b): float => (1 - $rest) * $a + $rest * $b,
            $corners[$leg],
            $corners[$leg + 1],
        );
    }

    /**
     * How far a limb gets to a spot.
     *
     * @param string $joint neck, shoulder or hip
     *
     * @return array{margin: ?float, high: bool, toward: array{float, float}} the way to it, of length 1
     */
    private function getsTo(
        array $spot,
        string $joint,
        float $chain,
        string $limb,
        bool $isLoose,
        array $base,
        float $facing,
        float $costs,
    ): array {
        [$share, $lateral] = ['neck' => [0.83, 0.0], 'shoulder' => [0.818, 0.129], 'hip' => [0.53, 0.0955]][$joint];
        $at = $this->pose === 'lying' ? 0.1 * $this->own : $this->height($share);
        $low = $isLoose ? max(0, $at - 0.1 * $this->own) : $at;
        $rise = abs(max($low, min($at, $spot[2])) - $spot[2]);
        if (
            $spot[2] < $low
            && (in_array($this->attackerPose, ['lying', 'kneeling'], true)
                || $this->pose === 'kneeling'
                || $this->crouch >= 0.1 * $this->own - 1e-9)
        ) {
            $rise = min($rise, 0.8 * $chain);
        }
        $side = str_starts_with($limb, 'left') ? -1 : (str_starts_with($limb, 'right') ? 1 : 0);
        $to = self::minus(
            [$spot[0], $spot[1]],
            self::plus($base, self::way($facing + 90, $side * $lateral * $this->own)),
        );
        if ($rise > $chain) {
            return ['margin' => null, 'high' => true, 'toward' => [0.0, 0.0]];
        }
        $reach = sqrt($chain ** 2 - $rise ** 2)
        + ($joint === 'shoulder' ? 0.288 * $this->own * sin(deg2rad(15)) : 0)
        - $costs;

        return [
            'margin' => $reach - (self::length($to) - $spot[3]),
            'high' => false,
            'toward' => self::length($to) > 0 ? self::times($to, 1 / self::length($to)) : [0.0, 0.0],
        ];
    }

    /** How far the body goes along with what is short. */
    private function drivenFor(array $found, float $most, array $actions): float
    {
        $walks = array_filter(
            $actions,
            static fn (Action $one): bool => in_array(
                $one->verb->value,
                ['step', 'cross', 'slide', 'hop', 'leave', 'spread', 'close', 'ride', 'go behind'],
                true,
            ),
        ) !== [];

        return $walks || ! in_array($this->pose, ['standing', 'all fours'], true) || ($found['margin'] ?? 0) >= 0
            ? 0.0
            : $this->until($found['toward'], min(-$found['margin'], $most * $this->own));
    }

    /** A control where its limb gets to; null where it needs no reach. */
    private function controls(Action $action, array $actions): ?array
    {
        if (
            $action->verb instanceof Strike
            || ! in_array($action->verb->value, self::MEASURED, true)
            || $action->targets === []
            || $action->limb === null
        ) {
            return null;
        }
        $limbs = match ($action->limb->value) {
            'free hand' => $this->freeHands($actions),
            'held hand', 'other hand' => [$this->handMeant($action->limb->value)],
            default => [$action->limb->value],
        };
        $sweeps = $action->verb->value === 'sweep';
        $best = null;
        foreach ($limbs as $limb) {
            $tries = [];
            foreach ($action->targets as $target) {
                $found = $this->getsTo(
                    $this->spot($target->value, $limb),
                    $sweeps ? 'hip' : 'shoulder',
                    ($sweeps ? 0.53 : 0.386) * $this->own,
                    $limb,
                    ! $sweeps,
                    $this->me(),
                    $this->facing,
                    0.0,
                );
                $tries[] = [
                    'limb' => $limb,
                    'target' => $target->value,
                    'drive' => $this->drivenFor($found, 0.12, $actions),
                    ...$found,
                ];
            }
            $reached = array_values(
                array_filter(
                    $tries,
                    static fn (array $one): bool => ! $one['high'] && $one['margin'] + $one['drive'] >= -1e-9,
                ),
            );
            $one = $reached[0] ?? $tries[0];
            $best = $best === null || ($one['margin'] ?? -INF) > ($best['margin'] ?? -INF) + 1e-9 ? $one : $best;
        }

        return $best;
    }
}
