<?php

declare(strict_types=1);

namespace App\View\Accounts;

use App\Models\Invitation;
use App\Models\Role;
use App\Models\School;
use App\Models\Student;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Who can sign in to a school, who could, and who is invited. */
final readonly class AccountList
{
    /** @var Collection<int, User> those that are open, the heads first */
    public Collection $open;

    /** @var Collection<int, User> */
    public Collection $closed;

    /** @var Collection<int, Invitation> */
    public Collection $invitations;

    /** @var Collection<int, Student> of the school, with their ranks */
    public Collection $students;

    /** @var array<int, string> names of those that have no account, by id */
    public array $withoutAccount;

    /** @var array<string, string> roles that can be given, by value */
    public array $roles;

    /** @var array<int, CarbonImmutable> when each was here last, by id, as far as it is known */
    private array $last;

    public function __construct(private School $school)
    {
        $order = array_flip(array_column(Role::cases(), 'value'));
        $all = $school
            ->users()
            ->with(['student', 'children'])
            ->get()
            ->sortBy([
                static fn (User $a, User $b): int => [$order[$a->role->value], $a->name] <=> [
                    $order[$b->role->value],
                    $b->name,
                ],
            ])
            ->values();
        $this->closed = $all->filter(static fn (User $user): bool => $user->isClosed())->values();
        $this->open = $all->reject(static fn (User $user): bool => $user->isClosed())->values();
        $this->invitations = $school->invitations;
        $this->students = $school->students()->with('rank')->get();
        $this->withoutAccount = $this->students
            ->except($all->pluck('student_id')->filter()->all())
            ->pluck('name', 'id')
            ->all();
        $this->roles = Role::titles();
        $this->last = DB::table('sessions')
            ->whereIn('user_id', $all->pluck('id'))
            ->orderBy('last_activity')
            ->pluck('last_activity', 'user_id')
            ->map(static fn (int $last): CarbonImmutable => CarbonImmutable::createFromTimestamp($last))
            ->all();
    }

    public function lastText(User $user): string
    {
        $last = $this->last[$user->id] ?? null;

        return $last === null ? __('words.not-known') : school_time($last);
    }

    /** Whom an account is of, or looks after. */
    public function whoseText(User $user): string
    {
        return $user->role === Role::Guardian
            ? $user->children->pluck('name')->implode(', ')
            : (string) $user->student?->name;
    }

    public function untilText(Invitation $invitation): string
    {
        return __($invitation->isOver() ? 'accounts.expired' : 'accounts.until', [
            'day' => school_time($invitation->expires_at, 'j M, H:i'),
        ]);
    }
}
