<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\Answer;
use App\Models\User;
use Carbon\CarbonImmutable;

/** Parts of pages that are drawn anew only when anything changed that they depend on. */
final readonly class KeptPages
{
    /** What is drawn tells of proof, which ages by the hour. */
    private const SECONDS = 3600;

    public function __construct(private RevisionCache $kept, private HoleBook $holes, private ProofBook $proof) {}

    /**
     * @param array<array-key, mixed> $parameters what was asked for
     * @param callable(): string      $draw
     * @param ?string                 $revision   of what it depends on; null for every row that a wall hangs on
     */
    public function of(string $page, User $user, array $parameters, callable $draw, ?string $revision = null): string
    {
        $school = $user->school;
        // Whoever may write sees links to do so.
        $name = implode(':', [$page, $school->id, (int) $user->can('create', Answer::class), hash('xxh128', serialize($parameters))]);
        [$isBehind, $areKnown] = [$this->proof->isBehind($school), $this->holes->areKnown($school)];
        // A page that asks for its weak spots gives way to the one that has them.
        if ($isBehind || ! $areKnown) {
            $this->kept->fallBehind();
        }
        $revision = implode(' ', [$revision ?? Revision::of($school), CarbonImmutable::now()->format('Y-m-d H'), (int) $areKnown, (int) $isBehind]);

        return $this->kept->of($name, $revision, self::SECONDS, $draw);
    }
}
