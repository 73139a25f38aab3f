<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/** What may be said of a rep beside its outcome. */
final readonly class RepDetails
{
    /**
     * @param ?string      $answer   id of the answer used, null for an improvised one
     * @param list<string> $mistakes
     * @param ?float       $seconds  from call to finish
     * @param ?string      $replaces id of the rep that this one corrects
     * @param ?string      $reason   why it does
     * @param ?string      $attacker id of the student who attacked; null where it was no student, or is not known
     * @param ?string      $class    id of the class in which it was
     * @param ?int         $rules    version of the rules by which the program that recorded it ran; null where that is
     *     not known
     * @param ?AttackedBy  $attackedBy who attacked where it was no student
     */
    public function __construct(
        public ?string $answer = null,
        public array $mistakes = [],
        public ?Touched $touched = null,
        public ?float $seconds = null,
        public ?string $stressor = null,
        public Source $source = Source::Seen,
        public ?string $replaces = null,
        public ?string $reason = null,
        public ?string $attacker = null,
        public ?string $class = null,
        public ?int $rules = null,
        public ?AttackedBy $attackedBy = null,
    ) {}
}
