<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** What a school asks of a test. */
final readonly class TestStandard
{
    public const PASS = 0.8;
    public const READY = 0.85;

    /**
     * @param float $pass  share of all credit with which it is passed
     * @param float $ready chance to pass from which somebody is ready
     */
    public function __construct(public float $pass = self::PASS, public float $ready = self::READY) {}
}
