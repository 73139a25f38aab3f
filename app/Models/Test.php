<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\BelongsToSchool;
use App\Models\Concerns\KeepsLog;
use App\Models\Concerns\KeepsVersion;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;
use Illuminate\Support\Str;

/**
 * A test for a rank: what it asks for, and who is examined.
 *
 * @property int                       $id
 * @property string                    $code         its id in the open file
 * @property CarbonImmutable           $at
 * @property string                    $place
 * @property bool                      $is_drawn     whether it asks for some of what the rank needs instead of all
 * @property list<string>              $classes      codes of the classes that lead to it; empty for all until then
 * @property list<array{int, float}>|null $expected  share of what it asks for that is held, by seconds since 1970, as
 *     first planned
 * @property array<string, list<string>>|null $teaches codes of the answers that the way to it teaches, by the code of
 *     the class
 * @property array<string, array<string, list<string>>>|null $drills keys of cells that the way to it has candidates
 *     drill, by the code of the class, then of the student
 * @property CarbonImmutable|null      $cancelled_at
 * @property CarbonImmutable           $updated_at
 * @property Rank                      $rank
 * @property Collection<int, TestItem> $items
 * @property Collection<int, Solo>     $solos
 * @property Collection<int, Student>  $candidates
 * @property School                    $school
 */
final class Test extends Model
{
    use BelongsToSchool;
    use KeepsLog;
    use KeepsVersion;

    protected $attributes = [
        'place' => '', 'is_drawn' => false, 'classes' => '[]', 'version' => 1, 'cancelled_at' => null, 'code' => null,
        'expected' => null, 'teaches' => null, 'drills' => null,
    ];

    protected static function booted(): void
    {
        self::creating(static function (self $test): void {
            $test->code ??= $test->at->utc()->format('Y-m-d').'-'.Str::lower(Str::random(6));
        });
    }

    protected function casts(): array
    {
        return [
            'at' => 'immutable_datetime', 'cancelled_at' => 'immutable_datetime', 'updated_at' => 'immutable_datetime',
            'is_drawn' => 'boolean', 'classes' => Json::TEXTS, 'expected' => 'array', 'teaches' => 'array',
            'drills' => 'array', 'version' => 'integer',
        ];
    }

    /** @return BelongsTo<Rank, $this> */
    public function rank(): BelongsTo
    {
        return $this->belongsTo(Rank::class);
    }

    /** @return HasMany<TestItem, $this> in their order */
    public function items(): HasMany
    {
        return $this->hasMany(TestItem::class)->orderBy('position');
    }

    /** @return BelongsToMany<Student, $this> with `result`, `decided_at` and `retest_on` in the pivot */
    public function candidates(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'test_candidates')
            ->withPivot('result', 'decided_at', 'retest_on')
            ->orderBy('name');
    }

    /** @return BelongsToMany<Solo, $this> basics and forms that it asks for, in their order */
    public function solos(): BelongsToMany
    {
        return $this->belongsToMany(Solo::class, 'test_solos')->orderByPivot('position');
    }

    /** @return HasMany<SoloMark, $this> how they were done in it, the latest first */
    public function soloMarks(): HasMany
    {
        return $this->hasMany(SoloMark::class)->orderByDesc('at')->orderByDesc('id');
    }

    /** @return HasManyThrough<TestMark, TestItem, $this> */
    public function marks(): HasManyThrough
    {
        return $this->hasManyThrough(TestMark::class, TestItem::class);
    }

    /** When it begins, by the clock of the school. */
    public function beginsAt(): CarbonImmutable
    {
        return $this->at->setTimezone($this->school->timeZone());
    }
}
