<?php

declare(strict_types=1);

namespace App\Console\Drill;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** A verb of the command line: reads a file, reports, and with --json prints one document. */
abstract class FileCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'a file, JSON or YAML')
            ->addOption('json', null, InputOption::VALUE_NONE, 'print one JSON document')
            ->addOption('strict', null, InputOption::VALUE_NONE, 'exit 1 when something is amiss');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $path = (string) $input->getArgument('file');
        $text = is_file($path) && is_readable($path) ? file_get_contents($path) : false;
        $report = $this->reportOn($path, $text === false ? throw UnreadableInput::file($path) : $text, $input);
        if ($input->getOption('json')) {
            $output->writeln((string) json_encode($report->document, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION), OutputInterface::OUTPUT_RAW);
        } else {
            $output->writeln($report->lines, OutputInterface::OUTPUT_RAW);
        }

        return $report->isAmiss && ($input->getOption('strict') || $report->isAlwaysAmiss) ? self::FAILURE : self::SUCCESS;
    }

    /** @throws UnreadableInput */
    abstract protected function reportOn(string $path, string $text, InputInterface $input): Report;
}
