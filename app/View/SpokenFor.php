<?php

declare(strict_types=1);

namespace App\View;

use App\Models\School;
use App\Models\User;
use Closure;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Context;
use StoneDrill\Core\Curriculum\Nouns;

/**
 * The school in whose words texts are said: that of whoever is signed in, or the one that work in the background is
 * for.
 */
final readonly class SpokenFor
{
    private const KEY = 'spoken-for';

    /**
     * Says texts in a school's words while something is done.
     *
     * @template T
     *
     * @param Closure(): T $work
     *
     * @return T
     */
    public static function during(School $school, Closure $work): mixed
    {
        $before = Context::getHidden(self::KEY);
        Context::addHidden(self::KEY, $school->nouns);
        try {
            return $work();
        } finally {
            $before === null ? Context::forgetHidden(self::KEY) : Context::addHidden(self::KEY, $before);
        }
    }

    /** @return array<string, array{one: string, many: string}> */
    public static function nouns(): array
    {
        // Whoever is not known yet is not looked for, only to say a text.
        $guard = Auth::guard();
        $user = $guard->hasUser() ? $guard->user() : null;
        $school = $user instanceof User ? $user->getRelationValue('school') : null;
        // Asked for each text of a page, and the same for all of it: what the row says is compared, and read once.
        $said = $school instanceof School ? $school->getRawOriginal('nouns') : Context::getHidden(self::KEY) ?? [];
        static $read = [[], []];
        if ($read[0] !== $said) {
            $nouns = $school instanceof School ? $school->nouns : $said;
            $read = [
                $said,
                array_filter(
                    $nouns,
                    static fn (mixed $forms, int|string $noun): bool => in_array($noun, Nouns::NAMED, true)
                        && self::isWord($forms['one'] ?? null)
                        && self::isWord($forms['many'] ?? null),
                    ARRAY_FILTER_USE_BOTH,
                ),
            ];
        }

        return $read[1];
    }

    private static function isWord(mixed $form): bool
    {
        return is_string($form) && Nouns::isWord($form);
    }
}
