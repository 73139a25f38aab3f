<?php

declare(strict_types=1);

namespace App\View\Record;

use App\Models\Rep;
use Illuminate\Pagination\LengthAwarePaginator;
use StoneDrill\Core\Proof\Source;

/** One rep as the log of a student tells it. */
final readonly class LogLine
{
    /**
     * @param string $attack     its title
     * @param bool   $isReplaced whether a later one takes its place
     */
    private function __construct(public Rep $rep, private string $attack, public bool $isReplaced) {}

    /**
     * @param LengthAwarePaginator<int, Rep> $reps
     * @param array<int, string>             $titles of the attacks, by the id of the row
     *
     * @return list<self>
     */
    public static function page(LengthAwarePaginator $reps, array $titles): array
    {
        $replaced = Rep::query()
            ->whereIn('replaces', collect($reps->items())->pluck('id'))
            ->pluck('replaces')
            ->flip();

        return array_values(
            array_map(
                static fn (Rep $rep): self => new self($rep, $titles[$rep->attack_id], isset($replaced[$rep->id])),
                $reps->items(),
            ),
        );
    }

    public function attack(): string
    {
        return sided($this->attack, $this->rep->side);
    }

    public function outcome(): string
    {
        return __('proof.outcome-names.'.$this->rep->outcome->value);
    }

    /** What else is to be known of it, after its outcome. */
    public function notes(): string
    {
        $notes = [
            ...$this->rep->touched === null
                ? []
                : [__('students.timeline.touched', ['place' => $this->rep->touched->value])],
            ...$this->rep->source === Source::Seen
                ? []
                : [__('students.timeline.sources.'.$this->rep->source->value)],
            ...$this->rep->attacked_by === null ? [] : [__('students.timeline.by.'.$this->rep->attacked_by->value)],
            ...$this->rep->attacker === null || auth()->user()?->role->teaches() !== true
                ? []
                : [__('students.timeline.attacked-by', ['name' => $this->rep->attacker->name])],
            ...$this->rep->replaces !== null || $this->rep->recordedBy === null
                ? []
                : [__('students.timeline.recorded-by', ['name' => $this->rep->recordedBy->name])],
            ...$this->rep->replaces === null
                ? []
                : [
                    __('students.timeline.correction', [
                        'reason' => $this->rep->reason ?? '–',
                        'name' => $this->rep->recordedBy->name ?? __('words.somebody-who-left'),
                        'at' => school_time($this->rep->recorded_at, 'j M, H:i'),
                    ]),
                ],
        ];

        return implode('', array_map(static fn (string $note): string => ', '.$note, $notes));
    }
}
