<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Curriculum\Answer;

/** How much two answers have in common, seen from one of them. */
final readonly class Resemblance
{
    /**
     * @param Answer $other  the other answer
     * @param float  $brings share of this answer's actions that the other one brings along, 0 to 1
     * @param float  $gives  share of the other's actions that this one brings along
     */
    private function __construct(public Answer $other, public float $brings, public float $gives) {}

    /**
     * Every other answer, the one that brings most along first.
     *
     * @param list<Answer> $answers
     *
     * @return list<self>
     */
    public static function of(Answer $answer, array $answers): array
    {
        $found = [];
        foreach ($answers as $other) {
            if ($other->id !== $answer->id) {
                $found[] = new self(
                    $other,
                    CarryOver::from($other->beats, $answer->beats),
                    CarryOver::from($answer->beats, $other->beats),
                );
            }
        }
        usort(
            $found,
            static fn (self $a, self $b): int => [$b->brings, $b->gives, $a->other->id] <=> [
                $a->brings,
                $a->gives,
                $b->other->id,
            ],
        );

        return $found;
    }
}
