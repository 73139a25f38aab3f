<?php

declare(strict_types=1);

namespace App\View\Accounts;

use App\Backup\Backup;
use App\Backup\Backups;
use App\Models\Footage;
use App\Models\LogEntry;
use App\Models\RankAward;
use App\Models\Rep;
use App\Models\SoloMark;
use App\Models\SoloPractice;
use App\Models\Student;
use App\Models\Test;
use App\Models\TestMark;
use App\Models\TrainingClass;
use App\Models\User;

/** Everything that is kept of a student, and why. */
final readonly class PersonalData
{
    private ?User $account;

    public function __construct(private Student $student)
    {
        $this->account = User::query()->where('student_id', $student->id)->first();
    }

    /** @return list<array{what: string, kept: string, why: string}> */
    public function rows(): array
    {
        $student = $this->student;
        $kept = [
            'name' => $student->name,
            'rank' => $student->rank->name,
            'born' => $student->born?->format('j M Y') ?? '',
            'height' => $student->height === null ? '' : $student->heightText(),
            'flags' => $student->barredText(),
            'consent' => $student->consent_by === null
                ? ''
                : __('people.consent-of', [
                    'name' => $student->consent_by,
                    'day' => $student->consent_on?->format('j M Y') ?? '–',
                ]),
            'account' => $this->account->email ?? '',
            'guardians' => $student->guardians()->pluck('name')->implode(', '),
            'reps' => (string) $student->reps()->count(),
            'classes' => (string) $student->classes()->count(),
            'tests' => (string) $student->tests()->count(),
            'marks' => (string) $student->soloMarks()->count(),
            'practised' => (string) $student->practices()->count(),
            'footage' => (string) $student->footage()->count(),
            'awards' => $student
                ->awards()
                ->with('rank')
                ->get()
                ->map(
                    static fn (RankAward $award): string => $award->rank->name
                        .', '
                        .$award->awarded_on->format('j M Y'),
                )
                ->implode('; '),
            'log' => (string) LogEntry::query()->whereMorphedTo('subject', $student)->count(),
        ];

        return array_map(
            static fn (string $what): array => [
                'what' => __("people.kept.{$what}.name"),
                'kept' => $kept[$what] === '' ? __('people.nothing') : $kept[$what],
                'why' => __("people.kept.{$what}.why"),
            ],
            array_keys($kept),
        );
    }

    /**
     * How many backups hold what is erased now, and how old they are.
     *
     * @param list<Backup> $all the newest first
     */
    public static function backups(array $all): string
    {
        $age = static fn (?Backup $backup): string => $backup === null
            ? ''
            : school_time($backup->at).' ('.$backup->at->diffForHumans().')';
        $told = trans_choice('backups.holds', count($all), [
            'newest' => $age($all[0] ?? null),
            'oldest' => $age($all[count($all) - 1] ?? null),
        ]);

        return $all === []
            ? $told
            : $told
                    .' '
                    .__('backups.kept', [
                        'days' => Backups::DAYS,
                        'weeks' => Backups::WEEKS,
                        'months' => Backups::MONTHS,
                    ]);
    }

    /** @return array<string, mixed> all of it for a file */
    public function document(): array
    {
        $student = $this->student;

        return [
            'format' => 'stone-drill-person/1',
            'student' => [
                'id' => $student->code,
                'name' => $student->name,
                'rank' => $student->rank->name,
                'born' => $student->born?->format('Y-m-d'),
                'height' => $student->height,
                'flags' => $student->flags,
                'consent' => $student->consent_by === null
                    ? null
                    : ['by' => $student->consent_by, 'on' => $student->consent_on?->format('Y-m-d')],
            ],
            'account' => $this->account === null
                ? null
                : [
                    'name' => $this->account->name,
                    'email' => $this->account->email,
                    'since' => $this->account->created_at?->format(DATE_ATOM),
                ],
            'guardians' => $student
                ->guardians()
                ->get(['name', 'email'])
                ->map(static fn (User $user): array => ['name' => $user->name, 'email' => $user->email])
                ->all(),
            'reps' => $student
                ->reps()
                ->with('attack')
                ->orderBy('at')
                ->get()
                ->map(
                    static fn (Rep $rep): array => [
                        'id' => $rep->id,
                        'at' => $rep->at->format(DATE_ATOM),
                        'attack' => $rep->attack->title,
                        'side' => $rep->side->value,
                        'rung' => $rep->rung,
                        'outcome' => $rep->outcome->value,
                        'mistakes' => $rep->mistakes,
                        'reason' => $rep->reason,
                    ],
                )
                ->all(),
            'classes' => $student
                ->classes()
                ->orderBy('at')
                ->get()
                ->map(static fn (TrainingClass $class): string => $class->at->format(DATE_ATOM))
                ->all(),
            'ranks' => $student
                ->awards()
                ->with('rank')
                ->get()
                ->map(
                    static fn (RankAward $award): array => [
                        'rank' => $award->rank->name,
                        'on' => $award->awarded_on->format('Y-m-d'),
                        'note' => $award->note,
                    ],
                )
                ->all(),
            'tests' => $student
                ->tests()
                ->with('rank')
                ->orderBy('at')
                ->get()
                ->map(
                    static fn (Test $test): array => [
                        'rank' => $test->rank->name,
                        'at' => $test->at->format(DATE_ATOM),
                        'result' => $test->getRelation('pivot')->getAttribute('result'),
                        'marks' => $test
                            ->marks()
                            ->where('student_id', $student->id)
                            ->with('item.attack')
                            ->get()
                            ->map(
                                static fn (TestMark $mark): array => [
                                    'item' => $mark->item->title(),
                                    'attempt' => $mark->attempt,
                                    'outcome' => $mark->outcome->value,
                                    'mistakes' => $mark->mistakes,
                                    'remark' => $mark->remark,
                                ],
                            )
                            ->all(),
                    ],
                )
                ->all(),
            'marks' => $student
                ->soloMarks()
                ->with('solo')
                ->get()
                ->map(
                    static fn (SoloMark $mark): array => [
                        'of' => $mark->solo->name,
                        'mark' => $mark->mark->value,
                        'at' => $mark->at->format(DATE_ATOM),
                        'mistakes' => $mark->mistakes,
                        'beats' => $mark->beats,
                    ],
                )
                ->all(),
            'practised' => $student
                ->practices()
                ->with('solo')
                ->get()
                ->map(
                    static fn (SoloPractice $one): array => [
                        'of' => $one->solo->name,
                        'at' => $one->at->format(DATE_ATOM),
                    ],
                )
                ->all(),
            'footage' => $student
                ->footage()
                ->with('attack', 'answer', 'solo')
                ->get()
                ->map(
                    static fn (Footage $one): array => [
                        'of' => Footage::nameOf($one->of()),
                        'caption' => $one->caption,
                        'type' => $one->type->value,
                        'at' => $one->created_at?->format(DATE_ATOM),
                    ],
                )
                ->all(),
            'log' => LogEntry::query()
                ->whereMorphedTo('subject', $student)
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (LogEntry $entry): array => [
                        'at' => $entry->created_at->format(DATE_ATOM),
                        'event' => $entry->event,
                        'changes' => $entry->properties?->all() ?? [],
                    ],
                )
                ->all(),
        ];
    }
}
