<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Test;
use App\Rules\Moment;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Curriculum\TestStandard;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\RepLimits;
use StoneDrill\Core\Solo\Mark;

/** How items of a test went, as one examiner saw them. */
final class MarksRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $test = $this->route('test');
        assert($test instanceof Test);

        return [
            'marks' => ['present', 'array', 'max:1000'],
            'marks.*.item' => [
                'required_without:marks.*.solo',
                'integer',
                Rule::exists('test_items', 'id')->where('test_id', $test->id),
            ],
            'marks.*.solo' => ['integer', Rule::exists('test_solos', 'solo_id')->where('test_id', $test->id)],
            'marks.*.mark' => ['nullable', Rule::enum(Mark::class)],
            'marks.*.student' => [
                'required',
                'integer',
                Rule::exists('test_candidates', 'student_id')->where('test_id', $test->id),
            ],
            'marks.*.attempt' => ['required', 'integer', 'between:1,'.TestStandard::MAX_SHOWINGS],
            'marks.*.outcome' => ['nullable', Rule::enum(Outcome::class)],
            'marks.*.mistakes' => ['array', 'max:'.RepLimits::MISTAKES],
            'marks.*.mistakes.*' => ['string', 'max:'.RepLimits::MISTAKE],
            'marks.*.remark' => ['nullable', 'string', 'max:500'],
            'marks.*.by' => ['nullable', 'string', 'max:1000'],
            'marks.*.at' => ['nullable', new Moment($test->school->zone)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'marks.*.item.exists' => __('tests.item-gone'),
            'marks.*.solo.exists' => __('tests.item-gone'),
            'marks.*.student.exists' => __('tests.candidate-gone'),
        ];
    }

    /** @return list<array<string, mixed>> those of items that say something */
    public function marks(): array
    {
        return $this->saying('item', 'outcome');
    }

    /** @return list<array<string, mixed>> those of basics and forms that say something */
    public function soloMarks(): array
    {
        return $this->saying('solo', 'mark');
    }

    /** @return list<array<string, mixed>> */
    private function saying(string $of, string $word): array
    {
        return array_values(
            array_filter(
                $this->validated('marks', []),
                static fn (array $mark): bool => isset($mark[$of], $mark[$word]),
            ),
        );
    }
}
