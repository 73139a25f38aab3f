<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Checks\Checks;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** `drill checks`: every check as the page docs/checks.md, which is made with it. */
final class ChecksCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('checks')->setDescription('Prints every check with what sets it off, as docs/checks.md');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->writeln(self::page(), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @return list<string> lines */
    public static function page(): array
    {
        $lines = [
            '# Checks',
            '',
            'Made by `bin/drill checks > docs/checks.md`. Every finding names its beat, its figures and a mend; a school may accept one on an answer, with a reason that is kept. *stop*: it does not work as written, or is not taught. *warn*: it is likely to go wrong. *note*: worth a second look. Every figure is a planning estimate.',
            '',
            '| check | severity | what sets it off |',
            '|---|---|---|',
        ];
        foreach (Checks::all() as $check) {
            $rule = $check->rule();
            $lines[] = sprintf('| %s | %s | %s |', $rule->name, $rule->severity->value, $rule->trigger);
        }

        return $lines;
    }
}
