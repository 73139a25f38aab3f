<?php

declare(strict_types=1);

namespace App\Http\Requests\Beginning;

use App\Http\Requests\FieldsRequest;
use DateTimeZone;
use Illuminate\Support\Arr;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Geometry\BearingStyle;

/** What a school is called, where its clocks are, and how it writes directions. */
class SchoolStepRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'zone' => ['required', 'string', Rule::in(DateTimeZone::listIdentifiers())],
            'bearings' => ['required', Rule::enum(BearingStyle::class)],
        ];
    }

    /** @return array<string, mixed> the columns of the school that it fills */
    public function columns(): array
    {
        return Arr::only($this->validated(), ['name', 'zone', 'bearings']);
    }
}
