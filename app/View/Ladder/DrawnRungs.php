<?php

declare(strict_types=1);

namespace App\View\Ladder;

use App\Models\School;
use App\Models\Student;
use App\Models\User;
use App\Persistence\Packed;
use App\Persistence\Revision;
use App\Persistence\RevisionCache;

/** A ladder on a page: a rep changes a brick or two of hundreds, so that a family is drawn anew only where one of its own has changed. */
final readonly class DrawnRungs
{
    private const SECONDS = 86_400;

    /** @param User $user who sees it */
    public function __construct(public LadderDrawing $drawing, private School $school, private Student $student, private User $user, private RevisionCache $kept) {}

    /**
     * @param view-string          $view draws a family
     * @param array<string, mixed> $with what it is drawn with besides, which hangs on what is taught and on who sees it
     */
    public function drawn(string $view, array $with): string
    {
        [$name, $revision] = ["{$view}:{$this->user->id}:{$this->student->id}", Revision::ofCurriculum($this->school)];
        $packed = $this->kept->known($name, $revision);
        $before = is_string($packed) ? unserialize(Packed::unpack($packed), ['allowed_classes' => false]) : [];
        $drawn = $this->drawing->drawn($before, fn (array $family): string => view($view, [...$with, 'family' => $family, 'drawing' => $this->drawing, 'student' => $this->student])->render());
        if ($drawn !== $before) {
            // Whoever asked has it before it is kept.
            defer(fn () => $this->kept->keep($name, $revision, self::SECONDS, Packed::pack(serialize($drawn))));
        }

        return implode('', array_column($drawn, 1));
    }
}
