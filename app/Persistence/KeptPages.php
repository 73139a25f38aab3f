<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\Answer;
use App\Models\Student;
use App\Models\User;
use Carbon\CarbonImmutable;

/** Parts of pages that are drawn anew only when anything changed that they depend on. */
final readonly class KeptPages
{
    /** What is drawn tells of proof, which ages by the hour. */
    private const SECONDS = 3600;

    /**
     * Seconds for which a page of people stands, counted from midnight: proof ages, and what comes next begins at such
     * a moment.
     */
    public const STANDS = 300;

    public function __construct(private RevisionCache $kept, private HoleBook $holes, private ProofBook $proof) {}

    /**
     * A page that tells of weak spots, too.
     *
     * @param array<array-key, mixed> $parameters what was asked for
     * @param callable(): string      $draw
     * @param ?string                 $revision   of what it depends on besides; null for what is taught and its weak
     *     spots alone
     */
    public function of(string $page, User $user, array $parameters, callable $draw, ?string $revision = null): string
    {
        $school = $user->school;
        [$isBehind, $areKnown] = [$this->proof->isBehind($school), $this->holes->areKnown($school)];
        // A page that asks for its weak spots gives way to the one that has them.
        if ($isBehind || ! $areKnown) {
            $this->kept->fallBehind();
        }
        $revision = implode(' ', [
            $revision ?? $this->holes->mark($school),
            CarbonImmutable::now()->format('Y-m-d H'),
            (int) $areKnown,
            (int) $isBehind,
        ]);

        return $this->kept->of(self::name($page, $user, $parameters), $revision, self::SECONDS, $draw);
    }

    /**
     * A page of what is taught, which no rep changes.
     *
     * @param callable(): string $draw
     */
    public function ofCurriculum(string $page, User $user, callable $draw): string
    {
        return $this->kept->of(
            self::name($page, $user, []),
            Revision::ofCurriculum($user->school),
            self::SECONDS,
            $draw,
        );
    }

    /**
     * A part of somebody's page that tells of what they do alone and what stands from before, which no rep in class
     * changes.
     *
     * @param callable(): string $draw
     */
    public function ofPerson(string $page, User $user, Student $student, callable $draw): string
    {
        $revision = implode(' ', [
            Revision::ofPage($user->school, $student, 'home'),
            intdiv(CarbonImmutable::now()->getTimestamp(), self::STANDS),
        ]);

        $name = self::name($page, $user, [self::whose($user), $student->id]);

        // Hardly anybody else asks for it at the same moment: to have others wait for it takes longer.
        return $this->kept->known($name, $revision)
            ?? $this->kept->keepAfterwards($name, $revision, self::STANDS, $draw());
    }

    /**
     * Whose a page is that somebody is shown: all who teach in a role are shown the same, everybody else what is
     * theirs.
     */
    public static function whose(User $user): string
    {
        return $user->role->teaches() ? "{$user->school_id} {$user->role->value}" : (string) $user->id;
    }

    /** @param array<array-key, mixed> $parameters */
    private static function name(string $page, User $user, array $parameters): string
    {
        // Whoever may write sees links to do so.
        return implode(':', [
            $page,
            $user->school->id,
            (int) $user->can('create', Answer::class),
            hash('xxh128', serialize($parameters)),
        ]);
    }
}
