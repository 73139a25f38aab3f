<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSchool;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Once that a student practised a basic or a form at home, by their own word.
 *
 * @property string          $id
 * @property int             $solo_id
 * @property int             $student_id
 * @property CarbonImmutable $at
 * @property Solo            $solo
 * @property Student         $student
 */
final class SoloPractice extends Model
{
    use BelongsToSchool;

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected function casts(): array
    {
        return ['at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Solo, $this> */
    public function solo(): BelongsTo
    {
        return $this->belongsTo(Solo::class);
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }
}
