<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Persistence\CatalogueMapper;
use Illuminate\Support\Arr;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Recoil;

/** An attack as it is written in its form. */
final class AttackRequest extends FieldsRequest
{
    public const NO_RANK = 'none';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $school = $this->school();
        $ranks = [self::NO_RANK, ...$school->ranks->pluck('id')->map(strval(...))->all()];
        $facets = [];
        foreach (Facet::cases() as $facet) {
            $facets[$facet->value] = ['required', Rule::in($facet->values())];
        }

        return [
            'title' => ['required', 'string', 'max:200'],
            'kind' => ['required', Rule::in(app(CatalogueMapper::class)->kinds($school)->ids())],
            ...$facets,
            'needed_by' => ['required', Rule::in($ranks)],
            'needed_by_youth' => ['required', Rule::in(['same', ...$ranks])],
            'prevalence' => ['required', 'integer', 'between:1,5'],
            'critical' => ['boolean'],
            'recoil' => [Rule::enum(Recoil::class)],
            'notes' => ['nullable', 'string', 'max:5000'],
            'version' => ['integer', 'min:1'],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isNotEmpty()) {
                    return;
                }
                $kind = app(CatalogueMapper::class)->kinds($this->school())->get((string) $this->string('kind'));
                foreach ((new Feasibility())->refusals($kind, Facets::of($this->facets())) as $refusal) {
                    $validator->errors()->add($refusal->facet->value, say($refusal->text));
                }
            },
        ];
    }

    /** @return array<string, mixed> the columns it fills */
    public function columns(): array
    {
        $values = $this->validated();
        $neededBy = $values['needed_by'] === self::NO_RANK ? null : (int) $values['needed_by'];

        return [
            ...Arr::only($values, ['title', 'kind']),
            ...$this->facets(),
            'prevalence' => (int) $values['prevalence'],
            'needed_by_id' => $neededBy,
            'needed_by_youth_id' => match ($values['needed_by_youth']) {
                'same' => $neededBy,
                self::NO_RANK => null,
                default => (int) $values['needed_by_youth'],
            },
            'critical' => $this->boolean('critical'),
            'recoil' => $values['recoil'] ?? Recoil::LeftOut->value,
            'notes' => $values['notes'] ?? '',
        ];
    }

    /** @return array<string, string> */
    private function facets(): array
    {
        return array_map(
            strval(...),
            $this->only(array_map(static fn (Facet $facet): string => $facet->value, Facet::cases())),
        );
    }
}
