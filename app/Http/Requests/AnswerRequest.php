<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Answer;
use App\Persistence\CatalogueMapper;
use App\View\Forms\MistakeLines;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\Teaching;
use StoneDrill\Core\Technique\AnswerLimits;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\NotationException;
use StoneDrill\Core\Technique\Reading;

/** An answer as it is written in its form. */
final class AnswerRequest extends FieldsRequest
{
    private ?Beats $read = null;

    private ?MistakeLines $lines = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $school = $this->school();
        $ranks = $school->ranks->pluck('id')->map(strval(...))->all();
        $pattern = [];
        foreach (Facet::cases() as $facet) {
            $pattern["pattern.{$facet->value}"] = ['array'];
            $pattern["pattern.{$facet->value}.*"] = [Rule::in($facet->values())];
            $pattern["pattern_mode.{$facet->value}"] = [Rule::in(['proposed', 'any', 'these'])];
        }
        $unique = Rule::unique('answers', 'title')->where('school_id', $school->id);
        $answer = $this->route('answer');

        return [
            'title' => [
                'required',
                'string',
                'max:200',
                'not_regex:/"/',
                $answer instanceof Answer ? $unique->ignore($answer->id) : $unique,
            ],
            'label' => ['nullable', 'string', 'max:40'],
            'rank' => ['required', Rule::in($ranks)],
            'mirrored' => ['boolean'],
            'doctrine' => ['nullable', Rule::enum(Doctrine::class)],
            'short_rank' => ['nullable', Rule::in($ranks), 'required_with:short_beats'],
            'short_beats' => ['nullable', 'integer', 'between:1,99', 'required_with:short_rank'],
            'mistakes' => ['nullable', 'string', 'max:20000'],
            'rank_youth' => ['nullable', Rule::in([...$ranks, Teaching::NOT_FOR_YOUTH])],
            'variant_of' => ['nullable', Rule::exists('answers', 'id')->where('school_id', $school->id)],
            'pattern_kind' => ['array'],
            'pattern_kind.*' => [Rule::in(app(CatalogueMapper::class)->kinds($school)->ids())],
            'pattern' => ['array'],
            'pattern_mode' => ['array'],
            ...$pattern,
            'beats' => ['required', 'string', 'max:'.AnswerLimits::BYTES],
            'version' => ['integer', 'min:1'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'title.not_regex' => __('answers.messages.title-quotes'),
            'title.unique' => __('answers.messages.title-taken'),
            'beats.required' => __('answers.messages.beats'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isEmpty()) {
                    $this->checkShortForm($validator);
                    $this->checkVariant($validator);
                }
                if (! is_string($this->input('beats'))) {
                    return;
                }
                try {
                    $vocabulary = app(CatalogueMapper::class)->school($this->school())->vocabulary();
                    $this->read = Beats::parse($this->input('beats'), $vocabulary);
                    $this->lines = MistakeLines::read(
                        is_string($this->input('mistakes')) ? $this->input('mistakes') : '',
                        count($this->read->line),
                        $vocabulary,
                    );
                    foreach ($this->lines->errors as $error) {
                        $validator->errors()->add('mistakes', $error);
                    }
                    $this->checkReadings($validator, $this->read);
                } catch (NotationException $exception) {
                    foreach ($validator->errors()->has('beats') ? [] : $exception->errors as $error) {
                        $validator->errors()->add('beats', say($error->text()));
                    }
                }
            },
            function (Validator $validator): void {
                foreach ((array) $this->input('pattern_mode', []) as $facet => $mode) {
                    if ($mode === 'these' && (array) $this->input("pattern.{$facet}", []) === []) {
                        $validator->errors()->add("pattern.{$facet}", __('answers.messages.tick', ['facet' => $facet]));
                    }
                }
            },
        ];
    }

    /** @return array<string, mixed> the columns it fills */
    public function columns(): array
    {
        $values = $this->validated();
        $answer = $this->route('answer');

        return [
            // What is mended is whole again.
            ...$answer instanceof Answer ? ['waived' => $answer->soundWaivers()] : [],
            'title' => trim($values['title']),
            'label' => $values['label'] ?? '',
            'rank_id' => (int) $values['rank'],
            'mirrored' => $this->boolean('mirrored'),
            'doctrine' => $values['doctrine'] ?? null,
            'short_rank_id' => isset($values['short_rank']) ? (int) $values['short_rank'] : null,
            'short_beats' => isset($values['short_rank']) ? (int) $values['short_beats'] : null,
            'mistakes' => $this->lines->texts ?? [],
            'instead' => $this->lines->instead ?? [],
            'rank_youth_id' => isset($values['rank_youth']) && $values['rank_youth'] !== Teaching::NOT_FOR_YOUTH
                ? (int) $values['rank_youth']
                : null,
            'is_for_youth' => ($values['rank_youth'] ?? null) !== Teaching::NOT_FOR_YOUTH,
            'variant_of_id' => isset($values['variant_of']) ? (int) $values['variant_of'] : null,
            'pattern' => $this->pattern(),
            'beats' => $this->read?->toText() ?? '',
        ];
    }

    /** For whom a beat reads otherwise is youth, or a rank of the school. */
    private function checkReadings(Validator $validator, Beats $beats): void
    {
        $ranks = $this->school()->ranks;
        $known = array_map(mb_strtolower(...), [
            Reading::YOUTH,
            ...$ranks->pluck('code')->all(),
            ...$ranks->pluck('name')->all(),
        ]);
        foreach (array_diff($beats->readings(), $known) as $unknown) {
            $validator
                ->errors()
                ->add(
                    'beats',
                    __('answers.messages.reading', [
                        'for' => $unknown,
                        'ranks' => $ranks->pluck('name')->implode(', '),
                    ]),
                );
        }
    }

    /** Nothing is a variant of itself, over others either. */
    private function checkVariant(Validator $validator): void
    {
        $answer = $this->route('answer');
        $next = $this->filled('variant_of') ? Answer::query()->find((int) $this->input('variant_of')) : null;
        for ($steps = 0; $next !== null && $steps < 1000; $steps++, $next = $next->variantOf) {
            if ($answer instanceof Answer && $next->is($answer)) {
                $validator->errors()->add('variant_of', __('answers.messages.variant-circle'));

                return;
            }
        }
    }

    private function checkShortForm(Validator $validator): void
    {
        $positions = $this->school()->ranks->pluck('position', 'id');
        if (
            $this->filled('short_rank')
            && $positions[(int) $this->input('short_rank')] > $positions[(int) $this->input('rank')]
        ) {
            $validator->errors()->add('short_rank', __('answers.messages.short-rank'));
        }
    }

    /** @return array<string, list<string>|null> what it says itself of its pattern; null lifts a facet */
    private function pattern(): array
    {
        $pattern = [];
        if ((array) $this->input('pattern_kind', []) !== []) {
            $pattern['kind'] = array_values((array) $this->input('pattern_kind'));
        }
        foreach (Facet::cases() as $facet) {
            $mode = $this->input("pattern_mode.{$facet->value}", 'proposed');
            if ($mode !== 'proposed') {
                $pattern[$facet->value]
                    = $mode === 'any' ? null : array_values((array) $this->input("pattern.{$facet->value}"));
            }
        }

        return $pattern;
    }
}
