<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Drill\Kit;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Session\Ages;
use StoneDrill\Core\Session\ClassFacts;
use StoneDrill\Core\Session\PlannedClass;

/** When and where a class is, for how long, and for whom. */
final class ClassRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'at' => ['required', 'date_format:Y-m-d\\TH:i', 'after:2000-01-01', 'before:2100-01-01'],
            'minutes' => ['required', 'integer', 'between:'.ClassFacts::MIN_MINUTES.','.ClassFacts::MAX_MINUTES],
            'place' => ['nullable', 'string', 'max:200'],
            'places' => ['required', 'integer', 'between:1,'.PlannedClass::MAX_PLACES],
            'pads' => ['nullable', 'integer', 'between:1,'.PlannedClass::MAX_PLACES],
            'instructors' => ['required', 'integer', 'between:1,'.PlannedClass::MAX_INSTRUCTORS],
            'all_sizes' => ['boolean'],
            'steps_in' => ['boolean'],
            'ranks' => ['array'],
            'ranks.*' => ['string', Rule::in($this->school()->ranks->pluck('code')->all())],
            'ages' => ['nullable', Rule::enum(Ages::class)],
            'named' => ['array', 'max:'.Kit::MAX],
            'named.*' => ['integer', Rule::in($this->school()->students()->pluck('id')->all())],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [...array_map(strval(...), texts('classes.fields')), 'ranks.*' => __('classes.fields.ranks'), 'named.*' => __('classes.fields.named')];
    }

    /** @return array<string, mixed> the columns that it fills */
    public function columns(): array
    {
        $values = $this->validated();

        return [
            // By the clock of the school; an hour that a change of clocks leaves out is the one after it.
            'at' => CarbonImmutable::parse($values['at'], $this->school()->timeZone())->utc(),
            'minutes' => (int) $values['minutes'],
            'place' => (string) ($values['place'] ?? ''),
            'places' => (int) $values['places'],
            'pads' => isset($values['pads']) ? (int) $values['pads'] : null,
            'instructors' => (int) $values['instructors'],
            'ranks' => array_values($values['ranks'] ?? []),
            'ages' => $values['ages'] ?? null,
            'named' => array_values(array_map(intval(...), $values['named'] ?? [])),
            'all_sizes' => (bool) ($values['all_sizes'] ?? false),
            'steps_in' => (bool) ($values['steps_in'] ?? false),
        ];
    }
}
