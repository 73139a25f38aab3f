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

    /** What was asked for; whatever is left out or means nothing is the usual. */
    public static function of(Request $request, Catalogue $catalogue, Attack $attack): self
    {
        $sizes = new Sizes($catalogue->school);
        $defender = self::known($request, 'defender', $sizes->all()) ?? $catalogue->school->statures->typical;
        $attacker = self::known($request, 'attacker', $sizes->all()) ?? $sizes->attacker($defender, $attack->facets->build);
        $rung = $request->input('rung');

        return new self(
            $defender,
            $attacker,
            $attack->side(Side::tryFrom(Word::in($request, 'side')) ?? Side::Written),
            is_numeric($rung) && $catalogue->ladder->has((int) $rung) ? $catalogue->ladder->get((int) $rung) : null,
            BearingStyle::tryFrom(Word::in($request, 'style')) ?? $catalogue->school->conventions->bearings,
            $sizes->bodies($defender, $attacker, $attack->facets->build),
            $sizes->all(),
        );
    }

    /** @param array<string, float> $sizes */
    private static function known(Request $request, string $key, array $sizes): ?string
    {
        $word = Word::in($request, $key);

        return isset($sizes[$word]) ? $word : null;
    }

    public function isMirrored(): bool
    {
        return $this->side === Side::Mirrored;
    }

    /** @return array<string, string> names with their heights, by size */
    public function sizeNames(): array
    {
        $names = [];
        foreach ($this->sizes as $name => $height) {
            $names[$name] = __('floor.settings.size', ['size' => $name, 'metres' => number_format($height, 2)]);
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
