<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Answer\Target;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\LimbStatus;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\Sizes;
use StoneDrill\Core\Floor\RingPlace;
use StoneDrill\Core\Floor\Situation;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill situation FILE --attack=ID` */
final class SituationCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('situation')
            ->setDescription('What an attack leaves free, what it exposes, and where the attacker reaches')
            ->addOption('attack', null, InputOption::VALUE_REQUIRED, 'id of the attack');
    }

    protected function report(Catalogue $catalogue, InputInterface $input): Report
    {
        $ids = array_map(static fn (Attack $attack): string => $attack->id, $catalogue->attacks);
        $id = $this->known($input, 'attack', $ids) ?? throw UnreadableInput::option('attack', '', 'the id of an attack: '.implode(', ', $ids));
        $attack = array_column($catalogue->attacks, null, 'id')[$id];
        $bodies = (new Sizes($catalogue->school))->bodies(null, null, $attack->facets->build);
        $situation = Situation::of($attack->kind, $attack->facets, $bodies);

        return new Report([
            'limbs' => array_map(static fn (LimbStatus $limb): array => ['limb' => $limb->limb->value, 'state' => $limb->state->value, 'reason' => $limb->reason], $situation->limbs),
            'attacker_free' => $situation->attackerFree,
            'exposed' => array_map(static fn (Target $target): string => $target->value, $situation->exposed),
            'weak_side' => $situation->weakSide,
            'ring' => array_map(static fn (RingPlace $place): array => ['bearing' => $place->bearing->toClock(), 'threats' => $place->threats, 'sector' => $place->sector->value], $situation->ring),
        ], $this->lines($attack, $situation), false);
    }

    /** @return list<string> */
    private function lines(Attack $attack, Situation $situation): array
    {
        $lines = [sprintf('%s (%s). Planning estimates.', $attack->title, $attack->id)];
        foreach ($situation->limbs as $limb) {
            $lines[] = rtrim(sprintf('  %-11s %-8s %s', $limb->limb->value, $limb->state->value, $limb->reason));
        }
        $lines[] = 'He has free: '.($situation->attackerFree === [] ? 'nothing' : implode(', ', $situation->attackerFree)).'.';
        $lines[] = 'Exposed: '.implode(', ', array_map(static fn (Target $target): string => $target->value, $situation->exposed)).'.';
        if ($situation->weakSide !== null) {
            $lines[] = sprintf('The hold opens toward the thumb, which is %s.', $situation->weakSide);
        }
        $lines[] = 'A step off, his free weapons that reach there:';
        foreach ($situation->ring as $place) {
            $lines[] = sprintf('  %2s  %d  %s', $place->bearing->toClock(), $place->threats, $place->sector->value);
        }

        return $lines;
    }
}
