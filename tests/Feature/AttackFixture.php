<?php

declare(strict_types=1);

namespace Tests\Feature;

/** What the tests of Attack share. */
final class AttackFixture
{
    /** What the form of an attack sends. */
    public static function attackForm(array $change = []): array
    {
        return [
            'title' => 'Sleeve at the door',
            'kind' => 'sleeve',
            'hand' => 'left',
            'bearing' => '11',
            'thumb' => 'inside',
            'phase' => 'landed',
            'entry' => 'step',
            'posture' => 'standing',
            'notice' => 'ready',
            'place' => 'narrow',
            'others' => 'alone',
            'intent' => 'move',
            'build' => 'alike',
            'needed_by' => 'none',
            'needed_by_youth' => 'same',
            'prevalence' => '5',
            'critical' => '1',
            'notes' => 'Slowly.',
            ...$change,
        ];
    }
}
