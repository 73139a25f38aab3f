<?php

declare(strict_types=1);

namespace App\View\Record;

use App\Models\Answer;
use App\Models\Rep;
use App\Models\Student;
use Illuminate\Support\Collection;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Text;

/** What the form of one rep shows: a new one, or one that takes the place of another. */
final readonly class RepForm
{
    /** @var Collection<int, string> the usual ones of the answers */
    public Collection $mistakes;

    /**
     * @param string                  $id       of the rep that would be stored
     * @param int                     $attackId of the attack's row
     * @param int                     $rung     chosen where nothing else was
     * @param Collection<int, Answer> $answers  those of the cell
     */
    public function __construct(
        private string $id,
        private Student $student,
        private int $attackId,
        private Cell $cell,
        public int $rung,
        private Collection $answers,
        private ?Rep $replaced,
        private RepFormFacts $facts,
    ) {
        $this->mistakes = $answers->pluck('mistakes')->flatten()->unique()->values();
    }

    public function title(): string
    {
        $side = count($this->cell->attack->sides()) > 1 ? __('words.in-brackets.'.$this->cell->side->value) : '';

        return "{$this->student->name}, {$this->cell->attack->title}{$side}";
    }

    public function proof(): string
    {
        return $this->facts->proof->text();
    }

    /** @return list<Text> */
    public function cautions(): array
    {
        return $this->cell->attack->allCautions();
    }

    /** @return array<string, int|string> values by name of the field */
    public function hidden(): array
    {
        return [
            'id' => $this->id,
            'student_id' => $this->student->id,
            'attack_id' => $this->attackId,
            'side' => $this->cell->side->value,
            ...$this->replaced === null ? [] : ['replaces' => $this->replaced->id],
        ];
    }

    /** @return array<int, string> */
    public function rungs(): array
    {
        return $this->facts->rungs();
    }

    /** @return list<string> */
    public function chosenRung(): array
    {
        return [self::typed('rung', (string) $this->rung)];
    }

    /** @return array<string, string> */
    public function mistakeOptions(): array
    {
        return $this->mistakes->combine($this->mistakes)->all();
    }

    /** @return list<string> */
    public function chosenMistakes(): array
    {
        return array_values(array_map(strval(...), (array) old('mistakes', $this->replaced->mistakes ?? [])));
    }

    /** @return list<string> */
    public function chosenTouch(): array
    {
        return [self::typed('touched', $this->replaced?->touched->value ?? '')];
    }

    /** @return array<int|string, string> titles by id of the row; improvised last */
    public function answerOptions(): array
    {
        return $this->answers->pluck('title', 'id')->all() + ['' => __('reps.improvised')];
    }

    /** @return list<string> */
    public function chosenAnswer(): array
    {
        $usual = $this->replaced === null ? $this->answers->first()?->id : $this->replaced->answer_id;

        return [self::typed('answer_id', (string) $usual)];
    }

    /** What a refused form said, or what is usual. */
    private static function typed(string $field, string $usual): string
    {
        $typed = old($field, $usual);

        return is_scalar($typed) ? (string) $typed : $usual;
    }
}
