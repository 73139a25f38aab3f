<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FieldsRequest;
use App\View\Settings\WordRows;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Technique\Notation\Vocabulary;
use StoneDrill\Core\Technique\Notation\VocabularyException;

/** A school's own words for those of the notation. Rows without an own word are none. */
final class WordsRequest extends FieldsRequest
{
    private const MAX = 300;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'words' => ['present', 'array', 'max:'.self::MAX],
            'words.*.own' => ['required', 'string', 'max:60'],
            'words.*.word' => [
                'required',
                'string',
                Rule::in(array_keys(array_merge(...array_values(WordRows::choices())))),
            ],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['words.*.own' => __('settings.words.own'), 'words.*.word' => __('settings.words.word')];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isNotEmpty()) {
                    return;
                }
                try {
                    Vocabulary::standard()->withAliases($this->aliases());
                } catch (VocabularyException $exception) {
                    $validator->errors()->add('words', say($exception->text));
                }
            },
        ];
    }

    /** @return array<string, mixed> the column that it fills */
    public function columns(): array
    {
        return ['aliases' => $this->aliases()];
    }

    /** @return array<string, array<string, string>> */
    private function aliases(): array
    {
        $aliases = [];
        foreach ((array) $this->input('words') as $row) {
            [$group, $word] = explode(':', (string) ($row['word'] ?? ''), 2) + ['', ''];
            $aliases[$group][mb_strtolower(trim((string) $row['own']))] = $word;
        }

        return $aliases;
    }

    protected function prepareForValidation(): void
    {
        parent::prepareForValidation();
        $rows = array_filter(
            (array) $this->input('words'),
            static fn (mixed $row): bool => is_array($row)
                && is_string($row['own'] ?? null)
                && trim($row['own']) !== '',
        );
        $this->merge(['words' => array_values($rows)]);
        request()->merge(['words' => array_values($rows)]);
    }
}
