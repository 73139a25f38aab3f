<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Solo;
use App\Models\SoloKind;
use App\Persistence\CatalogueMapper;
use App\View\Solos\SoloFields;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Solo\Basic;
use StoneDrill\Core\Solo\BasicSide;
use StoneDrill\Core\Solo\SoloForm;
use StoneDrill\Core\Solo\SoloLimits;
use StoneDrill\Core\Technique\AnswerLimits;
use StoneDrill\Core\Technique\Notation\NotationException;

/** A basic, or a solo form, as it is written in its form. */
final class SoloRequest extends FieldsRequest
{
    private ?SoloForm $form = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $name = [
            'name' => ['required', 'string', 'max:'.SoloLimits::LETTERS],
            'rank' => ['required', 'integer', Rule::exists('ranks', 'id')->where('school_id', $this->school()->id)],
            'version' => ['integer', 'min:1'],
        ];

        return $this->isForm()
            ? [...$name, 'beats' => ['required', 'string', 'max:'.AnswerLimits::BYTES]]
            : [
                ...$name,
                'kind' => ['required', Rule::in(array_column(SoloKind::basics(), 'value'))],
                'word' => ['nullable', Rule::in(array_keys(Basic::words()))],
                'side' => ['required', Rule::enum(BasicSide::class)],
                'surface' => ['nullable', 'string', 'max:'.SoloLimits::LETTERS],
                'points' => ['nullable', 'string', 'max:4000'],
                'mistakes' => ['nullable', 'string', 'max:4000'],
                ...SoloFields::feetRules(),
            ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            ...array_map(strval(...), texts('solos.fields')),
            ...array_map(strval(...), texts('solos.feet-fields')),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $this->isForm() ? $this->readBeats($validator) : $this->checkLines($validator);
            },
        ];
    }

    public function isForm(): bool
    {
        $solo = $this->route('solo');

        return $solo instanceof Solo ? $solo->isForm() : $this->input('kind') === SoloKind::Form->value;
    }

    /** @return array<string, mixed> the columns that it fills */
    public function columns(): array
    {
        $values = $this->validated();
        $columns = ['name' => trim($values['name']), 'rank_id' => (int) $values['rank']];

        return $this->isForm()
            ? [...$columns, 'kind' => SoloKind::Form, 'beats' => $this->form?->toText() ?? '']
            : [
                ...$columns,
                'kind' => SoloKind::from($values['kind']),
                'word' => (string) ($values['word'] ?? ''),
                'side' => $values['side'],
                'surface' => trim($values['surface'] ?? ''),
                'points' => SoloFields::lines($values['points'] ?? ''),
                'mistakes' => SoloFields::lines($values['mistakes'] ?? ''),
                'feet' => SoloFields::feet($values, $this->stature()),
            ];
    }

    private function readBeats(Validator $validator): void
    {
        if (! is_string($this->input('beats')) || $validator->errors()->has('beats')) {
            return;
        }
        try {
            $this->form = new SoloForm(
                '',
                '',
                '',
                SoloForm::parse(
                    $this->input('beats'),
                    app(CatalogueMapper::class)->school($this->school())->vocabulary(),
                ),
            );
        } catch (NotationException $exception) {
            foreach ($exception->errors as $error) {
                $validator->errors()->add('beats', say($error->text()));
            }
        }
    }

    private function checkLines(Validator $validator): void
    {
        foreach (['points', 'mistakes'] as $field) {
            $lines = SoloFields::lines(is_string($this->input($field)) ? $this->input($field) : '');
            if (
                count($lines) > SoloLimits::LINES
                || array_filter($lines, static fn (string $line): bool => mb_strlen($line) > SoloLimits::LETTERS) !== []
            ) {
                $validator
                    ->errors()
                    ->add(
                        $field,
                        __('solos.lines-limit', ['lines' => SoloLimits::LINES, 'letters' => SoloLimits::LETTERS]),
                    );
            }
        }
    }

    private function stature(): float
    {
        return app(CatalogueMapper::class)->school($this->school())->statures->typical();
    }
}
