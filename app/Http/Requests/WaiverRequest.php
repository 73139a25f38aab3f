<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use StoneDrill\Core\Curriculum\CheckId;

/** A finding that is accepted, with its reason. */
final class WaiverRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'check' => ['required', Rule::enum(CheckId::class)],
            'beat' => ['required', 'string', 'max:20', 'regex:/^[1-9]\d*(\.[1-9]\d*)*$/'],
            'reason' => ['required', 'string', 'max:2000'],
            'version' => ['required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => __('answers.waiver-reason')];
    }

    /** @return array{check: string, beat: string, reason: string} */
    public function waiver(): array
    {
        return [
            'check' => $this->validated('check'),
            'beat' => $this->validated('beat'),
            'reason' => trim($this->validated('reason')),
        ];
    }
}
