<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FieldsRequest;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Curriculum\Credits;

/** What a try counts for that was neither clean nor failed. */
final class CreditsRequest extends FieldsRequest
{
    public const FIELDS = ['credit_arm', 'credit_body', 'credit_recovered'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return array_fill_keys(self::FIELDS, ['required', 'numeric', Rule::in(Credits::CHOICES)]);
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return array_combine(
            self::FIELDS,
            array_map(static fn (string $field): string => __("settings.credits.{$field}"), self::FIELDS),
        );
    }

    /** @return array<string, float> by column */
    public function columns(): array
    {
        return array_map(floatval(...), $this->safe()->only(self::FIELDS));
    }
}
