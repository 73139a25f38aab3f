<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\BelongsToSchool;
use App\Models\Concerns\KeepsLog;
use Illuminate\Database\Eloquent\Model;

/**
 * A school's own kind of attack.
 *
 * @property string       $code
 * @property string       $name
 * @property string       $family
 * @property string       $start
 * @property list<string> $attacker_busy
 * @property list<string> $defender_held
 * @property list<string> $hands
 * @property list<int>    $bearings
 * @property list<string> $cautions
 * @property School $school
 */
final class Kind extends Model
{
    use BelongsToSchool;
    use KeepsLog;

    public $timestamps = false;

    protected function casts(): array
    {
        return [
            'attacker_busy' => Json::TEXTS,
            'defender_held' => Json::TEXTS,
            'hands' => Json::TEXTS,
            'bearings' => Json::NUMBERS,
            'cautions' => Json::TEXTS,
        ];
    }
}
