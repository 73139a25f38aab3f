<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Curriculum\Mistake;

/** A usual mistake of an answer, and what it breaks first. */
final readonly class MadeMistake
{
    /** @param ?Finding $breaks null where nothing more breaks, or it is not known how the mistake is made */
    private function __construct(public Mistake $mistake, public ?Finding $breaks) {}

    /** @return list<self> those of an answer that was examined */
    public static function of(Examiner $examiner, Examination $examination, Side $side): array
    {
        return array_map(static fn (Mistake $mistake): self => new self($mistake, $examiner->breaks($examination, $mistake, $side)), $examination->trial->answer->teaching->mistakes);
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return [
            'text' => $this->mistake->text,
            'breaks' => $this->breaks === null ? null : ['check' => $this->breaks->check->value, 'beat' => $this->breaks->beat, 'message' => $this->breaks->message],
        ];
    }
}
