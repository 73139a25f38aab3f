<?php

declare(strict_types=1);

namespace App\View\Attacks;

use App\Models\Answer;
use App\Models\School;
use App\View\Spelling;
use Illuminate\Support\Collection;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Report\WhenReport;

/** What the page of an attack shows: who answers each side, and what exactly it is. */
final readonly class AttackPage
{
    /** @var list<Cell> */
    private array $cells;

    /** @var Collection<string, Answer> by code */
    private Collection $answers;

    /** @var array<string, string> names by id */
    private array $rankNames;

    public Spelling $spelling;

    public function __construct(public Attack $attack, private Catalogue $catalogue, Coverage $coverage, School $school)
    {
        $this->cells = array_values(
            array_filter($coverage->cells, static fn (Cell $cell): bool => $cell->attack->id === $attack->id),
        );
        $this->answers = $school->answers->keyBy('code');
        $this->rankNames = array_column($catalogue->ranks, 'name', 'id');
        $this->spelling = Spelling::of($catalogue->school);
    }

    /**
     * @return list<array{text: string, answers: list<Answer>, worksFrom: array<string, int>, side: Side,
     *     showsBeats: bool}>
     */
    public function sides(): array
    {
        return array_map(
            fn (Cell $cell): array => [
                'text' => __(
                    $cell->laidAt !== null
                        ? 'attacks.side-answered'
                        : ($cell->taughtAt === null
                            ? 'attacks.side-open'
                            : 'attacks.side-fails'),
                    [
                        'side' => count($this->cells) === 1
                            ? __('attacks.only-side')
                            : ucfirst(__('words.sides.'.$cell->side->value)),
                        'rank' => $this->rankNames[$cell->laidAt ?? ''] ?? '',
                    ],
                ),
                'answers' => array_values(
                    array_filter(array_map(fn (string $id): ?Answer => $this->answers->get($id), $cell->answers)),
                ),
                'worksFrom' => $cell->worksFrom,
                'side' => $cell->side,
                'showsBeats' => $cell->side === Side::Written,
            ],
            $this->cells,
        );
    }

    /** @return array<string, string> what has the page of an answer show it against this attack, from a side of it */
    public function against(Answer $answer, Side $side): array
    {
        $isOwn = $this->catalogue->answer($answer->code)->attack === $this->attack->id;

        return [
            ...$isOwn ? [] : ['against' => $this->attack->id],
            ...$isOwn && $side === Side::Written ? [] : ['side' => $side->value],
        ];
    }

    public function when(): WhenPicture
    {
        return new WhenPicture(
            WhenReport::ofCell($this->catalogue, $this->cells[0]),
            $this->answers->pluck('title', 'code')->all(),
        );
    }

    /** @return array<string, string> texts by name */
    public function facts(): array
    {
        $facts = [];
        foreach ($this->attack->facets->toArray() as $facet => $value) {
            $facts[__('attack.facets.'.$facet)] = $facet === 'bearing' ? $this->spelling->hour($value) : $value;
        }
        $need = $this->rankNames[$this->attack->need->rank ?? ''] ?? __('words.no-rank');
        $youth = $this->rankNames[$this->attack->need->youth ?? ''] ?? __('words.not-needed');

        return [
            ...$facts,
            __('attacks.needed-by') => $this->attack->need->youth === $this->attack->need->rank
                ? $need
                : __('attacks.need-and-youth', ['rank' => $need, 'youth' => $youth]),
            __('attacks.prevalence') => __('words.of', ['count' => $this->attack->prevalence, 'all' => 5]),
        ];
    }
}
