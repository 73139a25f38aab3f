<?php

declare(strict_types=1);

namespace App\View\Evidence;

use App\Models\School;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Pagination\Paginator;
use stdClass;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Proof\StudentMove;
use StoneDrill\Core\Report\EvidenceReport;

/** What the reps teach of people: who is ready for another rung, and who has attacked whom. */
final readonly class PeopleRows
{
    /** Partners that are named at once. */
    private const NAMED = 4;

    /** Of whom a page tells. */
    private const PAGE = 50;

    /** @var array<array-key, stdClass> id, code and name of each, by code */
    private array $people;

    /** @var array<string, string> titles by code */
    private array $attacks;

    public function __construct(private EvidenceReport $report, School $school)
    {
        $this->attacks = $school->attacks()->pluck('title', 'code')->all();
        $this->people = $school->students()->toBase()->get(['id', 'code', 'name'])->keyBy('code')->all();
    }

    /**
     * @return LengthAwarePaginator<int, array{name: string, url: string, up: list<string>, down: list<string>}> of
     *     those who still train, by name
     */
    public function moves(): LengthAwarePaginator
    {
        $moves = [];
        foreach ($this->report->moves as $move) {
            $moves[$move->student][$move->move->isUp() ? 'up' : 'down'][] = $move;
        }

        return $this->page('moves', $moves)->through(
            fn (string $code): array => [
                ...$this->person($code),
                'up' => array_map($this->said(...), $moves[$code]['up'] ?? []),
                'down' => array_map($this->said(...), $moves[$code]['down'] ?? []),
            ],
        );
    }

    /**
     * A page of those who still train and of whom something is told, by their names.
     *
     * @param string                   $part place on the page, and what says in an address which of its pages
     * @param array<int|string, mixed> $told by their codes
     *
     * @return LengthAwarePaginator<int, string> their codes
     */
    private function page(string $part, array $told): LengthAwarePaginator
    {
        $named = collect(array_intersect_key($this->people, $told))->sortBy('name');
        $page = Paginator::resolveCurrentPage($part);

        return (new LengthAwarePaginator(
            $named->forPage($page, self::PAGE)->keys()->map(static fn (int|string $code): string => (string) $code),
            $named->count(),
            self::PAGE,
            $page,
            ['path' => Paginator::resolveCurrentPath(), 'pageName' => $part, 'fragment' => $part],
        ))->withQueryString();
    }

    /** @return array{name: string, url: string} */
    private function person(string $code): array
    {
        $person = $this->people[$code];

        return ['name' => $person->name, 'url' => route('students.show', $person->id, false)];
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
                fn (int|string $attacker, int $count): string => ($this->people[$attacker]->name
                    ?? __('evidence.partners.former'))
                    .' '
                    .$count,
                array_keys($own),
                $own,
            ),
        );
    }

    /**
     * @return LengthAwarePaginator<int, array{name: string, url: string, tries: int, often: string, others: string,
     *     more: string, larger: string}> who was attacked by whom, by name
     */
    public function partners(): LengthAwarePaginator
    {
        $counts = $this->report->partners->counts;

        return $this->page('partners', $counts)->through(
            fn (string $code): array => [
                ...$this->person($code),
                'tries' => array_sum($counts[$code]),
                'often' => $this->named(array_slice($counts[$code], 0, self::NAMED, true)),
                'others' => $this->named(array_slice($counts[$code], self::NAMED, null, true)),
                'more' => trans_choice('evidence.partners.others', max(0, count($counts[$code]) - self::NAMED)),
                'larger' => $this->byLarger($code),
            ],
        );
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
