<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

/** One reason for which an answer may fail, hurt, or need a second look. */
interface Check
{
    public function rule(): Rule;

    /** @return iterable<Finding> in the order of the beats */
    public function find(Trial $trial): iterable;
}
