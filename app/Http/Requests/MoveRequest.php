<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\HoleKind;
use StoneDrill\Core\Coverage\MoveKind;

/** A move that closes a hole, as the page before has shown it. */
final class MoveRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(HoleKind::class)],
            'attack' => ['required', 'string'],
            'side' => ['nullable', Rule::enum(Side::class)],
            'move' => ['required', Rule::enum(MoveKind::class)],
            'version' => ['required', 'integer'],
        ];
    }
}
