<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange\Reading;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\Matching;
use StoneDrill\Core\Curriculum\ShortForm;
use StoneDrill\Core\Curriculum\Teaching;
use StoneDrill\Core\Curriculum\Waiver;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Technique\AnswerLimits;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\NotationException;
use StoneDrill\Core\Technique\Notation\Parser;
use StoneDrill\Core\Technique\Notation\Vocabulary;
use StoneDrill\Core\Text;

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
        $known = ['id', 'title', 'label', 'attack', 'pattern', 'mirrored', 'rank', 'short', 'doctrine', 'mistakes', 'waived', 'beats'];
        $answers = [];
        foreach ($file->maps('answers', $known, Format::RENAMED) as $in) {
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
            $in->refuse('title', Text::of('file.title'));
        }
        $label = $in->textOr('label', '', 40);
        $attackId = $in->reference('attack', $this->attacks, Text::of('file.attack-id'));
        $listed = $this->pattern($in);
        $mirrored = $in->truth('mirrored', false);
        $rank = $in->reference('rank', $this->ranks, Text::of('file.rank-id'));
        $short = $this->short($in, $rank);
        $doctrine = $in->has('doctrine') ? $in->word('doctrine', Doctrine::class) : null;
        $mistakes = $in->texts('mistakes');
        $waived = $this->waived($in);
        $beats = $this->beats($in);
        $attack = $this->attacks[$attackId] ?? null;

        return $in->isSound() && $attack !== null && $beats !== null
            ? new Answer($id, $title, $label, $attackId, Matching::of($attack, $listed, $mirrored), new Teaching($rank, $short, $doctrine, $mistakes, $waived), $beats)
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
                $pattern->report($facet, Text::of('file.empty-list'), Text::of('file.any-or-list', ['words' => $words]));
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
        $from = $short->reference('rank', $this->ranks, Text::of('file.rank-id'));
        $beats = max(1, $short->whole('beats', 1, 99));
        if ($short->isSound() && isset($this->ranks[$rank]) && $this->ranks[$from] > $this->ranks[$rank]) {
            $short->refuse('rank', Text::of('file.rank-not-above', ['rank' => $rank]));
        }

        return new ShortForm($from, $beats);
    }

    /** @return list<Waiver> */
    private function waived(Fields $in): array
    {
        $waived = [];
        foreach ($in->maps('waived', ['check', 'beat', 'reason']) as $waiver) {
            $waived[] = new Waiver($waiver->word('check', CheckId::class), $waiver->has('beat') ? $waiver->text('beat', 20) : null, $waiver->text('reason', 2000));
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
