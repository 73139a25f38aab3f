<?php

declare(strict_types=1);

namespace App\View\Accounts;

use App\Models\Invitation;
use App\Models\Role;
use App\Models\School;
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

    /** @var array<int, string> students of the school by id */
    public array $students;

    /** @var array<int, string> the same without those that have an account */
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
        $this->students = $school->students()->pluck('name', 'id')->all();
        $this->withoutAccount = array_diff_key($this->students, array_flip($all->pluck('student_id')->filter()->all()));
        $this->roles = collect(Role::cases())
            ->mapWithKeys(static fn (Role $role): array => [$role->value => $role->title()])
            ->all();
        $this->last = DB::table('sessions')
            ->whereIn('user_id', $all->pluck('id'))
            ->orderBy('last_activity')
            ->pluck('last_activity', 'user_id')
            ->map(static fn (int $last): CarbonImmutable => CarbonImmutable::createFromTimestamp($last))
            ->all();
    }

    /** @return array<string, string> roles that an account can be given: a student is invited as such */
    public function rolesBesideStudent(): array
    {
        return array_diff_key($this->roles, [Role::Student->value => true]);
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
