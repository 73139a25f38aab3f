<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Proof\AnswerRecord;
use StoneDrill\Core\Text;

/** An answer of which the floor says one thing and the mat another, on one side at one rung. */
final readonly class Disagreement
{
    /**
     * @param bool   $works whether it works by the floor, for the school's typical bodies
     * @param string $beat  where to look; empty where nothing is measured
     * @param Text   $look  what the floor says there
     */
    public function __construct(
        public AnswerRecord $record,
        public bool $works,
        public string $beat,
        public Text $look,
    ) {}

    public function side(): Side
    {
        return $this->record->side;
    }
}
