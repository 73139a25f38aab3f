<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use StoneDrill\Core\Solo\Mark;
use StoneDrill\Core\Solo\SoloLimits;
use StoneDrill\Core\Technique\AnswerLimits;

/** How one student did a basic or a form, with the mistakes and the beats that were not sound. */
final class SoloMarkRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'mark' => ['required', Rule::enum(Mark::class)],
            'mistakes' => ['array', 'max:'.SoloLimits::LINES],
            'mistakes.*' => ['string', 'max:'.SoloLimits::LETTERS],
            'beats' => ['array', 'max:'.AnswerLimits::BEATS],
            'beats.*' => [Rule::enum(Mark::class)],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['mark' => __('solos.mark')];
    }

    public function mark(): Mark
    {
        return Mark::from($this->validated('mark'));
    }

    /** @return list<string> */
    public function mistakes(): array
    {
        return array_values($this->validated('mistakes', []));
    }

    /** @return array<int, Mark> by number of the beat */
    public function beats(): array
    {
        $beats = array_filter(
            $this->validated('beats', []),
            static fn (mixed $mark, int|string $number): bool => is_int($number) && $number > 0,
            ARRAY_FILTER_USE_BOTH,
        );

        return array_map(Mark::from(...), $beats);
    }
}
