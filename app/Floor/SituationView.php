<?php

declare(strict_types=1);

namespace App\Floor;

use StoneDrill\Core\Answer\Target;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\LimbStatus;
use StoneDrill\Core\Attack\Wording\AttackWords;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\Sizes;
use StoneDrill\Core\Floor\BearingStyle;
use StoneDrill\Core\Floor\RingPlace;
use StoneDrill\Core\Floor\Situation;

/** What follows from an attack before anything is done, as a picture and in sentences. */
final readonly class SituationView
{
    /**
     * @param list<string>           $sentences
     * @param array{string, string} $sizes     of the defender and of the attacker, with statures
     * @param string                 $line      the attack said in one line
     */
    private function __construct(public FloorPicture $picture, public array $sentences, public array $sizes, public string $line) {}

    public static function of(Catalogue $catalogue, Attack $attack): self
    {
        $sizes = new Sizes($catalogue->school);
        $typical = $catalogue->school->typical;
        $other = $sizes->attacker($typical, $attack->facets->build);
        $situation = Situation::of($attack->kind, $attack->facets, $sizes->bodies(null, null, $attack->facets->build));
        $words = new AttackWords(Kinds::builtIn()->with(...$catalogue->kinds));

        return new self(
            FloorPicture::ofSituation($situation, $catalogue->school->bearings),
            self::sentences($situation, $catalogue->school->bearings),
            [sprintf('%s (%.2f m)', $typical, $sizes->all()[$typical]), sprintf('%s (%.2f m)', $other, $sizes->all()[$other])],
            $words->say($attack->kind, $attack->facets),
        );
    }

    /** @return list<string> */
    private static function sentences(Situation $situation, BearingStyle $style): array
    {
        $hindered = array_values(array_filter($situation->limbs, static fn (LimbStatus $limb): bool => ! $limb->isFree()));
        $sentences = $hindered === []
            ? ['All your limbs are free.']
            : array_map(static fn (LimbStatus $limb): string => sprintf('Your %s is %s: %s.', $limb->limb->value, $limb->state->value, $limb->reason), $hindered);
        $sentences[] = $situation->attackerFree === [] ? 'He has neither hand nor foot free.' : sprintf('He has free: %s.', implode(', ', $situation->attackerFree));
        if ($situation->weakSide !== null) {
            $sentences[] = sprintf('The hold opens toward the thumb, which is %s.', $situation->weakSide);
        }
        $sentences[] = sprintf('Exposed to you: %s.', implode(', ', array_map(static fn (Target $target): string => $target->value, $situation->exposed)));
        $safe = array_values(array_filter($situation->ring, static fn (RingPlace $place): bool => $place->threats === 0));
        $sentences[] = $safe === []
            ? 'No single step takes you out of everything that he has free.'
            : sprintf('A step to %s is out of everything that he has free.', implode(', ', array_map(static fn (RingPlace $place): string => $place->bearing->spell($style), $safe)));

        return $sentences;
    }
}
