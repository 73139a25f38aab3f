<?php

declare(strict_types=1);

namespace App\Http\Requests;

use StoneDrill\Core\Proof\RepLimits;

/** Reps as a device sends them, many at once; each is looked at by itself. */
final class MatRepsRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['reps' => ['present', 'array', 'max:'.RepLimits::SENT_AT_ONCE]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reps' => __('reps.send-a-list', ['max' => RepLimits::SENT_AT_ONCE])];
    }

    /** @return list<array<string, mixed>> `sent` is the id as the device spells it; empty for what is no rep at all */
    public function reps(): array
    {
        return array_values(
            array_map(
                static fn (mixed $rep): array => is_array($rep)
                    ? [...$rep, ...RepRequest::renamed($rep), 'sent' => is_string($rep['id'] ?? null) ? $rep['id'] : '']
                    : ['id' => '', 'sent' => ''],
                $this->input('reps'),
            ),
        );
    }
}
