<?php

declare(strict_types=1);

namespace App\Console\Drill;

use App\View\Texts;
use StoneDrill\Core\Text;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** A verb of the command line: reads a file, reports, and with --json prints one document. */
abstract class FileCommand extends Command
{
    /** @var list<string> what was read otherwise than it is written in the file */
    protected array $notices = [];

    public function __construct(protected readonly Texts $texts)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, $this->said('cli.options.file'))
            ->addOption('json', null, InputOption::VALUE_NONE, $this->said('cli.options.json'))
            ->addOption('strict', null, InputOption::VALUE_NONE, $this->said('cli.options.strict'));
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $path = (string) $input->getArgument('file');
        $text = is_file($path) && is_readable($path) ? file_get_contents($path) : false;
        $printed = $this->reportOn(
            $path,
            $text === false ? throw UnreadableInput::file($path, $this->texts) : $text,
            $input,
        );
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $errors->writeln($this->notices, OutputInterface::OUTPUT_RAW);
        if ($input->getOption('json')) {
            $document = $this->texts->sayAll($printed->report->document());
            $output->writeln(
                (string) json_encode(
                    $document,
                    JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
                ),
                OutputInterface::OUTPUT_RAW,
            );
        } else {
            $output->writeln($printed->lines, OutputInterface::OUTPUT_RAW);
        }

        return $printed->isAmiss && ($input->getOption('strict') || $printed->isAlwaysAmiss)
            ? self::FAILURE
            : self::SUCCESS;
    }

    /** @throws UnreadableInput */
    abstract protected function reportOn(string $path, string $text, InputInterface $input): Printed;

    /** @param array<string, int|float|string|Text|list<string|Text>> $values by name */
    protected function said(string $key, array $values = []): string
    {
        return $this->texts->say(Text::of($key, $values));
    }
}
