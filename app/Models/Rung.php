<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\BelongsToSchool;
use App\Models\Concerns\KeepsLog;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int          $number
 * @property string       $name
 * @property float        $pace
 * @property bool         $attack_told
 * @property bool         $moment_told
 * @property int          $resistance
 * @property bool         $follow_ups
 * @property list<string> $stressors
 * @property School $school
 */
final class Rung extends Model
{
    use BelongsToSchool;
    use KeepsLog;

    public $timestamps = false;

    protected function casts(): array
    {
        return ['pace' => 'float', 'stressors' => Json::TEXTS];
    }
}
