<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FieldsRequest;
use Closure;
use StoneDrill\Core\Curriculum\Nouns;

/** What a school calls an attack, an answer, a rank and a rung. What is empty keeps its usual name. */
final class NamesRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $isWord = static function (string $field, mixed $value, Closure $fail): void {
            if (! is_string($value) || ! Nouns::isWord($value)) {
                $fail(__('settings.names.no-word'));
            }
        };
        $rules = ['names' => ['required', 'array']];
        foreach (Nouns::NAMED as $noun) {
            $rules["names.{$noun}.one"] = ['nullable', "required_with:names.{$noun}.many", $isWord];
            $rules["names.{$noun}.many"] = ['nullable', "required_with:names.{$noun}.one", $isWord];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        $names = [];
        foreach (Nouns::NAMED as $noun) {
            $names["names.{$noun}.one"] = __('settings.names.one-of', ['noun' => __("words.usual.{$noun}.one")]);
            $names["names.{$noun}.many"] = __('settings.names.many-of', ['noun' => __("words.usual.{$noun}.one")]);
        }

        return $names;
    }

    /** @return array<string, mixed> the column that it fills */
    public function columns(): array
    {
        $named = array_intersect_key((array) $this->validated('names'), array_flip(Nouns::NAMED));

        return ['nouns' => array_filter($named, static fn (array $forms): bool => ($forms['one'] ?? null) !== null)];
    }
}
