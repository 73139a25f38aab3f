<?php

declare(strict_types=1);

namespace App\View\Evidence;

use App\Models\School;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Proof\StudentMove;
use StoneDrill\Core\Report\EvidenceReport;

/** What the reps teach of people: who is ready for another rung, and who has attacked whom. */
final readonly class PeopleRows
{
    /** Partners that are named at once. */
    private const NAMED = 4;

    /** @var array<string, array{name: string, url: string}> by code */
    private array $people;

    /** @param array<string, string> $attacks titles by code */
    public function __construct(private EvidenceReport $report, School $school, private array $attacks)
    {
        $this->people = $school
            ->students()
            ->get(['id', 'code', 'name'])
            ->mapWithKeys(
                static fn ($row): array => [
                    $row->code => ['name' => $row->name, 'url' => route('students.show', $row, false)],
                ],
            )
            ->all();
    }

    /** @return array<string, string> names by code */
    public function names(): array
    {
        return array_map(static fn (array $one): string => $one['name'], $this->people);
    }

    /**
     * @return list<array{name: string, url: string, up: list<string>, down: list<string>}> of those who still train, by
     *     name
     */
    public function moves(): array
    {
        $rows = [];
        foreach ($this->report->moves as $move) {
            $whose = $this->people[$move->student] ?? null;
            if ($whose !== null) {
                $rows[$move->student] ??= [...$whose, 'up' => [], 'down' => []];
                $rows[$move->student][$move->move->isUp() ? 'up' : 'down'][] = $this->said($move);
            }
        }

        return array_values(collect($rows)->sortBy('name')->all());
    }

    private function said(StudentMove $move): string
    {
        $cell = CellKey::read($move->cell);
        $text = __('evidence.moves.step', [
            'attack' => sided($this->attacks[$cell->attack] ?? $cell->attack, $cell->side),
            'from' => $move->move->from,
            'to' => $move->move->to,
        ]);

        return $text
            .($move->mistake === null ? '' : ' '.__('students.moves.mistake', ['mistake' => $move->mistake]));
    }

    /** @param array<string, int> $own tries by code */
    private function named(array $own): string
    {
        return implode(
            ' · ',
            array_map(
                fn (int|string $attacker, int $count): string => ($this->people[$attacker]['name']
                    ?? __('evidence.partners.former'))
                    .' '
                    .$count,
                array_keys($own),
                $own,
            ),
        );
    }

    /**
     * @return list<array{name: string, url: string, tries: int, often: string, others: string, more: string,
     *     larger: string}> who was attacked by whom, by name
     */
    public function partners(): array
    {
        $rows = [];
        foreach (array_intersect_key($this->report->partners->counts, $this->people) as $code => $own) {
            $rows[] = [
                ...$this->people[$code],
                'tries' => array_sum($own),
                'often' => $this->named(array_slice($own, 0, self::NAMED, true)),
                'others' => $this->named(array_slice($own, self::NAMED, null, true)),
                'more' => trans_choice('evidence.partners.others', max(0, count($own) - self::NAMED)),
                'larger' => $this->byLarger((string) $code),
            ];
        }

        return array_values(collect($rows)->sortBy('name')->all());
    }

    /** How often by somebody larger: a dash where nobody is, or where it is not known how tall the student is. */
    private function byLarger(string $code): string
    {
        $partners = $this->report->partners;

        return in_array($code, $partners->neverLarger, true)
            ? __('evidence.partners.never')
            : (string) ($partners->byLarger[$code] ?? '–');
    }
}
