<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Strike;

/**
 * The floor written a second time, straight from the page of rules and in another way: words and tables in place of
 * values and enums, complex numbers (x + iy as pairs) in place of components. Only the main line. Whatever it finds,
 * the simulation must find too.
 */
final class PlainFloor
{
    use PlainAttack;
    use PlainFeet;
    use PlainLimbs;
    use PlainStrikes;
    use PlainVectors;

    private const HEIGHTS = [
        'eyes' => 0.936, 'temple' => 0.93, 'back of head' => 0.92, 'nose' => 0.91, 'chin' => 0.87, 'throat' => 0.85,
        'neck' => 0.84, 'collarbone' => 0.82, 'solar plexus' => 0.72, 'spine' => 0.7, 'ribs' => 0.66, 'kidney' => 0.62,
        'belly' => 0.58, 'groin' => 0.48, 'thigh' => 0.38, 'knee' => 0.285, 'shin' => 0.18, 'instep' => 0.04,
        'ankle' => 0.04, 'shoulder' => 0.818, 'armpit' => 0.75, 'chest' => 0.76, 'back' => 0.72, 'hips' => 0.53,
        'leg' => 0.4,
    ];
    private const FRONT = ['eyes', 'nose', 'chin', 'throat', 'collarbone', 'solar plexus', 'belly', 'chest'];
    private const REAR = ['back of head', 'spine', 'back'];
    private const HEAD = ['eyes', 'temple', 'back of head', 'nose', 'chin', 'throat', 'neck', 'collarbone'];
    private const CHAINS = [
        'punch' => 0.386, 'hammer' => 0.386, 'backhand' => 0.386, 'edge' => 0.386, 'palm' => 0.352,
        'fingertips' => 0.44, 'elbow' => 0.186, 'head' => 0.12, 'knee' => 0.245, 'front kick' => 0.53,
        'side kick' => 0.53, 'back kick' => 0.53, 'stomp' => 0.53, 'hook kick' => 0.53, 'axe kick' => 0.53,
        'round kick' => 0.43, 'crescent kick' => 0.43,
    ];
    private const SECONDS = [
        'step' => 0.35, 'slide' => 0.3, 'cross' => 0.4, 'hop' => 0.45, 'pivot' => 0.25, 'turn under' => 0.45,
        'slip' => 0.2, 'ride' => 0.2, 'go behind' => 0.6, 'all fours' => 0.45, 'raise' => 0.2, 'lower' => 0.2,
        'drop' => 0.25, 'rise' => 0.25, 'spread' => 0.3, 'close' => 0.3, 'kneel' => 0.5, 'get up' => 1.2,
        'leave' => 1.0, 'elbow' => 0.25, 'head' => 0.3, 'knee' => 0.35, 'stomp' => 0.35, 'block' => 0.2, 'parry' => 0.2,
        'cover' => 0.2, 'guard' => 0.2, 'tuck' => 0.2, 'join' => 0.2, 'clamp' => 0.35, 'strip' => 0.35, 'clear' => 0.35,
        'pull' => 0.35, 'press' => 0.35, 'shove' => 0.35, 'lift' => 0.35, 'peel' => 0.35, 'post' => 0.35, 'lock' => 0.6,
        'sweep' => 0.6, 'throw' => 0.9, 'choke hold' => 1.5, 'pin' => 1.0, 'escort' => 2.0, 'say' => 0.3, 'look' => 0.3,
        'let go' => 0.1,
    ];
    private const LENGTHS = ['step' => 0.35, 'cross' => 0.35, 'slide' => 0.2, 'hop' => 0.25];
    private const AIMS = [
        'punch-straight' => [0.93, 0.386], 'swing' => [0.93, 0.386], 'slap' => [0.93, 0.352],
        'punch-behind' => [0.93, 0.386], 'punch-rising' => [0.87, 0.386], 'punch-low' => [0.62, 0.386],
        'kick-front' => [0.48, 0.53], 'kick-round' => [0.38, 0.43], 'push-one' => [0.8, 0.352],
        'push-two' => [0.8, 0.352], 'push-behind' => [0.8, 0.352], 'dive-legs' => [0.4, 0.386],
    ];
    private const GRABS = [
        'wrist-same', 'sleeve', 'wrist-cross', 'handshake', 'wrist-double', 'wrist-both', 'arm-one', 'cloth-one',
        'hair-front', 'cloth-two', 'shoulders-front', 'shoulder-side', 'arm-across', 'shoulder-behind', 'hair-behind',
        'shoulders-behind',
    ];
    private const CHOKES = ['throat-front', 'throat-behind', 'forearm-behind'];
    private const CLOSE = [
        'hug-front-pinned', 'hug-front-free', 'hug-behind-pinned', 'hug-behind-free', 'headlock-side', 'headlock-front',
        'arms-neck-behind', 'clinch-trip',
    ];
    private const TWO_ARMS = ['throat-behind', 'forearm-behind', ...self::CLOSE];

    private array $left;
    private array $right;
    private float $facing;
    private float $crouch = 0.0;
    private array $slip = [0.0, 0.0];
    private string $pose = 'standing';
    private array $attacker;
    private float $attackerFacing;
    private string $attackerPose = 'standing';
    private ?float $poseEnds = null;
    private ?float $turnEnds = null;
    private bool $astride;
    private array $gone = [];
    /** The attacker’s holding arms; and for wrists, which of the defender's each holds. */
    private array $holding = [];
    private array $wrists = [];
    private array $grips = [];
    private float $time = 0.0;
    private float $wristAt = 0.58;
    /** The limb that is out, and the last beat of which it is. */
    private ?array $out = null;
    private int $outUntil = 0;
    private bool $bends = false;
    private bool $wentRound = false;
    private float $holdAt;
    private float $bearing;
    /** Share of the usual length that is tried. */
    private float $share = 1.0;
    private bool $straddles = false;
    private bool $faceIsWritten = false;

    /** @param array<string, string> $facets */
    public function __construct(
        private string $kind,
        private array $facets,
        private float $own,
        private float $attackerHeight,
        private bool $pullsBack = false,
    ) {
        $this->bearing = 30.0 * ((int) $facets['bearing'] % 12);
        $this->facing = $facets['notice'] === 'ready' ? $this->bearing : 0.0;
        $this->right = self::way($this->facing + 90, 0.0955 * $own);
        $this->left = self::way($this->facing + 90, -0.0955 * $own);
        $this->pose
            = ['seated' => 'seated', 'kneeling' => 'kneeling', 'back' => 'lying'][$facets['posture']] ?? 'standing';
        $this->astride = $kind === 'ground-astride';
        $this->holdAt = in_array($kind, self::CLOSE, true)
            ? 0.06 * ($own + $attackerHeight) + 0.04
            : 0.44 * $attackerHeight - 0.1;
        $isHold = $this->isHold();
        if ($isHold && $facets['phase'] !== 'reaching') {
            $this->takeHold();
        }
        $distance = match (true) {
            $isHold => $this->holdAt + ($facets['phase'] === 'reaching' ? 0.35 * $attackerHeight : 0),
            str_starts_with($kind, 'ground') => 0.1 * $own,
            in_array($kind, ['closing-in', 'blocking-way'], true) => 2.0,
            default => $this->contact() + ($facets['phase'] === 'reaching' ? $this->advance() : 0),
        };
        $this->attacker = self::way($this->bearing, $distance);
        $this->attackerFacing = $this->bearing + 180;
        if ($facets['phase'] === 'follow-up' && isset(self::AIMS[$kind]) && ! $pullsBack) {
            $this->out = $this->ownLimb();
        }
    }

    /** @return list<array<string, mixed>> what there is at the end of each beat */
    public function run(Beats $beats): array
    {
        $line = $beats->line;
        if ($this->facets['phase'] === 'follow-up' && count($line) === 1) {
            $line[] = null;
        }

        return array_map(fn (?Beat $beat, int $index): array => $this->beat($beat, $index), $line, array_keys($line));
    }

    /** The beat at the length that its needs ask for: every length is tried on a copy, and the best one is taken. */
    private function beat(?Beat $beat, int $index): array
    {
        $lengths = [];
        foreach (in_array($this->pose, ['kneeling', 'seated'], true) ? [] : $beat->actions ?? [] as $action) {
            if ($action->manner->size === null && isset(self::LENGTHS[$action->verb->value])) {
                $lengths[] = self::LENGTHS[$action->verb->value] * $this->own;
            }
        }
        $whole = $lengths === [] ? 0 : (int) floor(50 * max($lengths) + 1e-7);
        $tries = range(-$whole, $whole);
        usort($tries, static fn (int $a, int $b): int => [abs($a), -$a] <=> [abs($b), -$b]);
        $best = null;
        foreach ($tries as $more) {
            $copy = clone $this;
            $copy->share = $lengths === [] ? 1.0 : 1 + $more / 100 / max($lengths);
            $end = $copy->atLength($beat, $index);
            $lands = ! ($this->isHold() && $index === 0) && $end['verdict'] !== null && $end['verdict'][0] === null;
            $short = count(
                array_filter(
                    [...$end['margins'], ...$end['controls']],
                    static fn (array $hit): bool => $hit['margin'] !== null && $hit['margin'] + $hit['drive'] < -1e-9,
                ),
            );
            if ($best === null || [$lands, $short] < $best[0]) {
                $best = [[$lands, $short], $copy, $end];
            }
            if ([$lands, $short] === [false, 0]) {
                break;
            }
        }
        foreach (get_object_vars($best[1]) as $name => $value) {
            $this->{$name} = $value;
        }

        return $best[2];
    }

    private function atLength(?Beat $beat, int $index): array
    {
        $actions = $beat->actions ?? [];
        $this->wearOff();
        $this->slip = [0.0, 0.0];
        $crouched = $this->crouch;
        if ($index > $this->outUntil && $this->out !== null) {
            $held = array_column($this->grips, $this->out['leg'] ? 'leg' : 'arm');
            $keeps = $this->out['side'] === 'both'
                ? array_filter($held) !== []
                : in_array($this->out['side'], $held, true);
            $this->out = $keeps ? $this->out : null;
        }
        $line = self::angle(self::minus($this->me(), $this->attacker));

        // 0. What moves while held is carried.
        if ($this->facets['phase'] === 'moving' && $this->holding !== []) {
            $by = self::way(
                $line,
                (in_array($this->facets['intent'], ['move', 'take-down'], true) ? -1 : 1)
                    * 0.15
                    * $this->attackerHeight,
            );
            $this->shift($by);
            $this->attacker = self::plus($this->attacker, $by);
        }

        // 1. Feet, pivots, crouch; the cap; facing; apart.
        $before = self::minus($this->attacker, $this->me());
        $words = array_map(static fn ($action): string => $action->verb->value, $actions);
        if (in_array('leave', $words, true) && ! in_array('escort', $words, true)) {
            $this->grips = [];
        }
        $start = $this->me();
        [$stepped, $pivoted] = $this->feet($actions);
        $this->escorted($actions, $words, $start);
        $this->cap();
        if ($stepped && ! $pivoted && ! $this->faceIsWritten && $this->holding === []) {
            $turn = self::turn($this->facing, self::angle(self::minus($this->attacker, $this->me())));
            $this->facing += max(-90, min(90, $turn));
        }
        if (! $this->wentRound) {
            $this->apart($before);
        }
        // A dry run on a copy tells how far the strikes turn, and so how long the beat takes.
        $copy = clone $this;
        $seconds = self::longest($actions, $copy->strikeThrough($actions));

        // 2. The attack, or the attacker’s turn.
        $before = self::minus($this->attacker, $this->me());
        $verdict = null;
        if (
            $index === 0
            && $this->facets['phase'] === 'reaching'
            && ! in_array($this->kind, ['closing-in', 'blocking-way'], true)
        ) {
            $verdict = $this->attacked($actions, $crouched);
        } elseif ($index === 1 && $this->facets['phase'] === 'follow-up') {
            $verdict = $this->followedUp($actions, $crouched, $line);
        }
        if (
            $verdict === null
            && $this->turnEnds === null
            && $this->attackerPose !== 'lying'
            && array_filter($this->grips, static fn (array $grip): bool => $grip['arm'] !== null) === []
        ) {
            $turn = self::turn($this->attackerFacing, self::angle(self::minus($this->me(), $this->attacker)));
            $this->attackerFacing += max(-120 * $seconds, min(120 * $seconds, $turn));
            if (in_array($this->kind, ['closing-in', 'blocking-way'], true) && $this->attackerPose !== 'kneeling') {
                $this->pushAttacker(-max(0, min(0.25 * $this->attackerHeight, $this->apartBy() - 0.6)));
            }
        }
        $this->apart($before);

        // 3. Strikes and controls, 4. the effect.
        $margins = $turns = $controls = [];
        $firstRight = null;
        foreach ($actions as $action) {
            $limb = $this->limbOf($action, $actions);
            if ($limb !== null) {
                $firstRight ??= str_starts_with($limb, 'right');
            }
            if ($action->verb instanceof Strike) {
                $margins[] = $hit = $this->struck($action, $actions);
                $this->follow($hit);
                $turns[array_search($action, $actions, true)] = $hit['turn'];
            }
            $control = $this->controls($action, $actions);
            if ($control !== null) {
                $controls[] = $control;
                $this->shift(self::times($control['toward'], $control['drive']));
            }
            $this->controlled($action, $limb);
        }
        $this->time += self::longest($actions, $turns);
        if ($this->bends) {
            [$this->bends, $this->poseEnds] = [false, $this->time + 1.0];
        }
        $before = self::minus($this->attacker, $this->me());
        foreach (
            $beat === null || $beat->effects === []
                ? [null]
                : ($beat->isTogether
                    ? $beat->effects
                    : [$beat->effects[0]]) as $effect
        ) {
            $this->affect($effect?->value, (bool) $firstRight, $actions);
        }
        $this->cap();
        $this->apart($before);

        return [
            'time' => $this->time,
            'share' => $this->share,
            'me' => $this->me(),
            'attacker' => $this->attacker,
            'facing' => fmod($this->facing + 720, 360),
            'attacker facing' => fmod($this->attackerFacing + 720, 360),
            'held' => $this->holding !== [],
            'verdict' => $verdict,
            'margins' => array_map(
                static fn (array $hit): array => array_diff_key($hit, ['swings back' => 0, 'toward' => 0]),
                $margins,
            ),
            'controls' => array_map(static fn (array $one): array => array_diff_key($one, ['toward' => 0]), $controls),
            'threats' => $this->threats(),
            'pose' => $this->attackerPose,
        ];
    }

    private function height(float $share): float
    {
        if ($this->pose === 'all fours') {
            return min($share, 0.45) * $this->own;
        }

        return $this->pose === 'lying'
            ? min($share, 0.12) * $this->own
            : max(
                0,
                ($share - (in_array($this->pose, ['seated', 'kneeling'], true) ? 0.25 : 0)) * $this->own
                    - $this->crouch,
            );
    }

    private function attackerHeight(float $share, bool $head): float
    {
        if ($this->attackerPose === 'lying') {
            return min($share, 0.12) * $this->attackerHeight;
        }
        $share = $this->attackerPose === 'folded' && $head
            ? 0.62
            : $share - ($this->attackerPose === 'kneeling' ? 0.25 : 0);

        return max(0, ($share - ($this->astride ? 0.45 : 0)) * $this->attackerHeight);
    }

    /** Where the defender's head is. */
    private function head(): array
    {
        return self::plus(
            self::plus($this->me(), $this->slip),
            self::way($this->facing, $this->pose === 'all fours' ? 0.3 * $this->own : 0.0),
        );
    }

    /**
     * An escort takes both along: by the defender's own exit, or else by as much the way it says, or straight ahead.
     */
    private function escorted(array $actions, array $words, array $start): void
    {
        $at = array_search('escort', $words, true);
        if ($at === false) {
            return;
        }
        $by = in_array('leave', $words, true)
            ? self::minus($this->me(), $start)
            : self::way($actions[$at]->bearing?->toDegrees() ?? $this->facing, 1.05 * $this->own);
        if (! in_array('leave', $words, true)) {
            $this->shift($by);
        }
        $this->attacker = self::plus($this->attacker, $by);
    }

    private function affect(?string $effect, bool $firstRight, array $actions): void
    {
        match ($effect) {
            'released' => $this->release(),
            'rocked' => $this->pushAttacker(0.25 * $this->attackerHeight),
            'driven back' => $this->driven(),
            'pulled in' => $this->pushAttacker(-0.3 * $this->attackerHeight),
            'folded' => $this->pose('folded', 1.5),
            'kneeling' => $this->pose('kneeling', 2.0),
            'dropped' => $this->dropped(),
            'straightened' => $this->attackerPose === 'folded' ? $this->pose('standing', null) : null,
            'turned' => ([$this->attackerFacing, $this->turnEnds] = [
                $this->attackerFacing + ($firstRight ? 90 : -90),
                $this->time + 1.0,
            ]),
            default => null,
        };
    }

    private function driven(): void
    {
        $this->release();
        $this->grips = [];
        $this->astride = false;
        $this->pushAttacker(0.5 * $this->attackerHeight);
    }

    private function dropped(): void
    {
        $this->release();
        $this->astride = false;
        $this->pose('lying', 3.0);
    }

    private function pose(string $pose, ?float $seconds): void
    {
        [$this->attackerPose, $this->poseEnds] = [$pose, $seconds === null ? null : $this->time + $seconds];
    }

    private function release(): void
    {
        [$this->holding, $this->wrists] = [[], []];
    }

    private function wearOff(): void
    {
        $toMe = self::angle(self::minus($this->me(), $this->attacker));
        if ($this->poseEnds !== null && $this->time >= $this->poseEnds - 1e-9) {
            if ($this->attackerPose === 'lying') {
                [$this->attackerFacing, $this->turnEnds] = [$toMe, null];
            }
            $this->pose('standing', null);
        }
        if ($this->turnEnds !== null && $this->time >= $this->turnEnds - 1e-9) {
            [$this->attackerFacing, $this->turnEnds] = [$toMe, null];
        }
    }

    private function cap(): void
    {
        $limits = [...$this->holding === [] ? [] : [$this->holdAt], ...array_column($this->grips, 'at')];
        if ($limits !== [] && $this->apartBy() > min($limits) + 0.2) {
            $this->pushAttacker(min($limits) + 0.2 - $this->apartBy());
        }
    }

    /** Walks the way from before to after in small steps, and looks whether it came too near. */
    private function apart(array $before): void
    {
        if ($this->pose === 'lying') {
            return;
        }
        $least = 0.06 * ($this->own + $this->attackerHeight);
        $after = self::minus($this->attacker, $this->me());
        $way = self::minus($after, $before);
        $square = $way[0] ** 2 + $way[1] ** 2;
        $foot = $square == 0.0
            ? $before
            : self::plus(
                $before,
                self::times($way, max(0, min(1, -($before[0] * $way[0] + $before[1] * $way[1]) / $square))),
            );
        if (self::length($foot) < $least - 1e-9 && self::length($before) > 0) {
            $this->attacker = self::plus($this->me(), self::times($before, $least / self::length($before)));
        }
    }

    private function pushAttacker(float $metres): void
    {
        $this->attacker = self::plus(
            $this->attacker,
            self::way(self::angle(self::minus($this->attacker, $this->me())), $metres),
        );
    }

    private function apartBy(): float
    {
        return self::length(self::minus($this->attacker, $this->me()));
    }
}
