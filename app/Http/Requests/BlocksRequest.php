<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use StoneDrill\Core\Session\BlockChange;
use StoneDrill\Core\Session\BlockKind;

/** One change of how the time of a class is shared out. */
final class BlocksRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'change' => ['required', Rule::enum(BlockChange::class)],
            'block' => ['nullable', 'integer', 'between:0,50'],
            'to' => ['nullable', 'integer', 'between:0,50', 'required_if:change,move'],
            'kind' => ['nullable', Rule::enum(BlockKind::class), 'required_if:change,add'],
        ];
    }

    public function change(): BlockChange
    {
        return BlockChange::from((string) $this->validated('change'));
    }

    public function kind(): ?BlockKind
    {
        return BlockKind::tryFrom((string) $this->validated('kind'));
    }
}
