<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Text;

/** What a check is called, how much it matters and what sets it off. Its texts stand in lang/ under its name. */
final readonly class Rule
{
    public function __construct(public CheckId $id, public Severity $severity) {}

    /** What sets it off, as the table of checks says it. */
    public function trigger(): Text
    {
        return Text::of("checks.{$this->id->value}.trigger");
    }

    /**
     * The same about a figure that is short: one step milder, and saying so, where it is close.
     *
     * @param float                                                  $short     how much is missing, above 0
     * @param Tolerance                                              $tolerance what counts as close
     * @param array<string, int|float|string|Text|list<string|Text>> $values    in its texts, by name
     * @param ?string                                                $case      which of its texts, where it has several
     */
    public function measured(
        Frame $frame,
        float $short,
        Tolerance $tolerance,
        array $values = [],
        ?string $case = null,
        ?Limb $limb = null,
    ): Finding {
        $finding = $this->at($frame, $values, $case, $limb);

        return $tolerance->isClose($short)
            ? new Finding(
                $this->id,
                $this->severity->milder(),
                $frame->number,
                Text::of('checks.close', ['message' => $finding->message, 'within' => $tolerance->text()]),
                $finding->mend,
                $limb,
            )
            : $finding;
    }

    /**
     * @param array<string, int|float|string|Text|list<string|Text>> $values in its texts, by name
     * @param ?string                                                $case   which of its texts, where it has several
     */
    public function at(Frame $frame, array $values = [], ?string $case = null, ?Limb $limb = null): Finding
    {
        $texts = "checks.{$this->id->value}.".($case === null ? '' : $case.'.');

        return new Finding(
            $this->id,
            $this->severity,
            $frame->number,
            Text::of($texts.'message', $values),
            Text::of($texts.'mend', $values),
            $limb,
        );
    }
}
