<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FieldsRequest;

/** With how much a test is passed, and from when somebody is ready; in percent. */
final class TestsRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return array_fill_keys(['test_pass', 'test_ready'], ['required', 'numeric', 'between:1,100']);
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'test_pass' => __('settings.tests.pass-name'),
            'test_ready' => __('settings.tests.ready-name'),
        ];
    }

    /** @return array<string, float> by column */
    public function columns(): array
    {
        return array_map(floatval(...), $this->safe()->only(['test_pass', 'test_ready']));
    }
}
