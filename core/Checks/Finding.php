<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Limb;

/** What a check says of one beat. */
final readonly class Finding
{
    /**
     * @param string $check   the check's name
     * @param string $beat    number of the beat
     * @param string $message one sentence, with its figures
     * @param string $mend    one sentence: how to mend it
     */
    public function __construct(
        public string $check,
        public Severity $severity,
        public string $beat,
        public string $message,
        public string $mend,
        public ?Limb $limb = null,
    ) {}

    /** Whether it is of the same check at the same beat and limb as another one. */
    public function isLike(self $other): bool
    {
        return [$this->check, $this->beat, $this->limb] === [$other->check, $other->beat, $other->limb];
    }
}
