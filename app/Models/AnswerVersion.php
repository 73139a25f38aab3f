<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\BelongsToSchool;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One saved state of an answer. Written by the database whenever an answer gets a new version.
 *
 * @property int                  $answer_id
 * @property int                  $version
 * @property array<string, mixed> $content  the columns of the answer
 * @property Carbon               $saved_at
 * @property User|null            $savedBy
 * @property School $school
 */
final class AnswerVersion extends Model
{
    use BelongsToSchool;

    public $timestamps = false;

    protected function casts(): array
    {
        return ['content' => Json::MAP, 'saved_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function savedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'saved_by_id');
    }
}
