<?php

declare(strict_types=1);

namespace App\Rules;

use Closure;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Contracts\Validation\ValidationRule;
use StoneDrill\Core\Exchange\IsoMoment;
use StoneDrill\Core\Proof\RepLimits;

/** A moment of training: as ISO 8601 writes it, not before the earliest day. What is read here is what is stored. */
final readonly class Moment implements ValidationRule
{
    private DateTimeZone $zone;

    /** @param DateTimeImmutable|null $latest later is refused; null where a clock that goes ahead is set back */
    public function __construct(string $zone, private ?DateTimeImmutable $latest = null)
    {
        $this->zone = new DateTimeZone($zone);
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $moment = is_string($value) ? IsoMoment::read($value, $this->zone) : null;
        match (true) {
            $moment === null => $fail(
                __('reps.moments.unclear', [
                    'found' => is_scalar($value)
                        ? mb_strimwidth((string) $value, 0, 40, '…')
                        : __('reps.moments.a-list'),
                ]),
            ),
            $moment < new DateTimeImmutable(RepLimits::EARLIEST, $this->zone) => $fail(
                __('reps.moments.too-old', ['day' => RepLimits::EARLIEST]),
            ),
            $this->latest !== null && $moment > $this->latest => $fail(__('reps.moments.to-come')),
            default => null,
        };
    }
}
