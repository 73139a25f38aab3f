<?php

declare(strict_types=1);

namespace App\Workbench;

use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Checks\Remedy;
use StoneDrill\Core\Checks\Shortfall;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Hit;
use StoneDrill\Core\Floor\Threat;
use StoneDrill\Core\Floor\Verdict;

/** What is said of one beat. */
final readonly class BenchBeat
{
    /**
     * @param string                                                      $track     the first beat of the what-if it belongs to
     * @param list<array{finding: Finding, remedy: ?Remedy, text: string}> $findings
     * @param list<Shortfall>                                             $robust
     */
    public function __construct(public Frame $frame, public string $track, public string $text, public array $findings, public array $robust) {}

    public function condition(): string
    {
        return $this->frame->condition === null ? '' : 'if '.$this->frame->condition->toText();
    }

    /** What came of the attack in this beat, empty where none came. */
    public function delivery(): string
    {
        $verdict = $this->frame->delivery;
        if ($verdict === null) {
            return '';
        }

        return sprintf('The %s %s: %s, %s.', $verdict->isHold ? 'hold' : $verdict->what, $this->outcome($verdict), $this->measure($verdict->out, 'out of reach'), $this->measure($verdict->off, 'off its line'));
    }

    /** @return list<string> each strike with its margin */
    public function strikes(): array
    {
        return array_map(static fn (Hit $hit): string => sprintf('%s %s: %s', trim($hit->limb->value.($hit->strike->isItsOwnLimb() ? '' : ' '.$hit->strike->value)), $hit->target->value, match (true) {
            $hit->tooFarUp => 'too high at any distance',
            $hit->margin === null => 'no margin, it is a limb',
            default => sprintf('%+d cm', $hit->centimetres()),
        }), $this->frame->hits);
    }

    /** What of his reaches, in a sentence. */
    public function threats(): string
    {
        $threats = array_map(static fn (Threat $threat): string => sprintf('%s %+d cm', $threat->name(), $threat->centimetres()), $this->frame->reaching);

        return $threats === [] ? 'nothing free of his reaches' : implode(', ', $threats);
    }

    /** Where both stand, in a sentence. */
    public function place(): string
    {
        return sprintf('%.2f m from him, at his %s, %s his arms', $this->frame->distance, $this->frame->sector->value, $this->frame->isInside ? 'inside' : 'outside');
    }

    private function outcome(Verdict $verdict): string
    {
        return match ($verdict->why) {
            null => 'lands',
            'stopped' => 'is stopped',
            'intercepted' => 'is met on its way',
            'under' => 'goes over the head',
            'out' => 'falls short',
            'off' => 'misses its line',
            default => 'is smothered inside',
        };
    }

    private function measure(float $metres, string $what): string
    {
        $centimetres = (int) round($metres * 100);

        return $centimetres >= 0 ? sprintf('%d cm %s', $centimetres, $what) : sprintf('%d cm short of %s', -$centimetres, $what);
    }
}
