<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FieldsRequest;
use StoneDrill\Core\Curriculum\TestStandard;

/** With how much a test is passed, from when somebody is ready, both in percent, and how often an item is repeated. */
final class TestsRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...array_fill_keys(['test_pass', 'test_ready'], ['required', 'numeric', 'between:1,100']),
            'test_repeats' => ['sometimes', 'required', 'integer', 'between:0,'.TestStandard::MAX_REPEATS],
            'test_untried' => ['sometimes', 'array'],
            ...array_fill_keys(
                array_map(
                    static fn (string $credit): string => "test_untried.{$credit}",
                    array_keys(TestStandard::UNTRIED),
                ),
                [
                    'required_with:test_untried',
                    'numeric',
                    'between:'.TestStandard::MIN_UNTRIED.','.TestStandard::MAX_UNTRIED,
                ],
            ),
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'test_pass' => __('settings.tests.pass-name'),
            'test_ready' => __('settings.tests.ready-name'),
            'test_repeats' => __('settings.tests.repeats-name'),
            'test_untried.*' => __('settings.tests.untried-name'),
        ];
    }

    /** @return array<string, mixed> by column */
    public function columns(): array
    {
        $weights = $this->safe()->only('test_untried');

        return [
            ...array_map(floatval(...), $this->safe()->only(['test_pass', 'test_ready'])),
            ...array_map(intval(...), $this->safe()->only('test_repeats')),
            ...array_map(static fn (array $one): array => array_map(floatval(...), $one), $weights),
        ];
    }
}
