<?php

declare(strict_types=1);

namespace Tests\Support;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Need;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Curriculum\Matching;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\School;
use StoneDrill\Core\Curriculum\ShortForm;
use StoneDrill\Core\Curriculum\Teaching;
use StoneDrill\Core\Drill\Pool;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Proof\RepDetails;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Technique\Beats;

/** Attacks, answers, catalogues and reps that tests are made of. */
final class Made
{
    /** The moment that reps are counted back from. */
    public const NOW = '2026-11-24T20:00:00+00:00';

    public static function attack(
        string $kind = 'wrist-cross',
        array $facets = [],
        string $id = 'it',
        ?string $neededBy = null,
        int $prevalence = 3,
    ): Attack {
        $usual = ['hand' => 'right', 'bearing' => '12', 'phase' => 'landed', 'intent' => 'move'];

        return new Attack(
            $id,
            ucfirst($id),
            Kinds::builtIn()->get($kind),
            Facets::of([...$usual, ...$facets]),
            new Need($neededBy, $neededBy),
            $prevalence,
        );
    }

    public static function answer(
        string $id,
        Attack $to,
        string $rank = 'a',
        bool $mirrored = false,
        array $listed = [],
        ?ShortForm $short = null,
        string $beats = "hop 6 long -> released\nleave 6",
    ): Answer {
        return new Answer(
            $id,
            ucfirst($id),
            '',
            $to->id,
            Matching::of($to, $listed, $mirrored),
            new Teaching($rank, $short),
            Beats::parse($beats),
        );
    }

    /** Three ranks, a below b below c. */
    public static function catalogue(
        array $attacks,
        array $answers,
        array $factors = [],
        ?array $policy = null,
    ): Catalogue {
        $school = new School('Hall', Doctrine::Escape, holeFactors: $factors, policy: $policy);

        return new Catalogue(
            $school,
            [],
            [new Rank('a', 'A', 4, 2), new Rank('b', 'B', 5, 3), new Rank('c', 'C', 6, 4)],
            Ladder::builtIn(),
            $attacks,
            $answers,
        );
    }

    public static function randomCatalogue(): Catalogue
    {
        $kinds = ['wrist-cross', 'swing', 'cloth-two', 'hug-behind-free', 'sleeve'];
        $attacks = $answers = [];
        for ($i = 0; $i < 8; $i++) {
            $kind = $kinds[mt_rand(0, 4)];
            $behind = $kind === 'hug-behind-free';
            $hand = in_array($kind, ['cloth-two', 'hug-behind-free'], true) ? 'both' : ['left', 'right'][mt_rand(0, 1)];
            $hours = $behind ? ['5', '6', '7'] : ['11', '12', '1', '2'];
            $attacks[] = self::attack(
                $kind,
                [
                    'hand' => $hand,
                    'bearing' => $hours[mt_rand(0, count($hours) - 1)],
                    'phase' => $kind === 'swing' ? 'reaching' : 'landed',
                    'place' => ['open', 'narrow'][mt_rand(0, 1)],
                ],
                "k{$i}",
                ['a', 'b', 'c', null][mt_rand(0, 3)],
                mt_rand(1, 5),
            );
        }
        for ($i = 0; $i < 6; $i++) {
            $listed = array_filter(
                [
                    'kind' => [null, ['sleeve', 'wrist-cross'], false][mt_rand(0, 2)],
                    'bearing' => [null, ['1', '2'], false][mt_rand(0, 2)],
                    'place' => [['open'], false][mt_rand(0, 1)],
                ],
                fn ($value): bool => $value !== false,
            );
            $answers[] = self::answer(
                "x{$i}",
                $attacks[mt_rand(0, 7)],
                ['a', 'b', 'c'][mt_rand(0, 2)],
                mt_rand(0, 1) === 1,
                $listed,
            );
        }

        return self::catalogue($attacks, $answers);
    }

    public static function demo(): Catalogue
    {
        return self::demoFile()->catalogue;
    }

    public static function demoFile(): SchoolFile
    {
        static $demo = null;

        return $demo ??= (new CatalogueReader())->read(
            (string) file_get_contents(dirname(__DIR__, 2).'/database/demo/cinder-quay.yaml'),
            Format::Yaml,
        );
    }

    /** A rep so many days before now. */
    public static function rep(
        int $rung,
        string $outcome,
        float $days = 0.0,
        string $side = 'written',
        ?string $replaces = null,
        Source $source = Source::Seen,
        ?string $id = null,
    ): Rep {
        static $number = 0;
        $at = (new DateTimeImmutable(self::NOW))->modify(sprintf('-%d seconds', (int) round($days * 86_400)));

        return new Rep(
            $id ?? sprintf('00000000-0000-4000-8000-%012d', ++$number),
            'ada',
            'it',
            Side::from($side),
            $rung,
            Outcome::from($outcome),
            $at,
            new RepDetails(source: $source, replaces: $replaces),
        );
    }

    /** A small sound file, as plain values. */
    public static function small(): array
    {
        return [
            'format' => 'stone-drill/1',
            'school' => [
                'name' => 'Small Hall',
                'doctrine' => 'control',
                'bearings' => 'degrees',
                'typical' => 'large',
                'share' => 0.7,
                'tolerance' => 0.03,
                'hole_factors' => ['open' => 2, 'no way out' => 0.5],
                'policy' => [
                    ['hazard' => 'choke', 'under' => 16, 'level' => 'not-taught'],
                    ['hazard' => 'contact', 'rank' => 'b', 'level' => 'pads'],
                ],
                'aliases' => ['verbs' => ['glide' => 'slide']],
            ],
            'sizes' => ['small' => 1.5, 'giant' => 2.1],
            'kinds' => [
                [
                    'id' => 'belt', 'name' => 'Held by the belt', 'family' => 'grab', 'attacker_busy' => ['hand'],
                    'hand' => ['left', 'right'], 'bearing' => [12, '1'], 'start' => 'grab',
                    'cautions' => ['Loose belts only.'],
                ],
            ],
            'ranks' => [
                ['id' => 'a', 'name' => 'A', 'max_beats' => 4, 'goal_rung' => 2],
                ['id' => 'b', 'name' => 'B', 'max_beats' => 5, 'goal_rung' => 3],
            ],
            'attacks' => [
                [
                    'id' => 'w', 'title' => 'Wrist', 'kind' => 'wrist-cross', 'hand' => 'right', 'bearing' => '12',
                    'thumb' => 'up', 'phase' => 'landed', 'intent' => 'move', 'needed_by' => 'a',
                    'needed_by_youth' => 'none', 'prevalence' => 4, 'critical' => true, 'notes' => 'Slowly.',
                    'cautions' => ['Tap.'],
                ],
                [
                    'id' => 'k', 'title' => 'Belt', 'kind' => 'belt', 'hand' => 'left', 'bearing' => 1,
                    'phase' => 'follow-up', 'intent' => 'pin', 'needed_by' => 'none',
                ],
            ],
            'answers' => [
                [
                    'id' => 'x',
                    'title' => 'Gate',
                    'label' => '3',
                    'attack' => 'w',
                    'pattern' => [
                        'kind' => ['wrist-cross', 'belt'],
                        'hand' => ['right'],
                        'bearing' => ['12', 1],
                        'place' => 'any',
                    ],
                    'mirrored' => true,
                    'rank' => 'b',
                    'short' => ['rank' => 'a', 'beats' => 2],
                    'doctrine' => 'escape',
                    'mistakes' => ['late'],
                    'waived' => [['check' => 'force', 'beat' => 2, 'reason' => 'pads']],
                    'beats' => "LF step 9\nglide 12   # on\n  if far: go on\nleave 6\n",
                ],
            ],
            'students' => [
                [
                    'id' => 's', 'name' => 'Ada', 'rank' => 'a', 'height' => 1.71, 'born' => '2001-05-02',
                    'flags' => ['no-fall'],
                ],
            ],
            'reps' => [
                [
                    'id' => '0b7e1f60-0000-4000-8000-000000000001', 'student' => 's', 'attack' => 'w',
                    'side' => 'mirrored', 'rung' => 4, 'outcome' => 'scraped', 'at' => '2026-11-02T19:10:00+01:00',
                    'answer' => 'x', 'mistakes' => ['late'], 'touched' => 'arm', 'seconds' => 1.4,
                    'stressor' => 'noise', 'source' => 'home', 'rules' => 11,
                ],
                [
                    'id' => '0b7e1f60-0000-4000-8000-000000000002', 'student' => 's', 'attack' => 'w',
                    'side' => 'mirrored', 'rung' => 1, 'outcome' => 'clean', 'at' => '2026-11-02T19:10:00Z',
                    'replaces' => '0b7e1f60-0000-4000-8000-000000000001', 'reason' => 'Seen again on film.',
                ],
            ],
        ];
    }

    public static function readDocument(array $document): SchoolFile
    {
        return (new CatalogueReader())->read((string) json_encode($document), Format::Json);
    }

    /** Attacks of every kind, with facets drawn from what is feasible. */
    public static function drawn(int $seed): array
    {
        mt_srand($seed);
        $kinds = Kinds::builtIn()->all();
        $kind = $kinds[mt_rand(0, count($kinds) - 1)];
        $chosen = [];
        foreach (Facet::cases() as $facet) {
            $allowed = (new Feasibility())->allowed($kind, $facet, $chosen);
            $chosen[$facet->value] = $allowed[mt_rand(0, count($allowed) - 1)];
        }

        return [$kind, Facets::of($chosen), new Bodies(1.0 + mt_rand(0, 1200) / 1000, 1.0 + mt_rand(0, 1200) / 1000)];
    }

    /** What the students of a catalogue can be drilled on now. */
    public static function pool(Catalogue $catalogue): Pool
    {
        $youth = $catalogue->forYouth();

        return new Pool(
            $catalogue,
            Coverage::of($catalogue)->cells,
            $youth,
            Coverage::of($youth)->cells,
            new DateTimeImmutable(self::NOW),
        );
    }
}
