<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\BelongsToSchool;
use Illuminate\Database\Eloquent\Model;

/**
 * A school's own kind of attack.
 *
 * @property string       $code
 * @property string       $name
 * @property string       $family
 * @property string       $start
 * @property list<string> $his_busy
 * @property list<string> $yours
 * @property list<string> $hands
 * @property list<int>    $bearings
 * @property list<string> $cautions
 */
final class Kind extends Model
{
    use BelongsToSchool;

    public $timestamps = false;

    protected function casts(): array
    {
        return ['his_busy' => Json::TEXTS, 'yours' => Json::TEXTS, 'hands' => Json::TEXTS, 'bearings' => Json::NUMBERS, 'cautions' => Json::TEXTS];
    }
}
