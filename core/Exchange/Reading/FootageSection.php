<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange\Reading;

use StoneDrill\Core\Curriculum\BeatTimes;
use StoneDrill\Core\Curriculum\Footage;
use StoneDrill\Core\Curriculum\FootageOf;
use StoneDrill\Core\Text;

/** Reads `footage`: what the pictures and clips beside the file are of. */
final readonly class FootageSection
{
    /**
     * @param array<string, array<array-key, mixed>> $known    what there is, by the word for it and by id
     * @param array<array-key, mixed>                $students by id
     */
    public function __construct(private array $known, private array $students) {}

    /** @return list<Footage> */
    public function footage(Fields $file): array
    {
        $footage = [];
        foreach (
            $file->maps('footage', [
                'file', 'attack', 'answer', 'basic', 'form', 'mistake', 'caption', 'beats_at', 'shows',
            ]) as $in
        ) {
            $of = self::of($in);
            $one = new Footage(
                self::file($in),
                $of,
                $in->has($of->value)
                    ? $in->reference($of->value, $this->known[$of->value] ?? [], Text::of("file.{$of->value}-id"))
                    : '',
                $in->textOr('mistake', '', Footage::MISTAKE),
                $in->textOr('caption', '', Footage::LETTERS),
                self::beats($in),
                $in->choices('shows', array_map(strval(...), array_keys($this->students))),
            );
            if ($in->isSound()) {
                $footage[] = $one;
            }
        }

        return $footage;
    }

    /** A plain name: it never leads out of the folder that it is looked for in. */
    private static function file(Fields $in): string
    {
        $name = $in->text('file', Footage::NAME);
        if ($name !== '' && preg_match('/^[A-Za-z0-9][A-Za-z0-9._-]*$/D', $name) !== 1) {
            $in->refuse('file', Text::of('file.plain-name'));
        }

        return $name;
    }

    private static function of(Fields $in): FootageOf
    {
        $named = array_values(
            array_filter(FootageOf::cases(), static fn (FootageOf $of): bool => $in->has($of->value)),
        );
        if (count($named) !== 1) {
            $in->refuse(
                ($named[1] ?? FootageOf::Attack)->value,
                Text::of('file.one-of-these', ['words' => array_column(FootageOf::cases(), 'value')]),
            );
        }
        $of = $named[0] ?? FootageOf::Attack;
        foreach (
            ['mistake' => [FootageOf::Answer, FootageOf::Basic], 'beats_at' => [FootageOf::Answer]] as $key => $those
        ) {
            if ($in->has($key) && ! in_array($of, $those, true)) {
                $in->refuse($key, Text::of('file.not-of', ['word' => $of->value]));
            }
        }

        return $of;
    }

    private static function beats(Fields $in): BeatTimes
    {
        $seconds = [];
        foreach ($in->listOr('beats_at') as $place => $second) {
            if (! is_int($second) && ! is_float($second)) {
                $in->report("beats_at/{$place}", Fields::describe($second), Text::of('file.seconds'));
            } else {
                $seconds[] = (float) $second;
            }
        }
        if (! BeatTimes::are($seconds)) {
            $in->refuse('beats_at', Text::of('file.rising-seconds'));

            return new BeatTimes();
        }

        return new BeatTimes($seconds);
    }
}
