<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSchool;
use App\Models\Concerns\KeepsLog;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Since when a student has a rank, by whom and by which test.
 *
 * @property int             $id
 * @property CarbonImmutable $awarded_on
 * @property string          $note
 * @property Rank            $rank
 * @property User|null       $awardedBy
 * @property Test|null       $test
 */
final class RankAward extends Model
{
    use BelongsToSchool;
    use KeepsLog;

    protected $attributes = ['note' => ''];

    protected function casts(): array
    {
        return ['awarded_on' => 'immutable_date'];
    }

    /** @return BelongsTo<Rank, $this> */
    public function rank(): BelongsTo
    {
        return $this->belongsTo(Rank::class);
    }

    /** @return BelongsTo<User, $this> */
    public function awardedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'awarded_by_id');
    }

    /** @return BelongsTo<Test, $this> */
    public function test(): BelongsTo
    {
        return $this->belongsTo(Test::class);
    }
}
