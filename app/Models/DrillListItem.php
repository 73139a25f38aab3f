<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\BelongsToSchool;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use StoneDrill\Core\Attack\Side;

/**
 * @property int                   $position
 * @property int                   $attack_id
 * @property Side                  $side
 * @property array<string, string> $differences what differs from the attack as it is catalogued, value by facet
 * @property Attack                $attack
 * @property School $school
 */
final class DrillListItem extends Model
{
    use BelongsToSchool;

    public $timestamps = false;

    protected function casts(): array
    {
        return ['differences' => Json::MAP, 'side' => Side::class];
    }

    public function sideText(): string
    {
        return $this->side === Side::Mirrored ? ', '.__('words.sides.mirrored') : '';
    }

    /** @param ?string $same what is said where nothing differs */
    public function differencesText(?string $same = null): string
    {
        return self::describe($this->differences, $same);
    }

    /**
     * @param array<string, string> $differences value by facet
     * @param ?string               $same        what is said where nothing differs
     */
    public static function describe(array $differences, ?string $same = null): string
    {
        return implode(
            ', ',
            array_map(
                static fn (string $facet, string $value): string => "{$facet} {$value}",
                array_keys($differences),
                $differences,
            ),
        )
            ?: $same ?? __('lists.as-it-is');
    }

    /** @return BelongsTo<Attack, $this> */
    public function attack(): BelongsTo
    {
        return $this->belongsTo(Attack::class);
    }
}
