<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange\Reading;

use StoneDrill\Core\Curriculum\AnswerStandard;
use StoneDrill\Core\Curriculum\ClassHabits;
use StoneDrill\Core\Curriculum\Credits;
use StoneDrill\Core\Curriculum\ForceLevels;
use StoneDrill\Core\Curriculum\Leaving;
use StoneDrill\Core\Curriculum\ProofStandard;
use StoneDrill\Core\Curriculum\Reaction;
use StoneDrill\Core\Curriculum\TestStandard;
use StoneDrill\Core\Technique\EffectTimes;
use StoneDrill\Core\Text;

/** Reads what a school asks of proof, of answers and of its classes: figures of the section `school`. */
final readonly class StandardsSection
{
    /** What of that section is read here. */
    public const KEYS = [
        'share', 'half_life', 'latest', 'credits', 'test', 'tolerance', 'reaction', 'leaving', 'effects', 'turning', 'force',
        'class',
    ];

    public function __construct(private Fields $school) {}

    public function proof(): ProofStandard
    {
        return new ProofStandard(
            $this->school->numberOr('share', ProofStandard::SHARE, 0.01, 1),
            $this->school->numberOr(
                'half_life',
                ProofStandard::HALF_LIFE,
                ProofStandard::MIN_HALF_LIFE,
                ProofStandard::MAX_HALF_LIFE,
            ),
            $this->credits(),
            $this->test(),
            $this->school->wholeOr(
                'latest',
                ProofStandard::LATEST,
                ProofStandard::MIN_LATEST,
                ProofStandard::MAX_LATEST,
            ),
        );
    }

    public function answers(): AnswerStandard
    {
        return new AnswerStandard(
            $this->school->numberOr('tolerance', AnswerStandard::TOLERANCE, 0, AnswerStandard::MAX_TOLERANCE),
            $this->reaction(),
            $this->school->word('leaving', Leaving::class, Leaving::Always),
            $this->effects(),
            $this->school->numberOr(
                'turning',
                AnswerStandard::TURNING,
                AnswerStandard::MIN_TURNING,
                AnswerStandard::MAX_TURNING,
            ),
            $this->force(),
        );
    }

    public function classes(): ClassHabits
    {
        $usual = new ClassHabits();
        $of = $this->school->map('class', ['shares', 'teach', 'basic', 'between']);
        $by = $of->map('shares', array_keys(ClassHabits::SHARES));
        $shares = [];
        foreach (ClassHabits::SHARES as $kind => $share) {
            $shares[$kind] = $by->numberOr($kind, $share, ClassHabits::MIN_SHARE, 1);
        }

        return new ClassHabits(
            $shares,
            $of->wholeOr('teach', $usual->teach, 1, ClassHabits::MAX_MINUTES),
            $of->wholeOr('basic', $usual->basic, 1, ClassHabits::MAX_MINUTES),
            $of->numberOr('between', $usual->between, 0, ClassHabits::MAX_BETWEEN),
        );
    }

    private function credits(): Credits
    {
        $of = $this->school->map('credits', ['arm', 'body', 'recovered']);
        $given = static function (string $key) use ($of): float {
            $credit = $of->numberOr($key, Credits::USUAL, 0, 1);
            if (! in_array($credit, Credits::CHOICES, true)) {
                $of->report($key, Text::of('file.word', ['word' => (string) $credit]), Text::of('file.credit'));
            }

            return $credit;
        };

        return new Credits($given('arm'), $given('body'), $given('recovered'));
    }

    private function test(): TestStandard
    {
        $of = $this->school->map('test', ['pass', 'ready', 'untried', 'repeats']);
        $by = $of->map('untried', array_keys(TestStandard::UNTRIED));
        $weight = static fn (string $credit): float => $by->numberOr(
            $credit,
            TestStandard::UNTRIED[$credit],
            TestStandard::MIN_UNTRIED,
            TestStandard::MAX_UNTRIED,
        );

        return new TestStandard(
            $of->numberOr('pass', TestStandard::PASS, 0.01, 1),
            $of->numberOr('ready', TestStandard::READY, 0.01, 1),
            ['full' => $weight('full'), 'half' => $weight('half'), 'none' => $weight('none')],
            $of->wholeOr('repeats', TestStandard::REPEATS, 0, TestStandard::MAX_REPEATS),
        );
    }

    private function reaction(): Reaction
    {
        $of = $this->school->map('reaction', ['base', 'per_bit']);

        return new Reaction(
            $of->numberOr('base', Reaction::BASE, 0, Reaction::MAX_BASE),
            $of->numberOr('per_bit', Reaction::PER_BIT, 0, Reaction::MAX_PER_BIT),
        );
    }

    private function force(): ForceLevels
    {
        $of = $this->school->map('force', ['hazards', 'allowed']);
        $levels = static function (string $key, array $usual) use ($of): array {
            $by = $of->map($key, array_keys($usual));
            foreach ($usual as $word => $level) {
                $usual[$word] = $by->wholeOr($word, $level, 0, ForceLevels::MAX);
            }

            return $usual;
        };

        return new ForceLevels(
            $levels('hazards', ForceLevels::HAZARDS),
            $levels('allowed', ForceLevels::ALLOWED),
        );
    }

    private function effects(): EffectTimes
    {
        $usual = (array) new EffectTimes();
        $of = $this->school->map('effects', array_keys($usual));

        return new EffectTimes(
            ...array_map(
                static fn (string $effect, float $seconds): float => $of->numberOr(
                    $effect,
                    $seconds,
                    EffectTimes::MIN,
                    EffectTimes::MAX,
                ),
                array_keys($usual),
                array_values($usual),
            ),
        );
    }
}
