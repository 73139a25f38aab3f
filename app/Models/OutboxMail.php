<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSchool;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A mail that was kept instead of sent.
 *
 * @property int             $id
 * @property string          $recipient
 * @property string          $subject
 * @property string          $body
 * @property CarbonImmutable $created_at
 */
final class OutboxMail extends Model
{
    use BelongsToSchool;

    public const UPDATED_AT = null;

    protected $table = 'outbox';

    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime'];
    }
}
