<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Casts\Json;
use App\Models\Answer;
use StoneDrill\Core\Attack\Attack as CoreAttack;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Curriculum\Answer as CoreAnswer;
use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\Matching;
use StoneDrill\Core\Curriculum\Mistake;
use StoneDrill\Core\Curriculum\ShortForm;
use StoneDrill\Core\Curriculum\Teaching;
use StoneDrill\Core\Curriculum\Waiver;
use StoneDrill\Core\Technique\Beats;

/** The way from a row of an answer to its core value. */
final readonly class AnswerMapper
{
    /**
     * @param array<int, string> $codes       of the ranks, by the id of the row
     * @param array<int, string> $answerCodes the same of the answers
     */
    public static function answer(Answer $answer, CoreAttack $attack, array $codes, array $answerCodes): CoreAnswer
    {
        return new CoreAnswer(
            $answer->code,
            $answer->title,
            $answer->label,
            $attack->id,
            Matching::of($attack, self::pattern($answer), $answer->mirrored),
            new Teaching(
                $codes[$answer->rank_id],
                $answer->short_rank_id === null
                    ? null
                    : new ShortForm($codes[$answer->short_rank_id], max(1, (int) $answer->short_beats)),
                $answer->doctrine,
                self::mistakes($answer),
                self::waivers(array_values(Json::strict($answer, 'waived'))),
                $answer->is_for_youth ? $codes[$answer->rank_youth_id ?? 0] ?? null : Teaching::NOT_FOR_YOUTH,
                $answerCodes[$answer->variant_of_id ?? 0] ?? null,
            ),
            Beats::parse($answer->beats),
        );
    }

    /**
     * @throws UnreadableValue when the beats of one cannot be read
     *
     * @return list<Mistake>
     */
    private static function mistakes(Answer $answer): array
    {
        $instead = Json::strict($answer, 'instead');

        return array_map(static function (string $text) use ($instead): Mistake {
            $shown = $instead[$text] ?? null;
            if ($shown === null) {
                return new Mistake($text);
            }
            if (! is_array($shown) || ! is_int($shown['at'] ?? null) || ! is_string($shown['instead'] ?? null)) {
                throw UnreadableValue::unknown('instead', $shown, __('unreadable.expected.mistake'));
            }

            return new Mistake($text, $shown['at'], Beats::parse($shown['instead']));
        }, Json::texts($answer, 'mistakes'));
    }

    /** @return array<string, list<string>|null> */
    private static function pattern(Answer $answer): array
    {
        foreach (Json::strict($answer, 'pattern') as $facet => $values) {
            $known = $facet === 'kind'
                ? null
                : (
                    Facet::tryFrom((string) $facet)
                    ?? throw UnreadableValue::unknown('pattern', $facet, __('unreadable.expected.facet'))
                )->values();
            foreach ($values ?? [] as $value) {
                if (! is_string($value) || ($known !== null && ! in_array($value, $known, true))) {
                    throw UnreadableValue::unknown(
                        "pattern, {$facet}",
                        $value,
                        __('file.one-of', ['words' => implode(', ', $known ?? [])]),
                    );
                }
            }
        }

        return $answer->pattern;
    }

    /**
     * An answer that is being written, as far as it is known.
     *
     * @param string $rank code of the rank it is meant for
     */
    public static function draft(
        CoreAttack $attack,
        string $title,
        string $rank,
        ?Doctrine $doctrine,
        Beats $beats,
        ?Answer $stored = null,
    ): CoreAnswer {
        return new CoreAnswer(
            $stored->code ?? '',
            $title,
            '',
            $attack->id,
            Matching::of($attack),
            new Teaching($rank, null, $doctrine, [], self::waivers($stored?->soundWaivers() ?? [])),
            $beats,
        );
    }

    /**
     * @param list<array<string, ?string>> $waived
     *
     * @return list<Waiver>
     */
    private static function waivers(array $waived): array
    {
        return array_map(
            static fn (array $waiver): Waiver => new Waiver(
                CheckId::tryFrom($waiver['check'] ?? '')
                    ?? throw UnreadableValue::unknown(
                        'waived',
                        $waiver['check'] ?? null,
                        __('unreadable.expected.check'),
                    ),
                $waiver['beat'] ?? null,
                (string) $waiver['reason'],
            ),
            $waived,
        );
    }
}
