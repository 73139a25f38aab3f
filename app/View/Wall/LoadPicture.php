<?php

declare(strict_types=1);

namespace App\View\Wall;

use StoneDrill\Core\Coverage\Load;
use StoneDrill\Core\Curriculum\Catalogue;

/**
 * The ranks side by side as steps: what of each is known from before, and what is new. Lengths are units of the
 * drawing.
 */
final readonly class LoadPicture
{
    private const LEFT = 44.0;
    private const TOP = 22.0;
    private const BODY = 190.0;
    private const STEP = 118.0;
    private const BAR = 74.0;

    public float $width;
    public float $height;

    /**
     * @var list<array{name: string, x: float, middle: float, rects: array<string, array{y: float, height: float}>,
     *     figureLine: float, figure: string, choice: string, text: string}>
     */
    public array $bars;

    /** @var list<array{y: float, line: float, text: string}> */
    public array $lines;

    /** @var list<string> names of the ranks that ask too much at once */
    private array $steep;

    /** Height above which a rank is steep; null with nothing to learn. */
    public ?float $limit;

    /** @param list<Load> $loads lowest rank first */
    public function __construct(Catalogue $catalogue, array $loads)
    {
        $max = max(
            1,
            ...array_map(static fn (Load $load): float => max((float) $load->actions, $load->newActions), $loads ?: []),
        );
        $scale = self::BODY / $max;
        $names = array_column($catalogue->ranks, 'name', 'id');
        $steep = Load::steep($loads);
        $this->steep = array_map(static fn (string $rank): string => $names[$rank], $steep);
        $bars = [];
        foreach ($loads as $index => $load) {
            $x = self::LEFT + 14 + $index * self::STEP;
            $new = $load->newActions * $scale;
            $known = max(0.0, $load->actions - $load->newActions) * $scale;
            $isSteep = in_array($load->rank, $steep, true);
            $newRect = ['y' => round(self::TOP + self::BODY - $new, 1), 'height' => round($new, 1)];
            $knownRect = ['y' => round(self::TOP + self::BODY - $new - $known, 1), 'height' => round($known, 1)];
            $bars[] = [
                'name' => $names[$load->rank].($isSteep ? ' ▲' : ''),
                'x' => $x,
                'middle' => $x + self::BAR / 2,
                'rects' => ['known' => $knownRect, 'new' => $newRect, ...$isSteep ? ['steep' => $newRect] : []],
                'figureLine' => $knownRect['y'] - 5,
                'figure' => __('load.bar', ['actions' => $load->actions, 'new' => number_format($load->newActions, 1)]),
                'choice' => __('load.bar-choice', ['bits' => number_format($load->choiceBits, 2)]),
                'text' => __('load.bar-text', [
                    'rank' => $names[$load->rank],
                    'actions' => $load->actions,
                    'beats' => $load->beats,
                    'new' => number_format($load->newActions, 1),
                    'bits' => number_format($load->choiceBits, 2),
                ]),
            ];
        }
        $this->bars = $bars;
        $this->width = max(620.0, self::LEFT + 20 + count($loads) * self::STEP);
        $this->height = self::TOP + self::BODY + 44;
        $limit = Load::steepFrom($loads);
        $this->limit = $limit > 0 && $limit <= $max ? round(self::TOP + self::BODY - $limit * $scale, 1) : null;
        $this->lines = $this->lines($max, $scale);
    }

    /** Which ranks ask too much at once, in a sentence. */
    public function steepText(): string
    {
        return $this->steep === [] ? __('load.not-steep') : __('load.steep', ['ranks' => implode(', ', $this->steep)]);
    }

    public function nameLine(): float
    {
        return self::TOP + self::BODY + 17;
    }

    public function choiceLine(): float
    {
        return self::TOP + self::BODY + 33;
    }

    public function limitLine(): float
    {
        return ($this->limit ?? 0.0) - 4;
    }

    public function bar(): float
    {
        return self::BAR;
    }

    /** @return list<array{y: float, line: float, text: string}> */
    private function lines(float $max, float $scale): array
    {
        $each = max(1, (int) (10 ** floor(log10($max / 2))));
        $each *= $max / $each > 8 ? 2 : 1;
        $lines = [];
        for ($value = 0; $value <= $max; $value += $each) {
            $lines[] = [
                'y' => round(self::TOP + self::BODY - $value * $scale, 1),
                'line' => round(self::TOP + self::BODY - $value * $scale + 4, 1),
                'text' => (string) $value,
            ];
        }

        return $lines;
    }
}
