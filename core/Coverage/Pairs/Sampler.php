<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Few rows in which every feasible pair of values occurs: a greedy start, or rows made of one row where those are
 * fewer, and from there ever fewer, as long as the budget lasts. The same seed and the same budget in steps give the
 * same rows.
 */
final readonly class Sampler
{
    private Randomizer $random;

    private Feasible $feasible;

    private Places $places;

    public function __construct(private Model $model, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->feasible = new Feasible($model);
        $this->places = new Places($model);
    }

    /** @param ?Budget $budget two seconds unless another is given */
    public function sample(?Budget $budget = null): Sample
    {
        $budget ??= Budget::seconds(2.0);
        $began = hrtime(true);
        $wanted = $this->wanted();
        $greedy = new Greedy($this->places, $this->feasible, $this->random);
        $rows = $greedy->rows($wanted);
        $atFirst = count($rows);
        $rows = (new Fewer($this->places, $this->feasible, $greedy, $this->random))->rows(
            $this->made($rows),
            $wanted,
            $this->least($wanted),
            $budget,
            $began,
        );

        return new Sample(
            $this->words($rows),
            $this->model->pairs(),
            $this->model->pairs() - count($wanted),
            $atFirst,
            (hrtime(true) - $began) / 1e9,
        );
    }

    /**
     * @param list<list<int>> $rows
     *
     * @return list<list<int>> those, or fewer that are made of one row
     */
    private function made(array $rows): array
    {
        if ($this->feasible->isConstrained() || $this->places->sizes === []) {
            return $rows;
        }
        $vector = new StarterVector($this->places->sizes, $this->random);

        return $vector->count() < count($rows) ? $vector->rows() ?? $rows : $rows;
    }

    /**
     * No fewer rows meet all pairs of the two parameters that have most.
     *
     * @param array<int, true> $wanted
     */
    private function least(array $wanted): int
    {
        $counts = [];
        foreach (array_keys($wanted) as $pair) {
            $of = $this->places->parameters[intdiv($pair, $this->places->all)] * count($this->places->sizes)
            + $this->places->parameters[$pair % $this->places->all];
            $counts[$of] = ($counts[$of] ?? 0) + 1;
        }

        return $counts === [] ? 0 : max($counts);
    }

    /** @return array<int, true> every pair that some whole row contains, the lower place · all + the higher */
    private function wanted(): array
    {
        $wanted = [];
        $isConstrained = $this->feasible->isConstrained();
        foreach ($this->places->parameters as $place => $a) {
            foreach ($this->places->parameters as $other => $b) {
                if (
                    $b > $a
                    && (! $isConstrained
                        || $this->feasible->canFinish([
                            $a => $place - $this->places->first[$a],
                            $b => $other - $this->places->first[$b],
                        ]))
                ) {
                    $wanted[$place * $this->places->all + $other] = true;
                }
            }
        }

        return $wanted;
    }

    /**
     * @param list<list<int>> $rows
     *
     * @return list<array<string, string>>
     */
    private function words(array $rows): array
    {
        return array_map(function (array $row): array {
            $words = [];
            foreach ($row as $parameter => $value) {
                $words[$this->model->names[$parameter]] = $this->model->values[$parameter][$value];
            }

            return $words;
        }, $rows);
    }
}
