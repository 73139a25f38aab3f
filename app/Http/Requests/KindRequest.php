<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Kind;
use App\Persistence\CatalogueMapper;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\AttackerLimb;
use StoneDrill\Core\Attack\DefenderHold;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\Kind as CoreKind;
use StoneDrill\Core\Attack\KindWords;
use StoneDrill\Core\Attack\Start;

/** A school's own kind of attack. */
final class KindRequest extends FieldsRequest
{
    /** Cautions of a kind. */
    private const MAX_CAUTIONS = 10;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'family' => ['required', Rule::enum(Family::class)],
            'start' => ['required', Rule::enum(Start::class)],
            'attacker_busy' => ['array'],
            'attacker_busy.*' => [Rule::enum(AttackerLimb::class)],
            'defender_held' => ['array'],
            'defender_held.*' => [Rule::enum(DefenderHold::class)],
            'hands' => ['required', 'array', 'min:1'],
            'hands.*' => [Rule::enum(Hand::class)],
            'bearings' => ['required', 'array', 'min:1'],
            'bearings.*' => ['integer', 'between:1,12'],
            'cautions' => ['nullable', 'string', 'max:2000'],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $row = $this->route('kind');
                if ($row instanceof Kind && $validator->errors()->isEmpty()) {
                    $this->keepsAttacks($validator, $row);
                }
            },
        ];
    }

    /**
     * @return array{name: string, family: string, start: string, attacker_busy: list<string>,
     *     defender_held: list<string>, hands: list<string>, bearings: list<int>, cautions: list<string>} the columns
     *     that it fills
     */
    public function columns(): array
    {
        return [
            'name' => (string) $this->validated('name'),
            'family' => (string) $this->validated('family'),
            'start' => (string) $this->validated('start'),
            'attacker_busy' => array_values($this->validated('attacker_busy') ?? []),
            'defender_held' => array_values($this->validated('defender_held') ?? []),
            'hands' => array_values($this->validated('hands')),
            'bearings' => array_map(intval(...), array_values($this->validated('bearings'))),
            'cautions' => $this->cautions(),
        ];
    }

    /** The kind that it says. */
    public function kind(string $code): CoreKind
    {
        $columns = $this->columns();

        return new CoreKind(
            $code,
            Family::from($columns['family']),
            Start::from($columns['start']),
            array_map(AttackerLimb::from(...), $columns['attacker_busy']),
            array_map(DefenderHold::from(...), $columns['defender_held']),
            array_map(Hand::from(...), $columns['hands']),
            $columns['bearings'],
            new KindWords($columns['name'], $columns['cautions']),
        );
    }

    /** What is in the catalogue already has to stay possible. */
    private function keepsAttacks(Validator $validator, Kind $row): void
    {
        $kind = $this->kind($row->code);
        $attacks = array_filter(
            app(CatalogueMapper::class)->curriculum($this->school())->attacks,
            static fn (Attack $attack): bool => $attack->kind->id === $row->code,
        );
        foreach ($attacks as $attack) {
            foreach ((new Feasibility())->refusals($kind, $attack->facets) as $refusal) {
                $validator
                    ->errors()
                    ->add('name', __('own-kinds.breaks', ['attack' => $attack->title, 'why' => say($refusal->text)]));
            }
        }
    }

    /** @return list<string> */
    private function cautions(): array
    {
        $lines = array_map(trim(...), preg_split('/\R/u', (string) $this->validated('cautions')) ?: []);

        return array_slice(
            array_values(array_filter($lines, static fn (string $line): bool => $line !== '')),
            0,
            self::MAX_CAUTIONS,
        );
    }
}
