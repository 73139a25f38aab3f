<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Persistence\Starter;
use Illuminate\Validation\Rule;

/** At which of the school's ranks each rank of a starter is taught. */
final class StarterRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $starter = $this->route('starter');
        $rules = ['ranks' => ['array']];
        foreach ($starter instanceof Starter ? $starter->catalogue()->ranks : [] as $rank) {
            $rules["ranks.{$rank->id}"] = [
                'sometimes',
                'required',
                'string',
                Rule::in($this->school()->ranks->pluck('code')->all()),
            ];
        }

        return $rules;
    }

    /** @return array<string, string> code of the school's rank, by id of the starter's */
    public function ranks(): array
    {
        return $this->validated('ranks') ?? [];
    }
}
