<?php

declare(strict_types=1);

namespace Tests\Core\Technique;

use Random\Engine\Mt19937;
use Random\Randomizer;
use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Argument;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Branch;
use StoneDrill\Core\Technique\Condition;
use StoneDrill\Core\Technique\Effect;
use StoneDrill\Core\Technique\GoOn;
use StoneDrill\Core\Technique\GoToAnswer;
use StoneDrill\Core\Technique\Happening;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\LimbRule;
use StoneDrill\Core\Technique\Manner;
use StoneDrill\Core\Technique\Reading;
use StoneDrill\Core\Technique\Size;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Toward;
use StoneDrill\Core\Technique\Verb;

/** Makes answers that use the whole notation, the same ones for the same seed. */
final class RandomBeats
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function beats(): Beats
    {
        $line = $this->line(0);
        $sure = $this->beat(0);

        return new Beats([
            ...$line,
            new Beat(
                $sure->actions,
                $sure->effects,
                $sure->note,
                $sure->branches,
                $sure->isTogether,
                false,
                $sure->readings,
            ),
        ]);
    }

    /** The mirror of a printed text, by its words alone: sides swapped, hours reflected. */
    public static function mirrorText(string $text): string
    {
        $lines = array_map(static function (string $line): string {
            [$beat, $note] = [...explode('   # ', $line, 2), null];
            $parts = preg_split('/("[^"]*")/', $beat, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];
            foreach ($parts as $index => $part) {
                $parts[$index] = $index % 2 === 0 ? self::mirrorWords($part) : $part;
            }

            return implode('', $parts).($note === null ? '' : '   # '.$note);
        }, explode("\n", $text));

        return implode("\n", $lines);
    }

    private static function mirrorWords(string $text): string
    {
        $words = explode(' ', strtr($text, ['left' => 'right', 'right' => 'left']));
        foreach ($words as $index => $word) {
            $unit = rtrim($words[$index + 1] ?? '', ',');
            if (
                preg_match('/^(\d{1,2}(?::\d\d)?)(,?)$/', $word, $match) === 1
                && ! in_array($unit, ['m', 's'], true)
                && ($words[$index - 1] ?? '') !== 'beat'
            ) {
                $words[$index] = self::mirrorHour($match[1]).$match[2];
            }
        }

        return implode(' ', $words);
    }

    private static function mirrorHour(string $time): string
    {
        [$hour, $minute] = [...explode(':', $time), '0'];
        $minutes = (720 - (((int) $hour % 12) * 60 + (int) $minute)) % 720;

        return (intdiv($minutes, 60) ?: 12).($minutes % 60 === 0 ? '' : sprintf(':%02d', $minutes % 60));
    }

    /** @return non-empty-list<Beat> */
    private function line(int $depth): array
    {
        $beats = [];
        for ($count = $this->random->getInt(1, $depth === 0 ? 6 : 3); $count > 0; $count--) {
            $beats[] = $this->beat($depth);
        }

        return $beats;
    }

    private function beat(int $depth): Beat
    {
        $actions = $branches = [];
        for ($count = $this->random->getInt(1, 3); $count > 0; $count--) {
            $actions[] = $this->action();
        }
        for ($count = $depth < 3 && $this->chance(3) ? $this->random->getInt(1, 2) : 0; $count > 0; $count--) {
            $branches[] = $this->branch($depth + 1);
        }
        $effects = $this->chance(2) ? [$this->pick(Effect::cases())] : [];

        $effects = $effects !== [] && $this->chance(3) ? [...$effects, $this->pick(Effect::cases())] : $effects;
        $canBeTogether = count($effects) === 2
        && $effects[0] !== $effects[1]
        && ! ($effects[0]->isPosture() && $effects[1]->isPosture());

        return new Beat(
            $actions,
            $effects,
            $this->chance(5) ? $this->pick(['look for the second one', 'both feet: flat', '3 o’clock, "there"']) : null,
            $branches,
            $canBeTogether && $this->chance(2),
            $this->chance(6),
            $this->chance(6) ? $this->readings() : [],
        );
    }

    /** @return list<Reading> */
    private function readings(): array
    {
        $words = $this->random->shuffleArray(['youth', 'gravel', 'second-ring 2', 'r1']);

        return array_map(
            fn (string $for): Reading => new Reading(
                $for,
                new Beat([$this->action()], $this->chance(2) ? [$this->pick(Effect::cases())] : []),
            ),
            array_slice($words, 0, $this->random->getInt(1, 3)),
        );
    }

    private function branch(int $depth): Branch
    {
        $condition = $this->chance(2)
            ? Condition::of($this->pick(Happening::named()))
            : Condition::instead($this->pick(Effect::cases()));
        if ($condition->happening->isOfBodies()) {
            return new Branch($condition, $this->line($depth));
        }
        $goesTo = new GoToAnswer($this->pick(['Long gate', 'Left 9, right 3']), $this->random->getInt(1, 99));

        return match ($this->random->getInt(0, 4)) {
            0 => new Branch($condition, [], new GoOn()),
            1 => new Branch($condition, [], $goesTo),
            2 => new Branch($condition, $this->line($depth), $goesTo),
            default => new Branch($condition, $this->line($depth)),
        };
    }

    private function action(): Action
    {
        return $this->chance(3) ? $this->strike() : $this->deed($this->pick(Verb::cases()));
    }

    private function strike(): Action
    {
        $strike = $this->pick(Strike::cases());
        $limb = $this->pick(
            match (true) {
                $strike === Strike::Elbow => [Limb::LeftElbow, Limb::RightElbow],
                $strike === Strike::Knee => [Limb::LeftKnee, Limb::RightKnee],
                $strike === Strike::Head => [Limb::Head],
                $strike->isByHand() => [
                    Limb::LeftHand, Limb::RightHand, Limb::BothHands, Limb::FreeHand, Limb::HeldHand, Limb::OtherHand,
                ],
                default => [Limb::LeftFoot, Limb::RightFoot],
            },
        );

        return new Action(
            $limb,
            $strike,
            $this->targets(),
            manner: new Manner(null, $this->random->getInt(1, 5), $this->chance(6), $this->chance(6)),
        );
    }

    private function deed(Verb $verb): Action
    {
        $limb = match ($verb->limbs()) {
            LimbRule::Hand => $this->pick([
                Limb::LeftHand, Limb::RightHand, Limb::BothHands, Limb::FreeHand, Limb::HeldHand, Limb::OtherHand,
            ]),
            LimbRule::HandOrLeg => $this->pick([
                Limb::LeftHand,
                Limb::BothHands,
                Limb::HeldHand,
                Limb::RightFoot,
                Limb::LeftKnee,
            ]),
            LimbRule::HandIfAny => $this->pick([null, Limb::LeftHand]),
            LimbRule::Foot => $this->pick([Limb::LeftFoot, Limb::RightFoot]),
            LimbRule::WholeBody, LimbRule::None => null,
        };
        $targets = $verb->argument() === Argument::TargetOrBearing && $this->chance(2) ? $this->targets() : [];
        $hasBearing = $verb->argument() === Argument::Bearing
        || ($targets === []
            && in_array($verb->argument(), [Argument::BearingIfAny, Argument::TargetOrBearing], true)
            && $this->chance(2));

        return new Action(
            $limb,
            $verb,
            match ($verb->argument()) {
                Argument::Joint => [$this->pick([Target::Wrist, Target::Elbow, Target::Shoulder, Target::Fingers])],
                Argument::Strip => $this->chance(2) ? [Target::Hand] : [],
                default => $targets,
            },
            $hasBearing ? Bearing::degrees($this->random->getInt(0, 719) / 2) : null,
            new Manner(
                $verb->hasLength() && $this->chance(3)
                    ? $this->pick([Size::short(), Size::long(), Size::metres($this->random->getInt(1, 300) / 100)])
                    : null,
                $verb->repeats() && $this->chance(5) ? $this->random->getInt(2, 5) : 1,
                facing: $verb->mayFace() && $this->chance(5)
                    ? Bearing::degrees($this->random->getInt(0, 719) / 2)
                    : null,
            ),
            toward: match ($verb->argument()) {
                Argument::Strip => $this->chance(2) ? $this->pick([Toward::Thumb, Toward::Fingers]) : null,
                Argument::Side => $this->pick([Toward::Left, Toward::Right]),
                default => null,
            },
            words: $verb->argument() === Argument::Words ? $this->pick(['Back off!', 'I said no, 2 steps left']) : null,
            seconds: $verb->argument() === Argument::Seconds ? $this->random->getInt(1, 600) / 10 : null,
        );
    }

    /** @return list<Target> */
    private function targets(): array
    {
        $targets = [$this->pick(Target::cases())];

        return $this->chance(5) ? [...$targets, $this->pick(Target::cases())] : $targets;
    }

    private function chance(int $oneIn): bool
    {
        return $this->random->getInt(1, $oneIn) === 1;
    }

    /**
     * @template T
     *
     * @param non-empty-array<T> $values
     *
     * @return T
     */
    private function pick(array $values): mixed
    {
        return array_values($values)[$this->random->getInt(0, count($values) - 1)];
    }
}
