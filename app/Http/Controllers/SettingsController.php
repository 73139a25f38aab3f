<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Beginning\DoctrineStepRequest;
use App\Http\Requests\Beginning\SchoolStepRequest;
use App\Http\Requests\FieldsRequest;
use App\Http\Requests\PolicyRequest;
use App\Http\Requests\SchoolRequest;
use App\Http\Requests\Settings\BodiesRequest;
use App\Http\Requests\Settings\ClassesRequest;
use App\Http\Requests\Settings\CreditsRequest;
use App\Http\Requests\Settings\EffectsRequest;
use App\Http\Requests\Settings\ForceRequest;
use App\Http\Requests\Settings\NamesRequest;
use App\Http\Requests\Settings\ScopeRequest;
use App\Http\Requests\Settings\TestsRequest;
use App\Http\Requests\Settings\TimesRequest;
use App\Http\Requests\Settings\WordsRequest;
use App\Models\School;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\View\Forms\PolicyTable;
use App\View\Settings\ScopeRow;
use App\View\Settings\SettingChange;
use App\View\Settings\WordRows;
use DateTimeZone;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use StoneDrill\Core\Coverage\HoleKind;
use StoneDrill\Core\Curriculum\AnswerStandard;
use StoneDrill\Core\Curriculum\Credits;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\Leaving;
use StoneDrill\Core\Curriculum\ProofStandard;
use StoneDrill\Core\Curriculum\Reaction;
use StoneDrill\Core\Curriculum\Statures;
use StoneDrill\Core\Curriculum\TestStandard;
use StoneDrill\Core\Geometry\BearingStyle;

/**
 * What a school has set for itself, section by section: each with its default, a reset, and what it would change on the
 * wall.
 */
final readonly class SettingsController
{
    /** In the order in which they are shown. */
    public const SECTIONS = [
        'general', 'doctrine', 'bodies', 'weights', 'times', 'effects', 'credits', 'classes', 'tests', 'scope', 'policy',
        'force', 'names', 'words',
    ];

    /** What each section has where a school says nothing, by column. */
    private const DEFAULTS = [
        'general' => ['zone' => 'UTC', 'bearings' => 'clock'],
        'doctrine' => ['doctrine' => 'escape', 'leaving' => 'always'],
        'bodies' => ['typical' => Statures::TYPICAL, 'sizes' => [], 'tolerance' => AnswerStandard::TOLERANCE],
        'weights' => ['share' => ProofStandard::SHARE, 'hole_factors' => []],
        'times' => [
            'half_life' => ProofStandard::HALF_LIFE,
            'latest' => ProofStandard::LATEST,
            'reaction_base' => Reaction::BASE,
            'reaction_per_bit' => Reaction::PER_BIT,
        ],
        'effects' => ['effect_times' => [], 'turning' => AnswerStandard::TURNING],
        'classes' => ['class_habits' => []],
        'credits' => [
            'credit_arm' => Credits::USUAL,
            'credit_body' => Credits::USUAL,
            'credit_recovered' => Credits::USUAL,
        ],
        'tests' => [
            'test_pass' => 80,
            'test_ready' => 85,
            'test_repeats' => TestStandard::REPEATS,
            'test_untried' => [],
        ],
        'scope' => ['scope' => []],
        'policy' => ['policy' => null],
        'force' => ['force' => []],
        'names' => ['nouns' => []],
        'words' => ['aliases' => []],
    ];

    public function __construct(private CatalogueMapper $mapper, private CoverageBook $coverages) {}

    public function show(#[CurrentUser] User $user): View
    {
        $school = $user->school;
        $core = $this->mapper->school($school);
        $zones = DateTimeZone::listIdentifiers();

        return view('settings.show', [
            'school' => $school,
            'parts' => array_combine(
                self::SECTIONS,
                array_map(static fn (string $section): string => __("settings.{$section}.title"), self::SECTIONS),
            ),
            'zones' => array_combine($zones, $zones),
            'styles' => $this->named(array_column(BearingStyle::cases(), 'value'), 'beginning.school.styles'),
            'doctrines' => $this->named(array_column(Doctrine::cases(), 'value'), 'beginning.doctrine.names'),
            'leavings' => $this->named(array_column(Leaving::cases(), 'value'), 'settings.doctrine.leavings'),
            'sizes' => $core->statures->sizes,
            'sizeNames' => array_combine(array_keys($core->statures->sizes), array_keys($core->statures->sizes)),
            'tolerance' => round(100 * $core->asks->tolerance, 1),
            'factors' => array_map(
                static fn (HoleKind $kind): array => [
                    'kind' => $kind->value,
                    'label' => __('holes.kinds.'.$kind->value),
                    'value' => old("factors.{$kind->value}", (string) $kind->factorIn($core)),
                ],
                HoleKind::cases(),
            ),
            'share' => (int) round(100 * $core->proof->share),
            'times' => $core->proof,
            'asks' => $core->asks,
            'levelNames' => [
                'hazards' => texts('hazards'),
                'allowed' => [...texts('attack.intents'), 'threat' => __('settings.force.threat')],
            ],
            'habits' => $core->conventions->classes,
            'shares' => array_map(
                static fn (float $share): int => (int) round(100 * $share),
                $core->conventions->classes->shares,
            ),
            'credits' => $school->only(CreditsRequest::FIELDS),
            'given' => array_combine(
                array_map(strval(...), Credits::CHOICES),
                array_values(texts('settings.credits.given')),
            ),
            'nouns' => (array) old('names', $school->nouns),
            'facets' => ScopeRow::all($core->conventions->scope),
            'table' => new PolicyTable($core, $school->ranks),
            'words' => (array) old('words', WordRows::of($school)),
            'wordChoices' => WordRows::choices(),
        ]);
    }

    public function general(SchoolStepRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->save($request, $user->school, 'general', $request->columns());
    }

    public function doctrine(DoctrineStepRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->save($request, $user->school, 'doctrine', $request->validated());
    }

    public function bodies(BodiesRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->save($request, $user->school, 'bodies', $request->columns());
    }

    public function weights(SchoolRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->save($request, $user->school, 'weights', $request->columns());
    }

    public function times(TimesRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->save($request, $user->school, 'times', $request->columns());
    }

    public function effects(EffectsRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->save($request, $user->school, 'effects', $request->columns());
    }

    public function classes(ClassesRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->save($request, $user->school, 'classes', $request->columns());
    }

    public function credits(CreditsRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->save($request, $user->school, 'credits', $request->columns());
    }

    public function tests(TestsRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->save($request, $user->school, 'tests', $request->columns());
    }

    public function scope(ScopeRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->save($request, $user->school, 'scope', $request->columns());
    }

    public function names(NamesRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->save($request, $user->school, 'names', $request->columns());
    }

    public function policy(PolicyRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->save($request, $user->school, 'policy', $request->columns());
    }

    public function force(ForceRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->save($request, $user->school, 'force', $request->columns());
    }

    public function words(WordsRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->save($request, $user->school, 'words', $request->columns());
    }

    /** A section as it is where a school says nothing. */
    public function reset(#[CurrentUser] User $user, string $section): RedirectResponse
    {
        $user->school->update(self::DEFAULTS[$section]);

        return $this->back($section)->with(
            'status',
            __('settings.reset-done', ['section' => __("settings.{$section}.title")]),
        );
    }

    /** @param array<string, mixed> $columns */
    private function save(FieldsRequest $request, School $school, string $section, array $columns): RedirectResponse
    {
        if ($request->boolean('preview')) {
            $change = SettingChange::of($school, $columns, $this->mapper, $this->coverages);

            return $this->back($section)
                ->withInput()
                ->with("preview-{$section}", $change);
        }
        $school->update($columns);

        return $this->back($section)->with(
            'status',
            __('settings.saved', ['section' => __("settings.{$section}.title")]),
        );
    }

    private function back(string $section): RedirectResponse
    {
        return redirect()->to(route('settings')."#{$section}");
    }

    /**
     * @param list<string> $values
     *
     * @return array<string, string> text by value
     */
    private function named(array $values, string $key): array
    {
        return array_combine($values, array_map(static fn (string $value): string => __("{$key}.{$value}"), $values));
    }
}
