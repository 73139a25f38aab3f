<?php

declare(strict_types=1);

namespace App\Mat;

use App\Actions\RecordReps;
use App\Actions\RepsRefused;
use App\Catalogue\Csv;
use App\Models\Rep;
use App\Models\School;
use App\Models\User;
use Illuminate\Support\Str;

/** Reps as comma-separated values (RFC 4180), a rep a line: written, read with a word to each line, and taken in whole or not at all. */
final readonly class RepSheet
{
    public const COLUMNS = ['id', 'student', 'attack', 'side', 'rung', 'outcome', 'at', 'answer', 'faults', 'touched', 'seconds', 'stressor', 'source', 'replaces', 'reason'];

    /**
     * @param list<array<string, mixed>>            $new   values of reps that are not there yet, by line
     * @param list<array{line: int, what: string}>  $wrong what cannot be read, and where
     * @param int                                   $known how many are there already
     */
    private function __construct(public array $new, public array $wrong, public int $known) {}

    /** @param resource $stream */
    public static function write(School $school, $stream): void
    {
        Csv::line($stream, self::COLUMNS);
        $school->reps()->with(['student', 'attack', 'answer'])->orderBy('at')->orderBy('id')->chunk(2000, static function ($reps) use ($stream): void {
            foreach ($reps as $rep) {
                assert($rep instanceof Rep);
                Csv::line($stream, self::line($rep));
            }
        });
    }

    public static function read(string $text, School $school): self
    {
        $stream = fopen('php://memory', 'w+b');
        if ($stream === false) {
            return new self([], [], 0);
        }
        fwrite($stream, preg_replace('/^\xEF\xBB\xBF/', '', $text) ?? $text);
        rewind($stream);
        $heads = array_map(static fn (?string $head): string => trim((string) $head), fgetcsv($stream, escape: '') ?: []);
        $wrong = self::heads($heads);
        if ($wrong !== []) {
            return new self([], $wrong, 0);
        }
        $reader = new RepLines($school);
        for ($line = 2; ($fields = fgetcsv($stream, escape: '')) !== false; $line += 1 + substr_count(implode('', $fields), "\n")) {
            if ($fields === [null]) {
                continue;
            }
            if (! $reader->hasRoom()) {
                $reader->refuse($line, sprintf('A file has up to %d reps; split it.', RepLines::MAX));
                break;
            }
            if (count($fields) === count($heads)) {
                $reader->read($line, array_combine($heads, $fields));
            } else {
                $reader->refuse($line, sprintf('Found %d fields, expected %d.', count($fields), count($heads)));
            }
        }

        return new self(...$reader->finish());
    }

    /**
     * Stores what is new, all of it or nothing.
     *
     * @throws RepsRefused when something came in meanwhile that stands in the way
     */
    public function store(School $school, User $by): int
    {
        (new RecordReps($school, $by))->recordAll($this->new);

        return count($this->new);
    }

    /**
     * @param list<string> $heads
     *
     * @return list<array{line: int, what: string}>
     */
    private static function heads(array $heads): array
    {
        $unknown = array_diff($heads, self::COLUMNS);
        $missing = array_diff(['id', 'student', 'attack', 'side', 'rung', 'outcome', 'at'], $heads);

        return match (true) {
            $unknown !== [] => [['line' => 1, 'what' => sprintf('Found the column “%s”, expected some of %s.', Str::limit((string) reset($unknown), 60), implode(', ', self::COLUMNS))]],
            $missing !== [] => [['line' => 1, 'what' => 'The first line names the columns; these are missing: '.implode(', ', $missing).'.']],
            count(array_unique($heads)) !== count($heads) => [['line' => 1, 'what' => 'A column is named twice.']],
            default => [],
        };
    }

    /** @return list<string> */
    private static function line(Rep $rep): array
    {
        return array_map(strval(...), [
            $rep->id, $rep->student->code, $rep->attack->code, $rep->side, $rep->rung, $rep->outcome, $rep->at->toIso8601String(), $rep->answer->code ?? '', implode('; ', $rep->faults),
            $rep->touched ?? '', $rep->seconds ?? '', $rep->stressor ?? '', $rep->source, $rep->replaces ?? '', $rep->reason ?? '',
        ]);
    }
}
