<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Catalogue\Format;
use StoneDrill\Core\Catalogue\Problem;
use StoneDrill\Core\Catalogue\Reading\Document;
use StoneDrill\Core\Catalogue\UnreadableCatalogue;
use StoneDrill\Core\Coverage\Pairs\Model;
use StoneDrill\Core\Coverage\Pairs\ModelException;
use StoneDrill\Core\Coverage\Pairs\Sampler;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill pairs MODEL [--seed=N]`: few rows in which every feasible pair of values occurs. */
final class PairsCommand extends FileCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('pairs')
            ->setDescription('Few rows in which every feasible pair of values occurs')
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, 'a whole number; the same one gives the same rows', '1');
    }

    protected function reportOn(string $path, string $text, InputInterface $input): Report
    {
        $seed = (string) $input->getOption('seed');
        if (preg_match('/^-?\d{1,15}$/D', $seed) !== 1) {
            throw UnreadableInput::option('seed', $seed, 'a whole number');
        }
        $sample = (new Sampler($this->model($path, $text), (int) $seed))->sample();
        $lines = [sprintf('%d rows meet all %d pairs%s.', count($sample->rows), $sample->pairs - $sample->infeasible, $sample->infeasible === 0 ? '' : sprintf(' that can be, of %d', $sample->pairs))];
        foreach ($sample->rows as $number => $row) {
            $lines[] = sprintf('  %3d  %s', $number + 1, implode(' · ', array_map(static fn (string $name, string $value): string => $name.' '.$value, array_map('strval', array_keys($row)), array_values($row))));
        }

        return new Report(['rows' => array_map(static fn (array $row): object => (object) $row, $sample->rows), 'pairs_total' => $sample->pairs, 'pairs_infeasible' => $sample->infeasible], $lines, false);
    }

    /** @throws UnreadableInput */
    private function model(string $path, string $text): Model
    {
        try {
            $document = Document::decode($text, Format::of($path, $text));
        } catch (UnreadableCatalogue $reason) {
            throw UnreadableInput::catalogue($path, $reason);
        }
        $problems = [...$this->unknownKeys($document), ...$this->misshapen($document)];
        if ($problems !== []) {
            throw UnreadableInput::problems($path, $problems);
        }
        try {
            return Model::of($this->words($document['parameters']), array_map(static fn (array $row): array => array_map(strval(...), $row), $document['forbid'] ?? []));
        } catch (ModelException $error) {
            throw UnreadableInput::problems($path, [new Problem($error->pointer, 'what cannot be used', lcfirst($error->getMessage()), $error->nearest)]);
        }
    }

    /**
     * @param array<array-key, mixed> $document
     *
     * @return list<Problem>
     */
    private function unknownKeys(array $document): array
    {
        return array_values(array_map(
            static fn (string $key): Problem => new Problem('/'.$key, sprintf('the unknown key “%s”', $key), 'parameters or forbid'),
            array_map('strval', array_diff(array_keys($document), ['parameters', 'forbid'])),
        ));
    }

    /**
     * @param array<array-key, mixed> $document
     *
     * @return list<Problem>
     */
    private function misshapen(array $document): array
    {
        $problems = [];
        $parameters = $document['parameters'] ?? null;
        if (! is_array($parameters) || $parameters === [] || array_is_list($parameters)) {
            return [new Problem('/parameters', 'nothing of use', 'a map of lists of values, by name')];
        }
        foreach ($parameters as $name => $values) {
            if (! is_array($values) || ! array_is_list($values) || array_filter($values, static fn (mixed $value): bool => ! is_scalar($value)) !== []) {
                $problems[] = new Problem('/parameters/'.$name, 'no list of values', 'a list of one or more values');
            }
        }
        foreach (is_array($document['forbid'] ?? []) ? $document['forbid'] ?? [] : [$document['forbid']] as $index => $row) {
            if (! is_array($row) || array_is_list($row) || array_filter($row, static fn (mixed $value): bool => ! is_scalar($value)) !== []) {
                $problems[] = new Problem('/forbid/'.$index, 'no combination', 'a map of values by name');
            }
        }

        return $problems;
    }

    /**
     * @param array<array-key, list<scalar>> $parameters
     *
     * @return array<array-key, list<string>>
     */
    private function words(array $parameters): array
    {
        return array_map(static fn (array $values): array => array_map(strval(...), $values), $parameters);
    }
}
