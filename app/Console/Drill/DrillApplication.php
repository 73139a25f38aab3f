<?php

declare(strict_types=1);

namespace App\Console\Drill;

use App\View\Texts;
use StoneDrill\Core\Exchange\Problem;
use Symfony\Component\Console\Application;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** The command line of the core: no web server, no database. */
final class DrillApplication extends Application
{
    /** What cannot be read, in the file or in the words of the call. */
    public const UNREADABLE = 2;

    public function __construct(private readonly Texts $texts)
    {
        parent::__construct('drill');
        $this->addCommand(new CheckCommand($texts));
        $this->addCommand(new ChecksCommand($texts));
        $this->addCommand(new CoverageCommand($texts));
        $this->addCommand(new DrawCommand($texts));
        $this->addCommand(new EvidenceCommand($texts));
        $this->addCommand(new FewestCommand($texts));
        $this->addCommand(new PairsCommand($texts));
        $this->addCommand(new ProofCommand($texts));
        $this->addCommand(new ReadyCommand($texts));
        $this->addCommand(new PlanCommand($texts));
        $this->addCommand(new SeasonCommand($texts));
        $this->addCommand(new SituationCommand($texts));
        $this->addCommand(new WhenCommand($texts));
    }

    public function doRun(InputInterface $input, OutputInterface $output): int
    {
        try {
            return parent::doRun($input, $output);
        } catch (UnreadableInput $error) {
            return $this->refuse($input, $output, $error->getMessage(), $error->problems);
        } catch (ExceptionInterface $error) {
            return $this->refuse($input, $output, $error->getMessage());
        }
    }

    /** @param list<Problem> $problems */
    private function refuse(InputInterface $input, OutputInterface $output, string $message, array $problems = []): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $errors->writeln($message, OutputInterface::OUTPUT_RAW);
        if ($input->hasParameterOption('--json', true)) {
            $documents = $problems === []
                ? [['message' => $message]]
                : array_map(
                    fn (Problem $problem): array => $this->texts->sayAll(
                        array_filter(get_object_vars($problem), static fn (mixed $value): bool => $value !== null),
                    ),
                    $problems,
                );
            $output->writeln(
                (string) json_encode(['errors' => $documents], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
                OutputInterface::OUTPUT_RAW,
            );
        }

        return self::UNREADABLE;
    }
}
