<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Coverage\Pairs\Budget;
use StoneDrill\Core\Coverage\Pairs\Model;
use StoneDrill\Core\Coverage\Pairs\ModelException;
use StoneDrill\Core\Coverage\Pairs\Sampler;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Exchange\Problem;
use StoneDrill\Core\Exchange\Reading\Document;
use StoneDrill\Core\Exchange\UnreadableCatalogue;
use StoneDrill\Core\Report\PairsReport;
use StoneDrill\Core\Text;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill pairs MODEL [--seed=N] [--seconds=S|--steps=N]`: few rows in which every feasible pair of values occurs. */
final class PairsCommand extends FileCommand
{
    /** How long it looks for fewer rows where nothing else is asked for, and at most. */
    private const SECONDS = 2;
    private const MOST_SECONDS = 3600;

    private const MOST_STEPS = 1_000_000_000;

    protected function configure(): void
    {
        parent::configure();
        $this->setName('pairs')
            ->setDescription($this->said('cli.pairs.is'))
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, $this->said('cli.pairs.seed'), '1')
            ->addOption(
                'seconds',
                null,
                InputOption::VALUE_REQUIRED,
                $this->said('cli.pairs.seconds'),
                (string) self::SECONDS,
            )
            ->addOption('steps', null, InputOption::VALUE_REQUIRED, $this->said('cli.pairs.steps'));
    }

    protected function reportOn(string $path, string $text, InputInterface $input): Printed
    {
        $seed = (string) $input->getOption('seed');
        if (preg_match('/^-?\d{1,15}$/D', $seed) !== 1) {
            throw UnreadableInput::option('seed', $seed, Text::of('file.whole'), $this->texts);
        }
        $sample = (new Sampler($this->model($path, $text), (int) $seed))->sample($this->budget($input));
        $lines = [
            $this->said($sample->infeasible === 0 ? 'cli.pairs.rows' : 'cli.pairs.feasible-rows', [
                'count' => count($sample->rows),
                'met' => $sample->pairs - $sample->infeasible,
                'pairs' => $sample->pairs,
            ]),
            $this->said('cli.pairs.began', [
                'count' => $sample->atFirst,
                'seconds' => sprintf('%.2f', $sample->seconds),
            ]),
        ];
        foreach ($sample->rows as $number => $row) {
            $lines[] = sprintf(
                '  %3d  %s',
                $number + 1,
                implode(
                    ' · ',
                    array_map(
                        static fn (string $name, string $value): string => $name.' '.$value,
                        array_map('strval', array_keys($row)),
                        array_values($row),
                    ),
                ),
            );
        }

        return new Printed(new PairsReport($sample), $lines);
    }

    /** @throws UnreadableInput */
    private function budget(InputInterface $input): Budget
    {
        $steps = $input->getOption('steps');
        if ($steps !== null) {
            return preg_match('/^\d{1,10}$/D', (string) $steps) === 1 && (int) $steps <= self::MOST_STEPS
                ? Budget::steps((int) $steps)
                : throw UnreadableInput::option(
                    'steps',
                    (string) $steps,
                    Text::of('file.whole-between', ['min' => 0, 'max' => self::MOST_STEPS]),
                    $this->texts,
                );
        }
        $seconds = (string) $input->getOption('seconds');

        return preg_match('/^\d{1,4}(\.\d{1,6})?$/D', $seconds) === 1 && (float) $seconds <= self::MOST_SECONDS
            ? Budget::seconds((float) $seconds)
            : throw UnreadableInput::option(
                'seconds',
                $seconds,
                Text::of('file.number-between', ['min' => 0, 'max' => self::MOST_SECONDS]),
                $this->texts,
            );
    }

    /** @throws UnreadableInput */
    private function model(string $path, string $text): Model
    {
        try {
            $document = Document::decode($text, Format::of($path, $text));
        } catch (UnreadableCatalogue $reason) {
            throw UnreadableInput::catalogue($path, $reason, $this->texts);
        }
        $problems = [...$this->unknownKeys($document), ...$this->misshapen($document)];
        if ($problems !== []) {
            throw UnreadableInput::catalogue($path, UnreadableCatalogue::of($problems), $this->texts);
        }
        try {
            return Model::of(
                $this->words($document['parameters']),
                array_values(
                    array_map(static fn (array $row): array => array_map(strval(...), $row), $document['forbid'] ?? []),
                ),
            );
        } catch (ModelException $error) {
            throw UnreadableInput::catalogue(
                $path,
                UnreadableCatalogue::of([
                    new Problem($error->pointer, Text::of('cli.pairs.unusable'), $error->text, $error->nearest),
                ]),
                $this->texts,
            );
        }
    }

    /**
     * @param array<array-key, mixed> $document
     *
     * @return list<Problem>
     */
    private function unknownKeys(array $document): array
    {
        return array_values(
            array_map(
                static fn (string $key): Problem => new Problem(
                    '/'.$key,
                    Text::of('file.unknown-key', ['key' => $key]),
                    Text::of('file.one-of', ['words' => ['parameters', 'forbid']]),
                ),
                array_map('strval', array_diff(array_keys($document), ['parameters', 'forbid'])),
            ),
        );
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
            return [new Problem('/parameters', Text::of('file.nothing'), Text::of('cli.pairs.parameters'))];
        }
        foreach ($parameters as $name => $values) {
            if (
                ! is_array($values)
                || ! array_is_list($values)
                || array_filter($values, static fn (mixed $value): bool => ! is_scalar($value)) !== []
            ) {
                $problems[] = new Problem(
                    '/parameters/'.$name,
                    Text::of('cli.pairs.no-list'),
                    Text::of('cli.pairs.list'),
                );
            }
        }
        foreach (
            is_array($document['forbid'] ?? []) ? $document['forbid'] ?? [] : [$document['forbid']] as $index => $row
        ) {
            if (
                ! is_array($row)
                || array_is_list($row)
                || array_filter($row, static fn (mixed $value): bool => ! is_scalar($value)) !== []
            ) {
                $problems[] = new Problem(
                    '/forbid/'.$index,
                    Text::of('cli.pairs.no-combination'),
                    Text::of('cli.pairs.combination'),
                );
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
