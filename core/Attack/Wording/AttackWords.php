<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack\Wording;

use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Technique\Notation\Nearest;
use StoneDrill\Core\Technique\Notation\Vocabulary;
use StoneDrill\Core\Text;

/** Reads an attack that is said in one line, and says one. What is said is read again as the same attack. */
final readonly class AttackWords
{
    /**
     * Hours behind the defender: a kind that comes only from there is taken to come from 6 where nothing else is said.
     */
    private const UNSEEN = [4, 5, 6, 7, 8];

    /** @var array<string, array<string, string>> what a phrase says, `kind` among the facets */
    private array $phrases;

    private int $longest;

    /** @param array<string, string> $names what each kind is called, by id */
    public function __construct(private Kinds $kinds, private array $names)
    {
        $phrases = Words::FACETS;
        foreach ($kinds->all() as $kind) {
            $phrases[implode(' ', self::words($names[$kind->id]))] = ['kind' => $kind->id];
            $phrases[implode(' ', self::words(str_replace('-', ' ', $kind->id)))] ??= ['kind' => $kind->id];
        }
        $this->phrases = $phrases;
        $this->longest = max(
            array_map(
                static fn (string $phrase): int => substr_count($phrase, ' ') + 1,
                array_map('strval', array_keys($phrases)),
            ),
        );
    }

    public function read(string $line): Spoken
    {
        $words = self::words($line);
        $facets = $understood = $loose = [];
        $named = null;
        for ($at = 0; $at < count($words); $at += $taken) {
            [$taken, $says] = $this->bearingAt($words, $at) ?? ($this->phraseAt($words, $at) ?? [1, null]);
            $text = implode(' ', array_slice($words, $at, $taken));
            if ($says === null) {
                $loose[] = $text;

                continue;
            }
            $named = $says['kind'] ?? $named;
            $facets = [...$facets, ...array_diff_key($says, ['kind' => 0])];
            $understood[] = ['words' => $text, 'means' => $this->meaning($says)];
        }
        [$kind, $hints] = $named === null ? $this->kindOf($words, $facets) : [$this->kinds->get($named), []];
        if ($named === null && $kind !== null) {
            $understood[] = [
                'words' => implode(' ', array_intersect($words, $hints)),
                'means' => 'kind '.$this->names[$kind->id],
            ];
        }
        if ($kind !== null && ! isset($facets['bearing']) && array_diff($kind->bearings, self::UNSEEN) === []) {
            $facets['bearing'] = '6';
        }
        if ($kind !== null && count($kind->hands) === 1) {
            $facets['hand'] ??= $kind->hands[0]->value;
        }

        return new Spoken(
            $kind,
            $facets,
            $understood,
            $this->unread($loose, $hints),
            $kind === null ? [] : $this->refused($kind, $facets),
        );
    }

    /**
     * The attack in one line: what has no default always, the rest where it is not the usual. A hand is named where it
     * could be another.
     *
     * @param ?string $from where it comes from, as a school says it; the clock without
     */
    public function say(Kind $kind, Facets $facets, ?string $from = null): string
    {
        $parts = [
            trim((count($kind->hands) === 1 ? '' : $facets->hand->value.' ').lcfirst($this->names[$kind->id])),
            'from '.($from ?? $facets->bearing->toClock()),
        ];
        foreach (
            [
                Facet::Thumb, Facet::Phase, Facet::Entry, Facet::Posture, Facet::Notice, Facet::Place, Facet::Others,
                Facet::Build,
            ] as $facet
        ) {
            $value = $facets->value($facet);
            if ($value !== $facet->default()) {
                $parts[] = self::phraseFor($facet, $value);
            }
        }

        return implode(', ', [...$parts, 'to '.str_replace('-', ' ', $facets->intent->value)]);
    }

    private static function phraseFor(Facet $facet, string $value): string
    {
        return match (true) {
            $facet === Facet::Thumb => 'thumb '.$value,
            $facet === Facet::Entry && $value === 'stand' => 'without a step',
            $facet === Facet::Entry => 'stepping '.$value,
            $facet === Facet::Posture && $value === 'back' => 'on the back',
            $facet === Facet::Posture && $value === 'wall' => 'against the wall',
            $facet === Facet::Others && $value === 'second' => 'second attacker',
            $facet === Facet::Others && $value === 'ally' => 'with an ally',
            default => $value,
        };
    }

    /**
     * @param list<string> $words
     *
     * @return array{int, array<string, string>}|null
     */
    private function phraseAt(array $words, int $at): ?array
    {
        for ($length = min($this->longest, count($words) - $at); $length > 0; $length--) {
            $says = $this->phrases[implode(' ', array_slice($words, $at, $length))] ?? null;
            if ($says !== null) {
                return [$length, $says];
            }
        }

        return null;
    }

    /**
     * Where it comes from: an hour of the clock, with or without `from` before it; after that word degrees and, with
     * `the`, the eight directions too, such as `from 90°`, `from the left`, `from the front right (60°)`. Without it
     * they are hands and places, as in `at the back`.
     *
     * @param list<string> $words
     *
     * @return array{int, array<string, string>}|null
     */
    private function bearingAt(array $words, int $at): ?array
    {
        $isFrom = $words[$at] === 'from';
        $isThe = $isFrom && ($words[$at + 1] ?? '') === 'the';
        $lead = ($isFrom || $words[$at] === 'at' ? 1 : 0) + ($isThe ? 1 : 0);
        $next = array_slice($words, $at + $lead);
        if (in_array($next[0] ?? '', Facet::Bearing->values(), true)) {
            return [$lead + 1, ['bearing' => $next[0]]];
        }
        [$bearing, $taken] = $isThe ? Vocabulary::direction($next) ?? [null, 0] : [null, 0];
        $degrees = $isFrom ? ($next[$taken] ?? '') : '';
        if (ctype_digit($degrees) && (int) $degrees <= 360) {
            [$bearing, $taken] = [Bearing::degrees((float) $degrees), $taken + 1];
        }

        // An attack comes from a whole hour.
        return $bearing !== null && fmod($bearing->toDegrees(), 30.0) === 0.0
            ? [$lead + $taken, ['bearing' => $bearing->toClock()]]
            : null;
    }

    /** @param array<string, string> $says */
    private function meaning(array $says): string
    {
        $means = [];
        foreach ($says as $facet => $value) {
            $means[] = $facet === 'kind' ? 'kind '.$this->names[$value] : $facet.' '.$value;
        }

        return implode(', ', $means);
    }

    /**
     * The kind with the most of its words in the line, the first of those that are alike.
     *
     * @param list<string>          $words
     * @param array<string, string> $facets
     *
     * @return array{?Kind, list<string>} the kind, and the words of the line that speak for it
     */
    private function kindOf(array $words, array $facets): array
    {
        $present = [];
        foreach ($words as $word) {
            foreach (array_unique([$word, ...explode('-', $word)]) as $part) {
                $present[Words::SAME[$part] ?? $part][] = $word;
            }
        }
        if (in_array($facets['bearing'] ?? '', ['4', '5', '6', '7', '8'], true)) {
            $present['behind'] ??= [];
        }
        if (($facets['hand'] ?? '') === 'both') {
            $present['two'] ??= [];
        }
        $best = null;
        $hints = [];
        foreach (array_filter(Words::KINDS, $this->kinds->has(...), ARRAY_FILTER_USE_KEY) as $id => $ways) {
            foreach ($ways as $way) {
                if (array_diff($way, array_keys($present)) === [] && ($best === null || count($way) > $best[1])) {
                    $best = [$id, count($way)];
                }
            }
        }
        foreach (array_merge([], ...$best === null ? [] : Words::KINDS[$best[0]]) as $word) {
            array_push($hints, ...$present[$word] ?? []);
        }

        return [$best === null ? null : $this->kinds->get($best[0]), array_values(array_unique($hints))];
    }

    /**
     * @param list<string> $loose
     * @param list<string> $hints
     *
     * @return list<array{word: string, nearest: ?string}>
     */
    private function unread(array $loose, array $hints): array
    {
        $known = array_merge(
            array_map('strval', array_keys($this->phrases)),
            array_keys(Words::SAME),
            array_merge(...array_merge(...array_values(Words::KINDS))),
        );
        $unread = [];
        foreach ($loose as $word) {
            if (
                ! in_array($word, Words::FILLERS, true)
                && ! in_array($word, $hints, true)
                && ! in_array(Words::SAME[$word] ?? '', Words::FILLERS, true)
            ) {
                $unread[] = ['word' => $word, 'nearest' => Nearest::to($word, array_values(array_unique($known)))];
            }
        }

        return $unread;
    }

    /**
     * @param array<string, string> $facets
     *
     * @return list<Text>
     */
    private function refused(Kind $kind, array $facets): array
    {
        $feasibility = new Feasibility();
        $refused = [];
        foreach (Facet::cases() as $facet) {
            $value = $facets[$facet->value] ?? null;
            $allowed = $feasibility->allowed($kind, $facet, $facets);
            if ($value !== null && ! in_array($value, $allowed, true)) {
                $refused[] = Text::of('attack.infeasible', [
                    'facet' => $facet->text(),
                    'value' => $value,
                    'kind' => $kind->name(),
                    'allowed' => $allowed,
                ]);
            }
        }

        return $refused;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        preg_match_all('/\p{L}+(?:[\'’-]\p{L}+)*|\d+/u', mb_strtolower($text), $words);

        return $words[0];
    }
}
