<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Persistence\CatalogueMapper;
use App\View\Forms\PolicyTable;
use Illuminate\Validation\Rule;
use StoneDrill\Core\Curriculum\Hazard;

/** How far what can hurt a partner goes, by rank and age. */
final class PolicyRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = ['policy' => ['required', 'array', 'array:'.implode(',', array_column(Hazard::cases(), 'value'))]];
        $table = $this->table();
        foreach (Hazard::cases() as $hazard) {
            // What is not said would be free: a form that came in part says nothing.
            $rules["policy.{$hazard->value}"] = ['required', 'array'];
            foreach ($table->ages as $age) {
                $rules["policy.{$hazard->value}.{$age}"] = ['required', 'array'];
                foreach (PolicyTable::LEVELS as $level) {
                    $rules["policy.{$hazard->value}.{$age}.{$level->value}"] = [
                        'nullable',
                        'string',
                        Rule::in(array_keys($table->options())),
                    ];
                }
            }
        }

        return $rules;
    }

    /** @return array<string, mixed> the column of the school that it fills */
    public function columns(): array
    {
        return ['policy' => $this->table()->rows($this->validated('policy'))];
    }

    private function table(): PolicyTable
    {
        return new PolicyTable(app(CatalogueMapper::class)->school($this->school()), $this->school()->ranks);
    }
}
