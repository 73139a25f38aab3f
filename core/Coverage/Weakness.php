<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

/** What an answer lacks in a cell where it works. */
enum Weakness: string
{
    case Barred = 'barred';
    case NoWayOut = 'no way out';
    case SizeBound = 'size-bound';
    case Slow = 'slow';
    case NoWhatIf = 'no what-if';

    /** The hole it makes where every answer of the cell has it. */
    public function hole(): HoleKind
    {
        return match ($this) {
            self::Barred => HoleKind::Barred,
            self::NoWayOut => HoleKind::NoWayOut,
            self::SizeBound => HoleKind::SizeBound,
            self::Slow => HoleKind::EarlyOnly,
            self::NoWhatIf => HoleKind::NoWhatIf,
        };
    }
}
