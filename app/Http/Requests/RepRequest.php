<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\School;
use App\Persistence\CatalogueMapper;
use App\Rules\Moment;
use App\Rules\RowId;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\RepLimits;
use StoneDrill\Core\Proof\Touched;

/** One try, as it was seen. Everything it names must be of the same school as whoever records it. */
final class RepRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::of($this->user()->school);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::says();
    }

    protected function prepareForValidation(): void
    {
        parent::prepareForValidation();
        $this->merge(self::inSmallLetters($this->only('id', 'replaces')));
    }

    /** @return array<string, list<mixed>> */
    public static function of(School $school): array
    {
        $own = static fn (string $table) => Rule::exists($table, 'id')->where('school_id', $school->id);

        return [
            'id' => ['bail', 'required', 'string', 'uuid'],
            'student_id' => ['bail', 'required', new RowId(), $own('students')],
            'attack_id' => ['bail', 'required', new RowId(), $own('attacks')],
            'side' => ['required', Rule::enum(Side::class)],
            'rung' => ['bail', 'required', 'integer', Rule::in(app(CatalogueMapper::class)->ladder($school)->ids())],
            'outcome' => ['required', Rule::enum(Outcome::class)],
            'answer_id' => ['bail', 'nullable', new RowId(), $own('answers')],
            'mistakes' => ['array', 'list', 'max:'.RepLimits::MISTAKES],
            'mistakes.*' => ['string', 'max:'.RepLimits::MISTAKE],
            'touched' => ['nullable', Rule::enum(Touched::class)],
            'seconds' => ['bail', 'nullable', 'numeric', 'between:0,'.RepLimits::SECONDS],
            'stressor' => ['nullable', 'string', 'max:'.RepLimits::STRESSOR],
            'at' => ['nullable', new Moment($school->zone)],
            'replaces' => ['bail', 'nullable', 'string', 'uuid', 'different:id', $own('reps')],
            'reason' => ['exclude_without:replaces', 'required_with:replaces', 'string', 'max:'.RepLimits::REASON],
        ];
    }

    /** @return array<string, string> */
    public static function says(): array
    {
        return [
            'reason.required_with' => 'Say why the rep is corrected; the log keeps it.',
            'replaces.different' => 'A rep cannot correct itself.',
            'answer_id.exists' => 'The answer is not in the catalogue any more.',
            'attack_id.exists' => 'The attack is not in the catalogue any more.',
            'student_id.exists' => 'The student is not in this school any more.',
            'rung.in' => 'The ladder has no such rung any more.',
        ];
    }

    /**
     * The same id in another spelling is the same id.
     *
     * @param array<array-key, mixed> $ids
     *
     * @return array<array-key, mixed>
     */
    public static function inSmallLetters(array $ids): array
    {
        return array_map(static fn (mixed $id): mixed => is_string($id) ? Str::lower($id) : $id, $ids);
    }
}
