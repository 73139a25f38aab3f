<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Rep;

/** What became of a rep that somebody recorded. Only a stored one is in the log as it was sent. */
final readonly class RecordedRep
{
    /**
     * @param string   $id     of the rep that was sent, in small letters
     * @param bool     $stored whether the log has it, now or already, exactly as it was sent
     * @param string   $why    why it is not stored; empty when it is
     * @param Rep|null $other  the rep that stands in its way: the one with its id, or the one that corrects the same
     *     rep
     */
    private function __construct(
        public string $id,
        public bool $stored,
        public string $why = '',
        public ?Rep $other = null,
    ) {}

    public static function stored(string $id): self
    {
        return new self($id, true);
    }

    /**
     * Its id was taken by a rep with another content.
     *
     * @param non-empty-list<string> $differences columns
     */
    public static function conflict(string $id, string $outcome, int $rung, array $differences, Rep $other): self
    {
        $sent = array_intersect($differences, ['outcome', 'rung']) === []
            ? implode(
                ', ',
                array_map(static fn (string $column): string => __("reps.refused.columns.{$column}"), $differences),
            )
            : __('reps.refused.sent', ['outcome' => $outcome, 'rung' => $rung]);

        return new self(
            $id,
            false,
            __('reps.refused.conflict', [
                'sent' => $sent,
                'kept' => $other->outcome->value,
                'kept-rung' => $other->rung,
            ]),
            $other,
        );
    }

    /** Somebody else was faster: each rep has one correction, which can be corrected in turn. */
    public static function corrected(string $id, Rep $other): self
    {
        return new self(
            $id,
            false,
            __('reps.refused.corrected', ['outcome' => $other->outcome->value, 'rung' => $other->rung]),
            $other,
        );
    }

    /** The correction is of another student, attack or side than what it corrects. */
    public static function moved(string $id): self
    {
        return new self($id, false, __('reps.refused.moved'));
    }

    public static function unknown(string $id): self
    {
        return new self($id, false, __('reps.refused.unknown'));
    }
}
