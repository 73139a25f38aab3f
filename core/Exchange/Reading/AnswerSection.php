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
use StoneDrill\Core\Curriculum\Mistake;
use StoneDrill\Core\Curriculum\ShortForm;
use StoneDrill\Core\Curriculum\Teaching;
use StoneDrill\Core\Curriculum\Waiver;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Technique\AnswerLimits;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\Nearest;
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
     * @param array<array-key, mixed> $ids     of the answers, those among them that could not be read
     * @param list<string>            $called  what a rank may be called in beats, in lower case
     */
    public function __construct(
        private Kinds $kinds,
        private array $ranks,
        private array $attacks,
        private array $ids,
        private array $called,
        Vocabulary $vocabulary,
    ) {
        $this->parser = new Parser($vocabulary);
    }

    /** @return list<Answer> */
    public function read(Fields $file): array
    {
        $known = [
            'id', 'title', 'label', 'attack', 'pattern', 'mirrored', 'rank', 'rank_youth', 'variant_of', 'short',
            'doctrine', 'mistakes', 'waived', 'beats',
        ];
        $answers = $of = [];
        foreach ($file->maps('answers', $known, Format::RENAMED) as $in) {
            $answer = $this->answer($in);
            if ($answer !== null) {
                $answers[] = $answer;
            }
            $of[(string) $in->idOr()] = [$in, is_string($in->raw('variant_of')) ? $in->raw('variant_of') : null];
        }
        $this->refuseCircles($of);

        return $answers;
    }

    /**
     * Nothing is a variant of itself, over others either.
     *
     * @param array<array-key, array{Fields, ?string}> $of the answer and what it is a variant of, by its id
     */
    private function refuseCircles(array $of): void
    {
        foreach ($of as $id => [$in, $next]) {
            $seen = [];
            while ($next !== null && ! isset($seen[$next])) {
                $seen[$next] = true;
                if ($next === (string) $id) {
                    $in->refuse('variant_of', Text::of('file.variant-circle', ['id' => (string) $id]));
                }
                $next = $of[$next][1] ?? null;
            }
        }
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
        $youth = $in->has('rank_youth') ? $this->youth($in) : null;
        $variantOf = $in->has('variant_of')
            ? $in->reference('variant_of', $this->ids, Text::of('file.answer-id'))
            : null;
        $waived = $this->waived($in);
        $beats = $this->beats($in, 'beats');
        $mistakes = $this->mistakes($in, $beats);
        $attack = $this->attacks[$attackId] ?? null;

        return $in->isSound() && $attack !== null && $beats !== null
            ? new Answer(
                $id,
                $title,
                $label,
                $attackId,
                Matching::of($attack, $listed, $mirrored),
                new Teaching($rank, $short, $doctrine, $mistakes, $waived, $youth, $variantOf),
                $beats,
            )
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
                $pattern->report(
                    $facet,
                    Text::of('file.empty-list'),
                    Text::of('file.any-or-list', ['words' => $words]),
                );
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
            $waived[] = new Waiver(
                $waiver->word('check', CheckId::class),
                $waiver->has('beat') ? $waiver->text('beat', 20) : null,
                $waiver->text('reason', 2000),
            );
        }

        return $waived;
    }

    private function youth(Fields $in): string
    {
        return $in->raw('rank_youth') === Teaching::NOT_FOR_YOUTH
            && ! array_key_exists(Teaching::NOT_FOR_YOUTH, $this->ranks)
            ? Teaching::NOT_FOR_YOUTH
            : $in->reference('rank_youth', $this->ranks, Text::of('file.rank-id-or-none'));
    }

    /**
     * The usual mistakes: words alone, or with what is done instead of which beat.
     *
     * @return list<Mistake>
     */
    private function mistakes(Fields $in, ?Beats $beats): array
    {
        $mistakes = [];
        foreach ($in->either('mistakes', ['text', 'at', 'instead']) as $mistake) {
            if (is_string($mistake)) {
                $mistakes[] = new Mistake($mistake);

                continue;
            }
            $text = $mistake->text('text', 1000);
            $isShown = $mistake->has('at') || $mistake->has('instead');
            $at = $isShown
                ? max(1, $mistake->whole('at', 1, $beats === null ? AnswerLimits::BEATS : count($beats->line)))
                : null;
            $instead = $isShown ? $this->beats($mistake, 'instead') : null;
            $mistakes[] = new Mistake($text, $at, $instead);
        }

        return $mistakes;
    }

    private function beats(Fields $in, string $key): ?Beats
    {
        $text = $in->text($key, 2 * AnswerLimits::BYTES);
        if (trim($text) === '') {
            return null;
        }
        try {
            $beats = $this->parser->parse($text);
        } catch (NotationException $exception) {
            foreach ($exception->errors as $error) {
                $in->report($key, $error->found, $error->expected, $error->nearest, $error->line, $error->column);
            }

            return null;
        }
        foreach (array_diff($beats->readings(), $this->called) as $unknown) {
            $in->report(
                $key,
                Text::of('file.reading-for', ['for' => $unknown]),
                Text::of('file.reading-known', ['words' => $this->called]),
                Nearest::to($unknown, $this->called),
            );
        }

        return $beats;
    }
}
