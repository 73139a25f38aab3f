<?php

declare(strict_types=1);

namespace App\Console\Drill;

use DateTimeImmutable;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Pressure\Proof;
use StoneDrill\Core\Pressure\Prover;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill proof FILE --at=TIMESTAMP|DATE` */
final class ProofCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('proof')
            ->setDescription('What the reps say that each student can do under pressure')
            ->addOption('at', null, InputOption::VALUE_REQUIRED, 'the moment or the day at which proof is read');
    }

    protected function report(Catalogue $catalogue, InputInterface $input): Report
    {
        $at = $this->at($input) ?? throw UnreadableInput::option('at', '', 'a day or a moment, since proof fades');
        $proofs = $this->sorted($catalogue, (new Prover($catalogue->ladder))->prove($catalogue->reps, $catalogue->attacks, $at));

        return new Report(['proofs' => array_map($this->proof(...), $proofs)], $this->lines($proofs, $at), false);
    }

    /**
     * In the order of the file: students, attacks, sides, rungs.
     *
     * @param list<Proof> $proofs
     *
     * @return list<Proof>
     */
    private function sorted(Catalogue $catalogue, array $proofs): array
    {
        $students = array_flip(array_column($catalogue->students, 'id'));
        $attacks = array_flip(array_column($catalogue->attacks, 'id'));
        usort($proofs, static fn (Proof $a, Proof $b): int => [$students[$a->student], $attacks[$a->attack], $b->side->value, $a->rung]
            <=> [$students[$b->student], $attacks[$b->attack], $a->side->value, $b->rung]);

        return $proofs;
    }

    /** @return array<string, mixed> */
    private function proof(Proof $proof): array
    {
        return [
            'student' => $proof->student,
            'attack' => $proof->attack,
            'side' => $proof->side->value,
            'rung' => $proof->rung,
            'weight' => $proof->weight,
            'lower' => $proof->lower,
            'state' => $proof->state->value,
            'fades_on' => $proof->fadesOn?->format('Y-m-d'),
        ];
    }

    /**
     * @param list<Proof> $proofs
     *
     * @return list<string>
     */
    private function lines(array $proofs, DateTimeImmutable $at): array
    {
        $lines = [sprintf('Proof at %s. Lower bounds are estimates.', $at->format('Y-m-d H:i'))];
        foreach ($proofs as $proof) {
            $lines[] = sprintf('  %-16s %-24s %-8s rung %2d  %.2f  %s%s', $proof->student, $proof->attack, $proof->side->value, $proof->rung, $proof->lower, $proof->state->value, $proof->fadesOn === null ? '' : ', fades on '.$proof->fadesOn->format('Y-m-d'));
        }

        return $lines;
    }
}
