<?php

declare(strict_types=1);

namespace App\Http\Requests;

use StoneDrill\Core\Coverage\HoleKind;

/** What a school weighs its holes with. */
final class SchoolRequest extends FieldsRequest
{
    private const MAX = 5;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $factors = [];
        foreach (HoleKind::cases() as $kind) {
            $factors["factors.{$kind->value}"] = ['required', 'numeric', 'between:0,'.self::MAX];
        }

        return [
            'share' => ['required', 'numeric', 'between:1,100'],
            'factors' => ['required', 'array', 'array:'.implode(',', array_column(HoleKind::cases(), 'value'))],
            ...$factors,
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        $names = ['share' => __('school.weights.share-name')];
        foreach (HoleKind::cases() as $kind) {
            $names["factors.{$kind->value}"] = __('school.weights.weight-of', ['kind' => $kind->value]);
        }

        return $names;
    }

    /** @return array<string, mixed> the columns it fills; what is as usual is not kept */
    public function columns(): array
    {
        $own = [];
        foreach (HoleKind::cases() as $kind) {
            $factor = (float) $this->validated("factors.{$kind->value}");
            if ($factor !== $kind->factor()) {
                $own[$kind->value] = $factor;
            }
        }

        return ['share' => (float) $this->validated('share') / 100, 'hole_factors' => $own];
    }
}
