<?php

declare(strict_types=1);

namespace App\Console\Drill;

use DateTimeImmutable;
use DateTimeZone;
use Exception;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\CatalogueReader;
use StoneDrill\Core\Catalogue\Format;
use StoneDrill\Core\Catalogue\Rank;
use StoneDrill\Core\Catalogue\UnreadableCatalogue;
use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Spelling\Nearest;
use Symfony\Component\Console\Input\InputInterface;

/** A verb that reads a catalogue file. */
abstract class DrillCommand extends FileCommand
{
    protected function reportOn(string $path, string $text, InputInterface $input): Report
    {
        try {
            return $this->report((new CatalogueReader())->read($text, Format::of($path, $text)), $input);
        } catch (UnreadableCatalogue $reason) {
            throw UnreadableInput::catalogue($path, $reason);
        }
    }

    abstract protected function report(Catalogue $catalogue, InputInterface $input): Report;

    /** @throws UnreadableInput */
    protected function rank(Catalogue $catalogue, InputInterface $input): ?string
    {
        return $this->known($input, 'rank', array_map(static fn (Rank $rank): string => $rank->id, $catalogue->ranks));
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
            throw UnreadableInput::option($option, (string) $word, $known === [] ? 'nothing: the file has none' : 'one of '.implode(', ', $known), Nearest::to((string) $word, $known));
        }

        return $word;
    }

    /**
     * The moment of --at. A day means its first moment in UTC.
     *
     * @throws UnreadableInput
     */
    protected function at(InputInterface $input): ?DateTimeImmutable
    {
        $at = $input->getOption('at');
        if ($at === null) {
            return null;
        }
        $expected = 'a day such as 2026-11-02 or a moment such as 2026-11-02T19:10:00+00:00';
        if (preg_match('/^\d{4}-\d\d-\d\d(T\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d))?$/D', (string) $at) !== 1) {
            throw UnreadableInput::option('at', (string) $at, $expected);
        }
        try {
            $moment = new DateTimeImmutable((string) $at, new DateTimeZone('UTC'));
        } catch (Exception) {
            throw UnreadableInput::option('at', (string) $at, $expected);
        }

        return $moment->setTimezone(new DateTimeZone('UTC'));
    }

    /** @return array<string, string> as every verb tells a finding */
    protected static function finding(Finding $finding): array
    {
        return [
            'check' => $finding->check,
            'severity' => $finding->severity->value,
            'beat' => $finding->beat,
            'message' => $finding->message,
            'mend' => $finding->mend,
        ];
    }
}
