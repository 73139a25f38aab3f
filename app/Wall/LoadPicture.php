<?php

declare(strict_types=1);

namespace App\Wall;

use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Coverage\Load;

/** The ranks side by side as steps: what of each is known from before, and what is new. Lengths are units of the drawing. */
final readonly class LoadPicture
{
    private const LEFT = 44.0;
    private const TOP = 22.0;
    private const BODY = 190.0;
    private const STEP = 118.0;
    private const BAR = 74.0;

    public float $width;
    public float $height;

    /** @var list<array{name: string, x: float, middle: float, known: array{y: float, height: float}, new: array{y: float, height: float}, isSteep: bool, load: Load, says: string}> */
    public array $bars;

    /** @var list<array{y: float, says: string}> */
    public array $lines;

    /** Height above which a rank is steep; null with nothing to learn. */
    public ?float $limit;

    /** @param list<Load> $loads lowest rank first */
    public function __construct(Catalogue $catalogue, array $loads)
    {
        $most = max(1, ...array_map(static fn (Load $load): float => max((float) $load->actions, $load->newActions), $loads ?: [])) ;
        $scale = self::BODY / $most;
        $names = array_column($catalogue->ranks, 'name', 'id');
        $steep = Load::steep($loads);
        $bars = [];
        foreach ($loads as $index => $load) {
            $x = self::LEFT + 14 + $index * self::STEP;
            $new = $load->newActions * $scale;
            $known = max(0.0, $load->actions - $load->newActions) * $scale;
            $bars[] = [
                'name' => $names[$load->rank],
                'x' => $x,
                'middle' => $x + self::BAR / 2,
                'new' => ['y' => round(self::TOP + self::BODY - $new, 1), 'height' => round($new, 1)],
                'known' => ['y' => round(self::TOP + self::BODY - $new - $known, 1), 'height' => round($known, 1)],
                'isSteep' => in_array($load->rank, $steep, true),
                'load' => $load,
                'says' => sprintf('%s: %d actions in %d beats, %.1f of them new, %.2f bits of choice', $names[$load->rank], $load->actions, $load->beats, $load->newActions, $load->choiceBits),
            ];
        }
        $this->bars = $bars;
        $this->width = max(620.0, self::LEFT + 20 + count($loads) * self::STEP);
        $this->height = self::TOP + self::BODY + 44;
        $limit = Load::steepFrom($loads);
        $this->limit = $limit > 0 && $limit <= $most ? round(self::TOP + self::BODY - $limit * $scale, 1) : null;
        $this->lines = $this->lines($most, $scale);
    }

    public function foot(): float
    {
        return self::TOP + self::BODY;
    }

    public function bar(): float
    {
        return self::BAR;
    }

    /** @return list<array{y: float, says: string}> */
    private function lines(float $most, float $scale): array
    {
        $each = max(1, (int) (10 ** floor(log10($most / 2))));
        $each *= $most / $each > 8 ? 2 : 1;
        $lines = [];
        for ($value = 0; $value <= $most; $value += $each) {
            $lines[] = ['y' => round(self::TOP + self::BODY - $value * $scale, 1), 'says' => (string) $value];
        }

        return $lines;
    }
}
