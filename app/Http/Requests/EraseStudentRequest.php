<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Student;
use Illuminate\Validation\Rule;

/** Erasing somebody is confirmed by their name, since it cannot be undone. */
final class EraseStudentRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $student = $this->route('student');

        return ['name' => ['required', 'string', Rule::in([$student instanceof Student ? trim($student->name) : ''])]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.in' => __('people.not-the-name')];
    }
}
