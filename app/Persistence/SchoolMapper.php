<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Casts\Json;
use App\Models\School;
use DateTimeZone;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Curriculum\AnswerStandard;
use StoneDrill\Core\Curriculum\ClassHabits;
use StoneDrill\Core\Curriculum\Conventions;
use StoneDrill\Core\Curriculum\Credits;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\FacetScope;
use StoneDrill\Core\Curriculum\ForceLevels;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\Leaving;
use StoneDrill\Core\Curriculum\Nouns;
use StoneDrill\Core\Curriculum\PolicyLevel;
use StoneDrill\Core\Curriculum\PolicyRow;
use StoneDrill\Core\Curriculum\ProofStandard;
use StoneDrill\Core\Curriculum\Reaction;
use StoneDrill\Core\Curriculum\School as CoreSchool;
use StoneDrill\Core\Curriculum\Statures;
use StoneDrill\Core\Curriculum\TestStandard;
use StoneDrill\Core\Geometry\BearingStyle;
use StoneDrill\Core\Technique\EffectTimes;
use StoneDrill\Core\Technique\Notation\Vocabulary;

/** What a school has set for itself, from its row: the part of {@see CatalogueMapper} that reads `schools`. */
final readonly class SchoolMapper
{
    /** What a school has set for itself; a setting that cannot be read is the usual one. */
    public static function read(School $school, RowReader $reader): CoreSchool
    {
        $sizes = $reader->setting(
            $school,
            'sizes',
            static fn (): array => array_replace(
                Statures::BUILT_IN,
                array_map(self::stature(...), Json::strict($school, 'sizes')),
            ),
            Statures::BUILT_IN,
        );

        return new CoreSchool(
            $school->name,
            Doctrine::from($school->doctrine),
            self::proofStandard($school),
            $reader->setting(
                $school,
                'hole factors',
                static fn (): array => array_map(
                    static fn (int|float $factor): float => (float) $factor,
                    Json::strict($school, 'hole_factors'),
                ),
                [],
            ),
            $reader->setting($school, 'policy', static fn (): ?array => self::policy($school), null),
            new Statures(
                $reader->setting(
                    $school,
                    'typical',
                    static fn (): string => isset($sizes[$school->typical])
                        ? $school->typical
                        : throw UnreadableValue::unknown('typical', $school->typical, __('unreadable.expected.size')),
                    Statures::TYPICAL,
                ),
                $sizes,
            ),
            new Conventions(
                BearingStyle::from($school->bearings),
                $reader->setting(
                    $school,
                    'own words',
                    static fn (): array => self::aliases(Json::strict($school, 'aliases')),
                    [],
                ),
                $reader->setting(
                    $school,
                    'time zone',
                    static fn (): string => (new DateTimeZone($school->zone))->getName(),
                    Conventions::ZONE,
                ),
                $reader->setting(
                    $school,
                    'names',
                    static fn (): Nouns => new Nouns(Json::strict($school, 'nouns')),
                    new Nouns(),
                ),
                $reader->setting(
                    $school,
                    'scope',
                    static fn (): FacetScope => self::scope(Json::strict($school, 'scope')),
                    new FacetScope(),
                ),
                self::classHabits($school),
            ),
            new AnswerStandard(
                $school->tolerance,
                new Reaction($school->reaction_base, $school->reaction_per_bit),
                Leaving::from($school->leaving),
                $reader->setting(
                    $school,
                    'effects',
                    static fn (): EffectTimes => self::effects(Json::strict($school, 'effect_times')),
                    new EffectTimes(),
                ),
                $school->turning,
                $reader->setting(
                    $school,
                    'force',
                    static fn (): ForceLevels => self::force(Json::strict($school, 'force')),
                    new ForceLevels(),
                ),
            ),
        );
    }

    /** What it asks of proof, and of a test; a weight that cannot be read is the usual one. */
    public static function proofStandard(School $school): ProofStandard
    {
        $untried = static fn (string $credit): float => (float) self::within(
            $school->test_untried[$credit] ?? null,
            TestStandard::MIN_UNTRIED,
            TestStandard::MAX_UNTRIED,
            TestStandard::UNTRIED[$credit],
        );

        return new ProofStandard(
            $school->share,
            $school->half_life,
            new Credits($school->credit_arm, $school->credit_body, $school->credit_recovered),
            new TestStandard($school->test_pass / 100, $school->test_ready / 100, [
                'full' => $untried('full'),
                'half' => $untried('half'),
                'none' => $untried('none'),
            ], $school->test_repeats),
            $school->latest,
        );
    }

    /** How it divides its classes; what cannot be read is as usual. */
    public static function classHabits(School $school): ClassHabits
    {
        $kept = $school->class_habits;
        $usual = new ClassHabits();
        $shares = array_filter(
            array_intersect_key(is_array($kept['shares'] ?? null) ? $kept['shares'] : [], ClassHabits::SHARES),
            static fn (mixed $share): bool => is_numeric($share) && $share >= ClassHabits::MIN_SHARE && $share <= 1,
        );

        return new ClassHabits(
            [...ClassHabits::SHARES, ...array_map(floatval(...), $shares)],
            (int) self::within($kept['teach'] ?? null, 1, ClassHabits::MAX_MINUTES, $usual->teach),
            (int) self::within($kept['basic'] ?? null, 1, ClassHabits::MAX_MINUTES, $usual->basic),
            (float) self::within($kept['between'] ?? null, 0, ClassHabits::MAX_BETWEEN, $usual->between),
        );
    }

    /** @param array<array-key, mixed> $values by facet */
    private static function scope(array $values): FacetScope
    {
        foreach ($values as $facet => $chosen) {
            if (! is_array($chosen) || array_diff($chosen, Facet::from((string) $facet)->values()) !== []) {
                throw UnreadableValue::unknown('scope', $chosen, implode(', ', Facet::from((string) $facet)->values()));
            }
        }

        return new FacetScope(array_map(array_values(...), $values));
    }

    /** @param array<array-key, mixed> $values seconds by effect */
    private static function effects(array $values): EffectTimes
    {
        $seconds = array_map(
            static fn (mixed $one): float => is_numeric($one) && $one >= EffectTimes::MIN && $one <= EffectTimes::MAX
                ? (float) $one
                : throw UnreadableValue::unknown('effects', $one, __('unreadable.expected.seconds')),
            array_intersect_key($values, (array) new EffectTimes()),
        );

        return new EffectTimes(...$seconds);
    }

    /** @param array<array-key, mixed> $values levels by hazard, and by what an attacker wants */
    private static function force(array $values): ForceLevels
    {
        $levels = static function (string $key, array $usual) use ($values): array {
            $kept = array_intersect_key(is_array($values[$key] ?? null) ? $values[$key] : [], $usual);
            foreach ($kept as $word => $level) {
                is_int($level) && $level >= 0 && $level <= ForceLevels::MAX
                    ?: throw UnreadableValue::unknown(
                        (string) $word,
                        $level,
                        implode(', ', range(0, ForceLevels::MAX)),
                    );
            }

            return [...$usual, ...$kept];
        };

        return new ForceLevels(
            $levels('hazards', ForceLevels::HAZARDS),
            $levels('allowed', ForceLevels::ALLOWED),
        );
    }

    private static function stature(mixed $metres): float
    {
        return is_numeric($metres) && $metres >= 0.8 && $metres <= 2.4
            ? (float) $metres
            : throw UnreadableValue::unknown('sizes', $metres, __('unreadable.expected.stature'));
    }

    /** @return list<PolicyRow>|null */
    private static function policy(School $school): ?array
    {
        $ranks = $school->ranks->pluck('code')->all();

        return $school->policy === null
            ? null
            : array_values(
                array_map(
                    static fn (array $row): PolicyRow => new PolicyRow(
                        Hazard::from($row['hazard']),
                        $row['under'] ?? null,
                        in_array($row['rank'] ?? null, $ranks, true) ? $row['rank'] : null,
                        PolicyLevel::read($row['level'])
                            ?? throw UnreadableValue::unknown(
                                'policy',
                                $row['level'],
                                implode(', ', array_column(PolicyLevel::cases(), 'value')),
                            ),
                    ),
                    Json::strict($school, 'policy'),
                ),
            );
    }

    /**
     * @param array<string, array<string, string>> $aliases
     *
     * @return array<string, array<string, string>>
     */
    private static function aliases(array $aliases): array
    {
        Vocabulary::standard()->withAliases($aliases);

        return $aliases;
    }

    /** A figure as it is kept, or the usual one where that cannot be read. */
    private static function within(mixed $kept, float $least, float $most, int|float $usual): int|float
    {
        return is_numeric($kept) && $kept >= $least && $kept <= $most ? $kept + 0 : $usual;
    }
}
