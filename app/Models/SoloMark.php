<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\BelongsToSchool;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use StoneDrill\Core\Solo\Mark;

/**
 * How a student did a basic or a form.
 *
 * @property int                   $id
 * @property int                   $solo_id
 * @property int                   $student_id
 * @property int|null              $test_id      in which it was shown
 * @property int|null              $marked_by_id
 * @property Mark                  $mark
 * @property list<string>          $mistakes     those that were seen
 * @property array<string, string> $beats        marks of beats of a form that were not sound, by their numbers
 * @property CarbonImmutable       $at
 * @property Solo                  $solo
 * @property Student               $student
 * @property User|null             $markedBy
 */
final class SoloMark extends Model
{
    use BelongsToSchool;

    public $timestamps = false;

    protected $attributes = ['mistakes' => '[]', 'beats' => '{}', 'test_id' => null];

    protected function casts(): array
    {
        return ['mark' => Mark::class, 'mistakes' => Json::TEXTS, 'beats' => Json::MAP, 'at' => 'immutable_datetime'];
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

    /** @return BelongsTo<User, $this> */
    public function markedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'marked_by_id');
    }
}
