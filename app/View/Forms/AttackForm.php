<?php

declare(strict_types=1);

namespace App\View\Forms;

use App\Models\Attack;
use App\Models\School;
use App\Persistence\CatalogueMapper;
use App\View\Attacks\KindNames;
use App\View\Spelling;
use Illuminate\Support\Collection;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Recoil;
use StoneDrill\Core\Attack\Wording\Spoken;

/** What the form of an attack shows: its values, and for every facet what is still feasible. */
final readonly class AttackForm
{
    /** What an empty form begins with where the catalogue knows no default. */
    private const USUAL = ['hand' => 'right', 'bearing' => '12', 'phase' => 'landed'];

    public Kind $kind;

    /** What was understood of the line, where one was said. */
    public ?Spoken $spoken;

    /** The attack as one line says it. */
    public string $line;

    /** @var array<string, list<string>> feasible values by facet */
    public array $allowed;

    /** @var array<string, string> chosen value by facet; what was not feasible is the first that is */
    public array $facets;

    /**
     * @param array<string, mixed>             $values
     * @param Collection<int, \App\Models\Rank> $ranks
     */
    private function __construct(
        public array $values,
        public Kinds $kinds,
        public Collection $ranks,
        private Spelling $spelling,
        ?Spoken $spoken = null,
    ) {
        $this->spoken = $spoken;
        $kind = $this->value('kind');
        $this->kind = $kinds->has($kind) ? $kinds->get($kind) : $kinds->all()[0];
        [$this->allowed, $this->facets] = $this->narrow();
        $facets = Facets::of($this->facets);
        $this->line = app(KindNames::class)->spoken($kinds)->say(
            $this->kind,
            $facets,
            $spelling->from($facets->bearing),
        );
    }

    /** @param array<string, mixed> $typed what a refused form said */
    public static function empty(School $school, CatalogueMapper $mapper, array $typed): self
    {
        return new self(
            [
                'prevalence' => 3,
                'recoil' => Recoil::LeftOut->value,
                'needed_by' => (string) ($school->ranks->first()->id ?? 'none'),
                'needed_by_youth' => 'same',
                ...$typed,
            ],
            $mapper->kinds($school),
            $school->ranks,
            Spelling::ofSchool($school),
        );
    }

    /** The form as a line fills it: what it does not say is the usual. */
    public static function said(string $line, School $school, CatalogueMapper $mapper): self
    {
        $kinds = $mapper->kinds($school);
        $spoken = app(KindNames::class)->spoken($kinds)->read($line);

        return new self(
            ['kind' => $spoken->kind->id ?? '', ...$spoken->facets],
            $kinds,
            $school->ranks,
            Spelling::ofSchool($school),
            $spoken,
        );
    }

    /** @param array<string, mixed> $typed what a refused form said */
    public static function of(Attack $attack, School $school, CatalogueMapper $mapper, array $typed): self
    {
        return new self(
            [
                ...$attack->getAttributes(),
                'recoil' => $attack->recoil->value,
                'needed_by' => (string) ($attack->needed_by_id ?? 'none'),
                'needed_by_youth' => $attack->needed_by_youth_id === $attack->needed_by_id
                    ? 'same'
                    : (string) ($attack->needed_by_youth_id ?? 'none'),
                'critical' => $attack->critical,
                ...$typed,
            ],
            $mapper->kinds($school),
            $school->ranks,
            Spelling::ofSchool($school),
        );
    }

    public function value(string $key): string
    {
        return is_scalar($this->values[$key] ?? '') ? (string) ($this->values[$key] ?? '') : '';
    }

    /** Where an attack comes from, in words. */
    public function hour(string $bearing): string
    {
        return $this->spelling->hour($bearing);
    }

    /** @return array<string, list<Kind>> by the name of the family */
    public function kindsByFamily(): array
    {
        $byFamily = [];
        foreach ($this->kinds->all() as $kind) {
            $byFamily[say($kind->family->text())][] = $kind;
        }

        return $byFamily;
    }

    /** @return array<string, array<string, string>> texts by value, by facet */
    public function facetOptions(): array
    {
        $options = [];
        foreach (Facet::cases() as $facet) {
            foreach ($this->allowed[$facet->value] as $value) {
                $options[$facet->value][$value]
                    = $facet === Facet::Bearing ? $this->spelling->hour($value) : $value;
            }
        }

        return $options;
    }

    /** @return array<int|string, string> */
    public function needOptions(): array
    {
        return $this->ranks->pluck('name', 'id')->all() + ['none' => __('words.no-rank')];
    }

    /** @return array<int|string, string> */
    public function youthNeedOptions(): array
    {
        return ['same' => __('attacks.same-need')]
            + $this->ranks->pluck('name', 'id')->all() + ['none' => __('words.not-needed')];
    }

    /** @return array{array<string, list<string>>, array<string, string>} */
    private function narrow(): array
    {
        $feasibility = new Feasibility();
        $allowed = $chosen = [];
        foreach (Facet::cases() as $facet) {
            $allowed[$facet->value] = $feasibility->allowed($this->kind, $facet, $chosen);
            $wanted = $this->value($facet->value);
            $chosen[$facet->value] = match (true) {
                in_array($wanted, $allowed[$facet->value], true) => $wanted,
                in_array($facet->default(), $allowed[$facet->value], true) => (string) $facet->default(),
                in_array(self::USUAL[$facet->value] ?? null, $allowed[$facet->value], true) => self::USUAL[
                    $facet->value
                ],
                default => $allowed[$facet->value][0],
            };
        }

        return [$allowed, $chosen];
    }
}
