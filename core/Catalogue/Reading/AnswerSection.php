<?php

declare(strict_types=1);

namespace StoneDrill\Core\Catalogue\Reading;

use StoneDrill\Core\Answer\Answer;
use StoneDrill\Core\Answer\AnswerLimits;
use StoneDrill\Core\Answer\Beats;
use StoneDrill\Core\Answer\Doctrine;
use StoneDrill\Core\Answer\Notation\NotationException;
use StoneDrill\Core\Answer\Notation\Parser;
use StoneDrill\Core\Answer\Notation\Vocabulary;
use StoneDrill\Core\Answer\ShortForm;
use StoneDrill\Core\Answer\Waiver;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Pattern;
use StoneDrill\Core\Checks\Checks;

/** Reads `answers`. */
final readonly class AnswerSection
{
    private const ANY = 'any';

    private Parser $parser;

    /**
     * @param array<array-key, mixed> $ranks   position by id, lowest first
     * @param array<string, ?Attack>  $attacks by id; null where the attack itself could not be read
     */
    public function __construct(private Kinds $kinds, private array $ranks, private array $attacks, Vocabulary $vocabulary)
    {
        $this->parser = new Parser($vocabulary);
    }

    /** @return list<Answer> */
    public function read(Fields $file): array
    {
        $known = ['id', 'title', 'label', 'attack', 'pattern', 'mirrored', 'rank', 'short', 'doctrine', 'faults', 'waived', 'beats'];
        $answers = [];
        foreach ($file->maps('answers', $known) as $in) {
            $answer = $this->answer($in);
            if ($answer !== null) {
                $answers[] = $answer;
            }
        }

        return $answers;
    }

    private function answer(Fields $in): ?Answer
    {
        $id = $in->id();
        $title = $in->text('title');
        if (str_contains($title, '"')) {
            $in->refuse('title', 'a title without quotes, so that beats can name it');
        }
        $label = $in->textOr('label', '', 40);
        $attackId = $in->reference('attack', $this->attacks, 'the id of an attack');
        $listed = $this->pattern($in);
        $mirrored = $in->truth('mirrored', false);
        $rank = $in->reference('rank', $this->ranks, 'the id of a rank');
        $short = $this->short($in, $rank);
        $doctrine = $in->has('doctrine') ? $in->word('doctrine', Doctrine::class) : null;
        $faults = $in->texts('faults');
        $waived = $this->waived($in);
        $beats = $this->beats($in);
        $attack = $this->attacks[$attackId] ?? null;

        return $in->isSound() && $attack !== null && $beats !== null
            ? new Answer($id, $title, $label, $attackId, $listed, Pattern::proposedFor($attack)->replace($listed), $mirrored, $rank, $short, $doctrine, $faults, $waived, $beats)
            : null;
    }

    /** @return array<string, list<string>|null> */
    private function pattern(Fields $in): array
    {
        $facets = array_map(static fn (Facet $facet): string => $facet->value, Facet::cases());
        $pattern = $in->map('pattern', ['kind', ...$facets]);
        $listed = [];
        foreach (['kind', ...$facets] as $facet) {
            if (! $pattern->has($facet)) {
                continue;
            }
            $words = $facet === 'kind' ? $this->kinds->ids() : Facet::from($facet)->values();
            if ($pattern->raw($facet) === self::ANY) {
                $listed[$facet] = null;
            } elseif ($pattern->raw($facet) === []) {
                $pattern->report($facet, 'an empty list', '“any”, or a list of one or more of '.implode(', ', $words));
            } else {
                $listed[$facet] = $pattern->choices($facet, $words);
            }
        }

        return $listed;
    }

    private function short(Fields $in, string $rank): ?ShortForm
    {
        if (! $in->has('short')) {
            return null;
        }
        $short = $in->map('short', ['rank', 'beats']);
        $from = $short->reference('rank', $this->ranks, 'the id of a rank');
        $beats = max(1, $short->whole('beats', 1, 99));
        if ($short->isSound() && isset($this->ranks[$rank]) && $this->ranks[$from] > $this->ranks[$rank]) {
            $short->refuse('rank', sprintf('a rank not above “%s”', $rank));
        }

        return new ShortForm($from, $beats);
    }

    /** @return list<Waiver> */
    private function waived(Fields $in): array
    {
        $waived = [];
        foreach ($in->maps('waived', ['check', 'beat', 'reason']) as $waiver) {
            $waived[] = new Waiver($waiver->choice('check', Checks::names()), $waiver->has('beat') ? $waiver->text('beat', 20) : null, $waiver->text('reason', 2000));
        }

        return $waived;
    }

    private function beats(Fields $in): ?Beats
    {
        $text = $in->text('beats', 2 * AnswerLimits::BYTES);
        if ($text === '') {
            return null;
        }
        try {
            return $this->parser->parse($text);
        } catch (NotationException $exception) {
            foreach ($exception->errors as $error) {
                $in->report('beats', $error->found, $error->expected, $error->nearest, $error->line, $error->column);
            }

            return null;
        }
    }
}
