<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\BelongsToSchool;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Proof\AttackedBy;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Proof\Touched;

/**
 * One recorded try. The database refuses to change or delete one.
 *
 * @property string          $id
 * @property int             $student_id
 * @property int             $attack_id
 * @property Side            $side
 * @property int             $rung
 * @property Outcome         $outcome
 * @property CarbonImmutable $at
 * @property int|null        $answer_id
 * @property list<string>    $mistakes
 * @property Touched|null    $touched
 * @property float|null      $seconds
 * @property string|null     $stressor
 * @property Source          $source
 * @property string|null     $reason    why it takes the place of another
 * @property string|null     $replaces
 * @property int|null        $attacker_id null where nobody of the students attacked, or it is not known
 * @property AttackedBy|null $attacked_by who attacked where it was no student
 * @property int|null        $class_id
 * @property int|null        $rules      version of the rules by which the program ran that recorded it
 * @property Student|null    $attacker
 * @property TrainingClass|null $class
 * @property Student         $student
 * @property Attack          $attack
 * @property Answer|null     $answer
 * @property User|null       $recordedBy
 * @property CarbonImmutable $recorded_at
 * @property School $school
 */
final class Rep extends Model
{
    use BelongsToSchool;

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected function casts(): array
    {
        return [
            'at' => 'immutable_datetime', 'recorded_at' => 'immutable_datetime', 'mistakes' => Json::TEXTS,
            'seconds' => 'float', 'side' => Side::class, 'outcome' => Outcome::class, 'touched' => Touched::class,
            'source' => Source::class, 'attacked_by' => AttackedBy::class,
        ];
    }

    /**
     * Those that no later one corrects.
     *
     * @param Builder<self> $query
     */
    public function scopeStanding(Builder $query): void
    {
        $query->whereNotExists(
            static fn ($later) => $later
                ->from('reps', 'later')
                ->whereColumn('later.school_id', 'reps.school_id')
                ->whereColumn('later.replaces', 'reps.id'),
        );
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return BelongsTo<Attack, $this> */
    public function attack(): BelongsTo
    {
        return $this->belongsTo(Attack::class);
    }

    /** @return BelongsTo<Answer, $this> */
    public function answer(): BelongsTo
    {
        return $this->belongsTo(Answer::class);
    }

    /** @return BelongsTo<Student, $this> */
    public function attacker(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return BelongsTo<TrainingClass, $this> */
    public function class(): BelongsTo
    {
        return $this->belongsTo(TrainingClass::class, 'class_id');
    }

    /** @return BelongsTo<User, $this> */
    public function recordedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'recorded_by_id');
    }
}
