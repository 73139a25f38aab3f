<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use App\Models\Solo;
use App\Models\SoloKind;
use App\Models\SoloMark;
use App\Models\SoloPractice;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Solo\Basic;
use StoneDrill\Core\Solo\BasicKind;
use StoneDrill\Core\Solo\BasicSide;
use StoneDrill\Core\Solo\FootPlan;
use StoneDrill\Core\Solo\Mark;
use StoneDrill\Core\Solo\Practice;
use StoneDrill\Core\Solo\SoloForm;
use StoneDrill\Core\Solo\SoloMark as CoreMark;
use StoneDrill\Core\Technique\Notation\NotationException;

/** The way between rows of basics, forms and their marks, and core values. */
final readonly class SoloMapper
{
    public static function basic(Solo $row): Basic
    {
        return new Basic(
            $row->code,
            $row->name,
            BasicKind::from($row->kind->value),
            Basic::words()[$row->word] ?? null,
            $row->rank->code,
            BasicSide::from($row->side),
            $row->surface,
            $row->points,
            $row->mistakes,
            self::feet($row),
        );
    }

    /** Null where its beats cannot be read. */
    public static function form(Solo $row): ?SoloForm
    {
        try {
            return new SoloForm($row->code, $row->name, $row->rank->code, SoloForm::parse($row->beats));
        } catch (NotationException) {
            return null;
        }
    }

    /** Null where it has none, or none that can be read. */
    public static function feet(Solo $row): ?FootPlan
    {
        $feet = $row->feet ?? [];
        $foot = static fn (string $side): array => array_values(
            array_filter((array) ($feet[$side] ?? []), is_numeric(...)),
        );
        [$left, $right, $weight] = [$foot('left'), $foot('right'), $feet['weight'] ?? null];

        return count($left) < 2 || count($right) < 2
            ? null
            : new FootPlan(
                new Point((float) $left[0], (float) $left[1]),
                new Point((float) $right[0], (float) $right[1]),
                (float) ($left[2] ?? 0),
                (float) ($right[2] ?? 0),
                is_numeric($weight) ? (int) $weight : null,
            );
    }

    /** @return list<Basic> */
    public static function basics(School $school): array
    {
        return array_values($school->basics()->with('rank')->get()->map(self::basic(...))->all());
    }

    /** @return list<SoloForm> those that can be read */
    public static function forms(School $school): array
    {
        return array_values($school->forms()->with('rank')->get()->map(self::form(...))->filter()->all());
    }

    /** @return list<CoreMark> */
    public static function marks(School $school): array
    {
        return self::inOrder(SoloMark::query(), $school, static fn (SoloMark $row): CoreMark => new CoreMark(
            $row->student->code,
            $row->solo->isForm() ? '' : $row->solo->code,
            $row->solo->isForm() ? $row->solo->code : '',
            $row->mark,
            $row->at,
            $row->mistakes,
            self::beats($row),
        ));
    }

    /** @return list<Practice> */
    public static function practised(School $school): array
    {
        return self::inOrder(SoloPractice::query(), $school, static fn (SoloPractice $row): Practice => new Practice(
            $row->student->code,
            $row->solo->isForm() ? '' : $row->solo->code,
            $row->solo->isForm() ? $row->solo->code : '',
            $row->at,
        ));
    }

    /**
     * @template TRow of Model
     * @template TRead
     *
     * @param Builder<TRow>         $rows
     * @param callable(TRow): TRead $read
     *
     * @return list<TRead> all of a school in the order of time
     */
    private static function inOrder(Builder $rows, School $school, callable $read): array
    {
        $rows->where('school_id', $school->id)->with('solo', 'student')->orderBy('at')->orderBy('id');

        return array_values($rows->get()->map($read)->all());
    }

    /** @return array<int, Mark> by number of the beat */
    private static function beats(SoloMark $row): array
    {
        $beats = [];
        foreach ($row->beats as $number => $mark) {
            $beats[(int) $number] = Mark::tryFrom((string) $mark) ?? Mark::Sound;
        }

        return $beats;
    }

    /**
     * @param array<string, int> $ranks ids of the rows by code
     *
     * @return array<string, mixed> columns
     */
    public static function basicColumns(Basic $basic, array $ranks): array
    {
        return [
            'code' => $basic->id,
            'name' => $basic->name,
            'kind' => SoloKind::of($basic->kind),
            'rank_id' => $ranks[$basic->rank],
            'word' => $basic->word->value ?? '',
            'side' => $basic->side->value,
            'surface' => $basic->surface,
            'points' => $basic->points,
            'mistakes' => $basic->mistakes,
            'feet' => $basic->feet === null ? null : self::feetColumn($basic->feet),
        ];
    }

    /** @return array<string, mixed> */
    public static function feetColumn(FootPlan $feet): array
    {
        return [
            'left' => [$feet->left->x, $feet->left->y, $feet->leftTurned],
            'right' => [$feet->right->x, $feet->right->y, $feet->rightTurned],
            'weight' => $feet->weight,
        ];
    }

    /**
     * @param array<string, int> $ranks ids of the rows by code
     *
     * @return array<string, mixed> columns
     */
    public static function formColumns(SoloForm $form, array $ranks): array
    {
        return [
            'code' => $form->id,
            'name' => $form->title,
            'kind' => SoloKind::Form,
            'rank_id' => $ranks[$form->rank],
            'beats' => $form->toText(),
        ];
    }
}
