<?php

declare(strict_types=1);

namespace App\Console\Drill;

use DateTimeImmutable;
use DateTimeZone;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Exchange\IsoMoment;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Exchange\UnreadableCatalogue;
use StoneDrill\Core\Technique\Notation\Nearest;
use StoneDrill\Core\Text;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** A verb that reads a catalogue file. */
abstract class DrillCommand extends FileCommand
{
    /** Adds the option that reads everything as those under 16 learn it. */
    protected function takesYouth(): static
    {
        return $this->addOption('youth', null, InputOption::VALUE_NONE, $this->said('cli.youth'));
    }

    /** What the file teaches; to those under 16 where that is asked for. */
    protected function catalogue(SchoolFile $file, InputInterface $input): Catalogue
    {
        return $input->getOption('youth') === true ? $file->catalogue->forYouth() : $file->catalogue;
    }

    protected function reportOn(string $path, string $text, InputInterface $input): Printed
    {
        try {
            $file = (new CatalogueReader())->read($text, Format::of($path, $text));
            $this->texts->speakFor($file->catalogue->school->conventions->nouns);
            $this->notices = array_map($this->texts->say(...), $file->notices);

            return $this->report($file, $input);
        } catch (UnreadableCatalogue $reason) {
            throw UnreadableInput::catalogue($path, $reason, $this->texts);
        }
    }

    /** @throws UnreadableInput */
    abstract protected function report(SchoolFile $file, InputInterface $input): Printed;

    /** @throws UnreadableInput */
    protected function rank(Catalogue $catalogue, InputInterface $input): ?string
    {
        return $this->known($input, 'rank', array_map(static fn (Rank $rank): string => $rank->id, $catalogue->ranks));
    }

    /** @throws UnreadableInput */
    protected function student(SchoolFile $file, InputInterface $input): Student
    {
        $byId = array_column($file->students, null, 'id');
        $ids = array_map(strval(...), array_keys($byId));

        return $byId[
            $this->known($input, 'student', $ids)
                ?? throw $this->refuse('student', '', Text::of('cli.student', ['ids' => $ids]))
        ];
    }

    /**
     * The word of an option that must be one of these.
     *
     * @param list<string> $known
     *
     * @throws UnreadableInput
     */
    protected function known(InputInterface $input, string $option, array $known): ?string
    {
        $word = $input->getOption($option);
        if ($word !== null && ! in_array($word, $known, true)) {
            throw $this->refuse(
                $option,
                (string) $word,
                $known === [] ? Text::of('cli.none-in-file') : Text::of('file.one-of', ['words' => $known]),
                Nearest::to((string) $word, $known),
            );
        }

        return $word;
    }

    protected function refuse(string $option, string $found, Text $expected, ?string $nearest = null): UnreadableInput
    {
        return UnreadableInput::option($option, $found, $expected, $this->texts, $nearest);
    }

    /**
     * The moment of --at. A day means its first moment in UTC.
     *
     * @throws UnreadableInput
     */
    protected function at(InputInterface $input): ?DateTimeImmutable
    {
        $at = $input->getOption('at');
        $utc = new DateTimeZone('UTC');
        $isMoment
            = preg_match('/^\d{4}-\d\d-\d\d(T\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d))?$/D', (string) $at) === 1;
        $moment = $isMoment ? IsoMoment::read((string) $at, $utc) : null;
        if ($at !== null && $moment === null) {
            throw $this->refuse('at', (string) $at, Text::of('cli.at'));
        }

        return $moment?->setTimezone($utc);
    }

    /**
     * The seed that is asked for, of nine digits at most.
     *
     * @throws UnreadableInput when it is none
     */
    protected function seed(InputInterface $input): int
    {
        $seed = $input->getOption('seed');

        return is_string($seed) && preg_match('/^[0-9]{1,9}$/D', $seed) === 1
            ? (int) $seed
            : throw $this->refuse('seed', (string) $seed, Text::of('cli.nine-digits'));
    }
}
