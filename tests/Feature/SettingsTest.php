<?php

declare(strict_types=1);

use App\Models\Role;
use App\Persistence\CatalogueMapper;
use Illuminate\Support\Str;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use Tests\Feature\BeginningFixture;

/* As the page of rules has them. */
const FORCE = [
    'wrist-lock' => 2, 'elbow-lock' => 3, 'fingers' => 2, 'neck' => 3, 'throat' => 4, 'eyes' => 4, 'spine' => 4,
    'knee' => 3, 'head-contact' => 2, 'fall' => 2, 'ground-impact' => 3, 'choke' => 4,
];
const ALLOWED = ['move' => 2, 'pin' => 2, 'strike' => 3, 'take-down' => 3, 'choke' => 4, 'threat' => 1];

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->person($this->hall, Role::Head));
    // What the catalogue file says of the school after a change.
    $this->exported = fn (): StoneDrill\Core\Curriculum\School => (new CatalogueReader())->read(
        (string) $this->get('/school/export.yaml')->getContent(),
        Format::Yaml,
    )->catalogue->school;
});

it('shows every section with its default', function (): void {
    $this->get('/school/settings')->assertOk()
        ->assertSeeInOrder([
            'School', 'How you answer', 'Bodies and tolerance', 'Hole weights', 'Fading', 'Facets in scope',
            'Contact and age', 'Names', 'Own words',
        ])
        ->assertSee('Default: leave at once; always out of reach at the end.');
});

it('saves each section, says it in the file, and resets it', function (
    string $section,
    array $fields,
    callable $read,
    mixed $expected,
    mixed $default,
): void {
    $this->put("/school/settings/{$section}", $fields)
        ->assertRedirect("/school/settings#{$section}")
        ->assertSessionHas('status');
    expect($read(($this->exported)()))->toEqual($expected)
        ->and($this->hall->log()->where('event', 'updated')->exists())->toBeTrue();

    $this->delete("/school/settings/{$section}")->assertRedirect("/school/settings#{$section}");
    expect($read(($this->exported)()))->toEqual($default);
})->with([
    'general' => [
        'general',
        ['name' => 'Renamed Hall', 'zone' => 'Asia/Tokyo', 'bearings' => 'directions'],
        fn ($school): array => [$school->name, $school->conventions->zone, $school->conventions->bearings->value],
        ['Renamed Hall', 'Asia/Tokyo', 'directions'],
        ['Renamed Hall', 'UTC', 'clock'],
    ],
    'doctrine' => [
        'doctrine',
        ['doctrine' => 'subdue', 'leaving' => 'free'],
        fn ($school): array => [$school->doctrine->value, $school->asks->leaving->value],
        ['subdue', 'free'],
        ['escape', 'always'],
    ],
    'bodies' => [
        'bodies',
        [
            'typical' => 'small',
            'tolerance' => '7.5',
            'sizes' => ['child' => '1.2', 'small' => '1.5', 'medium' => '1.7', 'large' => '1.9'],
        ],
        fn ($school): array => [$school->statures->typical, $school->asks->tolerance, $school->statures->sizes],
        ['small', 0.075, ['child' => 1.2, 'small' => 1.5, 'medium' => 1.7, 'large' => 1.9]],
        ['medium', 0.05, ['child' => 1.25, 'small' => 1.52, 'medium' => 1.68, 'large' => 1.85]],
    ],
    'times' => [
        'times',
        ['half_life' => '45', 'latest' => '8'],
        fn ($school): array => [$school->proof->halfLife, $school->proof->latest],
        [45.0, 8],
        [60.0, 12],
    ],
    'reacting' => [
        'times',
        ['reaction_base' => '0.3', 'reaction_per_bit' => '0.12'],
        fn ($school): array => [...array_values((array) $school->asks->reaction), $school->proof->halfLife],
        [0.3, 0.12, 60.0],
        [0.25, 0.15, 60.0],
    ],
    'effects' => [
        'effects',
        [
            'effect_times' => ['folded' => '2', 'turned' => '0.5', 'kneeling' => '2', 'dropped' => '4.5'],
            'turning' => '90.5',
        ],
        fn ($school): array => [...(array) $school->asks->effects, 'turning' => $school->asks->turning],
        ['folded' => 2.0, 'turned' => 0.5, 'kneeling' => 2.0, 'dropped' => 4.5, 'turning' => 90.5],
        ['folded' => 1.5, 'turned' => 1.0, 'kneeling' => 2.0, 'dropped' => 3.0, 'turning' => 120.0],
    ],
    'classes' => [
        'classes',
        [
            'shares' => [
                'gather' => '5', 'basics' => '10', 'teach' => '20', 'drill' => '20', 'pressure' => '40', 'close' => '5',
            ],
            'teach' => '6',
            'basic' => '2',
            'between' => '20',
        ],
        fn ($school): array => (array) $school->conventions->classes,
        [
            'shares' => [
                'gather' => 0.05, 'basics' => 0.1, 'teach' => 0.2, 'drill' => 0.2, 'pressure' => 0.4, 'close' => 0.05,
            ],
            'teach' => 6,
            'basic' => 2,
            'between' => 20.0,
        ],
        [
            'shares' => [
                'gather' => 0.05, 'basics' => 0.15, 'teach' => 0.3, 'drill' => 0.25, 'pressure' => 0.2, 'close' => 0.05,
            ],
            'teach' => 4,
            'basic' => 1,
            'between' => 12.0,
        ],
    ],
    'credits' => [
        'credits',
        ['credit_arm' => '1', 'credit_body' => '0', 'credit_recovered' => '0.5'],
        fn ($school): array => (array) $school->proof->credits,
        ['arm' => 1.0, 'body' => 0.0, 'recovered' => 0.5],
        ['arm' => 0.5, 'body' => 0.5, 'recovered' => 0.5],
    ],
    'tests' => [
        'tests',
        [
            'test_pass' => '75.5',
            'test_ready' => '90',
            'test_repeats' => '0',
            'test_untried' => ['full' => '1', 'half' => '0.25', 'none' => '1.5'],
        ],
        fn ($school): array => (array) $school->proof->test,
        ['pass' => 0.755, 'ready' => 0.9, 'untried' => ['full' => 1.0, 'half' => 0.25, 'none' => 1.5], 'repeats' => 0],
        ['pass' => 0.8, 'ready' => 0.85, 'untried' => ['full' => 0.5, 'half' => 0.25, 'none' => 0.25], 'repeats' => 1],
    ],
    'force' => [
        'force',
        ['hazards' => [...FORCE, 'neck' => '4'], 'allowed' => [...ALLOWED, 'threat' => '0']],
        fn ($school): array => (array) $school->asks->force,
        ['hazards' => [...FORCE, 'neck' => 4], 'allowed' => [...ALLOWED, 'threat' => 0]],
        ['hazards' => FORCE, 'allowed' => ALLOWED],
    ],
    'scope' => [
        'scope',
        [
            'scope' => [
                ...array_combine(
                    array_column(Facet::cases(), 'value'),
                    array_map(fn ($facet): array => $facet->values(), Facet::cases()),
                ),
                'posture' => ['back', 'standing'],
            ],
        ],
        fn ($school): array => $school->conventions->scope->values,
        ['posture' => ['standing', 'back']],
        [],
    ],
    'names' => [
        'names',
        ['names' => ['attack' => ['one' => 'episode', 'many' => 'episodes'], 'rung' => ['one' => '', 'many' => '']]],
        fn ($school): array => $school->conventions->nouns->words,
        ['attack' => ['one' => 'episode', 'many' => 'episodes']],
        [],
    ],
    'words' => [
        'words',
        [
            'words' => [
                ['own' => 'Parry out', 'word' => 'verbs:parry'],
                ['own' => ' ', 'word' => ''],
                ['own' => 'jaw line', 'word' => 'targets:chin'],
            ],
        ],
        fn ($school): array => $school->conventions->aliases,
        ['verbs' => ['parry out' => 'parry'], 'targets' => ['jaw line' => 'chin']],
        [],
    ],
]);

it('keeps a policy, and goes back to what holds without one', function (): void {
    $policy = BeginningFixture::policy($this->hall);
    $policy['fall']['all']['not-taught'] = 'second';
    $this->put('/school/settings/policy', ['policy' => $policy])->assertSessionHas('status');
    expect(
        collect(($this->exported)()->policy)->contains(
            fn ($row): bool => $row->hazard->value === 'fall' && $row->rank === 'second',
        ),
    )->toBeTrue();

    $this->delete('/school/settings/policy');
    expect($this->hall->fresh()->policy)->toBeNull();
});

it('shows on the wall what a setting would change, and saves nothing', function (): void {
    $fields = [
        'typical' => 'medium',
        'tolerance' => '5',
        'sizes' => ['child' => '1.25', 'small' => '1.52', 'medium' => '1.68', 'large' => '1.85'],
    ];
    $this->put('/school/settings/bodies', [...$fields, 'preview' => '1'])->assertRedirect('/school/settings#bodies');
    $this->get('/school/settings')->assertSee('Nothing changes on the wall.');

    // The one answer that there is leaves from a hold that is on where the hand cannot reach: weights alone change
    // here.
    $factors = array_map(
        fn ($kind): string => (string) $kind->factor(),
        array_column(StoneDrill\Core\Coverage\HoleKind::cases(), null, 'value'),
    );
    $this->put('/school/settings/weights', [
        'share' => '80',
        'factors' => [...$factors, 'open' => '2'],
        'preview' => '1',
    ]);
    // The hug weighs 2 × 1 now and 2 × 2 then; the wrist’s other side 4 / 2 × .6 = 1.2.
    $this->get('/school/settings')
        ->assertSee('Not saved yet. This is what would change:')
        ->assertSee('Holes: 2 of weight 3.2 now, 2 of weight 5.2 then.');
    expect($this->hall->fresh()->hole_factors)->toBe([]);
});

it('shows what a doctrine and a policy would change', function (): void {
    // The answer ends out of reach; held down instead, nobody would ask for that.
    $this->hall
        ->answers()
        ->firstOrFail()
        ->update([
            'beats'
                => "left foot step 9, left hand strip toward thumb -> released\nright foot step 12, right palm chin\n",
        ]);
    $this->put('/school/settings/doctrine', ['doctrine' => 'control', 'preview' => '1']);
    $this->get('/school/settings')
        ->assertSee('Not saved yet.')
        ->assertDontSee('Nothing changes on the wall.')
        ->assertSee('Holes: 3 of weight');

    $policy = BeginningFixture::policy($this->hall->fresh());
    $policy['head-contact']['all']['not-taught'] = 'always';
    $this->put('/school/settings/policy', ['policy' => $policy, 'preview' => '1']);
    $this->get('/school/settings')->assertSee('Not saved yet.')->assertDontSee('Nothing changes on the wall.');
    expect([$this->hall->fresh()->doctrine, $this->hall->fresh()->policy])->toBe(['escape', null]);
});

it('names the attacks that something works for no longer', function (): void {
    // Against somebody larger, whose chin a palm just reaches now.
    $this->hall
        ->attacks()
        ->where('code', 'wrist')
        ->firstOrFail()
        ->update(['build' => 'larger']);
    $this->hall
        ->answers()
        ->firstOrFail()
        ->update([
            'beats'
                => "left foot step 9, left hand strip toward thumb -> released\nright foot step 12, right palm chin\nleave 6\n",
            'pattern' => [],
        ]);
    $giants = [
        'typical' => 'medium',
        'tolerance' => '5',
        'sizes' => ['child' => '1.25', 'small' => '1.52', 'medium' => '1.68', 'large' => '2.4'],
        'preview' => '1',
    ];
    $this->put('/school/settings/bodies', $giants);

    $this->get('/school/settings')->assertOk()->assertSee('Works no longer: Wrist held across (as written)');
    expect(app(CatalogueMapper::class)->school($this->hall->fresh())->statures->sizes['large'])->toBe(1.85);
    $this->put('/school/settings/bodies', [...$giants, 'preview' => '0']);
    $this->put('/school/settings/bodies', [...$giants, 'sizes' => [...$giants['sizes'], 'large' => '1.85']]);
    $this->get('/school/settings')->assertSee('Works then: Wrist held across (as written)');
});

it('refuses what means nothing, and keeps what was typed', function (
    string $section,
    array $fields,
    string $field,
): void {
    $this->from('/school/settings')
        ->put("/school/settings/{$section}", $fields)
        ->assertRedirect('/school/settings')
        ->assertSessionHasErrors($field);
    $this->get('/school/settings')->assertOk()->assertSee('Not saved.');
})->with([
    'no name' => ['general', ['name' => '', 'zone' => 'UTC', 'bearings' => 'clock'], 'name'],
    'a size of 5 m' => [
        'bodies',
        ['typical' => 'medium', 'tolerance' => '5', 'sizes' => ['medium' => '5']],
        'sizes.medium',
    ],
    'a typical size that is none' => [
        'bodies',
        ['typical' => 'huge', 'tolerance' => '5', 'sizes' => ['medium' => '1.7']],
        'typical',
    ],
    'a word that stands for nothing' => [
        'words',
        ['words' => [['own' => 'zap', 'word' => 'verbs:zap']]],
        'words.0.word',
    ],
    'a word that is taken' => ['words', ['words' => [['own' => 'palm', 'word' => 'verbs:parry']]], 'words'],
    'a word with signs' => ['words', ['words' => [['own' => 'zap!', 'word' => 'verbs:parry']]], 'words'],
]);

it('lets own words be typed into beats, and shows beats with them', function (): void {
    $this->put('/school/settings/words', ['words' => [['own' => 'heel hand', 'word' => 'strikes:palm']]]);
    $attack = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();

    $this->post("/attacks/{$attack->id}/workbench", [
        'beats' => "left foot step 9, left hand strip toward thumb -> released\nright heel hand chin\nleave 6",
        'rank' => 'first',
    ])
        ->assertOk()
        ->assertSee('heel hand');
});

it('says every screen in the school’s own names, and nobody else’s', function (): void {
    $names = [
        'attack' => ['one' => 'episode', 'many' => 'episodes'],
        'answer' => ['one' => 'reply', 'many' => 'replies'],
        'rank' => ['one' => 'colour', 'many' => 'colours'],
        'rung' => ['one' => 'étape', 'many' => 'étapes'],
    ];
    $this->put('/school/settings/names', ['names' => $names])->assertSessionHasNoErrors();
    $this->flushSession()->actingAs($this->hall->users()->firstOrFail());

    foreach (
        [
            '/wall',
            '/wall?form=table',
            '/wall/cross',
            '/wall/ranks',
            '/wall/holes',
            '/attacks',
            '/attacks/create',
            '/answers',
            '/drill-lists',
            '/board',
            '/mat',
            '/school',
            '/record',
            '/people',
            '/people/'.$this->hall->students()->value('id'),
            '/attacks/'.$this->hall->attacks()->value('id'),
            '/answers/'.$this->hall->answers()->value('id'),
        ] as $page
    ) {
        $said = html_entity_decode(
            strip_tags(
                (string) preg_replace(
                    '~<(script|style|textarea|title)\b.*?</\1>~s',
                    '',
                    (string) $this->get($page)->assertOk()->getContent(),
                ),
            ),
        );
        $said = str_replace($this->hall->attacks()->pluck('title')->all(), '', $said);
        preg_match_all('/.{0,30}\b(?:attacks?|answers?|ranks?|rungs?)\b.{0,30}/iu', $said, $usual);
        // The verbs stay.
        $nouns = array_filter(
            $usual[0],
            static fn (string $one): bool => preg_match(
                '/else it answers|it answers|should attack|does not answer|Answer this side|also answer/i',
                $one,
            ) !== 1,
        );
        expect($nouns)->toBe([], $page)->and($said)->not->toMatch('/\{[a-zA-Z ]+\}/');
    }
    $this->get('/attacks')->assertSee('Episodes')->assertSee('Add an episode');
    $this->get('/school')->assertSee('Étapes')->assertSee('Delete étape 1');

    $other = $this->school('Other Hall');
    $this->actingAs($this->person($other, Role::Head))
        ->get('/attacks')
        ->assertSee('Add an attack')
        ->assertDontSee('pisode');
});

it('takes what people typed for what they typed', function (): void {
    $this->hall
        ->attacks()
        ->where('code', 'wrist')
        ->firstOrFail()
        ->update(['title' => '{attack} and :count {rank}']);

    $this->get('/attacks')->assertOk()->assertSee('{attack} and :count {rank}');
});

it('refuses names that are none, and keeps what was typed', function (string $one, string $many): void {
    $this->from('/school/settings')
        ->put('/school/settings/names', ['names' => ['attack' => ['one' => $one, 'many' => $many]]])
        ->assertSessionHasErrors();
    expect($this->hall->fresh()->nouns)->toBe([]);
    $this->get('/school/settings')->assertOk()
        ->assertSee($one === '' ? $many : $one);
})->with([['a|b', 'abs'], ['', 'only many'], ['only one', ''], ['{rank}', 'x'], [str_repeat('x', 41), 'x']]);

it('tells how many would be held if a scrape counted for something else, and counts it so', function (): void {
    $student = $this->hall->students()->firstOrFail();
    $student->rank->update(['goal_rung' => 2]);
    foreach (['clean', 'clean', 'scraped', 'scraped'] as $outcome) {
        $this->post('/reps', [
            'id' => (string) Str::uuid(),
            'student_id' => $student->id,
            'attack_id' => $this->hall->attacks()->where('code', 'wrist')->value('id'),
            'side' => 'written',
            'rung' => 2,
            'outcome' => $outcome,
            'touched' => $outcome === 'scraped' ? 'body' : null,
        ])->assertSessionHasNoErrors();
    }
    // With the clean one of a month ago, which weighs .7: Beta(4.2, 1.5), of which 10 % lie below .49, or
    // Beta(5.2, .5), of which as much lies below .76.
    $credits = ['credit_arm' => '0', 'credit_body' => '1', 'credit_recovered' => '0.5'];
    $this->put('/school/settings/credits', [...$credits, 'preview' => '1']);
    $this->get('/school/settings')->assertSee('Held by students at their goal rungs: 0 now, 1 then.');
    expect($this->hall->fresh()->credit_body)->toBe(0.5);

    $this->put('/school/settings/credits', $credits);
    $this->get('/people/'.$student->id)->assertSee('1 of');
    $this->delete('/school/settings/credits');
    $this->get('/people/'.$student->id)->assertSee('0 of');
    $this->put('/school/settings/credits', [...$credits, 'credit_arm' => '0.7'])->assertSessionHasErrors('credit_arm');
});

it('takes no level beyond those there are, keeps what was typed, and names where', function (): void {
    $this->put('/school/settings/force', ['hazards' => [...FORCE, 'neck' => '5'], 'allowed' => ALLOWED])
        ->assertSessionHasErrors(['hazards.neck' => 'How far a hazard can go must be between 0 and 4.']);
    $this->get('/school/settings')->assertSee('name="hazards[neck]" value="5"', false);
    $this->put('/school/settings/force', ['hazards' => FORCE, 'allowed' => array_slice(ALLOWED, 1)])
        ->assertSessionHasErrors('allowed.move');
    $this->put('/school/settings/force', ['hazards' => FORCE, 'allowed' => [...ALLOWED, 'talk' => '1']])
        ->assertSessionHasNoErrors();
    expect($this->hall->fresh()->force)->toBe(['hazards' => FORCE, 'allowed' => ALLOWED]);
});

it('takes no effect that lasts for nothing, and none that it does not know', function (): void {
    $times = ['folded' => '2', 'turned' => '1', 'kneeling' => '2', 'dropped' => '3'];
    $this->put('/school/settings/effects', ['effect_times' => [...$times, 'folded' => '0']])
        ->assertSessionHasErrors(['effect_times.folded' => 'How long an effect lasts must be between 0.1 and 30.']);
    $this->put('/school/settings/effects', ['effect_times' => array_slice($times, 1)])
        ->assertSessionHasErrors('effect_times.folded');
    $this->put('/school/settings/effects', ['effect_times' => [...$times, 'rocked' => '9']])
        ->assertSessionHasNoErrors();
    expect($this->hall->fresh()->effect_times)->toBe([
        'folded' => 2.0, 'turned' => 1.0, 'kneeling' => 2.0, 'dropped' => 3.0,
    ]);
});

it('tells how many would be held by another half-life, and what would not be looked for', function (): void {
    $student = $this->hall->students()->firstOrFail();
    $student->rank->update(['goal_rung' => 2]);
    foreach (range(1, 3) as $rep) {
        $this->post('/reps', [
            'id' => (string) Str::uuid(),
            'student_id' => $student->id,
            'attack_id' => $this->hall->attacks()->where('code', 'wrist')->value('id'),
            'side' => 'written',
            'rung' => 2,
            'outcome' => 'clean',
        ])->assertSessionHasNoErrors();
    }
    // Three clean reps fade after 21 days at 60, so after 14 they hold; at 14 days they weigh half each and do not.
    $this->travel(14)->days();
    $this->put('/school/settings/times', ['half_life' => '14', 'preview' => '1']);
    $this->get('/school/settings')->assertSee('Held by students at their goal rungs: 1 now, 0 then.');
    expect($this->hall->fresh()->half_life)->toBe(60.0);

    $this->put('/school/settings/times', ['half_life' => '14']);
    $this->get('/people/'.$student->id)->assertSee('0 of');
    $this->delete('/school/settings/times');
    $this->get('/people/'.$student->id)->assertSee('1 of');

    $scope = array_combine(
        array_column(Facet::cases(), 'value'),
        array_map(fn ($facet): array => $facet->values(), Facet::cases()),
    );
    $this->put('/school/settings/scope', ['scope' => [...$scope, 'posture' => ['standing']], 'preview' => '1']);
    $this->get('/school/settings')->assertSee('Combinations not catalogued:');
    $this->put('/school/settings/scope', ['scope' => [...$scope, 'posture' => []]])->assertSessionHasErrors(
        'scope.posture',
    );
    $this->put('/school/settings/scope', ['scope' => [...$scope, 'posture' => ['floating']]])->assertSessionHasErrors(
        'scope.posture.0',
    );
});

it('takes a policy that is no table for what it is', function (mixed $policy): void {
    $this->from('/school/settings')
        ->put('/school/settings/policy', ['policy' => $policy])
        ->assertRedirect('/school/settings');
    $this->get('/school/settings')->assertOk();
    $this->from('/school/settings')
        ->put('/school/settings/policy', ['policy' => $policy, 'preview' => '1'])
        ->assertStatus(302);
    $this->get('/school/settings')->assertOk();
})->with([
    'a text' => 'x',
    'a hazard that is a text' => [['choke' => 'x']],
    'an age that is a text' => [['choke' => ['all' => 'x']]],
    'levels that are lists' => [['choke' => ['all' => ['pads' => ['x']]]]],
    'a hazard that is none' => [['dragons' => ['all' => ['pads' => 'x']]]],
    'numbers' => [['choke' => [['x']]]],
]);
