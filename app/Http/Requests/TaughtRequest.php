<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\TrainingClass;
use Illuminate\Validation\Rule;

/** One change of what a class teaches. */
final class TaughtRequest extends FieldsRequest
{
    /** Answers that are wished for, or left out, at most. */
    private const MAX = 40;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'change' => ['required', Rule::in(['teach', 'skip', 'back'])],
            'answer' => [
                'required',
                'string',
                Rule::exists('answers', 'code')->where('school_id', $this->school()->id),
            ],
        ];
    }

    /** @return array{teach: list<string>, skip: list<string>} codes of answers */
    public function wishes(TrainingClass $class): array
    {
        $answer = (string) $this->validated('answer');
        $wishes = [];
        foreach (['teach', 'skip'] as $what) {
            $others = array_values(array_diff($class->$what, [$answer]));
            $wishes[$what] = array_slice(
                $this->validated('change') === $what ? [...$others, $answer] : $others,
                -self::MAX,
            );
        }

        return ['teach' => $wishes['teach'], 'skip' => $wishes['skip']];
    }
}
