<?php

declare(strict_types=1);

namespace App\View\Wall;

/** How a stone differs from what it was, or from what it would be. */
enum Change: string
{
    case Laid = 'gained';
    case Lost = 'lost';
    case Opened = 'opened';
    case Eased = 'eased';

    public static function between(StoneState $before, StoneState $after): ?self
    {
        return match (true) {
            ! $before->isLaid() && $after->isLaid() => self::Laid,
            $before->isLaid() && ! $after->isLaid() => self::Lost,
            $before === StoneState::Ahead && $after->isHole() => self::Opened,
            $before->isHole() && $after === StoneState::Ahead => self::Eased,
            default => null,
        };
    }

    /** Drawn on the stone. */
    public function sign(): string
    {
        return match ($this) {
            self::Laid => '+',
            self::Lost => '−',
            self::Opened => '!',
            self::Eased => '○',
        };
    }

    public function text(): string
    {
        return __('wall.changes.'.$this->value);
    }
}
