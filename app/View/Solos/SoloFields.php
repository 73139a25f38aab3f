<?php

declare(strict_types=1);

namespace App\View\Solos;

use App\Models\School;
use App\Models\Solo;
use App\Models\SoloKind;
use App\Persistence\SoloMapper;
use App\View\Spelling;
use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Solo\Basic;
use StoneDrill\Core\Solo\BasicSide;
use StoneDrill\Core\Solo\FootPlan;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Verb;

/** A basic or a form in its form: feet in centimetres of the school's typical body, lists a line each. */
final readonly class SoloFields
{
    /** Fields of the feet, all of them or none, but for the weight. */
    private const FEET = ['left_right', 'left_ahead', 'right_right', 'right_ahead'];

    private const TURNED = ['left_turned', 'right_turned'];

    /**
     * @param Solo  $solo    a new one where it is to be added
     * @param float $stature metres, of the body in whose centimetres the feet are
     */
    public function __construct(public Solo $solo, public School $school, public float $stature) {}

    /** The beats of a form. */
    public function beats(): string
    {
        return Spelling::ofSchool($this->school)->form($this->solo->beats ?? '');
    }

    /** @return array<string, list<mixed>> */
    public static function feetRules(): array
    {
        $rules = [];
        foreach (self::FEET as $field) {
            $rules[$field] = [
                'nullable',
                'numeric',
                'between:-100,100',
                'required_with:'.implode(',', array_diff([...self::FEET, 'weight'], [$field])),
            ];
        }
        foreach (self::TURNED as $field) {
            $rules[$field] = ['nullable', 'numeric', 'between:-'.FootPlan::TURNED.','.FootPlan::TURNED];
        }

        return [...$rules, 'weight' => ['nullable', 'integer', 'between:0,100']];
    }

    /**
     * What stands in its fields, as a column; null where nothing does.
     *
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed>|null
     */
    public static function feet(array $values, float $stature): ?array
    {
        if (! is_numeric($values['left_right'] ?? null)) {
            return null;
        }
        $share = static fn (string $field): float => max(
            -FootPlan::FARTHEST,
            min(FootPlan::FARTHEST, round((float) ($values[$field] ?? 0) / 100 / $stature, 4)),
        );
        $weight = $values['weight'] ?? null;

        return SoloMapper::feetColumn(
            new FootPlan(
                new Point($share('left_right'), $share('left_ahead')),
                new Point($share('right_right'), $share('right_ahead')),
                (float) ($values['left_turned'] ?? 0),
                (float) ($values['right_turned'] ?? 0),
                is_numeric($weight) ? (int) $weight : null,
            ),
        );
    }

    /** @return list<string> the lines of a text, without those that are empty */
    public static function lines(string $text): array
    {
        return array_values(
            array_filter(
                array_map(trim(...), preg_split('/\R/u', $text) ?: []),
                static fn (string $line): bool => $line !== '',
            ),
        );
    }

    /** @return array<string, string> what stands in the fields of the feet */
    public function footValues(): array
    {
        $plan = SoloMapper::feet($this->solo);
        $cm = fn (float $share): string => (string) round(100 * $share * $this->stature, 1);
        $values = $plan === null
            ? []
            : [
                'left_right' => $cm($plan->left->x),
                'left_ahead' => $cm($plan->left->y),
                'left_turned' => (string) $plan->leftTurned,
                'right_right' => $cm($plan->right->x),
                'right_ahead' => $cm($plan->right->y),
                'right_turned' => (string) $plan->rightTurned,
                'weight' => (string) $plan->weight,
            ];
        $fields = ['left_right', 'left_ahead', 'left_turned', 'right_right', 'right_ahead', 'right_turned', 'weight'];

        return array_combine(
            $fields,
            array_map(
                static fn (string $field): string => is_scalar($typed = old($field, $values[$field] ?? ''))
                    ? (string) $typed
                    : '',
                $fields,
            ),
        );
    }

    /** @return array<string, string> names of kinds by value */
    public static function kinds(): array
    {
        return array_combine(
            $values = array_column(SoloKind::basics(), 'value'),
            array_map(static fn (string $kind): string => __("solos.kinds.{$kind}"), $values),
        );
    }

    /** @return array<string, string> words of the notation, and none */
    public static function words(): array
    {
        return [
            '' => __('solos.no-word'),
            ...array_map(static fn (Strike|Verb $word): string => (string) $word->value, Basic::words()),
        ];
    }

    /** @return array<string, string> */
    public static function sides(): array
    {
        return array_combine(
            $values = array_column(BasicSide::cases(), 'value'),
            array_map(static fn (string $side): string => __("solos.sides.{$side}"), $values),
        );
    }
}
