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
use StoneDrill\Core\Proof\AttackedBy;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\RepLimits;
use StoneDrill\Core\Proof\Touched;

/** One try, as it was seen. Everything it names must be of the same school as whoever records it. */
final class RepRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::of($this->school());
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::texts();
    }

    protected function prepareForValidation(): void
    {
        parent::prepareForValidation();
        $this->merge(self::renamed($this->only('id', 'replaces', 'faults')));
    }

    /** @return array<string, list<mixed>> */
    public static function of(School $school): array
    {
        $own = static fn (string $table) => Rule::exists($table, 'id')->where('school_id', $school->id);

        return [
            'id' => ['bail', 'required', 'string', 'uuid'],
            'student_id' => ['bail', 'required', new RowId(), $own('students')->whereNull('erased_at')],
            'attack_id' => ['bail', 'required', new RowId(), $own('attacks')],
            'side' => ['required', Rule::enum(Side::class)],
            'rung' => ['bail', 'required', 'integer', Rule::in(app(CatalogueMapper::class)->ladder($school)->ids())],
            'outcome' => ['required', Rule::enum(Outcome::class)],
            'answer_id' => ['bail', 'nullable', new RowId(), $own('answers')],
            'attacker_id' => [
                'bail',
                'nullable',
                new RowId(),
                'different:student_id',
                $own('students')->whereNull('erased_at'),
            ],
            'attacked_by' => ['bail', 'nullable', Rule::enum(AttackedBy::class), 'prohibits:attacker_id'],
            'class_id' => ['bail', 'nullable', new RowId(), $own('training_classes')],
            'mistakes' => ['array', 'list', 'max:'.RepLimits::MISTAKES],
            'mistakes.*' => ['string', 'max:'.RepLimits::MISTAKE],
            'touched' => ['nullable', Rule::enum(Touched::class)],
            'seconds' => ['bail', 'nullable', 'numeric', 'between:0,'.RepLimits::SECONDS],
            'stressor' => ['nullable', 'string', 'max:'.RepLimits::STRESSOR],
            'rules' => ['bail', 'nullable', 'integer', 'between:1,'.RepLimits::RULES],
            'at' => ['nullable', new Moment($school->zone)],
            'replaces' => ['bail', 'nullable', 'string', 'uuid', 'different:id', $own('reps')],
            'reason' => ['exclude_without:replaces', 'required_with:replaces', 'string', 'max:'.RepLimits::REASON],
        ];
    }

    /** @return array<string, string> */
    public static function texts(): array
    {
        return [
            'reason.required_with' => __('reps.messages.reason'),
            'replaces.different' => __('reps.messages.itself'),
            'answer_id.exists' => __('reps.messages.answer-gone'),
            'attack_id.exists' => __('reps.messages.attack-gone'),
            'student_id.exists' => __('reps.messages.student-gone'),
            'attacker_id.different' => __('reps.messages.own-attacker'),
            'attacker_id.exists' => __('reps.messages.student-gone'),
            'attacked_by.prohibits' => __('reps.messages.one-attacker'),
            'class_id.exists' => __('reps.messages.class-gone'),
            'rung.in' => __('reps.messages.rung-gone'),
        ];
    }

    /**
     * The same id in another spelling is the same id, and what a page of an earlier release sends is still read.
     *
     * @param array<array-key, mixed> $fields
     *
     * @return array<array-key, mixed>
     */
    public static function renamed(array $fields): array
    {
        $renamed = isset($fields['faults']) ? ['mistakes' => $fields['faults']] : [];
        foreach (array_intersect_key($fields, ['id' => true, 'replaces' => true]) as $name => $id) {
            $renamed[$name] = is_string($id) ? Str::lower($id) : $id;
        }

        return $renamed;
    }
}
