<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/**
 * Which facet values can go together. Everything follows from the kind, but for the notice, which also hangs on
 * the bearing: nobody is ready for what comes from behind.
 */
final readonly class Feasibility
{
    /** Hours from which an attack comes unseen. */
    private const UNSEEN = ['4', '5', '6', '7', '8'];

    /**
     * The values of a facet that are feasible for a kind, given what else has been chosen.
     *
     * @param array<string, string> $chosen id of the value, by facet; what is not chosen yet may be missing
     *
     * @return list<string> in the facet's own order
     */
    public function allowed(Kind $kind, Facet $facet, array $chosen = []): array
    {
        $allowed = match ($facet) {
            Facet::Hand => array_map(static fn (Hand $hand): string => $hand->value, $kind->hands),
            Facet::Bearing => array_map('strval', $kind->bearings),
            Facet::Phase => $this->phases($kind),
            Facet::Thumb => $kind->holdsWrist() ? $facet->values() : [Thumb::NotApplicable->value],
            Facet::Entry => $kind->start === Start::Delivered ? $facet->values() : [Entry::Step->value],
            Facet::Posture => $this->postures($kind),
            Facet::Notice => in_array($chosen['bearing'] ?? null, self::UNSEEN, true)
                ? [Notice::OffGuard->value]
                : $facet->values(),
            Facet::Intent => array_map(static fn (Intent $intent): string => $intent->value, $kind->family->intents()),
            Facet::Place, Facet::Others, Facet::Build => $facet->values(),
        };

        return array_values(array_intersect($facet->values(), $allowed));
    }

    /**
     * Every facet whose value cannot be, in the order of the facets.
     *
     * @return list<InfeasibleAttack>
     */
    public function refusals(Kind $kind, Facets $facets): array
    {
        $chosen = $facets->toArray();
        $refusals = [];
        foreach (Facet::cases() as $facet) {
            $allowed = $this->allowed($kind, $facet, $chosen);
            if (! in_array($chosen[$facet->value], $allowed, true)) {
                $refusals[] = InfeasibleAttack::facet($kind, $facet, $chosen[$facet->value], $allowed);
            }
        }

        return $refusals;
    }

    /** @return list<string> */
    private function phases(Kind $kind): array
    {
        $phases = match (true) {
            $kind->start === Start::Delivered => [Phase::Reaching, Phase::FollowUp],
            $kind->start === Start::Threat => [Phase::Reaching],
            $kind->start->isOnTheGround() => [Phase::Landed],
            $kind->leavesHandFree() => Phase::cases(),
            default => [Phase::Reaching, Phase::Landed, Phase::Moving],
        };

        return array_map(static fn (Phase $phase): string => $phase->value, $phases);
    }

    /** @return list<string> */
    private function postures(Kind $kind): array
    {
        $back = Posture::Back->value;

        return $kind->start->isOnTheGround() ? [$back] : array_values(array_diff(Facet::Posture->values(), [$back]));
    }
}
