<?php

declare(strict_types=1);

namespace App\View\Wall;

use App\View\BearingText;
use StoneDrill\Core\Coverage\Rose;
use StoneDrill\Core\Coverage\RoseSector;
use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Geometry\BearingStyle;

/** A rose as it is drawn: rings from inside out, twelve sectors each, 12 o’clock up. */
final readonly class RosePicture
{
    private const INNER = 36.0;
    private const OUTER = 200.0;

    /** Degrees between two sectors. */
    private const GAP = 2.0;

    /**
     * @var list<array{path: string, fill: string, crack: string, share: float, url: string, text: string,
     *     isBlank: bool}>
     */
    public array $sectors;

    /** @var list<array{x: float, y: float, label: string}> */
    public array $hours;

    /** @var list<array{y: float, label: string}> names of the rings, from inside out */
    public array $rings;

    /**
     * @param array<string, string>         $names of rings by id, from inside out
     * @param callable(string, int): string $url   where a sector leads, by its ring and hour
     * @param BearingStyle                  $style how the school says directions
     */
    public function __construct(
        Rose $rose,
        array $names,
        callable $url,
        private BearingStyle $style = BearingStyle::Clock,
    ) {
        $names = array_intersect_key($names, $rose->rings);
        $wide = (self::OUTER - self::INNER) / max(1, count($names));
        [$sectors, $rings] = [[], []];
        foreach (array_keys($names) as $place => $id) {
            $inner = self::INNER + $place * $wide;
            $rings[] = ['y' => round(-$inner - $wide / 2 + 3, 1), 'label' => $names[$id]];
            foreach ($rose->rings[$id] as $hour => $sector) {
                $sectors[] = $this->sector(
                    $sector,
                    $hour,
                    $inner,
                    $inner + $wide - 2,
                    $names[$id],
                    $url((string) $id, $hour),
                );
            }
        }
        [$this->sectors, $this->rings] = [$sectors, $rings];
        $this->hours = array_map(
            static fn (int $hour): array => [
                'x' => round(214 * sin(deg2rad(30 * $hour)), 1),
                'y' => round(-214 * cos(deg2rad(30 * $hour)) + 4, 1),
                'label' => BearingText::onRing($hour, $style),
            ],
            range(1, 12),
        );
    }

    /**
     * @return array{path: string, fill: string, crack: string, share: float, url: string, text: string, isBlank: bool}
     */
    private function sector(RoseSector $sector, int $hour, float $inner, float $outer, string $name, string $url): array
    {
        $share = $sector->share();
        $where = ['ring' => $name, 'bearing' => BearingText::of(Bearing::hour($hour), $this->style)];

        return [
            'path' => self::slice($hour, $inner, $outer),
            // Filled from inside as far as the share goes, by area.
            'fill' => $share === null || $share <= 0
                ? ''
                : self::slice($hour, $inner, sqrt($inner ** 2 + $share * ($outer ** 2 - $inner ** 2))),
            'crack' => $sector->isCracked() ? self::crack($hour, $inner, $outer) : '',
            'share' => $share ?? 0.0,
            'url' => $url,
            'text' => $share === null
                ? __('rose.blank', $where)
                : __($sector->isCracked() ? 'rose.cracked' : 'rose.sector', [
                    ...$where,
                    'percent' => (int) round(100 * $share),
                    'taught' => (int) round((100 * $sector->taught) / $sector->needed),
                ]),
            'isBlank' => $share === null,
        ];
    }

    private static function slice(int $hour, float $inner, float $outer): string
    {
        [$from, $to] = [30 * $hour - 15 + self::GAP / 2, 30 * $hour + 15 - self::GAP / 2];

        return sprintf(
            'M%s A%2$s %2$s 0 0 1 %3$s L%4$s A%5$s %5$s 0 0 0 %6$sZ',
            self::at($from, $outer),
            round($outer, 1),
            self::at($to, $outer),
            self::at($to, $inner),
            round($inner, 1),
            self::at($from, $inner),
        );
    }

    /** A jagged line through a sector. */
    private static function crack(int $hour, float $inner, float $outer): string
    {
        $points = [];
        foreach ([-12, -4, 4, 12] as $place => $degrees) {
            $points[] = self::at(30 * $hour + $degrees, $inner + ($outer - $inner) * ($place % 2 === 0 ? 0.35 : 0.65));
        }

        return 'M'.implode('L', $points);
    }

    private static function at(float $degrees, float $radius): string
    {
        return round($radius * sin(deg2rad($degrees)), 1).' '.round(-$radius * cos(deg2rad($degrees)), 1);
    }
}
