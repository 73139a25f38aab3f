<?php

declare(strict_types=1);

namespace App\Http\Requests\Beginning;

use App\Http\Requests\FieldsRequest;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\Leaving;

/** What the school wants an answer to be for. */
final class DoctrineStepRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'doctrine' => ['required', Rule::enum(Doctrine::class)],
            'leaving' => ['sometimes', 'required', Rule::enum(Leaving::class)],
        ];
    }
}
