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
use StoneDrill\Core\Curriculum\Doctrine;

/**
 * @property int                              $id
 * @property string                           $code
 * @property string                           $title
 * @property string                           $label
 * @property int                              $attack_id
 * @property array<string, list<string>|null> $pattern     allowed ids by facet; null lifts one
 * @property bool                             $mirrored
 * @property int                              $rank_id
 * @property int|null                         $short_rank_id
 * @property int|null                         $short_beats
 * @property Doctrine|null                    $doctrine
 * @property list<string>                     $mistakes
 * @property array<string, array{at?: mixed, instead?: mixed}> $instead what is done in place of which beat, by the
 *     words of a mistake
 * @property int|null                         $rank_youth_id null for the same rank
 * @property bool                             $is_for_youth
 * @property int|null                         $variant_of_id
 * @property list<array<string, ?string>>     $waived
 * @property string                           $beats       in the notation's canonical spelling
 * @property Attack                           $attack
 * @property Rank                             $rank
 * @property Answer|null                      $variantOf
 * @property School $school
 */
final class Answer extends Model
{
    use BelongsToSchool;
    use HasFootage;
    use HasReps;
    use KeepsLog;
    use KeepsVersion;

    protected function casts(): array
    {
        return [
            'pattern' => Json::MAP, 'mirrored' => 'boolean', 'mistakes' => Json::TEXTS, 'instead' => Json::MAP,
            'is_for_youth' => 'boolean', 'waived' => Json::MAPS, 'doctrine' => Doctrine::class,
        ];
    }

    /** How many beats its main line has, counted in the text. */
    public function beatCount(): int
    {
        return (int) preg_match_all('/^\S/m', $this->beats);
    }

    /**
     * Those of its waivers that say which check is waived, and why.
     *
     * @return list<array<string, ?string>>
     */
    public function soundWaivers(): array
    {
        return array_values(
            array_filter(
                $this->waived,
                static fn (array $waiver): bool => is_string($waiver['check'] ?? null)
                    && is_string($waiver['reason'] ?? null)
                    && is_string($waiver['beat'] ?? ''),
            ),
        );
    }

    /** @return BelongsTo<self, $this> */
    public function variantOf(): BelongsTo
    {
        return $this->belongsTo(self::class, 'variant_of_id');
    }

    /** @return HasMany<self, $this> */
    public function variants(): HasMany
    {
        return $this->hasMany(self::class, 'variant_of_id');
    }

    /** @return BelongsTo<Attack, $this> */
    public function attack(): BelongsTo
    {
        return $this->belongsTo(Attack::class);
    }

    /** @return BelongsTo<Rank, $this> */
    public function rank(): BelongsTo
    {
        return $this->belongsTo(Rank::class);
    }

    /** @return HasMany<AnswerVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(AnswerVersion::class)->orderByDesc('version');
    }
}
