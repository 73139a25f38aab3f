<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FieldsRequest;
use StoneDrill\Core\Curriculum\ClassHabits;

/** How a school usually divides its classes; shares in percent. */
final class ClassesRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'shares' => ['required', 'array'],
            ...array_fill_keys(
                array_map(static fn (string $kind): string => "shares.{$kind}", array_keys(ClassHabits::SHARES)),
                ['required', 'integer', 'between:1,100'],
            ),
            'teach' => ['required', 'integer', 'between:1,'.ClassHabits::MAX_MINUTES],
            'basic' => ['required', 'integer', 'between:1,'.ClassHabits::MAX_MINUTES],
            'between' => ['required', 'numeric', 'between:0,'.ClassHabits::MAX_BETWEEN],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'shares.*' => __('settings.classes.share-name'),
            'teach' => __('settings.classes.teach-name'),
            'basic' => __('settings.classes.basic-name'),
            'between' => __('settings.classes.between-name'),
        ];
    }

    /** @return array<string, mixed> by column */
    public function columns(): array
    {
        return [
            'class_habits' => [
                'shares' => array_map(
                    static fn (mixed $share): float => (int) $share / 100,
                    (array) $this->validated('shares'),
                ),
                'teach' => $this->integer('teach'),
                'basic' => $this->integer('basic'),
                'between' => $this->float('between'),
            ],
        ];
    }
}
