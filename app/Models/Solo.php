<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\BelongsToSchool;
use App\Models\Concerns\HasFootage;
use App\Models\Concerns\KeepsLog;
use App\Models\Concerns\KeepsVersion;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What is practised alone: a basic, or a solo form.
 *
 * @property int                       $id
 * @property string                    $code     its id in the open file
 * @property string                    $name
 * @property SoloKind                  $kind
 * @property int                       $rank_id  from which it is asked
 * @property string                    $word     of the notation that a basic is; empty for none
 * @property string                    $side
 * @property string                    $surface  what hits or stops
 * @property list<string>              $points   what is done, in order
 * @property list<string>              $mistakes
 * @property array<string, mixed>|null $feet     `left`, `right` and `weight` as in the open file
 * @property string                    $beats    of a form
 * @property Rank                      $rank
 * @property School                    $school
 */
final class Solo extends Model
{
    use BelongsToSchool;
    use HasFootage;
    use KeepsLog;
    use KeepsVersion;

    protected $attributes = [
        'word' => '', 'side' => 'both', 'surface' => '', 'points' => '[]', 'mistakes' => '[]', 'feet' => null,
        'beats' => '', 'version' => 1,
    ];

    protected function casts(): array
    {
        return [
            'kind' => SoloKind::class,
            'points' => Json::TEXTS,
            'mistakes' => Json::TEXTS,
            'feet' => Json::MAP,
            'version' => 'integer',
        ];
    }

    public function isForm(): bool
    {
        return $this->kind === SoloKind::Form;
    }

    /** @return BelongsTo<Rank, $this> */
    public function rank(): BelongsTo
    {
        return $this->belongsTo(Rank::class);
    }

    /** @return HasMany<SoloMark, $this> the latest first */
    public function marks(): HasMany
    {
        return $this->hasMany(SoloMark::class)->orderByDesc('at')->orderByDesc('id');
    }

    /** @return HasMany<SoloPractice, $this> when it was practised at home */
    public function practices(): HasMany
    {
        return $this->hasMany(SoloPractice::class);
    }
}
