<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Catalogue\CatalogueMapper;
use App\Models\School;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Pressure\Outcome;
use StoneDrill\Core\Pressure\Touched;

/** One try, as it was seen. Everything it names must be of the same school as whoever records it. */
final class RepRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::of($this->user()->school);
    }

    /** @return array<string, list<mixed>> */
    public static function of(School $school): array
    {
        $own = static fn (string $table) => Rule::exists($table, 'id')->where('school_id', $school->id);

        return [
            'id' => ['required', 'uuid'],
            'student_id' => ['required', 'integer', $own('students')],
            'attack_id' => ['required', 'integer', $own('attacks')],
            'side' => ['required', Rule::enum(Side::class)],
            'rung' => ['required', Rule::in(app(CatalogueMapper::class)->ladder($school)->ids())],
            'outcome' => ['required', Rule::enum(Outcome::class)],
            'answer_id' => ['nullable', 'integer', $own('answers')],
            'faults' => ['array', 'max:20'],
            'faults.*' => ['string', 'max:300'],
            'touched' => ['nullable', Rule::enum(Touched::class)],
            'seconds' => ['nullable', 'numeric', 'between:0,3600'],
            'stressor' => ['nullable', 'string', 'max:200'],
            'at' => ['nullable', 'date', 'after:2000-01-01'],
            'replaces' => ['nullable', 'uuid', $own('reps'), 'different:id'],
            'reason' => ['nullable', 'string', 'max:500', 'exclude_without:replaces'],
        ];
    }
}
