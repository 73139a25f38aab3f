<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\BelongsToSchool;
use App\Models\Concerns\HasFootage;
use App\Models\Concerns\HasReps;
use App\Models\Concerns\KeepsLog;
use App\Models\Concerns\KeepsVersion;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use StoneDrill\Core\Attack\Recoil;

/**
 * @property int          $id
 * @property string       $code
 * @property string       $title
 * @property string       $kind
 * @property int|null     $needed_by_id
 * @property int|null     $needed_by_youth_id
 * @property int          $prevalence
 * @property bool         $critical
 * @property string       $notes
 * @property Recoil       $recoil
 * @property list<string> $cautions
 * @property Rank|null    $neededBy
 * @property \Illuminate\Support\Carbon|null $created_at
 * @property School $school
 */
final class Attack extends Model
{
    use BelongsToSchool;
    use HasFootage;
    use HasReps;
    use KeepsLog;
    use KeepsVersion;

    protected function casts(): array
    {
        return ['critical' => 'boolean', 'cautions' => Json::TEXTS, 'recoil' => Recoil::class];
    }

    /** @return BelongsTo<Rank, $this> */
    public function neededBy(): BelongsTo
    {
        return $this->belongsTo(Rank::class);
    }

    /** @return HasMany<Answer, $this> */
    public function answers(): HasMany
    {
        return $this->hasMany(Answer::class)->orderBy('id');
    }
}
