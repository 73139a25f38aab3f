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
    /**
     * @param ?Examination $made   the answer with it made; null where it is not known how
     * @param ?Finding     $breaks null where nothing more breaks
     */
    private function __construct(public Mistake $mistake, public ?Examination $made, public ?Finding $breaks) {}

    /**
     * @param ?bool $isMirrored whether the answer is mirrored there; null where that is as its own attack is
     *
     * @return list<self> those of an answer that was examined
     */
    public static function of(
        Examiner $examiner,
        Examination $examination,
        Side $side,
        ?bool $isMirrored = null,
    ): array {
        return array_map(static function (Mistake $mistake) use (
            $examiner,
            $examination,
            $side,
            $isMirrored,
        ): self {
            $made = $examiner->made($examination, $mistake, $side, $isMirrored);

            return new self($mistake, $made, $made === null ? null : Examiner::more($examination, $made));
        }, $examination->trial->answer->teaching->mistakes);
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return [
            'text' => $this->mistake->text,
            'breaks' => $this->breaks === null
                ? null
                : [
                    'check' => $this->breaks->check->value,
                    'beat' => $this->breaks->beat,
                    'message' => $this->breaks->message,
                ],
        ];
    }
}
