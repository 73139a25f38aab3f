<?php

declare(strict_types=1);

namespace App\View\Wall;

/** One stone of the wall, ready to draw. */
final readonly class Stone
{
    /** Stones narrower than this have no room for the number of their hole. */
    private const NUMBERED = 5.0;

    /**
     * @param list<float> $proven     0 to 1; of two students the first has the upper half
     * @param ?float      $was        what was proven then, 0 to 1
     * @param ?string     $answer     id of the answer that can be moved with it
     * @param bool        $isDisputed whether the mat says of it what the floor does not
     */
    public function __construct(
        public StonePlace $place,
        public StoneLabel $label,
        public StoneState $state,
        public ?Change $change,
        public array $proven,
        public ?float $was,
        public ?string $answer,
        public bool $isDisputed = false,
    ) {}

    /** How it is drawn. */
    public function classes(): string
    {
        return implode(
            ' ',
            array_filter([
                'stone',
                $this->state->value,
                $this->change === null ? null : 'changed '.$this->change->value,
            ]),
        );
    }

    public function isFirst(): bool
    {
        return $this->place->course === 0 && $this->place->column === 0;
    }

    /** @return list<array{y: float, height: float}> the parts that are proven */
    public function moss(): array
    {
        $part = $this->place->height / max(1, count($this->proven));
        $moss = [];
        foreach ($this->proven as $index => $share) {
            if ($share > 0) {
                $moss[] = [
                    'y' => round($this->place->y + ($index + 1 - $share) * $part, 2),
                    'height' => round($share * $part, 2),
                ];
            }
        }

        return $moss;
    }

    /** @return list<array{class: string, y: float}> where one student's half ends, and where the proof ended then */
    public function lines(): array
    {
        $waist = count($this->proven) === 2 ? round($this->place->y + $this->place->height / 2, 2) : null;
        $was = $this->was === null || $this->was <= 0.0
            ? null
            : round($this->place->y + $this->place->height * (1 - $this->was), 2);

        return [
            ...$waist === null ? [] : [['class' => 'waist', 'y' => $waist]],
            ...$was === null ? [] : [['class' => 'was', 'y' => $was]],
        ];
    }

    /** Where what stands at its foot is written. */
    public function foot(): float
    {
        return $this->place->y + $this->place->height - 5;
    }

    public function right(): float
    {
        return $this->place->x + $this->place->width;
    }

    /** Whether its number has room on it. */
    public function showsNumber(): bool
    {
        return $this->label->number !== null && $this->place->width >= self::NUMBERED;
    }

    /** Numbers of neighbouring holes stand on two lines, where there is room for both. */
    public function numberLine(): float
    {
        return round($this->place->y + 14 + ($this->place->column % 2) * 12, 2);
    }

    /** The line of a crack, from the top of the stone to its foot. */
    public function crack(): string
    {
        $lean = min(3.0, $this->place->width / 4);
        $points = [];
        foreach ([0, 1, -1, 1, 0] as $step => $side) {
            $points[] = round($this->place->x + $this->place->width / 2 + $side * $lean, 2)
            .' '
            .round($this->place->y + ($step * $this->place->height) / 4, 2);
        }

        return 'M'.implode(' L', $points);
    }

    public function middle(): float
    {
        return round($this->place->x + $this->place->width / 2, 2);
    }

    public function centre(): float
    {
        return round($this->place->y + $this->place->height / 2 + 4, 2);
    }
}
