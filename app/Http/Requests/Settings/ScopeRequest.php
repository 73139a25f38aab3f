<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FieldsRequest;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Attack\Facet;

/** The values of each facet that a school looks for: at least one of each. */
final class ScopeRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = [];
        foreach (Facet::cases() as $facet) {
            $rules["scope.{$facet->value}"] = ['required', 'array'];
            $rules["scope.{$facet->value}.*"] = [Rule::in($facet->values())];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        $names = [];
        foreach (Facet::cases() as $facet) {
            $names["scope.{$facet->value}"] = say($facet->text());
        }

        return $names;
    }

    /** @return array<string, mixed> the column that it fills; a facet with all its values is not named */
    public function columns(): array
    {
        $scope = [];
        foreach (Facet::cases() as $facet) {
            $chosen = array_values(
                array_intersect($facet->values(), (array) $this->validated("scope.{$facet->value}")),
            );
            if ($chosen !== $facet->values()) {
                $scope[$facet->value] = $chosen;
            }
        }

        return ['scope' => $scope];
    }
}
