<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Coverage\MissingPair;
use StoneDrill\Core\Coverage\MissingPairs;
use StoneDrill\Core\Coverage\Uncatalogued;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\ClassHabits;
use StoneDrill\Core\Curriculum\Conventions;
use StoneDrill\Core\Curriculum\Credits;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\FacetScope;
use StoneDrill\Core\Curriculum\ForceLevels;
use StoneDrill\Core\Curriculum\Nouns;
use StoneDrill\Core\Curriculum\ProofStandard;
use StoneDrill\Core\Curriculum\School;
use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Window;
use Tests\Core\Exchange\CatalogueReaderFixture;
use Tests\Support\Made;

const SET = [
    'half_life' => 30,
    'leaving' => 'unless-down',
    'credits' => ['arm' => 1, 'recovered' => 0],
    'latest' => 8,
    'test' => ['pass' => 0.75, 'ready' => 0.9, 'untried' => ['none' => 1], 'repeats' => 2],
    'turning' => 90,
    'force' => ['hazards' => ['neck' => 4], 'allowed' => ['threat' => 2]],
    'effects' => ['folded' => 2, 'dropped' => 4.5],
    'class' => ['shares' => ['pressure' => 0.4], 'teach' => 6, 'between' => 20],
    'reaction' => ['base' => 0.3, 'per_bit' => 0.12],
    'words' => [
        'attack' => ['one' => 'episode', 'many' => 'episodes'],
        'rank' => ['one' => 'colour', 'many' => 'colours'],
    ],
    'scope' => ['posture' => ['standing', 'back'], 'bearing' => ['12', '6']],
];

/** @param array<string, mixed> $set */
function fileWith(array $set): array
{
    $document = Made::small();
    $document['school'] = [...$document['school'], ...$set];

    return $document;
}

it('reads what a school calls things, how fast its proof fades and what it looks for, and writes it again', function (
    Format $format,
): void {
    $file = Made::readDocument(fileWith(SET));
    $school = $file->catalogue->school;
    $again = (new StoneDrill\Core\Exchange\CatalogueReader())->read(
        (new CatalogueWriter())->write($file, $format),
        $format,
    )->catalogue->school;

    expect([
        $school->proof->halfLife,
        $school->conventions->nouns->words,
        $school->conventions->scope->values,
        $school->asks->reaction->base,
        $school->asks->reaction->perBit,
        $school->asks->leaving->value,
        $school->proof->credits,
        (array) $school->proof->test,
        (array) $school->asks->effects,
        $school->conventions->classes,
        $school->proof->latest,
        $school->asks->turning,
        $school->asks->force,
    ])
        ->toEqual([30.0, SET['words'], ['bearing' => ['12', '6'], 'posture' => ['standing', 'back']], 0.3, 0.12, 'unless-down', new Credits(1.0, 0.5, 0.0), ['pass' => 0.75, 'ready' => 0.9, 'untried' => ['full' => 0.5, 'half' => 0.25, 'none' => 1.0], 'repeats' => 2], ['folded' => 2.0, 'turned' => 1.0, 'kneeling' => 2.0, 'dropped' => 4.5], new ClassHabits([...ClassHabits::SHARES, 'pressure' => 0.4], 6, 1, 20.0), 8, 90.0, new ForceLevels([...ForceLevels::HAZARDS, 'neck' => 4], [...ForceLevels::ALLOWED, 'threat' => 2])])
        ->and($again)->toEqual($school)
        ->and(CatalogueReaderFixture::agreesWithSchema(fileWith(SET)))->toBeTrue();
})->with([Format::Json, Format::Yaml]);

it('says what is wrong with them, and where, as the schema does', function (array $set, string $pointer): void {
    $problems = CatalogueReaderFixture::problems(fileWith($set));

    expect(array_column($problems, 'pointer'))->toContain($pointer)
        ->and(CatalogueReaderFixture::agreesWithSchema(fileWith($set)))->toBeFalse();
})->with([
    'too fast' => [['half_life' => 6], '/school/half_life'],
    'slower than anybody' => [['reaction' => ['base' => 2.1]], '/school/reaction/base'],
    'before it comes' => [['reaction' => ['per_bit' => -0.1]], '/school/reaction/per_bit'],
    'a word that reacting has not' => [['reaction' => ['bits' => 1]], '/school/reaction/bits'],
    'three quarters' => [['credits' => ['arm' => 0.75]], '/school/credits/arm'],
    'more than all' => [['credits' => ['body' => 2]], '/school/credits/body'],
    'a credit that there is not' => [['credits' => ['head' => 1]], '/school/credits/head'],
    'passed with nothing' => [['test' => ['pass' => 0]], '/school/test/pass'],
    'surer than sure' => [['test' => ['ready' => 85]], '/school/test/ready'],
    'over at once' => [['effects' => ['folded' => 0]], '/school/effects/folded'],
    'an effect without a time' => [['effects' => ['rocked' => 1]], '/school/effects/rocked'],
    'no time for it' => [['class' => ['shares' => ['teach' => 0]]], '/school/class/shares/teach'],
    'another block' => [['class' => ['shares' => ['rest' => 0.1]]], '/school/class/shares/rest'],
    'half a minute' => [['class' => ['teach' => 0.5]], '/school/class/teach'],
    'too few to hold' => [['latest' => 2], '/school/latest'],
    'half a try' => [['latest' => 7.5], '/school/latest'],
    'stands still' => [['turning' => 0], '/school/turning'],
    'more than for life' => [['force' => ['hazards' => ['eyes' => 5]]], '/school/force/hazards/eyes'],
    'no hazard' => [['force' => ['hazards' => ['toe' => 1]]], '/school/force/hazards/toe'],
    'a wish that there is not' => [['force' => ['allowed' => ['talk' => 0]]], '/school/force/allowed/talk'],
    'an item too often' => [['test' => ['repeats' => 4]], '/school/test/repeats'],
    'nothing before' => [['test' => ['untried' => ['half' => 0]]], '/school/test/untried/half'],
    'perhaps' => [['leaving' => 'unless down'], '/school/leaving'],
    'never' => [['half_life' => 'never'], '/school/half_life'],
    'no plural' => [['words' => ['rung' => ['one' => 'step']]], '/school/words/rung/many'],
    'a name in braces' => [['words' => ['rung' => ['one' => '{rung}', 'many' => 'steps']]], '/school/words/rung/one'],
    'a bar' => [['words' => ['rung' => ['one' => 'step|steps', 'many' => 'steps']]], '/school/words/rung/one'],
    'another thing' => [['words' => ['wall' => ['one' => 'fence', 'many' => 'fences']]], '/school/words/wall'],
    'no such facet' => [['scope' => ['colour' => ['red']]], '/school/scope/colour'],
    'no such value' => [['scope' => ['posture' => ['floating']]], '/school/scope/posture/0'],
    'no value' => [['scope' => ['posture' => []]], '/school/scope/posture'],
]);

it('knows a word', function (string $word, bool $isOne): void {
    expect(Nouns::isWord($word))->toBe($isOne);
})->with([
    ['scenario', true], ['Prüfung', true], ['attack line', true], ["beginner's step", true], ['étape', true],
    ['', false], [' step', false], ['step ', false], ['two  spaces', false], ['a|b', false], [':rank', false],
    ['{rank}', false], ['step1', false], ["step\n", false], [str_repeat('a', 40), true], [str_repeat('a', 41), false],
]);

it('tells of no combination that a school does not look for', function (): void {
    $attack = Made::attack();
    $of = fn (FacetScope $scope): Catalogue => new Catalogue(
        new School('Hall', Doctrine::Escape, conventions: new Conventions(scope: $scope)),
        [],
        [],
        StoneDrill\Core\Curriculum\Ladder::builtIn(),
        [$attack],
    );
    $values = fn (FacetScope $scope): array => array_map(
        static fn ($hole): string => $hole->id,
        Uncatalogued::of($of($scope)),
    );
    $all = $values(new FacetScope());
    $standing = $values(new FacetScope(['posture' => ['standing', 'back'], 'notice' => ['ready']]));

    // The attack has the posture standing and the notice ready: of those two facets only the back is left.
    $expected = array_values(
        array_filter(
            $all,
            static fn (string $value): bool => ! str_contains($value, ' notice ')
                && (! str_contains($value, ' posture ') || str_ends_with($value, ' back')),
        ),
    );
    expect($standing)->toBe($expected)->and(count($standing))->toBeLessThan(count($all));

    $pairs = MissingPairs::of($of(new FacetScope(['place' => ['open'], 'bearing' => ['12'], 'notice' => ['ready']])), [
        Kinds::builtIn()->get('wrist-cross'),
    ]);
    $outside = array_filter(
        $pairs->missing,
        static fn (MissingPair $pair): bool => ($pair->values['place'] ?? 'open') !== 'open'
            || ($pair->values['bearing'] ?? '12') !== '12'
            || ($pair->values['notice'] ?? 'ready') !== 'ready',
    );
    expect($outside)->toBe([])->and($pairs->pairs)->toBeGreaterThan(0);
});

it('weighs a rep by the half-life of the school', function (): void {
    // One clean rep 30 days ago weighs a half at 30 days, and 2^-½ at 60.
    $reps = [Made::rep(2, 'clean', 30)];
    $at = new DateTimeImmutable(Made::NOW);
    $weight = fn (float $days): float => Window::of(
        $reps,
        StoneDrill\Core\Curriculum\Ladder::builtIn(),
        ProofRules::of(new ProofStandard(halfLife: $days)),
    )
        ->evidence(2, $at)
        ->weight();

    expect($weight(30))->toEqualWithDelta(0.5, 1e-12)->and($weight(60))->toEqualWithDelta(0.7071067811865476, 1e-12);
});

it('fades three clean reps in half the days at half the half-life', function (): void {
    // 21 days at 60 (by quadrature, ProverTest): between the 20th and the 21st, so between the 10th and 10½th at 30.
    $at = new DateTimeImmutable(Made::NOW);
    $window = Window::of(
        [Made::rep(4, 'clean'), Made::rep(4, 'clean'), Made::rep(4, 'clean')],
        StoneDrill\Core\Curriculum\Ladder::builtIn(),
        ProofRules::of(new ProofStandard(halfLife: 30)),
    );

    expect($window->fadesOn(4, $at)?->diff($at)->days)->toBe(11);
});

it('reads as many of the latest reps as the school says', function (int $latest, bool $holds): void {
    // Three fresh clean reps hold, .661; with two hits before them Beta(3.5, 2.5) does not.
    $reps = array_map(
        static fn (string $outcome): StoneDrill\Core\Proof\Rep => Made::rep(2, $outcome),
        ['hit', 'hit', 'clean', 'clean', 'clean'],
    );
    $rules = ProofRules::of(new ProofStandard(latest: $latest));
    $window = Window::of($reps, StoneDrill\Core\Curriculum\Ladder::builtIn(), $rules);

    expect($window->holds(2, new DateTimeImmutable(Made::NOW)))->toBe($holds);
})->with([[3, true], [4, false], [12, false]]);

it('marks what is kept by other figures than the usual ones', function (): void {
    expect((new ProofRules())->mark())->toBe(ProofRules::VERSION)
        ->and((new ProofRules(halfLife: 30))->mark())
        ->not->toBe((new ProofRules(halfLife: 31))->mark())
        ->and((new ProofRules(8))->mark())
        ->not->toBe((new ProofRules(9))->mark())
        ->and((new ProofRules(untried: ['full' => 1.0, 'half' => 1.0, 'none' => 1.0]))->mark())
        ->toBe(ProofRules::VERSION)
        ->and((new ProofRules(credits: new Credits(arm: 0.0)))->mark())
        ->not->toBe((new ProofRules(credits: new Credits(body: 0.0)))->mark())
        ->toBeGreaterThan(32_767)
        ->toBeLessThan(2 ** 31);
});
