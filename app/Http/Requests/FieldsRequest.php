<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\School;
use App\Models\User;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Http\FormRequest;

/** A form whose fields are single values unless their rules say that they are lists. */
abstract class FieldsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    abstract public function rules(): array;

    /**
     * The school of whoever sends it.
     *
     * @throws AuthenticationException when nobody is signed in
     */
    protected function school(): School
    {
        $user = $this->user();

        return $user instanceof User ? $user->school : throw new AuthenticationException();
    }

    /** A list where one value is meant is taken for nothing, so that the form can be shown again with what is sound. */
    protected function prepareForValidation(): void
    {
        foreach ($this->rules() as $field => $rules) {
            if (! str_contains($field, '.') && ! in_array('array', $rules, true) && is_array($this->input($field))) {
                $this->merge([$field => null]);
                // What is typed is kept from the request that came in, of which this one is a copy.
                request()->merge([$field => null]);
            }
            // However it is capitalised, it is the same.
            if (in_array('email', $rules, true) && is_string($this->input($field))) {
                $this->merge([$field => User::sameEmail($this->input($field))]);
            }
        }
    }
}
