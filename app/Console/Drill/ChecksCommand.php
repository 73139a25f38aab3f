<?php

declare(strict_types=1);

namespace App\Console\Drill;

use App\View\Texts;
use StoneDrill\Core\Checks\Checks;
use StoneDrill\Core\Text;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** `drill checks`: every check as the page docs/checks.md, which is made with it. */
final class ChecksCommand extends Command
{
    public function __construct(private readonly Texts $texts)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->setName('checks')->setDescription($this->texts->say(Text::of('cli.checks.is')));
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->writeln(self::page($this->texts), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @return list<string> lines */
    public static function page(Texts $texts): array
    {
        $lines = [
            '# '.$texts->say(Text::of('cli.checks.title')),
            '',
            $texts->say(Text::of('cli.checks.intro')),
            '',
            $texts->say(Text::of('cli.checks.head')),
            '|---|---|---|',
        ];
        foreach (Checks::all() as $check) {
            $rule = $check->rule();
            $lines[] = sprintf(
                '| %s | %s | %s |',
                $rule->id->value,
                $rule->severity->value,
                $texts->say($rule->trigger()),
            );
        }

        return $lines;
    }
}
