<?php

declare(strict_types=1);

namespace App\View\Board;

use StoneDrill\Core\Proof\ProofState;

/**
 * A board as a drawing of its own, with the names of the students and the key, to be saved. Lengths are units of the
 * drawing.
 */
final readonly class BoardSheet
{
    private const ROW = 24.0;
    private const NAME = 410.0;
    private const EDGE = 20.0;
    private const PERSON = 250.0;
    private const TOP = 46.0;

    public float $width;
    public float $height;
    public float $placesAt;
    public float $headsAt;
    public float $keyAt;

    /** @var list<array{x: float, y: float, text: string}> who stands in which place */
    public array $people;

    /** @var list<array{y: float, name: string}> */
    public array $families;

    /** @var list<array{y: float, line: BoardRow}> */
    public array $lines;

    public function __construct(Board $board)
    {
        $this->placesAt = self::EDGE + self::NAME;
        $this->width = max($this->placesAt + $board->width() + self::EDGE, 2 * self::EDGE + 3 * self::PERSON);
        $across = max(1, (int) floor(($this->width - 2 * self::EDGE) / self::PERSON));
        $this->people = array_map(
            static fn (array $head): array => [
                'x' => self::EDGE + self::PERSON * (($head['number'] - 1) % $across),
                'y' => self::TOP + self::ROW * intdiv($head['number'] - 1, $across) + 8,
                'text' => "{$head['number']} {$head['name']}",
            ],
            $board->heads(),
        );
        $this->headsAt = self::TOP + self::ROW * ceil(count($this->people) / $across);
        [$families, $lines, $y, $family] = [[], [], $this->headsAt + self::ROW, ''];
        foreach ($board->lines() as $line) {
            if ($line->family !== $family) {
                $families[] = ['y' => $y, 'name' => ($family = $line->family)];
                $y += self::ROW;
            }
            $lines[] = ['y' => $y, 'line' => $line];
            $y += self::ROW;
        }
        [$this->families, $this->lines] = [$families, $lines];
        $this->keyAt = $y + self::ROW;
        $this->height = $this->keyAt + self::EDGE;
    }

    /** What each sign means. */
    public function key(): string
    {
        return implode(
            '; ',
            array_map(
                static fn (ProofState $state): string => $state->sign().' '.__('board.legend.'.$state->value),
                ProofState::cases(),
            ),
        );
    }
}
