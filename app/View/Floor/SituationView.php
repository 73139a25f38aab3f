<?php

declare(strict_types=1);

namespace App\View\Floor;

use App\View\Attacks\KindNames;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\LimbStatus;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Floor\Hit;
use StoneDrill\Core\Floor\RingPlace;
use StoneDrill\Core\Floor\Situation;
use StoneDrill\Core\Geometry\BearingStyle;
use StoneDrill\Core\Report\SituationReport;

/** What follows from an attack before anything is done, as a picture and in sentences. */
final readonly class SituationView
{
    /** Weapons that are told with what they reach. */
    private const SHOWN = 5;

    /**
     * @param list<string>           $sentences
     * @param array{string, string} $sizes     of the defender and of the attacker, with statures
     * @param string                 $line      the attack said in one line
     */
    private function __construct(
        public FloorPicture $picture,
        public SidePicture $side,
        public ReachPicture $reach,
        public array $sentences,
        public array $sizes,
        public string $line,
    ) {}

    public static function of(Catalogue $catalogue, Attack $attack): self
    {
        $sizes = new Sizes($catalogue->school);
        $typical = $catalogue->school->statures->typical;
        $other = $sizes->attacker($typical, $attack->facets->build);
        $situation = SituationReport::of($catalogue, $attack)->situation;

        return new self(
            FloorPicture::ofSituation($situation, $catalogue->school->conventions->bearings),
            SidePicture::ofFrames([$situation->start]),
            new ReachPicture($situation->inReach),
            self::sentences($situation, $catalogue->school->conventions->bearings),
            [
                sprintf('%s (%.2f m)', $typical, $sizes->all()[$typical]),
                sprintf('%s (%.2f m)', $other, $sizes->all()[$other]),
            ],
            app(KindNames::class)->line($catalogue, $attack->kind, $attack->facets),
        );
    }

    /** @return list<string> */
    private static function sentences(Situation $situation, BearingStyle $style): array
    {
        $hindered = array_values(
            array_filter($situation->limbs, static fn (LimbStatus $limb): bool => ! $limb->isFree()),
        );
        $sentences = $hindered === []
            ? [__('floor.situation.all-free')]
            : array_map(
                static fn (LimbStatus $limb): string => __('floor.situation.limb', [
                    'limb' => $limb->limb->value,
                    'state' => __('floor.situation.states.'.$limb->state->value),
                    'reason' => say($limb->text()),
                ]),
                $hindered,
            );
        $sentences[] = $situation->attackerFree === []
            ? __('floor.situation.nothing-free')
            : __('floor.situation.free', ['limbs' => implode(', ', $situation->attackerFree)]);
        if ($situation->weakSide !== null) {
            $sentences[] = __('floor.situation.weak-side', ['side' => $situation->weakSide]);
        }
        $strikes = array_map(
            static fn (Hit $hit): string => __('floor.situation.strike', [
                'weapon' => $hit->weapon(),
                'target' => $hit->target->value,
                'cm' => (int) $hit->centimetres(),
            ]),
            $situation->foremost(self::SHOWN),
        );
        $sentences[] = __($strikes === [] ? 'floor.situation.nothing-in-reach' : 'floor.situation.in-reach', [
            'strikes' => implode(', ', $strikes),
        ]);
        $safe = array_values(
            array_filter($situation->ring, static fn (RingPlace $place): bool => $place->threats === 0),
        );
        $sentences[] = $safe === []
            ? __('floor.situation.no-safe-step')
            : __('floor.situation.safe-step', [
                'bearings' => implode(
                    ', ',
                    array_map(static fn (RingPlace $place): string => say($place->bearing->spell($style)), $safe),
                ),
            ]);

        return $sentences;
    }
}
