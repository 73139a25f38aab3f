<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;

/** Which cell is meant: an attack on one of its sides. */
final readonly class CellKey
{
    /** What stands for the cell where values are kept by cell; no attack's id has a space. */
    public string $text;

    public function __construct(public string $attack, public Side $side)
    {
        $this->text = $attack.' '.$side->value;
    }

    /** The cell that a text stands for. */
    public static function read(string $text): self
    {
        $space = (int) strrpos($text, ' ');

        return new self(substr($text, 0, $space), Side::from(substr($text, $space + 1)));
    }

    public static function of(Attack $attack, Side $side): self
    {
        return new self($attack->id, $side);
    }
}
