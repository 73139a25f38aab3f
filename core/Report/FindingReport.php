<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use StoneDrill\Core\Checks\Finding;

/** A finding as every report tells it. */
final readonly class FindingReport
{
    /** @return array<string, mixed> */
    public static function document(Finding $finding): array
    {
        return [
            'check' => $finding->check->value,
            'severity' => $finding->severity->value,
            'beat' => $finding->beat,
            'message' => $finding->message,
            'mend' => $finding->mend,
        ];
    }
}
