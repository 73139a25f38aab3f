<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\BelongsToSchool;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use StoneDrill\Core\Proof\Outcome;

/**
 * How an item of a test went, as an examiner saw it.
 *
 * @property int             $id
 * @property int             $test_item_id
 * @property int             $student_id
 * @property int|null        $examiner_id
 * @property int             $attempt      1, or 2 where it was shown again
 * @property bool            $settles      whether it stands for those of all examiners, who differed
 * @property Outcome         $outcome
 * @property list<string>    $mistakes
 * @property string          $remark
 * @property CarbonImmutable $at
 * @property User|null       $examiner
 * @property TestItem        $item
 */
final class TestMark extends Model
{
    use BelongsToSchool;

    public $timestamps = false;

    protected $attributes = ['settles' => false, 'mistakes' => '[]', 'remark' => ''];

    protected function casts(): array
    {
        return [
            'outcome' => Outcome::class,
            'mistakes' => Json::TEXTS,
            'settles' => 'boolean',
            'at' => 'immutable_datetime',
            'attempt' => 'integer',
        ];
    }

    /** @return BelongsTo<TestItem, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(TestItem::class, 'test_item_id');
    }

    /** @return BelongsTo<User, $this> */
    public function examiner(): BelongsTo
    {
        return $this->belongsTo(User::class, 'examiner_id');
    }
}
