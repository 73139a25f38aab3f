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

    /** @return list<array{string, bool}> its text in parts, and whether each is a link of this installation */
    public function parts(): array
    {
        $own = preg_quote(rtrim(url('/'), '/'), '~');
        $parts = preg_split("~({$own}/\\S+)~", $this->body, flags: PREG_SPLIT_DELIM_CAPTURE) ?: [];

        return array_map(
            static fn (int $place, string $part): array => [$part, $place % 2 === 1],
            array_keys($parts),
            $parts,
        );
    }
}
