<?php

declare(strict_types=1);

namespace App\View\Workbench;

use App\Http\Word;
use Illuminate\Http\Request;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Geometry\BearingStyle;

/** For which bodies, from which side and at which pace an answer is looked at. */
final readonly class BenchSettings
{
    /** Metres between which a body can be chosen. */
    public const SHORTEST = 1.0;
    public const TALLEST = 2.2;

    private function __construct(
        public string $defender,
        public string $attacker,
        public Side $side,
        public ?Rung $rung,
        public BearingStyle $style,
        public Bodies $bodies,
        /** @var array<string, float> */
        public array $sizes,
    ) {}

    /** The school's typical body and the attacker that goes with it, from the written side at full pace. */
    public static function usual(Catalogue $catalogue, Attack $attack): self
    {
        return self::of(new Request(), $catalogue, $attack);
    }

    /** What was asked for; whatever is left out or means nothing is the usual. */
    public static function of(Request $request, Catalogue $catalogue, Attack $attack): self
    {
        $sizes = new Sizes($catalogue->school);
        $defender = self::known($request, 'defender', $sizes->all()) ?? $catalogue->school->statures->typical;
        $attacker = self::known($request, 'attacker', $sizes->all())
        ?? (isset($sizes->all()[$defender]) ? $sizes->attacker($defender, $attack->facets->build) : $defender);
        $rung = $request->input('rung');

        return new self(
            $defender,
            $attacker,
            $attack->side(Side::tryFrom(Word::in($request, 'side')) ?? Side::Written),
            is_numeric($rung) && $catalogue->ladder->has((int) $rung) ? $catalogue->ladder->get((int) $rung) : null,
            BearingStyle::tryFrom(Word::in($request, 'style')) ?? $catalogue->school->conventions->bearings,
            new Bodies($sizes->all()[$defender] ?? (float) $defender, $sizes->all()[$attacker] ?? (float) $attacker),
            $sizes->all(),
        );
    }

    /**
     * The name of a size, or metres, such as `1.43`.
     *
     * @param array<string, float> $sizes
     */
    private static function known(Request $request, string $key, array $sizes): ?string
    {
        $word = Word::in($request, $key);
        $isStature = is_numeric($word) && (float) $word >= self::SHORTEST && (float) $word <= self::TALLEST;

        return isset($sizes[$word]) ? $word : ($isStature ? number_format((float) $word, 2) : null);
    }

    /** The same for two sizes; null where one of them is none. */
    public function withSizes(string $defender, string $attacker): ?self
    {
        return isset($this->sizes[$defender], $this->sizes[$attacker])
            ? new self(
                $defender,
                $attacker,
                $this->side,
                $this->rung,
                $this->style,
                new Bodies($this->sizes[$defender], $this->sizes[$attacker]),
                $this->sizes,
            )
            : null;
    }

    /** The same with both bodies in each other's place. */
    public function swapped(): self
    {
        return new self(
            $this->attacker,
            $this->defender,
            $this->side,
            $this->rung,
            $this->style,
            $this->bodies->swapped(),
            $this->sizes,
        );
    }

    public function isMirrored(): bool
    {
        return $this->side === Side::Mirrored;
    }

    /** @return array<string, string|int> what asks for the same, as in an address */
    public function query(): array
    {
        return array_filter([
            'defender' => $this->defender,
            'attacker' => $this->attacker,
            'side' => $this->side->value,
            'rung' => $this->rung?->id,
            'style' => $this->style->value,
        ]);
    }

    /** @return array<array-key, string> names with their heights, by size or metres */
    public function sizeNames(): array
    {
        $names = [];
        foreach ($this->sizes as $name => $height) {
            $names[$name] = __('floor.settings.size', ['size' => $name, 'metres' => number_format($height, 2)]);
        }
        foreach (array_diff([$this->defender, $this->attacker], array_keys($names)) as $metres) {
            $names[$metres] = __('words.metres', ['metres' => $metres]);
        }

        return $names;
    }

    /**
     * @param list<Rung> $rungs
     *
     * @return array<int|string, string> names by number, full pace first
     */
    public function rungNames(array $rungs): array
    {
        $names = ['' => __('floor.settings.full-pace')];
        foreach ($rungs as $rung) {
            $names[$rung->id] = "{$rung->id} {$rung->name}";
        }

        return $names;
    }
}
