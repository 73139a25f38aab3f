<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSchool;
use App\Models\Concerns\KeepsLog;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int    $id
 * @property int    $position
 * @property string $code
 * @property string $name
 * @property int    $max_beats
 * @property int    $goal_rung
 * @property School $school
 */
final class Rank extends Model
{
    use BelongsToSchool;
    use KeepsLog;

    public $timestamps = false;
}
