<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSchool;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Str;

/**
 * Somebody who can sign in.
 *
 * @property int      $id
 * @property int      $school_id
 * @property int|null $student_id
 * @property string   $name
 * @property string   $email
 * @property Role     $role
 * @property School   $school
 */
final class User extends Authenticatable
{
    use BelongsToSchool;

    /** Characters that a new password has at least. */
    public const MIN_PASSWORD = 10;

    protected $hidden = ['password', 'remember_token'];

    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class];
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

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }
}
