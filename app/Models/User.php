<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSchool;
use App\Models\Concerns\KeepsLog;
use App\Models\Concerns\TellsWhatWasAsked;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Str;
use Laravel\Sanctum\HasApiTokens;

/**
 * Somebody who can sign in.
 *
 * @property int      $id
 * @property int      $school_id
 * @property int|null $student_id
 * @property string   $name
 * @property string   $email
 * @property Role     $role
 * @property CarbonImmutable|null $closed_at     since when nobody can sign in with it
 * @property string|null $totp_secret    of the second factor, before it is confirmed too
 * @property CarbonImmutable|null $totp_since     since when the second factor is asked for
 * @property list<string>|null $recovery_codes hashes of those that are left
 * @property string|null $pin             hash of the six digits with which they record on a bench tablet
 * @property string|null $calendar        hash of what the address of their calendar ends in
 * @property Collection<int, Student> $children entrusted to a guardian
 * @property School   $school
 */
final class User extends Authenticatable
{
    use BelongsToSchool;
    use HasApiTokens;
    use KeepsLog;
    use TellsWhatWasAsked;

    /** Digits of a PIN. */
    public const PIN = 6;

    /** Characters that a new password has at least. */
    public const MIN_PASSWORD = 10;

    protected $attributes = [
        'closed_at' => null, 'totp_secret' => null, 'totp_since' => null, 'recovery_codes' => null, 'pin' => null,
        'calendar' => null,
    ];

    protected $hidden = ['password', 'remember_token', 'totp_secret', 'recovery_codes', 'pin', 'calendar'];

    protected function casts(): array
    {
        return [
            'password' => 'hashed', 'pin' => 'hashed', 'role' => Role::class, 'closed_at' => 'immutable_datetime',
            'totp_secret' => 'encrypted', 'totp_since' => 'immutable_datetime', 'recovery_codes' => 'encrypted:array',
        ];
    }

    /**
     * Emails are the same however they are capitalised.
     *
     * @return Attribute<string, string>
     */
    protected function email(): Attribute
    {
        return Attribute::set(self::sameEmail(...));
    }

    /** An email as it is kept and looked for. */
    public static function sameEmail(string $email): string
    {
        return Str::lower(trim($email));
    }

    /** @param Builder<self> $query those who see the whole school and record reps */
    public function scopeTeaching(Builder $query): void
    {
        $query->whereIn('role', array_filter(Role::cases(), static fn (Role $role): bool => $role->teaches()));
    }

    /** @return BelongsToMany<Student, $this> */
    public function children(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'guardianships')->orderBy('name');
    }

    /** @param array<int> $students ids of the school’s students that a guardian looks after */
    public function entrust(array $students): void
    {
        $this->children()->sync(array_fill_keys($students, ['school_id' => $this->school_id]));
        $this->unsetRelation('children');
    }

    public function isClosed(): bool
    {
        return $this->closed_at !== null;
    }

    /** Whether they see this student: everybody who teaches, the student, and who looks after the student. */
    public function sees(Student $student): bool
    {
        return $this->school_id === $student->school_id
            && ($this->role->teaches()
                || $this->student_id === $student->id
                || ($this->role === Role::Guardian && $this->children->contains($student)));
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }
}
