<?php

declare(strict_types=1);

namespace App\View\Forms;

use App\Models\Answer;
use App\Models\Rank;
use App\Models\School;
use App\View\Spelling;
use Illuminate\Support\Collection;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Pattern;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Doctrine;

/** What the form of an answer shows. */
final readonly class AnswerForm
{
    /**
     * @var list<array{facet: string, modes: array<string, string>, mode: string, values: list<array{id: string,
     *     text: string, on: bool}>}>
     */
    public array $pattern;

    /**
     * @param array<string, mixed>  $values
     * @param Collection<int, Rank> $ranks
     * @param array<int, string>    $titles of the school's other answers, by id of the row
     */
    private function __construct(
        public array $values,
        public Collection $ranks,
        Attack $attack,
        private array $titles,
        Spelling $spelling,
    ) {
        $proposal = Pattern::proposedFor($attack)->values;
        $rows = [];
        foreach (Facet::cases() as $facet) {
            $proposed = $proposal[$facet->value] ?? null;
            $listed = $values['pattern'][$facet->value] ?? null;
            $on = is_array($listed) ? $listed : $proposed ?? $facet->values();
            $text = static fn (string $id): string => $facet === Facet::Bearing ? $spelling->mark($id) : $id;
            $rows[] = [
                'facet' => $facet->value,
                'modes' => [
                    'proposed' => __('answers.modes.proposed', [
                        'values' => $proposed === null ? __('words.any') : implode(', ', array_map($text, $proposed)),
                    ]),
                    'any' => __('words.any'),
                    'these' => __('answers.modes.these'),
                ],
                'mode' => (string) ($values['pattern_mode'][$facet->value] ?? 'proposed'),
                'values' => array_map(
                    static fn (string $id): array => [
                        'id' => $id,
                        'text' => $text($id),
                        'on' => in_array($id, $on, true),
                    ],
                    $facet->values(),
                ),
            ];
        }
        $this->pattern = $rows;
    }

    /**
     * A new answer to one side of an attack.
     *
     * @param array<string, mixed> $typed what a refused form said
     */
    public static function empty(Attack $attack, Side $side, School $school, array $typed): self
    {
        $neededBy = $school->ranks->firstWhere('code', $attack->need->rank) ?? $school->ranks->first();
        $values = ['rank' => (string) ($neededBy->id ?? ''), 'mirrored' => false, 'version' => 1];
        if ($attack->side($side) === Side::Mirrored) {
            $mirror = Pattern::proposedFor($attack)->mirror()->values;
            $values['pattern'] = ['hand' => $mirror['hand'], 'bearing' => $mirror['bearing']];
            $values['pattern_mode'] = ['hand' => 'these', 'bearing' => 'these'];
        }

        return new self(
            $typed === [] ? $values : $typed,
            $school->ranks,
            $attack,
            $school->answers()->orderBy('title')->pluck('title', 'id')->all(),
            Spelling::ofSchool($school),
        );
    }

    /** @param array<string, mixed> $typed what a refused form said */
    public static function of(Answer $answer, Attack $attack, School $school, array $typed): self
    {
        $spelling = Spelling::ofSchool($school);
        $pattern = array_diff_key($answer->pattern, ['kind' => 0]);
        $values = [
            ...$answer->only('title', 'label', 'mirrored', 'short_beats', 'version'),
            'beats' => $spelling->beats($answer->beats),
            'doctrine' => $answer->getRawOriginal('doctrine'),
            'rank' => (string) $answer->rank_id,
            'short_rank' => (string) $answer->short_rank_id,
            'mistakes' => MistakeLines::print($answer->mistakes, $answer->instead, $spelling),
            'rank_youth' => $answer->is_for_youth ? (string) $answer->rank_youth_id : 'none',
            'variant_of' => (string) $answer->variant_of_id,
            'pattern' => $pattern,
            'pattern_kind' => $answer->pattern['kind'] ?? [],
            'pattern_mode' => array_map(
                static fn (?array $values): string => $values === null ? 'any' : 'these',
                $pattern,
            ),
        ];

        return new self(
            $typed === [] ? $values : $typed,
            $school->ranks,
            $attack,
            $school->answers()->whereKeyNot($answer->id)->orderBy('title')->pluck('title', 'id')->all(),
            $spelling,
        );
    }

    public function value(string $key): string
    {
        return is_scalar($this->values[$key] ?? '') ? (string) ($this->values[$key] ?? '') : '';
    }

    /** @return array<int, string> names by id of the row */
    public function rankNames(): array
    {
        return $this->ranks->pluck('name', 'id')->all();
    }

    /** @return array<string, string> texts by doctrine, the school's own first */
    public function doctrines(): array
    {
        $options = ['' => __('answers.doctrines.school')];
        foreach (Doctrine::cases() as $doctrine) {
            $options[$doctrine->value] = __('answers.doctrines.'.$doctrine->value);
        }

        return $options;
    }

    /** @return array<int|string, string> from which rank those under 16 learn it */
    public function youthRanks(): array
    {
        return ['' => __('answers.youth.same')] + $this->rankNames() + ['none' => __('answers.youth.none')];
    }

    /** @return array<int|string, string> titles of the answers that it can be a variant of, by id of the row */
    public function others(): array
    {
        return ['' => __('answers.variant-of-none')] + $this->titles;
    }

    /** Whether it says something of its pattern itself. */
    public function hasOwnPattern(): bool
    {
        return array_filter($this->pattern, static fn (array $row): bool => $row['mode'] !== 'proposed') !== [];
    }

    /** Whether it says more than its beats. */
    public function hasDetails(): bool
    {
        return $this->value('label')
            .$this->value('doctrine')
            .$this->value('short_rank')
            .$this->value('mistakes')
            .$this->value('rank_youth')
            .$this->value('variant_of')
            !== '';
    }

    /** @return list<string> */
    public function kinds(): array
    {
        return array_values(array_filter((array) ($this->values['pattern_kind'] ?? []), is_string(...)));
    }
}
