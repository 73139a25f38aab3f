<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Footage\FootageType;
use App\Models\Concerns\BelongsToSchool;
use App\Models\Concerns\KeepsLog;
use App\Models\Concerns\KeepsVersion;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use LogicException;
use StoneDrill\Core\Curriculum\BeatTimes;

/**
 * A picture or a short clip of an attack, of an answer or a mistake in it, or of what is practised alone.
 *
 * @property int                      $id
 * @property int                      $school_id
 * @property int|null                 $attack_id
 * @property int|null                 $answer_id
 * @property int|null                 $solo_id
 * @property string                   $mistake  of the answer, in its words; empty for none
 * @property string                   $caption
 * @property FootageType              $type
 * @property FootageState             $state
 * @property string                   $reason   why it was refused: a key of `footage.refused`
 * @property string                   $path     of its file in {@see \App\Footage\FootageStore}
 * @property string                   $sent     SHA-256 of what was sent, by which it is known again
 * @property int                      $bytes
 * @property int                      $width    in pixels
 * @property int                      $height
 * @property float|null               $seconds  of a clip
 * @property list<float>              $beats_at seconds at which each beat of the answer begins
 * @property Attack|null              $attack
 * @property Answer|null              $answer
 * @property Solo|null                $solo
 * @property Collection<int, Student> $students who can be seen
 * @property School                   $school
 * @property \Illuminate\Support\Carbon|null $created_at
 */
final class Footage extends Model
{
    use BelongsToSchool;
    use KeepsLog;
    use KeepsVersion;

    protected $table = 'footage';

    protected $attributes = [
        'mistake' => '', 'caption' => '', 'reason' => '', 'sent' => '', 'bytes' => 0, 'width' => 0, 'height' => 0,
        'seconds' => null, 'beats_at' => '[]', 'version' => 1,
    ];

    protected function casts(): array
    {
        return [
            'type' => FootageType::class,
            'state' => FootageState::class,
            'seconds' => 'float',
            'beats_at' => Json::AMOUNTS,
            'version' => 'integer',
        ];
    }

    /** What it is of. */
    public function of(): Attack|Answer|Solo
    {
        return $this->attack
            ?? ($this->answer
                ?? ($this->solo ?? throw new LogicException('The database lets no footage be of nothing.')));
    }

    public static function nameOf(Attack|Answer|Solo $of): string
    {
        return $of instanceof Solo ? $of->name : $of->title;
    }

    public function isReady(): bool
    {
        return $this->state === FootageState::Ready;
    }

    public function beats(): BeatTimes
    {
        return BeatTimes::are($this->beats_at) ? new BeatTimes($this->beats_at) : new BeatTimes();
    }

    /** Whether somebody under 16 can be seen for whom no guardian has agreed. */
    public function isWithheld(): bool
    {
        return $this->students->contains(static fn (Student $student): bool => ! $student->hasConsent());
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

    /** @return BelongsTo<Solo, $this> */
    public function solo(): BelongsTo
    {
        return $this->belongsTo(Solo::class);
    }

    /** @return BelongsToMany<Student, $this> */
    public function students(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'footage_students');
    }
}
