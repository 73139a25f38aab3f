<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

/** How closely an answer is looked at. Whoever asks for less gets the same findings of what was asked for, sooner. */
final readonly class Scope
{
    /**
     * @param list<Check> $checks      in the order of their findings
     * @param bool        $seesThreats whether each beat tells which of the attacker's weapons reach; two notes hang on
     *     it
     * @param bool        $variesUnbacked     whether what nothing backs up is left out and run again
     * @param bool        $variesAll  whether what is backed up is left out too, and the attacker's head put elsewhere
     */
    private function __construct(
        public array $checks,
        public bool $seesThreats,
        public bool $variesUnbacked,
        public bool $variesAll,
    ) {}

    /** All that there is to know. */
    public static function whole(): self
    {
        return new self(Checks::all(), true, true, true);
    }

    /** Every check on what is written, and nothing left out: nothing is unbranched. */
    public static function asWritten(): self
    {
        return new self(Checks::all(), true, false, false);
    }

    /** What stops it alone. */
    public static function stops(): self
    {
        static $stops = null;

        return $stops ??= new self(
            array_values(
                array_filter(
                    Checks::all(),
                    static fn (Check $check): bool => $check->rule()->severity === Severity::Stop,
                ),
            ),
            false,
            false,
            false,
        );
    }

    /** What decides whether an answer works. */
    public static function works(): self
    {
        static $works = null;

        return $works ??= new self(
            array_values(
                array_filter(
                    Checks::all(),
                    static fn (Check $check): bool => in_array($check->rule()->id, Checks::DECISIVE, true),
                ),
            ),
            false,
            false,
            false,
        );
    }

    /** What the curriculum has holes by alone: the contact policy, the way out, and what nothing backs up. */
    public static function holes(): self
    {
        static $holes = null;

        return $holes ??= new self([new Policy(), new NoExit(), new Unbranched()], false, true, false);
    }
}
