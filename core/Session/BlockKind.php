<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use StoneDrill\Core\Text;

/** A part of a class. */
enum BlockKind: string
{
    case Gather = 'gather';
    case Basics = 'basics';
    case Teach = 'teach';
    case Drill = 'drill';
    case Pressure = 'pressure';
    case Close = 'close';

    /** Minutes that it never goes below. */
    public function least(): int
    {
        return $this === self::Gather || $this === self::Close ? 2 : 0;
    }

    /** Minutes that it never goes beyond, as long as another block can take them. */
    public function most(): ?int
    {
        return $this === self::Gather ? 5 : null;
    }

    public function text(): Text
    {
        return Text::of("classes.blocks.{$this->value}");
    }
}
