<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange\Reading;

use DateTimeZone;
use StoneDrill\Core\Attack\AttackerLimb;
use StoneDrill\Core\Attack\DefenderHold;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\KindWords;
use StoneDrill\Core\Attack\Start;
use StoneDrill\Core\Coverage\HoleKind;
use StoneDrill\Core\Curriculum\Conventions;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\FacetScope;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Curriculum\Nouns;
use StoneDrill\Core\Curriculum\PolicyLevel;
use StoneDrill\Core\Curriculum\PolicyRow;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Curriculum\School;
use StoneDrill\Core\Curriculum\Statures;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Geometry\BearingStyle;
use StoneDrill\Core\Technique\Notation\Nearest;
use StoneDrill\Core\Technique\Notation\Vocabulary;
use StoneDrill\Core\Technique\Notation\VocabularyException;
use StoneDrill\Core\Text;

/** Reads what a school sets for itself: `school`, `sizes`, `kinds`, `ranks` and `rungs`. */
final readonly class SchoolSection
{
    private const MAX_RANKS = 100;

    public function __construct(private Fields $file) {}

    /** @param array<array-key, mixed> $ranks by id */
    public function school(array $ranks): School
    {
        $in = $this->file->map('school', [
            'name', 'doctrine', 'bearings', 'typical', 'hole_factors', 'policy', 'aliases', 'words', 'scope', 'zone',
            ...StandardsSection::KEYS,
        ]);
        $standards = new StandardsSection($in);
        $sizes = $this->sizes();

        return new School(
            $in->text('name'),
            $in->word('doctrine', Doctrine::class),
            $standards->proof(),
            $this->holeFactors($in),
            $in->has('policy') ? $this->policy($in, $ranks) : null,
            new Statures(
                $in->has('typical') ? $in->reference('typical', $sizes, Text::of('file.size')) : Statures::TYPICAL,
                $sizes,
            ),
            new Conventions(
                $in->word('bearings', BearingStyle::class, BearingStyle::Clock),
                $this->aliases($in),
                $this->zone($in),
                $this->nouns($in),
                $this->scope($in),
                $standards->classes(),
            ),
            $standards->answers(),
        );
    }

    private function zone(Fields $in): string
    {
        $zone = $in->has('zone') ? $in->text('zone', 64) : Conventions::ZONE;
        $known = DateTimeZone::listIdentifiers();
        if ($zone !== '' && ! in_array($zone, $known, true)) {
            $in->report(
                'zone',
                Text::of('file.word', ['word' => $zone]),
                Text::of('file.zone'),
                Nearest::to($zone, $known),
            );

            return Conventions::ZONE;
        }

        return $zone;
    }

    /** @return list<Kind> */
    public function kinds(): array
    {
        $kinds = [];
        foreach (
            $this->file->maps(
                'kinds',
                ['id', 'name', 'family', 'attacker_busy', 'defender_held', 'hand', 'bearing', 'start', 'cautions'],
                Format::RENAMED,
            ) as $in
        ) {
            $name = $in->text('name');
            $kind = new Kind(
                $in->id(),
                $in->word('family', Family::class),
                $in->word('start', Start::class),
                array_map(
                    AttackerLimb::from(...),
                    $in->choices('attacker_busy', array_column(AttackerLimb::cases(), 'value')),
                ),
                array_map(
                    DefenderHold::from(...),
                    $in->choices('defender_held', array_column(DefenderHold::cases(), 'value')),
                ),
                array_map(Hand::from(...), $in->choices('hand', array_column(Hand::cases(), 'value'))),
                array_map('intval', $in->choices('bearing', array_map('strval', range(1, 12)))),
                new KindWords($name, $in->texts('cautions')),
            );
            foreach (['hand' => $kind->hands, 'bearing' => $kind->bearings] as $key => $values) {
                if ($values === [] && $in->isSound()) {
                    $in->report($key, Text::of('file.nothing'), Text::of('file.at-least-one'));
                }
            }
            if ($in->isSound()) {
                $kinds[] = $kind;
            }
        }

        return $kinds;
    }

    /** @return list<Rank> */
    public function ranks(Ladder $ladder): array
    {
        $count = count($this->file->listOr('ranks'));
        if ($count > self::MAX_RANKS) {
            $this->file->report(
                'ranks',
                Text::of('file.ranks', ['count' => number_format($count)]),
                Text::of('file.at-most', ['max' => self::MAX_RANKS]),
            );

            return [];
        }
        $ranks = [];
        foreach ($this->file->maps('ranks', ['id', 'name', 'max_beats', 'goal_rung']) as $in) {
            $rank = new Rank(
                $in->id(),
                $in->text('name'),
                $in->whole('max_beats', 1, 99),
                $in->whole('goal_rung', 1, 99),
            );
            if ($in->isSound() && ! $ladder->has($rank->goalRung)) {
                $in->refuse('goal_rung', Text::of('file.rung', ['rungs' => array_map(strval(...), $ladder->ids())]));
            }
            if ($in->isSound()) {
                $ranks[] = $rank;
            }
        }

        return $ranks;
    }

    public function ladder(): Ladder
    {
        $rungs = [];
        $last = 0;
        foreach (
            $this->file->maps('rungs', [
                'id', 'name', 'pace', 'attack_told', 'moment_told', 'resistance', 'follow_ups', 'stressors',
            ]) as $in
        ) {
            $rung = new Rung(
                $in->whole('id', 1, 99),
                $in->text('name'),
                $in->numberOr('pace', null, 0.05, 2) ?? $this->missingPace($in),
                $in->truth('attack_told'),
                $in->truth('moment_told'),
                $in->whole('resistance', 0, 3),
                $in->truth('follow_ups', false),
                $in->texts('stressors'),
            );
            if ($in->isSound() && $rung->id <= $last) {
                $in->refuse('id', Text::of('file.rung-order', ['last' => $last]));
            }
            $last = max($last, $rung->id);
            $rungs[] = $rung;
        }
        if (count($rungs) > Ladder::MAX_RUNGS) {
            $this->file->report(
                'rungs',
                Text::of('file.rungs', ['count' => count($rungs)]),
                Text::of('file.at-most', ['max' => Ladder::MAX_RUNGS]),
            );
        }

        return $rungs === [] ? Ladder::builtIn() : new Ladder($rungs);
    }

    private function missingPace(Fields $in): float
    {
        if (! $in->has('pace')) {
            $in->report('pace', Text::of('file.nothing'), Text::of('file.pace'));
        }

        return 1.0;
    }

    /** @return array<string, float> */
    private function sizes(): array
    {
        $in = $this->file->map(
            'sizes',
            array_map('strval', array_keys([...Statures::BUILT_IN, ...$this->file->entries('sizes')])),
        );
        $sizes = Statures::BUILT_IN;
        foreach (array_keys([...$sizes, ...$this->file->entries('sizes')]) as $name) {
            $sizes[$name] = $in->numberOr((string) $name, $sizes[$name] ?? null, 0.8, 2.4) ?? 1.68;
        }

        return $sizes;
    }

    /** @return array<string, float> */
    private function holeFactors(Fields $school): array
    {
        $in = $school->map('hole_factors', array_column(HoleKind::cases(), 'value'));
        $factors = [];
        foreach (HoleKind::cases() as $kind) {
            if ($in->has($kind->value)) {
                $factors[$kind->value] = $in->numberOr($kind->value, $kind->factor(), 0, 10);
            }
        }

        return $factors;
    }

    /**
     * @param array<array-key, mixed> $ranks by id
     *
     * @return list<PolicyRow>
     */
    private function policy(Fields $school, array $ranks): array
    {
        $rows = [];
        foreach ($school->maps('policy', ['hazard', 'under', 'rank', 'level']) as $in) {
            $rows[] = new PolicyRow(
                $in->word('hazard', Hazard::class),
                $in->has('under') ? $in->whole('under', 1, 120) : null,
                $in->has('rank') ? $in->reference('rank', $ranks, Text::of('file.rank-id')) : null,
                PolicyLevel::read($in->raw('level')) ?? $in->word('level', PolicyLevel::class),
            );
        }

        return $rows;
    }

    private function nouns(Fields $school): Nouns
    {
        $in = $school->map('words', Nouns::NAMED);
        $words = [];
        foreach (Nouns::NAMED as $noun) {
            $forms = $in->map($noun, ['one', 'many']);
            foreach ($in->has($noun) ? ['one', 'many'] : [] as $form) {
                $words[$noun][$form] = $forms->text($form, Nouns::MAX_LENGTH);
                if ($forms->isSound() && ! Nouns::isWord($words[$noun][$form])) {
                    $forms->refuse($form, Text::of('file.noun'));
                }
            }
            if (! $forms->isSound()) {
                unset($words[$noun]);
            }
        }

        return new Nouns($words);
    }

    private function scope(Fields $school): FacetScope
    {
        $in = $school->map('scope', array_column(Facet::cases(), 'value'));
        $values = [];
        foreach (Facet::cases() as $facet) {
            if ($in->has($facet->value)) {
                $values[$facet->value] = $in->choices($facet->value, $facet->values());
            }
            if (($values[$facet->value] ?? null) === [] && $in->isSound()) {
                $in->report($facet->value, Text::of('file.nothing'), Text::of('file.at-least-one'));
            }
        }

        return new FacetScope($values);
    }

    /** @return array<string, array<string, string>> */
    private function aliases(Fields $school): array
    {
        $in = $school->map('aliases', array_keys(Vocabulary::GROUPS));
        $aliases = [];
        foreach (array_keys(Vocabulary::GROUPS) as $group) {
            foreach ($in->entries($group) as $alias => $word) {
                if (! is_string($word)) {
                    $in->report($group.'/'.$alias, Fields::describe($word), Text::of('file.notation-word'));
                } else {
                    $aliases[$group][(string) $alias] = $word;
                }
            }
        }
        try {
            Vocabulary::standard()->withAliases($aliases);
        } catch (VocabularyException $error) {
            $in->report(
                rtrim($error->group.'/'.$error->alias, '/'),
                Text::of('file.bad-alias'),
                Text::of('file.another-alias', ['why' => $error->text]),
            );

            return [];
        }

        return $aliases;
    }
}
