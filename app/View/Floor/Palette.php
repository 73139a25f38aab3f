<?php

declare(strict_types=1);

namespace App\View\Floor;

/** The colours of a floor: chalk on slate on a screen, ink on paper in print. */
enum Palette
{
    case Slate;
    case Paper;

    public function ground(): string
    {
        return $this === self::Slate ? '#262d30' : '#ffffff';
    }

    /** Lines that lie under everything: the clock ring, the marks of a metre. */
    public function faint(): string
    {
        return $this === self::Slate ? '#5d696e' : '#b9b4a8';
    }

    public function defender(): string
    {
        return $this === self::Slate ? '#f5f2ea' : '#23292c';
    }

    public function attacker(): string
    {
        return $this === self::Slate ? '#f0936a' : '#a23f18';
    }

    public function reached(): string
    {
        return $this === self::Slate ? '#b5d3ac' : '#3f5a39';
    }

    public function text(): string
    {
        return $this === self::Slate ? '#e9e4d8' : '#23292c';
    }
}
