<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A row that several people write. Whoever saves says which version they read, and is told when there is a newer one.
 *
 * @property int       $version
 * @property User|null $updatedBy
 *
 * @mixin Model
 */
trait KeepsVersion
{
    private const MAX_VERSION = 2_000_000_000;

    /**
     * Saves new values over the version that was read.
     *
     * @param array<string, mixed> $values
     *
     * @return bool false when somebody else saved in between; nothing is changed then
     */
    public function updateVersion(int $read, array $values, User $by): bool
    {
        // Beyond what the column holds nobody can have read it.
        if ($read < 1 || $read > self::MAX_VERSION) {
            return false;
        }
        $before = $this->getRawOriginal();
        $this->fill($values)->fill([
            'version' => $read + 1,
            'updated_by_id' => $by->id,
            'updated_at' => $this->freshTimestamp(),
        ]);
        $saved = static::query()
            ->whereKey($this->getKey())
            ->where('version', $read)
            ->toBase()
            ->update($this->getAttributes());
        if ($saved === 0) {
            $this->refresh();
        } else {
            $this->logChange($before, $this->getAttributes());
        }

        return $saved === 1;
    }

    /** @return BelongsTo<User, $this> */
    public function updatedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'updated_by_id');
    }
}
