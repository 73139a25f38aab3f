<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Answer\Answer;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\Sizes;
use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Shortfall;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Grip;
use StoneDrill\Core\Floor\Hit;
use StoneDrill\Core\Floor\Threat;
use StoneDrill\Core\Floor\Verdict;
use StoneDrill\Core\Pressure\Rung;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill check FILE [--answer=ID] [--defender=SIZE --attacker=SIZE] [--rung=N]` */
final class CheckCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('check')
            ->setDescription('Runs answers beat by beat for two bodies and says what is wrong with them')
            ->addOption('answer', null, InputOption::VALUE_REQUIRED, 'only this answer')
            ->addOption('defender', null, InputOption::VALUE_REQUIRED, 'size of the defender; the typical one when left out')
            ->addOption('attacker', null, InputOption::VALUE_REQUIRED, 'size of the attacker; what the attack says when left out')
            ->addOption('rung', null, InputOption::VALUE_REQUIRED, 'rung of pressure; full pace when left out');
    }

    protected function report(Catalogue $catalogue, InputInterface $input): Report
    {
        $sizes = new Sizes($catalogue->school);
        $defender = $this->known($input, 'defender', array_map('strval', array_keys($sizes->all())));
        $attacker = $this->known($input, 'attacker', array_map('strval', array_keys($sizes->all())));
        $rung = $this->rung($catalogue, $input);
        $only = $this->known($input, 'answer', array_map(static fn (Answer $answer): string => $answer->id, $catalogue->answers));
        $examiner = new Examiner(Standards::of($catalogue));
        $attacks = array_column($catalogue->attacks, null, 'id');
        $documents = $lines = [];
        $hasStops = false;
        foreach ($catalogue->answers as $answer) {
            if ($only !== null && $only !== $answer->id) {
                continue;
            }
            $attack = $attacks[$answer->attack];
            $examination = $examiner->examine($answer, $attack, Side::Written, $sizes->bodies($defender, $attacker, $attack->facets->build), $rung);
            $documents[] = $this->document($examination);
            array_push($lines, ...$this->lines($examination));
            $hasStops = $hasStops || $examination->hasStops();
        }

        return new Report(['answers' => $documents], [...$lines, 'All figures are planning estimates.'], $hasStops);
    }

    /** @throws UnreadableInput */
    private function rung(Catalogue $catalogue, InputInterface $input): ?Rung
    {
        $rung = $this->known($input, 'rung', array_map('strval', $catalogue->ladder->ids()));

        return $rung === null ? null : $catalogue->ladder->get((int) $rung);
    }

    /** @return array<string, mixed> */
    private function document(Examination $examination): array
    {
        $answer = $examination->trial->answer;

        return [
            'id' => $answer->id,
            'title' => $answer->title,
            'canonical' => $answer->beats->toText(),
            'mirror' => $answer->beats->mirror()->toText(),
            'duration_s' => round($examination->duration(), 6),
            'robust' => array_map(static fn (Shortfall $shortfall): array => ['without' => $shortfall->without, 'fails_at' => $shortfall->failsAt], $examination->trial->robust),
            'beats' => array_map($this->beat(...), $examination->trial->run->frames),
            'findings' => array_map(self::finding(...), $examination->findings),
        ];
    }

    /** @return array<string, mixed> */
    private function beat(Frame $frame): array
    {
        return [
            'n' => $frame->number,
            'time_s' => round($frame->time, 6),
            'distance_m' => $frame->distance,
            'sector' => $frame->sector->value,
            'holds' => $frame->holds(),
            'grips' => $this->grips($frame),
            'delivery' => $frame->delivery === null ? null : $this->delivery($frame->delivery),
            'strikes' => array_map(static fn (Hit $hit): array => [
                'limb' => $hit->limb->value,
                'weapon' => $hit->strike->value,
                'target' => $hit->target->value,
                'margin_cm' => $hit->centimetres(),
                'unreachable' => $hit->tooFarUp,
            ], $frame->hits),
            'threats' => array_map(static fn (Threat $threat): array => ['limb' => $threat->name(), 'margin_cm' => $threat->centimetres()], $frame->reaching),
        ];
    }

    /** @return list<string> */
    private function grips(Frame $frame): array
    {
        return array_map(
            static fn (string $hand, Grip $grip): string => trim($hand.' '.$grip->verb->value.' '.($grip->target->value ?? '')),
            array_keys($frame->grips),
            array_values($frame->grips),
        );
    }

    /** @return array<string, mixed> */
    private function delivery(Verdict $verdict): array
    {
        return [
            'lands' => $verdict->lands(),
            'why' => $verdict->why,
            'out_cm' => (int) round($verdict->out * 100),
            'off_cm' => (int) round($verdict->off * 100),
        ];
    }

    /** @return list<string> */
    private function lines(Examination $examination): array
    {
        $trial = $examination->trial;
        $lines = [sprintf('%s (%s), %.2f m against %.2f m: %.2f s', $trial->answer->title, $trial->answer->id, $trial->bodies->defender, $trial->bodies->attacker, $examination->duration())];
        foreach ($trial->run->frames as $frame) {
            $lines[] = sprintf('  %-6s %5.2f s  %4.2f m %-6s  %s', $frame->number, $frame->time, $frame->distance, $frame->sector->value, $this->said($frame));
            foreach ($examination->at($frame->number) as $finding) {
                $lines[] = sprintf('         %-4s  %s: %s %s', $finding->severity->value, $finding->check, $finding->message, $finding->mend);
            }
        }
        foreach ($trial->robust as $shortfall) {
            if ($shortfall->failsAt !== null) {
                $lines[] = sprintf('  without %s: beat %s fails. %s', $shortfall->without, $shortfall->failsAt, $shortfall->because);
            }
        }
        foreach ($examination->waived as ['finding' => $finding, 'waiver' => $waiver]) {
            $lines[] = sprintf('  waived at %s: %s (%s)', $finding->beat, $finding->check, $waiver->reason);
        }

        return [...$lines, ''];
    }

    private function said(Frame $frame): string
    {
        $parts = [];
        if ($frame->delivery !== null) {
            $parts[] = sprintf('%s %s (out %+d cm, off %+d cm)', $frame->delivery->what, $frame->delivery->why ?? 'lands', (int) round($frame->delivery->out * 100), (int) round($frame->delivery->off * 100));
        }
        foreach ($frame->hits as $hit) {
            $parts[] = sprintf('%s %s %s', $hit->limb->value, $hit->target->value, $hit->tooFarUp ? 'unreachable' : ($hit->margin === null ? 'at the limb' : sprintf('%+d cm', $hit->centimetres())));
        }
        foreach ($frame->reaching as $threat) {
            $parts[] = sprintf('his %s reaches %+d cm', $threat->name(), $threat->centimetres());
        }

        return implode(' · ', [...$parts, ...array_map(static fn (string $hold): string => 'held: '.$hold, $frame->holds())]);
    }
}
