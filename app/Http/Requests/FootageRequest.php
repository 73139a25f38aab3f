<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Footage\FootageStore;
use App\Models\Answer;
use App\Models\Attack;
use App\Models\Footage;
use App\Models\FootageState;
use App\Models\Solo;
use App\Models\Student;
use App\Rules\FootageFile;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Validation\Rule;
use LogicException;
use StoneDrill\Core\Curriculum\BeatTimes;
use StoneDrill\Core\Curriculum\Footage as CoreFootage;

/** A picture or a clip that is sent, or what is said of one that is there. */
final class FootageRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $of = $this->of();

        return [
            ...$this->isNew()
                ? ['file' => ['bail', 'required', new FootageFile()], 'agreed' => ['accepted']]
                : [
                    'version' => ['required', 'integer', 'min:1'],
                    'beats_at' => ['array', 'max:'.BeatTimes::MOST],
                    'beats_at.*' => ['required', 'numeric', 'min:0', 'max:'.CoreFootage::SECONDS],
                ],
            'caption' => ['nullable', 'string', 'max:'.CoreFootage::LETTERS],
            'mistake' => ['nullable', 'string', Rule::in($of instanceof Attack ? [] : $of->mistakes)],
            'shows' => ['array'],
            'shows.*' => [
                'integer',
                Rule::exists('students', 'id')->where('school_id', $this->school()->id)->whereNull('erased_at'),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => __('footage.choose'),
            'agreed.accepted' => __('footage.agree'),
            'mistake.in' => __('footage.mistake-gone'),
            'shows.*.exists' => __('footage.nobody'),
            'beats_at.*.required' => __('footage.beat-missing'),
            'beats_at.*.*' => __('footage.beat-no-time', ['most' => CoreFootage::SECONDS]),
        ];
    }

    /** What is left open at the end of the list is not yet marked. */
    protected function prepareForValidation(): void
    {
        parent::prepareForValidation();
        $beats = $this->input('beats_at');
        if (is_array($beats)) {
            while ($beats !== [] && in_array(end($beats), [null, ''], true)) {
                array_pop($beats);
            }
            $this->merge(['beats_at' => array_values($beats)]);
        }
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isNotEmpty()) {
                    return;
                }
                $withheld = $this->school()
                    ->students()
                    ->whereKey($this->shows())
                    ->get()
                    ->reject(static fn (Student $student): bool => $student->hasConsent());
                if ($withheld->isNotEmpty()) {
                    $validator
                        ->errors()
                        ->add('shows', __('footage.no-consent', ['names' => $withheld->pluck('name')->implode(', ')]));
                }
                if (! BeatTimes::are($this->beatsAt())) {
                    $validator->errors()->add('beats_at', __('footage.beats-back'));
                }
                if ($this->isNew()) {
                    $this->checkRoom($validator);
                }
            },
        ];
    }

    /** What it is of. */
    public function of(): Attack|Answer|Solo
    {
        $footage = $this->route('footage');
        $of = $footage instanceof Footage
            ? $footage->of()
            : $this->route('attack') ?? ($this->route('answer') ?? $this->route('solo'));

        return $of instanceof Attack || $of instanceof Answer || $of instanceof Solo
            ? $of
            : throw new LogicException('Footage is sent to an attack, an answer or a basic.');
    }

    /** @return array<string, mixed> the columns that it fills */
    public function columns(): array
    {
        $columns = [
            'caption' => trim((string) $this->validated('caption')),
            'mistake' => (string) $this->validated('mistake'),
        ];

        return $this->isNew() ? $columns : [...$columns, 'beats_at' => $this->beatsAt()];
    }

    /** @return list<int> ids of the students who can be seen */
    public function shows(): array
    {
        return array_values(array_unique(array_map(intval(...), $this->validated('shows', []))));
    }

    /** @return list<float> */
    private function beatsAt(): array
    {
        return array_values(
            array_map(
                static fn (mixed $second): float => round((float) $second, 3),
                (array) $this->input('beats_at', []),
            ),
        );
    }

    private function checkRoom(Validator $validator): void
    {
        if ($this->of()->footage()->count() >= CoreFootage::MOST) {
            $validator->errors()->add('file', __('footage.many', ['most' => CoreFootage::MOST]));
        }
        if (
            $this->of()
                ->footage()
                ->where('sent', hash_file('sha256', $this->file('file')->path()))
                ->where('mistake', (string) $this->input('mistake'))
                ->whereNot('state', FootageState::Refused)
                ->exists()
        ) {
            $validator->errors()->add('file', __('footage.twice'));
        }
        if (Footage::query()->where('school_id', $this->school()->id)->sum('bytes') >= FootageStore::MOST_OF_SCHOOL) {
            $validator->errors()->add('file', __('footage.full', ['gigabytes' => FootageStore::MOST_OF_SCHOOL / 1e9]));
        }
    }

    private function isNew(): bool
    {
        return ! ($this->route('footage') instanceof Footage);
    }
}
