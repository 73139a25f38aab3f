<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Text;

/** What a check says of one beat. */
final readonly class Finding
{
    /**
     * @param string $beat    number of the beat
     * @param Text   $message one sentence, with its figures
     * @param Text   $mend    one sentence: how to mend it
     */
    public function __construct(
        public CheckId $check,
        public Severity $severity,
        public string $beat,
        public Text $message,
        public Text $mend,
        public ?Limb $limb = null,
    ) {}

    /** The same in other words. */
    public function saying(Text $message): self
    {
        return new self($this->check, $this->severity, $this->beat, $message, $this->mend, $this->limb);
    }

    /** Whether it is of the same check at the same beat and limb as another one. */
    public function isLike(self $other): bool
    {
        return [$this->check, $this->beat, $this->limb] === [$other->check, $other->beat, $other->limb];
    }
}
