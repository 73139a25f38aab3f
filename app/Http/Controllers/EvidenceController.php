<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Answer;
use App\Models\Attack;
use App\Models\Rank;
use App\Models\School;
use App\Models\User;
use App\Persistence\CountedTries;
use App\Persistence\EvidenceBook;
use App\View\Evidence\EvidenceRows;
use App\View\Evidence\EvidenceTable;
use App\View\Evidence\PeopleRows;
use App\View\Evidence\WeekRows;
use App\View\Evidence\WeekTurns;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use StoneDrill\Core\Proof\Week;
use StoneDrill\Core\Report\EvidenceReport;

/** What the reps teach the school. */
final readonly class EvidenceController
{
    /** Parts of the page, by their places in it. */
    private const PARTS = [
        'disagree' => 'evidence.disagree', 'half-life' => 'evidence.half-life.heading',
        'weeks' => 'evidence.weeks.heading', 'moves' => 'evidence.moves.heading',
        'partners' => 'evidence.partners.heading', 'answers' => 'evidence.heading',
    ];

    public function __construct(private EvidenceBook $book) {}

    public function index(Request $request, #[CurrentUser] User $user): View
    {
        $school = $user->school;
        $report = $this->book->asked($school);
        if ($report === null) {
            return view('evidence.reading');
        }
        $ranks = self::groups($school, $report);
        $group = self::group($request, $ranks);
        $rows = new EvidenceRows($report, $school);

        return view('evidence.index', [
            'rows' => $rows,
            'readAt' => $this->book->readAt($school, $report),
            'parts' => array_map(
                __(...),
                array_diff_key(
                    self::PARTS,
                    $rows->isEmpty() ? ['disagree' => 1, 'half-life' => 1, 'answers' => 1] : [],
                ),
            ),
            'people' => new PeopleRows($report, $school),
            'weeks' => new WeekRows($report->groups[$group] ?? $report->weeks),
            'groups' => ['' => __('words.everybody')] + $ranks,
            'group' => $group,
        ]);
    }

    /** What somebody newly holds at the end of a week, or holds no more, as a part of that page. */
    public function turns(Request $request, #[CurrentUser] User $user, string $week, string $way): View
    {
        $school = $user->school;
        $report = $this->book->asked($school) ?? abort(404);
        $group = self::group($request, self::groups($school, $report));
        $told = array_find(
            ($report->groups[$group] ?? $report->weeks)->weeks,
            static fn (Week $one): bool => $one->from->format('Y-m-d') === $week,
        )
        ?? abort(404);

        return view('evidence.turns', [
            'turns' => (new WeekTurns($school))->texts($way === 'held' ? $told->held : $told->faded),
        ]);
    }

    /** @return array<string, string> names of the ranks of which something is told, by code */
    private static function groups(School $school, EvidenceReport $report): array
    {
        return $school->ranks
            ->filter(static fn (Rank $rank): bool => isset($report->groups[$rank->code]))
            ->pluck('name', 'code')
            ->all();
    }

    /** @param array<string, string> $ranks names by code */
    private static function group(Request $request, array $ranks): string
    {
        $group = $request->query('group');

        return is_string($group) && isset($ranks[$group]) ? $group : '';
    }

    /** One of the tables of it, for a spreadsheet. */
    public function table(#[CurrentUser] User $user, string $table = 'answers'): Response
    {
        $report = $this->book->asked($user->school, isFile: true)
        ?? abort(503, __('evidence.reading'), ['Retry-After' => '10']);
        $name = Str::slug($user->school->name).($table === 'answers' ? '' : "-{$table}");

        return response((new EvidenceTable($report))->csv($table), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"{$name}-evidence.csv\"",
        ]);
    }

    /** Of one answer, as a part of its page. */
    public function answer(#[CurrentUser] User $user, Answer $answer): View
    {
        return $this->part($answer, $user, [$answer->code]);
    }

    /** Of the answers that are written for an attack, as a part of its page. */
    public function attack(#[CurrentUser] User $user, Attack $attack): View
    {
        return $this->part($attack, $user, array_values($attack->answers()->pluck('code')->all()));
    }

    /** @param list<string> $answers codes */
    private function part(Attack|Answer $of, User $user, array $answers): View
    {
        $report = $this->book->asked($user->school);
        $view = match (true) {
            $report === null => 'evidence.reading-part',
            $of instanceof Attack => 'evidence.attack',
            default => 'evidence.answer',
        };
        // How many there are is told here, so that a rep changes nothing of the page itself.
        $counted = trans_choice(
            $of instanceof Attack ? 'evidence.count-attack' : 'evidence.count-answer',
            CountedTries::of($of),
        );

        return view(
            $view,
            ['counted' => $counted]
                + ($report === null
                    ? []
                    : [
                        'rows' => new EvidenceRows($report, $user->school, $answers),
                        'readAt' => $this->book->readAt($user->school, $report),
                    ]),
        );
    }
}
