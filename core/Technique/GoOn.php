<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** A branch in which the main line continues as it is. */
final readonly class GoOn {}
