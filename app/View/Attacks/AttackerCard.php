<?php

declare(strict_types=1);

namespace App\View\Attacks;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Phase;
use StoneDrill\Core\Checks\Timing;
use StoneDrill\Core\Text;

/** What the partner who attacks is told: how, how fast, what becomes of the arm or leg, and what to call. */
final readonly class AttackerCard
{
    public string $speed;

    /** Null where nothing is thrown that could be left out. */
    public ?string $recoil;

    public string $call;

    /** @param string $how the attack in words */
    public function __construct(Attack $attack, Facets $facets, public string $how)
    {
        $arrival = Timing::arrival($attack->kind, $facets);
        $this->speed = match (true) {
            $arrival !== null => __('card.arrives', ['seconds' => number_format($arrival, 2)]),
            $facets->phase === Phase::Moving => __('card.moving'),
            $attack->kind->start->isHold() => __('card.holds'),
            default => __('card.slowly'),
        };
        $limb = Text::of('card.limbs.'.($attack->kind->blow()?->isByLeg() === true ? 'leg' : 'arm'));
        $this->recoil = $attack->kind->blow() === null
            ? null
            : say(Text::of('card.recoil.'.$attack->briefing->recoil->value, ['limb' => $limb]));
        $this->call = __('card.call', ['attack' => $attack->title]);
    }

    /** @return array<string, string> what is told, by what it is about */
    public function rows(): array
    {
        return array_filter(
            [
                __('card.how') => $this->how,
                __('card.speed') => $this->speed,
                __('card.limb') => $this->recoil,
                __('card.say') => $this->call,
            ],
            static fn (?string $text): bool => $text !== null,
        );
    }

    /** What the caller tells in one line. */
    public function brief(): string
    {
        return implode(' ', array_filter([$this->speed, $this->recoil]));
    }
}
