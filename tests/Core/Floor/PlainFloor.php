<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Strike;

/**
 * The floor written a second time, straight from the page of rules and in another way: words and tables in place of
 * values and enums, complex numbers (x + iy as pairs) in place of components. Only the main line. Whatever it finds, the
 * simulation must find too.
 */
final class PlainFloor
{
    private const HEIGHTS = ['eyes' => .936, 'temple' => .93, 'back of head' => .92, 'nose' => .91, 'chin' => .870, 'throat' => .85, 'neck' => .84, 'collarbone' => .82, 'solar plexus' => .72,
        'spine' => .70, 'ribs' => .66, 'kidney' => .62, 'belly' => .58, 'groin' => .48, 'thigh' => .38, 'knee' => .285, 'shin' => .18, 'instep' => .04,
        'ankle' => .04, 'shoulder' => .818, 'armpit' => .75, 'chest' => .76, 'back' => .72, 'hips' => .53, 'leg' => .40];
    private const FRONT = ['eyes', 'nose', 'chin', 'throat', 'collarbone', 'solar plexus', 'belly', 'chest'];
    private const REAR = ['back of head', 'spine', 'back'];
    private const HEAD = ['eyes', 'temple', 'back of head', 'nose', 'chin', 'throat', 'neck', 'collarbone'];
    private const CHAINS = ['punch' => .386, 'hammer' => .386, 'backhand' => .386, 'edge' => .386, 'palm' => .352, 'fingertips' => .440, 'elbow' => .186, 'head' => .12, 'knee' => .245, 'front kick' => .530,
        'side kick' => .530, 'back kick' => .530, 'stomp' => .530, 'hook kick' => .530, 'axe kick' => .530, 'round kick' => .430, 'crescent kick' => .430];
    private const SECONDS = ['step' => .35, 'slide' => .30, 'cross' => .40, 'hop' => .45, 'pivot' => .25, 'turn under' => .45, 'slip' => .20, 'drop' => .25, 'rise' => .25, 'spread' => .30, 'close' => .30, 'kneel' => .50,
        'get up' => 1.2, 'leave' => 1.0, 'elbow' => .25, 'head' => .30, 'knee' => .35, 'stomp' => .35, 'block' => .20, 'parry' => .20, 'cover' => .20, 'guard' => .20, 'tuck' => .20, 'join' => .20, 'clamp' => .35, 'strip' => .35,
        'clear' => .35, 'pull' => .35, 'press' => .35, 'shove' => .35, 'lift' => .35, 'peel' => .35, 'post' => .35, 'lock' => .60, 'sweep' => .60, 'throw' => .90, 'choke hold' => 1.5, 'pin' => 1.0, 'escort' => 2.0, 'say' => .30,
        'look' => .30, 'let go' => .10];
    private const LENGTHS = ['step' => .35, 'cross' => .35, 'slide' => .20, 'hop' => .25];
    private const AIMS = ['punch-straight' => [.93, .386], 'swing' => [.93, .386], 'slap' => [.93, .352], 'punch-behind' => [.93, .386], 'punch-rising' => [.87, .386], 'punch-low' => [.62, .386], 'kick-front' => [.48, .530],
        'kick-round' => [.38, .430], 'push-one' => [.80, .352], 'push-two' => [.80, .352], 'push-behind' => [.80, .352], 'dive-legs' => [.40, .386]];
    private const GRABS = ['wrist-same', 'sleeve', 'wrist-cross', 'handshake', 'wrist-double', 'wrist-both', 'arm-one', 'cloth-one', 'hair-front', 'cloth-two', 'shoulders-front', 'shoulder-side', 'arm-across', 'shoulder-behind', 'hair-behind', 'shoulders-behind'];
    private const CHOKES = ['throat-front', 'throat-behind', 'forearm-behind'];
    private const CLOSE = ['hug-front-pinned', 'hug-front-free', 'hug-behind-pinned', 'hug-behind-free', 'headlock-side', 'headlock-front', 'arms-neck-behind', 'clinch-trip'];
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
    private float $holdAt;
    private float $bearing;
    /** Share of the usual length that is tried. */
    private float $share = 1.0;
    private bool $straddles = false;
    private bool $faceIsWritten = false;

    /** @param array<string, string> $facets */
    public function __construct(private string $kind, private array $facets, private float $own, private float $attackerHeight)
    {
        $this->bearing = 30.0 * ((int) $facets['bearing'] % 12);
        $this->facing = $facets['notice'] === 'ready' ? $this->bearing : 0.0;
        $this->right = self::way($this->facing + 90, .0955 * $own);
        $this->left = self::way($this->facing + 90, -.0955 * $own);
        $this->pose = ['seated' => 'seated', 'kneeling' => 'kneeling', 'back' => 'lying'][$facets['posture']] ?? 'standing';
        $this->astride = $kind === 'ground-astride';
        $this->holdAt = in_array($kind, self::CLOSE, true) ? .06 * ($own + $attackerHeight) + .04 : .440 * $attackerHeight - .10;
        $isHold = $this->isHold();
        if ($isHold && $facets['phase'] !== 'reaching') {
            $this->takeHold();
        }
        $distance = match (true) {
            $isHold => $this->holdAt + ($facets['phase'] === 'reaching' ? .35 * $attackerHeight : 0),
            str_starts_with($kind, 'ground') => .10 * $own,
            in_array($kind, ['closing-in', 'blocking-way'], true) => 2.0,
            default => $this->contact() + ($facets['phase'] === 'reaching' ? $this->advance() : 0),
        };
        $this->attacker = self::way($this->bearing, $distance);
        $this->attackerFacing = $this->bearing + 180;
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
            $lands = ! $this->isHold() && $end['verdict'] !== null && $end['verdict'][0] === null;
            $short = count(array_filter($end['margins'], static fn (array $hit): bool => $hit['margin'] !== null && $hit['margin'] + $hit['drive'] < -1e-9));
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
        $line = self::angle(self::minus($this->me(), $this->attacker));

        // 0. What moves while held is carried.
        if ($this->facets['phase'] === 'moving' && $this->holding !== []) {
            $by = self::way($line, (in_array($this->facets['intent'], ['move', 'take-down'], true) ? -1 : 1) * .15 * $this->attackerHeight);
            $this->shift($by);
            $this->attacker = self::plus($this->attacker, $by);
        }

        // 1. Feet, pivots, crouch; the cap; facing; apart.
        $before = self::minus($this->attacker, $this->me());
        [$stepped, $pivoted] = $this->feet($actions);
        $this->cap();
        if ($stepped && ! $pivoted && ! $this->faceIsWritten && $this->holding === []) {
            $turn = self::turn($this->facing, self::angle(self::minus($this->attacker, $this->me())));
            $this->facing += max(-90, min(90, $turn));
        }
        $this->apart($before);
        // A dry run on a copy tells how far the strikes turn, and so how long the beat takes.
        $copy = clone $this;
        $seconds = self::longest($actions, $copy->strikeThrough($actions));

        // 2. The attack, or the attacker’s turn.
        $before = self::minus($this->attacker, $this->me());
        $verdict = null;
        if ($index === 0 && $this->facets['phase'] === 'reaching' && ! in_array($this->kind, ['closing-in', 'blocking-way'], true)) {
            $verdict = $this->attacked($actions, $crouched);
        } elseif ($index === 1 && $this->facets['phase'] === 'follow-up') {
            $verdict = $this->followedUp($actions, $crouched, $line);
        }
        if ($verdict === null && $this->turnEnds === null && $this->attackerPose !== 'lying' && array_filter($this->grips, static fn (array $grip): bool => $grip['arm'] !== null) === []) {
            $turn = self::turn($this->attackerFacing, self::angle(self::minus($this->me(), $this->attacker)));
            $this->attackerFacing += max(-120 * $seconds, min(120 * $seconds, $turn));
            if (in_array($this->kind, ['closing-in', 'blocking-way'], true) && $this->attackerPose !== 'kneeling') {
                $this->pushAttacker(-max(0, min(.25 * $this->attackerHeight, $this->apartBy() - .60)));
            }
        }
        $this->apart($before);

        // 3. Strikes and controls, 4. the effect.
        $margins = $turns = [];
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
            $this->controlled($action, $limb);
        }
        $this->time += self::longest($actions, $turns);
        $before = self::minus($this->attacker, $this->me());
        $this->affect($beat->effects[0]->value ?? null, (bool) $firstRight, $actions);
        $this->cap();
        $this->apart($before);

        return ['time' => $this->time, 'me' => $this->me(), 'attacker' => $this->attacker, 'facing' => fmod($this->facing + 720, 360), 'attacker facing' => fmod($this->attackerFacing + 720, 360), 'held' => $this->holding !== [], 'verdict' => $verdict, 'margins' => array_map(static fn (array $hit): array => array_diff_key($hit, ['swings back' => 0, 'toward' => 0]), $margins), 'threats' => $this->threats(), 'pose' => $this->attackerPose];
    }

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

    private function height(float $share): float
    {
        return $this->pose === 'lying' ? min($share, .12) * $this->own : max(0, ($share - (in_array($this->pose, ['seated', 'kneeling'], true) ? .25 : 0)) * $this->own - $this->crouch);
    }

    private function attackerHeight(float $share, bool $head): float
    {
        if ($this->attackerPose === 'lying') {
            return min($share, .12) * $this->attackerHeight;
        }
        $share = $this->attackerPose === 'folded' && $head ? .62 : $share - ($this->attackerPose === 'kneeling' ? .25 : 0);

        return max(0, ($share - ($this->astride ? .45 : 0)) * $this->attackerHeight);
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
            $times[] = self::seconds($action) + ($step === null ? 0 : self::seconds($step)) + max(0, abs($turns[$position] ?? 0) - 45) / 360;
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
        $steps = array_filter($before, static fn (Action $one): bool => $one->verb->value === 'slide' || (in_array($one->verb->value, ['step', 'cross'], true) && ! str_starts_with($one->limb->value, $own)));

        return $steps === [] ? null : end($steps);
    }

    /** @return array{limb: string, target: string, margin: ?float, high: bool, faced: bool} */
    private function struck(Action $action, array $actions): array
    {
        $limb = $action->limb?->value ?? '';
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
        $hits = array_map(fn ($target): array => $this->one($action, $actions, $limb, $target->value), $action->targets);
        foreach ($hits as $hit) {
            if ($hit['faced'] && ! $hit['high'] && ($hit['margin'] === null || $hit['margin'] + $hit['drive'] >= -1e-9)) {
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
        $isFast = $this->holding !== [] && in_array($this->kind, ['hug-front-pinned', 'hug-front-free', 'hug-behind-pinned', 'hug-behind-free', 'headlock-side', 'headlock-front', 'arms-neck-behind', 'wrist-double', 'wrist-both', 'throat-behind', 'forearm-behind'], true);
        if ($isFast || $this->faceIsWritten || $this->pose === 'lying' || ($this->holding !== [] && in_array($target, ['hand', 'fingers', 'wrist', 'forearm', 'elbow'], true))) {
            return [0.0, 0.0];
        }
        if (abs($off) > 180 - 1e-9) {
            $off = 180 * $own;
        }
        $isSide = in_array($strike, ['side kick', 'hook kick'], true);
        if ($isSide) {
            return $own * $off >= 30 - 1e-9 && $own * $off <= 150 + 1e-9 ? [0.0, 0.0] : [self::around($off - 90 * $own, $own), 30.0 * $own];
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
        $more = ['turn' => $turn, 'swings back' => $back, 'drive' => 0.0, 'toward' => [0.0, 0.0]];
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
        $round = $past > 1e-9 && $past <= 50 + 1e-9 && $target !== 'spine' && in_array($strike, ['hammer', 'backhand', 'edge', 'palm', 'elbow'], true);
        $faced = $past <= 1e-9 || $round;
        if (! isset(self::HEIGHTS[$target])) {
            return ['limb' => $limb, 'target' => $target, 'margin' => null, 'high' => false, 'faced' => $faced, ...$more];
        }
        $height = $this->attackerHeight(self::HEIGHTS[$target], in_array($target, self::HEAD, true));
        [$share, $lateral] = match (true) {
            $strike === 'head' => [.83, 0.0],
            in_array($strike, ['punch', 'palm', 'hammer', 'backhand', 'edge', 'fingertips', 'elbow'], true) => [.818, .129],
            default => [.530, .0955],
        };
        $joint = $this->pose === 'lying' ? .10 * $this->own : $this->height($share);
        $low = $share === .818 || $strike === 'knee' ? max(0, $joint - .10 * $this->own) : $joint;
        $rise = abs(max($low, min($joint, $height)) - $height);
        $chain = self::CHAINS[$strike] * $this->own;
        if ($height < $low && (in_array($this->attackerPose, ['lying', 'kneeling'], true) || $this->pose === 'kneeling' || $this->crouch >= .10 * $this->own - 1e-9)) {
            $rise = min($rise, .8 * $chain);
        }
        if ($rise > $chain) {
            return ['limb' => $limb, 'target' => $target, 'margin' => null, 'high' => true, 'faced' => $faced, ...$more];
        }
        $side = str_starts_with($limb, 'left') ? -1 : (str_starts_with($limb, 'right') ? 1 : 0);
        $step = self::stepFor($action, $actions);
        $from = self::plus($step === null ? $this->me() : ($side < 0 ? $this->right : $this->left), self::way($facing + 90, $side * $lateral * $this->own));
        $to = in_array($target, self::HEAD, true) ? $this->attackerHead() : $this->attacker;
        $reach = sqrt($chain ** 2 - $rise ** 2) + ($share === .818 ? .288 * $this->own * sin(deg2rad(15)) : 0) - ($round ? .15 * $this->own : 0);

        $margin = $reach - (self::length(self::minus($to, $from)) - .06 * $this->attackerHeight);
        $stands = $this->pose === 'standing' && $strike !== 'stomp' && array_filter($actions, static fn (Action $one): bool => in_array($one->verb->value, ['step', 'cross', 'slide', 'hop', 'leave', 'spread', 'close'], true)) === [];
        if ($stands && $margin < 0) {
            $more['toward'] = self::times(self::minus($to, $from), 1 / self::length(self::minus($to, $from)));
            $wanted = min(-$margin, (str_ends_with($strike, ' kick') ? .35 : ($strike === 'knee' ? .25 : .12)) * $this->own);
            $more['drive'] = $this->until($more['toward'], $wanted);
        }

        return ['limb' => $limb, 'target' => $target, 'margin' => $margin, 'high' => false, 'faced' => $faced, ...$more];
    }

    /** How far the axis gets that way before the bodies touch: halved again and again. */
    private function until(array $way, float $most): float
    {
        $least = .06 * ($this->own + $this->attackerHeight);
        $apart = fn (float $metres): float => self::length(self::minus($this->attacker, self::plus($this->me(), self::times($way, $metres))));
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

        return self::plus($this->me(), self::times(self::minus($this->attacker, $this->me()), ($apart - max(0, min(.25 * $this->attackerHeight, $apart - .06 * $this->attackerHeight))) / $apart));
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
            if (! in_array($verb, ['clamp', 'lock', 'pin', 'choke hold', 'pull'], true)) {
                unset($this->grips[$hand]);
            } elseif (($this->grips[$hand]['verb'] ?? null) !== $verb) {
                $target = $action->targets[0]->value ?? null;
                $arm = $target === null ? $verb !== 'choke hold' : $verb === 'lock' || in_array($target, ['hand', 'fingers', 'wrist', 'forearm', 'elbow', 'upper arm', 'armpit'], true);
                $leg = in_array($target, ['thigh', 'knee', 'shin', 'instep', 'leg', 'ankle'], true);
                $this->grips[$hand] = ['verb' => $verb, 'arm' => $arm ? $this->limbOfHis($hand, false) : null, 'leg' => $leg ? $this->limbOfHis($hand, true) : null, 'at' => $this->apartBy(), 'head' => in_array($target, self::HEAD, true)];
            }
        }
        if ($verb === 'strip' && $action->toward?->value !== 'fingers' && (in_array($this->kind, self::GRABS, true) || in_array($this->kind, ['throat-front', 'throat-behind'], true))) {
            if ($this->kind === 'wrist-both') {
                $this->wrists = array_values(array_diff($this->wrists, $hands));
                $this->holding = array_values(array_diff(['left', 'right'], $this->wrists === ['left', 'right'] ? [] : array_map(static fn (string $own): string => $own === 'left' ? 'right' : 'left', array_diff(['left', 'right'], $this->wrists))));
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

        return abs(self::turn($this->facing, $this->attackerFacing)) < 90 ? $hand : ($hand === 'left' ? 'right' : 'left');
    }

    private function affect(?string $effect, bool $firstRight, array $actions): void
    {
        match ($effect) {
            'released' => $this->release(),
            'rocked' => $this->pushAttacker(.25 * $this->attackerHeight),
            'driven back' => $this->driven(),
            'pulled in' => $this->pushAttacker(-.30 * $this->attackerHeight),
            'folded' => $this->pose('folded', 1.5),
            'kneeling' => $this->pose('kneeling', 2.0),
            'dropped' => $this->dropped(),
            'straightened' => $this->attackerPose === 'folded' ? $this->pose('standing', null) : null,
            'turned' => [$this->attackerFacing, $this->turnEnds] = [$this->attackerFacing + ($firstRight ? 90 : -90), $this->time + 1.0],
            default => null,
        };
    }

    private function driven(): void
    {
        $this->release();
        $this->grips = [];
        $this->astride = false;
        $this->pushAttacker(.50 * $this->attackerHeight);
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

    /** @return array{bool, bool} */
    private function feet(array $actions): array
    {
        $stepped = $pivoted = $this->faceIsWritten = false;
        foreach ($actions as $action) {
            $verb = $action->verb->value;
            if ($action->manner->facing !== null) {
                $this->facing = $action->manner->facing->toDegrees();
                $this->faceIsWritten = true;
            }
            $length = fn (float $share): float => ($action->manner->size === null ? $share * $this->own * (isset(self::LENGTHS[$verb]) ? $this->share : 1) : ($action->manner->size->metres ?? $share * $this->own * $action->manner->size->factor)) * $action->manner->count;
            $way = fn (float $share): array => self::way($action->bearing?->toDegrees() ?? 0, $length($share));
            $fixed = in_array($this->pose, ['kneeling', 'seated'], true);
            if (in_array($verb, ['step', 'cross', 'slide', 'hop', 'leave', 'spread', 'close'], true)) {
                if ($fixed) {
                    continue;
                }
                $stepped = true;
                $foot = $action->limb?->value === 'left foot' ? 'left' : 'right';
                $across = self::minus($this->right, $this->left);
                $unit = self::length($across) < 1e-9 ? self::way($this->facing + 90, 1) : self::times($across, 1 / self::length($across));
                $middle = $this->me();
                match ($verb) {
                    'step' => $this->put($foot, self::plus($this->{$foot}, $way(.35)), $action),
                    'cross' => $this->put($foot, self::plus($foot === 'left' ? $this->right : $this->left, $way(.35)), $action),
                    'slide' => $this->shift($way(.20)),
                    'hop' => $this->shift($way(.25)),
                    'leave' => $this->shift($way(1.05)),
                    default => [$this->left, $this->right] = [self::plus($middle, self::times($unit, -$this->half($verb, $action))), self::plus($middle, self::times($unit, $this->half($verb, $action)))],
                };
            }
            $this->straddles = $verb === 'spread' || ($verb !== 'close' && $this->straddles);
            match ($verb) {
                'pivot' => [$this->facing, $pivoted] = [$action->bearing->toDegrees(), true],
                'turn under' => [$this->facing, $pivoted, $this->crouch] = [$action->bearing->toDegrees(), true, max($this->crouch, .10 * $this->own)],
                'drop' => $this->crouch += $length(.10),
                'rise' => $this->crouch = 0.0,
                'kneel' => $this->pose = 'kneeling',
                'get up' => $this->pose = 'standing',
                'slip' => $this->slip = self::plus($this->slip, $way(.10)),
                default => null,
            };
        }

        return [$stepped, $pivoted];
    }

    /** A foot where it is put, past the other rather than at it, and the other drawn after it rather than left behind. */
    private function put(string $foot, array $place, Action $action): void
    {
        $other = $foot === 'left' ? 'right' : 'left';
        if ($action->manner->size === null) {
            if (self::length(self::minus($place, $this->{$other})) < .12 * $this->own - 1e-9) {
                $place = self::plus($this->{$other}, self::way($action->bearing->toDegrees(), .20 * $this->own));
            }
            $back = self::minus($this->{$other}, $place);
            if (! $this->straddles && self::length($back) > .50 * $this->own + 1e-9) {
                $this->{$other} = self::plus($place, self::times($back, .35 * $this->own / self::length($back)));
            }
        }
        $this->{$foot} = $place;
    }

    private function half(string $verb, Action $action): float
    {
        return $verb === 'close' ? .0955 * $this->own : ($action->manner->size === null ? .45 * $this->own : ($action->manner->size->metres ?? .45 * $this->own * $action->manner->size->factor)) / 2;
    }

    private function cap(): void
    {
        $limits = [...($this->holding === [] ? [] : [$this->holdAt]), ...array_column($this->grips, 'at')];
        if ($limits !== [] && $this->apartBy() > min($limits) + .20) {
            $this->pushAttacker(min($limits) + .20 - $this->apartBy());
        }
    }

    /** Walks the way from before to after in small steps, and looks whether it came too near. */
    private function apart(array $before): void
    {
        if ($this->pose === 'lying') {
            return;
        }
        $least = .06 * ($this->own + $this->attackerHeight);
        $after = self::minus($this->attacker, $this->me());
        $way = self::minus($after, $before);
        $square = $way[0] ** 2 + $way[1] ** 2;
        $foot = $square == 0.0 ? $before : self::plus($before, self::times($way, max(0, min(1, -($before[0] * $way[0] + $before[1] * $way[1]) / $square))));
        if (self::length($foot) < $least - 1e-9 && self::length($before) > 0) {
            $this->attacker = self::plus($this->me(), self::times($before, $least / self::length($before)));
        }
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

    private function limbOf(Action $action, array $actions): ?string
    {
        if ($action->limb?->value !== 'free hand') {
            return $action->limb?->value;
        }

        return $action->verb instanceof Strike ? $this->struck($action, $actions)['limb'] : $this->freeHands($actions)[0];
    }

    /** @return list<string> */
    private function freeHands(array $actions): array
    {
        $busy = [];
        foreach ($actions as $action) {
            $busy = [...$busy, ...($action->limb?->value === 'both hands' ? ['left hand', 'right hand'] : [$action->limb?->value])];
        }
        $free = array_values(array_filter(['right hand', 'left hand'], fn (string $hand): bool => ! in_array($hand, $busy, true) && ! isset($this->grips[explode(' ', $hand)[0]]) && $this->isFree(explode(' ', $hand)[0])));

        return $free === [] ? ['right hand', 'left hand'] : $free;
    }

    private static function seconds(Action $action): float
    {
        $word = $action->verb->value;
        $one = self::SECONDS[$word] ?? match (true) {
            str_ends_with($word, 'kick') => .50,
            default => .25,
        };

        return $action->seconds ?? ($one + .25 * ((int) $action->manner->jumping + (int) $action->manner->spinning)) * $action->manner->count;
    }

    private function me(): array
    {
        return self::times(self::plus($this->left, $this->right), .5);
    }

    private function shift(array $by): void
    {
        [$this->left, $this->right] = [self::plus($this->left, $by), self::plus($this->right, $by)];
    }

    private function pushAttacker(float $metres): void
    {
        $this->attacker = self::plus($this->attacker, self::way(self::angle(self::minus($this->attacker, $this->me())), $metres));
    }

    private function apartBy(): float
    {
        return self::length(self::minus($this->attacker, $this->me()));
    }

    private function apartBy2(array $place): float
    {
        return self::length($place);
    }

    /** Metres of a place off the line through the attacker, by the area of the triangle. */
    private function offLine(float $line, array $point): float
    {
        $along = self::way($line, 1);
        $to = self::minus($point, $this->attacker);

        return abs($along[0] * $to[1] - $along[1] * $to[0]);
    }

    private static function way(float $degrees, float $metres): array
    {
        return [$metres * sin(deg2rad($degrees)), $metres * cos(deg2rad($degrees))];
    }

    private static function plus(array $a, array $b): array
    {
        return [$a[0] + $b[0], $a[1] + $b[1]];
    }

    private static function minus(array $a, array $b): array
    {
        return [$a[0] - $b[0], $a[1] - $b[1]];
    }

    private static function times(array $a, float $by): array
    {
        return [$a[0] * $by, $a[1] * $by];
    }

    private static function length(array $a): float
    {
        return sqrt($a[0] ** 2 + $a[1] ** 2);
    }

    private static function angle(array $a): float
    {
        return rad2deg(atan2($a[0], $a[1]));
    }

    /** The shortest turn, clockwise when it is half a round. */
    private static function turn(float $from, float $to): float
    {
        $turn = $to - $from;
        while ($turn > 180 + 1e-9) {
            $turn -= 360;
        }
        while ($turn <= -180 + 1e-9) {
            $turn += 360;
        }

        return $turn;
    }
}
