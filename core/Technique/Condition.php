<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** When a branch is taken. */
final readonly class Condition
{
    private function __construct(public Happening $happening, public ?Effect $effect = null) {}

    public static function of(Happening $happening): self
    {
        return new self($happening);
    }

    /** This effect instead of the assumed one. */
    public static function instead(Effect $effect): self
    {
        return new self(Happening::Instead, $effect);
    }

    /** What stands between `if` and the colon. */
    public function toText(): string
    {
        return $this->effect === null ? $this->happening->value : $this->effect->value;
    }
}
