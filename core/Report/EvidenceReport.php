<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use DateTimeImmutable;
use DateTimeZone;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Reaction;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\AnswerRecord;
use StoneDrill\Core\Proof\AnswerRecords;
use StoneDrill\Core\Proof\HalfLifeFit;
use StoneDrill\Core\Proof\PartnerCounts;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\ReactionFit;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Proof\Share;
use StoneDrill\Core\Proof\SizeRecord;
use StoneDrill\Core\Proof\StudentMove;
use StoneDrill\Core\Proof\Tally;
use StoneDrill\Core\Proof\Turn;
use StoneDrill\Core\Proof\Week;
use StoneDrill\Core\Proof\Weeks;

/** What the reps teach the school, at a moment. Estimates; of fewer than eight counted tries nothing is told. */
final readonly class EvidenceReport implements Report
{
    /** @var list<AnswerRecord> */
    public array $answers;

    /** @var list<SizeRecord> */
    public array $sizes;

    /** @var list<StudentMove> who is ready for another rung */
    public array $moves;

    /** Of everybody. */
    public Weeks $weeks;

    /** @var array<string, Weeks> of those of each rank, by its id; none of a rank nobody has */
    public array $groups;

    public PartnerCounts $partners;

    public ModelBesideMat $model;

    public ?HalfLifeFit $halfLife;

    /** Days after which a rep weighs half, as the school has it. */
    public float $inUse;

    public ?ReactionFit $reaction;

    public Reaction $reactionInUse;

    /**
     * @param list<Rep>    $reps
     * @param list<Student> $students
     * @param list<string> $only     ids of the answers that are told; all where it is null
     */
    public function __construct(
        Catalogue $catalogue,
        array $reps,
        array $students,
        public DateTimeImmutable $at,
        ?array $only = null,
    ) {
        $rules = ProofRules::of($catalogue->school->proof);
        $counted = self::onTheirSides(AnswerRecords::counted($reps, $at), $catalogue);
        $records = new AnswerRecords($counted, self::attacks($catalogue), self::heights($students), $at, $rules);
        $isTold = static fn (AnswerRecord|SizeRecord $record): bool => $record->tally->isEnough()
            && ($only === null || in_array($record->answer, $only, true));
        $this->answers = array_values(array_filter($records->records, $isTold));
        $this->sizes = array_values(array_filter($records->sizes, $isTold));
        $this->model = new ModelBesideMat($catalogue, $this->answers);
        $this->inUse = $catalogue->school->proof->halfLife;
        $this->halfLife = HalfLifeFit::of($counted, $rules);
        $this->moves = StudentMove::all($counted, $catalogue->ladder, $rules, $at);
        $fitted = $this->halfLife === null || $this->halfLife->isOpen() ? null : $this->halfLife->days;
        $weeks = static fn (array $those): Weeks => Weeks::of(
            array_values($those),
            $catalogue->ladder,
            $rules,
            $at,
            new DateTimeZone($catalogue->school->conventions->zone),
            $fitted,
        );
        $this->weeks = $weeks($counted);
        $this->groups = array_map($weeks, self::byRank($counted, $students));
        $this->partners = PartnerCounts::of($counted, self::heights($students));
        $this->reactionInUse = $catalogue->school->asks->reaction;
        $this->reaction = ReactionFit::of(self::timed($catalogue, $counted));
    }

    /** @param list<string>|null $only */
    public static function of(SchoolFile $file, DateTimeImmutable $at, ?array $only = null): self
    {
        return new self($file->catalogue, $file->reps, $file->students, $at, $only);
    }

    /**
     * What is alike on both sides is tried on one.
     *
     * @param list<Rep> $reps
     *
     * @return list<Rep>
     */
    private static function onTheirSides(array $reps, Catalogue $catalogue): array
    {
        $attacks = array_column($catalogue->attacks, null, 'id');

        return array_map(static function (Rep $rep) use ($attacks): Rep {
            $side = ($attacks[$rep->attack] ?? null)?->side($rep->side) ?? $rep->side;

            return $side === $rep->side
                ? $rep
                : new Rep(
                    $rep->id,
                    $rep->student,
                    $rep->attack,
                    $side,
                    $rep->rung,
                    $rep->outcome,
                    $rep->at,
                    $rep->details,
                );
        }, $reps);
    }

    /**
     * @param list<Rep>     $reps
     * @param list<Student> $students
     *
     * @return array<string, non-empty-list<Rep>> by the id of the rank that somebody has now
     */
    private static function byRank(array $reps, array $students): array
    {
        $ranks = array_column($students, 'rank', 'id');
        $byRank = [];
        foreach ($reps as $rep) {
            if (isset($ranks[$rep->student])) {
                $byRank[$ranks[$rep->student]][] = $rep;
            }
        }

        return $byRank;
    }

    /** @return array<string, string> id of the attack that each answer is written for */
    public static function attacks(Catalogue $catalogue): array
    {
        return array_combine(
            array_column($catalogue->answers, 'id'),
            array_map(static fn (Answer $answer): string => $answer->attack, $catalogue->answers),
        );
    }

    /**
     * @param list<Student> $students
     *
     * @return array<string, float> statures of those that are measured, by id
     */
    public static function heights(array $students): array
    {
        return array_filter(array_column($students, 'height', 'id'), is_float(...));
    }

    /**
     * @param list<Rep> $reps
     *
     * @return list<array{float, float, float}> as {@see ReactionFit::of()} takes them
     */
    private static function timed(Catalogue $catalogue, array $reps): array
    {
        $standards = Standards::of($catalogue);
        $timed = [];
        foreach ($reps as $rep) {
            $answer = $rep->details->answer ?? '';
            if (
                $rep->details->seconds === null
                || ! $catalogue->hasAnswer($answer)
                || ! $catalogue->ladder->has($rep->rung)
            ) {
                continue;
            }
            $of = $catalogue->answer($answer);
            $rung = $catalogue->ladder->get($rep->rung);
            $timed[] = [
                $rung->momentTold ? 0.0 : 1.0,
                $rung->attackTold ? 0.0 : $standards->familyBits($of->teaching->rank),
                $rep->details->seconds - $of->beats->seconds() / $rung->pace,
            ];
        }

        return $timed;
    }

    /** @return array<string, int|float> how many went how, and the share of them that tells, with its interval */
    private static function tries(Tally $tally, Share $share): array
    {
        return [
            'n' => $tally->count(),
            'full' => $tally->full,
            'half' => $tally->half,
            'none' => $tally->none,
            'mean' => $share->mean,
            'low' => $share->low(),
            'high' => $share->high(),
        ];
    }

    public function document(): array
    {
        return [
            'answers' => array_map(
                static fn (AnswerRecord $one): array => [
                    'answer' => $one->answer,
                    'rung' => $one->rung,
                    'side' => $one->side->value,
                    ...self::tries($one->tally, $one->share),
                    'mistakes' => $one->mistakes(),
                    'improvised' => $one->improvisedShare(),
                    'seconds' => $one->seconds,
                ],
                $this->answers,
            ),
            'sizes' => array_map(
                static fn (SizeRecord $one): array => [
                    'answer' => $one->answer,
                    'rung' => $one->rung,
                    'side' => $one->side->value,
                    'attacker' => $one->size,
                    ...self::tries($one->tally, $one->share),
                    'above_alike' => $one->above === 0.0 ? null : $one->above,
                ],
                $this->sizes,
            ),
            'corners' => $this->model->corners,
            'disagree' => array_map(
                static fn (Disagreement $one): array => [
                    'answer' => $one->record->answer,
                    'side' => $one->record->side->value,
                    'rung' => $one->record->rung,
                    'works' => $one->works,
                    'n' => $one->record->tally->count(),
                    'clean' => $one->record->tally->full,
                    'beat' => $one->beat,
                    'look' => $one->look,
                ],
                $this->model->disagree,
            ),
            'moves' => array_map(
                static fn (StudentMove $one): array => [
                    'student' => $one->student,
                    ...self::cell($one->cell),
                    'from' => $one->move->from,
                    'to' => $one->move->to,
                    'mistake' => $one->mistake,
                ],
                $this->moves,
            ),
            'weeks' => array_map(self::week(...), $this->weeks->weeks),
            'groups' => array_map(
                static fn (string $rank, Weeks $weeks): array => [
                    'rank' => $rank,
                    'weeks' => array_map(self::week(...), $weeks->weeks),
                    'one_more_class' => self::oneMore($weeks),
                ],
                array_map(strval(...), array_keys($this->groups)),
                array_values($this->groups),
            ),
            'one_more_class' => self::oneMore($this->weeks),
            'partners' => array_merge(
                ...array_map(
                    static fn (string $defender, array $own): array => array_map(
                        static fn (string $attacker, int $count): array => [
                            'defender' => $defender,
                            'attacker' => $attacker,
                            'n' => $count,
                        ],
                        array_map(strval(...), array_keys($own)),
                        $own,
                    ),
                    array_map(strval(...), array_keys($this->partners->counts)),
                    array_values($this->partners->counts),
                ),
            ),
            'never_larger' => $this->partners->neverLarger,
            'half_life' => $this->halfLife === null
                ? null
                : [
                    'days' => $this->halfLife->days,
                    'low' => $this->halfLife->low,
                    'high' => $this->halfLife->high,
                    'pairs' => $this->halfLife->pairs,
                    'in_use' => $this->inUse,
                ],
            'reaction' => $this->reaction === null
                ? null
                : [
                    'a' => $this->reaction->base,
                    'b' => $this->reaction->perBit,
                    'se_a' => $this->reaction->baseError,
                    'se_b' => $this->reaction->perBitError,
                    'n' => $this->reaction->count,
                    'in_use' => ['a' => $this->reactionInUse->base, 'b' => $this->reactionInUse->perBit],
                ],
        ];
    }

    /** @return array{attack: string, side: string} */
    private static function cell(string $key): array
    {
        $cell = CellKey::read($key);

        return ['attack' => $cell->attack, 'side' => $cell->side->value];
    }

    /** @return array<string, mixed> */
    private static function week(Week $week): array
    {
        $turn = static fn (Turn $turn): array => [
            'student' => $turn->student,
            ...self::cell($turn->cell),
            'from' => $turn->from,
            'to' => $turn->to,
        ];

        return [
            'from' => $week->from->format('Y-m-d'),
            'tries' => $week->tries,
            'people' => $week->people,
            'rungs' => array_map(
                static fn (int $rung, array $of): array => [
                    'rung' => $rung,
                    'tries' => $of['tries'],
                    'clean' => $of['clean'],
                    'alike' => $week->alike[$rung] ?? null,
                ],
                array_keys($week->rungs),
                array_values($week->rungs),
            ),
            'held' => array_map($turn, $week->held),
            'faded' => array_map($turn, $week->faded),
        ];
    }

    /** @return array{faded: int, kept: int, tries: float} */
    private static function oneMore(Weeks $weeks): array
    {
        return ['faded' => $weeks->oneMore->faded, 'kept' => $weeks->oneMore->kept, 'tries' => $weeks->oneMore->tries];
    }
}
