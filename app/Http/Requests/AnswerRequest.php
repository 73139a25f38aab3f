<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Answer;
use App\Persistence\CatalogueMapper;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Technique\AnswerLimits;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\NotationException;

/** An answer as it is written in its form. */
final class AnswerRequest extends FieldsRequest
{
    private ?Beats $read = null;

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
            'title' => ['required', 'string', 'max:200', 'not_regex:/"/', $answer instanceof Answer ? $unique->ignore($answer->id) : $unique],
            'label' => ['nullable', 'string', 'max:40'],
            'rank' => ['required', Rule::in($ranks)],
            'mirrored' => ['boolean'],
            'doctrine' => ['nullable', Rule::enum(Doctrine::class)],
            'short_rank' => ['nullable', Rule::in($ranks), 'required_with:short_beats'],
            'short_beats' => ['nullable', 'integer', 'between:1,99', 'required_with:short_rank'],
            'mistakes' => ['nullable', 'string', 'max:5000'],
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
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty()) {
                $this->checkShortForm($validator);
            }
            if (! is_string($this->input('beats'))) {
                return;
            }
            try {
                $this->read = Beats::parse($this->input('beats'), app(CatalogueMapper::class)->school($this->school())->vocabulary());
            } catch (NotationException $exception) {
                foreach ($validator->errors()->has('beats') ? [] : $exception->errors as $error) {
                    $validator->errors()->add('beats', say($error->text()));
                }
            }
        }, function (Validator $validator): void {
            foreach ((array) $this->input('pattern_mode', []) as $facet => $mode) {
                if ($mode === 'these' && (array) $this->input("pattern.{$facet}", []) === []) {
                    $validator->errors()->add("pattern.{$facet}", __('answers.messages.tick', ['facet' => $facet]));
                }
            }
        }];
    }

    /** @return array<string, mixed> the columns it fills */
    public function columns(): array
    {
        $values = $this->validated();
        $answer = $this->route('answer');

        return [
            // What is mended is whole again.
            ...($answer instanceof Answer ? ['waived' => $answer->soundWaivers()] : []),
            'title' => trim($values['title']),
            'label' => $values['label'] ?? '',
            'rank_id' => (int) $values['rank'],
            'mirrored' => $this->boolean('mirrored'),
            'doctrine' => $values['doctrine'] ?? null,
            'short_rank_id' => isset($values['short_rank']) ? (int) $values['short_rank'] : null,
            'short_beats' => isset($values['short_rank']) ? (int) $values['short_beats'] : null,
            'mistakes' => array_values(array_filter(array_map(trim(...), explode("\n", $values['mistakes'] ?? '')))),
            'pattern' => $this->pattern(),
            'beats' => $this->read?->toText() ?? '',
        ];
    }

    private function checkShortForm(Validator $validator): void
    {
        $positions = $this->school()->ranks->pluck('position', 'id');
        if ($this->filled('short_rank') && $positions[(int) $this->input('short_rank')] > $positions[(int) $this->input('rank')]) {
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
                $pattern[$facet->value] = $mode === 'any' ? null : array_values((array) $this->input("pattern.{$facet->value}"));
            }
        }

        return $pattern;
    }
}
