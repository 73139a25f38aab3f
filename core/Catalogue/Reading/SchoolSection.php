<?php

declare(strict_types=1);

namespace StoneDrill\Core\Catalogue\Reading;

use DateTimeZone;
use StoneDrill\Core\Answer\Doctrine;
use StoneDrill\Core\Answer\Notation\Vocabulary;
use StoneDrill\Core\Answer\Notation\VocabularyException;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\HisBusy;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Start;
use StoneDrill\Core\Attack\YoursHeld;
use StoneDrill\Core\Catalogue\Hazard;
use StoneDrill\Core\Catalogue\PolicyLevel;
use StoneDrill\Core\Catalogue\PolicyRow;
use StoneDrill\Core\Catalogue\Rank;
use StoneDrill\Core\Catalogue\School;
use StoneDrill\Core\Coverage\HoleKind;
use StoneDrill\Core\Floor\BearingStyle;
use StoneDrill\Core\Pressure\Ladder;
use StoneDrill\Core\Pressure\Rung;
use StoneDrill\Core\Spelling\Nearest;

/** Reads what a school sets for itself: `school`, `sizes`, `kinds`, `ranks` and `rungs`. */
final readonly class SchoolSection
{
    private const MAX_RANKS = 100;

    public function __construct(private Fields $file) {}

    /** @param array<array-key, mixed> $ranks by id */
    public function school(array $ranks): School
    {
        $in = $this->file->map('school', ['name', 'doctrine', 'bearings', 'typical', 'share', 'hole_factors', 'policy', 'aliases', 'zone']);
        $sizes = $this->sizes();

        return new School(
            $in->text('name'),
            $in->word('doctrine', Doctrine::class),
            $in->word('bearings', BearingStyle::class, BearingStyle::Clock),
            $in->has('typical') ? $in->reference('typical', $sizes, 'one of the sizes') : 'medium',
            $in->numberOr('share', School::SHARE, 0.01, 1) ?? School::SHARE,
            $sizes,
            $this->holeFactors($in),
            $in->has('policy') ? $this->policy($in, $ranks) : null,
            $this->aliases($in),
            $this->zone($in),
        );
    }

    private function zone(Fields $in): string
    {
        $zone = $in->has('zone') ? $in->text('zone', 64) : School::ZONE;
        $known = DateTimeZone::listIdentifiers();
        if ($zone !== '' && ! in_array($zone, $known, true)) {
            $in->report('zone', sprintf('“%s”', $zone), 'the name of a time zone, such as Europe/Lisbon', Nearest::to($zone, $known));

            return School::ZONE;
        }

        return $zone;
    }

    /** @return list<Kind> */
    public function kinds(): array
    {
        $kinds = [];
        foreach ($this->file->maps('kinds', ['id', 'name', 'family', 'his_busy', 'yours', 'hand', 'bearing', 'start', 'cautions']) as $in) {
            $kind = new Kind(
                $in->id(),
                $in->text('name'),
                $in->word('family', Family::class),
                $in->word('start', Start::class),
                array_map(HisBusy::from(...), $in->choices('his_busy', array_column(HisBusy::cases(), 'value'))),
                array_map(YoursHeld::from(...), $in->choices('yours', array_column(YoursHeld::cases(), 'value'))),
                array_map(Hand::from(...), $in->choices('hand', array_column(Hand::cases(), 'value'))),
                array_map('intval', $in->choices('bearing', array_map('strval', range(1, 12)))),
                $in->texts('cautions'),
            );
            foreach (['hand' => $kind->hands, 'bearing' => $kind->bearings] as $key => $values) {
                if ($values === [] && $in->isSound()) {
                    $in->report($key, 'nothing', 'at least one value');
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
            $this->file->report('ranks', sprintf('%s ranks', number_format($count)), sprintf('at most %d', self::MAX_RANKS));

            return [];
        }
        $ranks = [];
        foreach ($this->file->maps('ranks', ['id', 'name', 'max_beats', 'goal_rung']) as $in) {
            $rank = new Rank($in->id(), $in->text('name'), $in->whole('max_beats', 1, 99), $in->whole('goal_rung', 1, 99));
            if ($in->isSound() && ! $ladder->has($rank->goalRung)) {
                $in->refuse('goal_rung', 'a rung of the ladder: '.implode(', ', $ladder->ids()));
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
        foreach ($this->file->maps('rungs', ['id', 'name', 'pace', 'attack_told', 'moment_told', 'resistance', 'follow_ups', 'stressors']) as $in) {
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
                $in->refuse('id', sprintf('more than %d: rungs stand in rising order', $last));
            }
            $last = max($last, $rung->id);
            $rungs[] = $rung;
        }
        if (count($rungs) > Ladder::MOST_RUNGS) {
            $this->file->report('rungs', count($rungs).' rungs', sprintf('at most %d', Ladder::MOST_RUNGS));
        }

        return $rungs === [] ? Ladder::builtIn() : new Ladder($rungs);
    }

    private function missingPace(Fields $in): float
    {
        if (! $in->has('pace')) {
            $in->report('pace', 'nothing', 'a number: 1 is full pace');
        }

        return 1.0;
    }

    /** @return array<string, float> */
    private function sizes(): array
    {
        $in = $this->file->map('sizes', array_map('strval', array_keys([...School::SIZES, ...$this->file->entries('sizes')])));
        $sizes = School::SIZES;
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
                $factors[$kind->value] = $in->numberOr($kind->value, $kind->factor(), 0, 10) ?? $kind->factor();
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
                $in->has('rank') ? $in->reference('rank', $ranks, 'the id of a rank') : null,
                $in->word('level', PolicyLevel::class),
            );
        }

        return $rows;
    }

    /** @return array<string, array<string, string>> */
    private function aliases(Fields $school): array
    {
        $in = $school->map('aliases', array_keys(Vocabulary::GROUPS));
        $aliases = [];
        foreach (array_keys(Vocabulary::GROUPS) as $group) {
            foreach ($in->entries($group) as $alias => $word) {
                if (! is_string($word)) {
                    $in->report($group.'/'.$alias, Fields::describe($word), 'a word of the notation');
                } else {
                    $aliases[$group][(string) $alias] = $word;
                }
            }
        }
        try {
            Vocabulary::standard()->withAliases($aliases);
        } catch (VocabularyException $error) {
            $in->report(rtrim($error->group.'/'.$error->alias, '/'), 'an alias that cannot be used', 'another: '.lcfirst($error->getMessage()));

            return [];
        }

        return $aliases;
    }
}
