<?php

declare(strict_types=1);

namespace App\View\Wall;

use App\Models\Answer;
use App\Models\School;
use Illuminate\Support\Collection;
use LogicException;
use StoneDrill\Core\Coverage\Failure;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\HoleKind;
use StoneDrill\Core\Coverage\Move;
use StoneDrill\Core\Coverage\MoveKind;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Sizes;

/** What would close a hole, as links: its moves, and the answers at fault. */
final readonly class HoleLinks
{
    /** Answers at fault that are told of one hole. */
    private const MENDED = 2;

    /**
     * @param array<string, int>         $attackIds ids of rows by code
     * @param Collection<string, Answer> $answers   by code
     * @param array<string, string>      $rankNames by id
     */
    private function __construct(
        private Catalogue $catalogue,
        private array $attackIds,
        private Collection $answers,
        private array $rankNames,
    ) {}

    public static function in(School $school, Catalogue $catalogue): self
    {
        return new self(
            $catalogue,
            $school->attackIds(),
            $school->answers->keyBy('code'),
            $school->ranks->pluck('name', 'code')->all(),
        );
    }

    /** @return list<array{text: string, url: string}> what is one press first, what has to be written last */
    public function of(Hole $hole): array
    {
        if ($hole->moves === [] && $hole->attack !== null) {
            return [
                [
                    'text' => __('moves.links.drill'),
                    'url' => route('attacks.show', $this->attackIds[$hole->attack], absolute: false).'#proof-title',
                ],
            ];
        }
        $links = [];
        foreach (self::apart($hole->moves) as $move) {
            array_push(
                $links,
                ...$move->kind === MoveKind::Write
                    ? [...$this->mend($hole), $this->write($hole)]
                    : [$this->move($hole, $move)],
            );
        }

        return $links;
    }

    /**
     * Without the widening of an answer whose both sides can be taught, which comes to the same there.
     *
     * @param list<Move> $moves
     *
     * @return list<Move>
     */
    private static function apart(array $moves): array
    {
        $mirrored = array_column(
            array_filter($moves, static fn (Move $move): bool => $move->kind === MoveKind::Mirror),
            'answer',
        );

        return array_values(
            array_filter(
                $moves,
                static fn (Move $move): bool => $move->kind !== MoveKind::Widen
                    || ! in_array($move->answer, $mirrored, true),
            ),
        );
    }

    /** @return list<array{text: string, url: string}> the answers at fault, where they are */
    private function mend(Hole $hole): array
    {
        return array_map(
            fn (Failure $failure): array => [
                'text' => __($hole->kind === HoleKind::NoWhatIf ? 'moves.links.what-if' : 'moves.links.mend', [
                    'answer' => $this->answer($failure->answer)->title,
                    'beat' => $failure->beat,
                ]),
                'url' => $this->place($hole, $failure),
            ],
            array_slice($hole->fails, 0, self::MENDED),
        );
    }

    /** Where an answer is written; where it is seen against the attack, if it was written for another one. */
    private function place(Hole $hole, Failure $failure): string
    {
        $isOwn = $this->catalogue->answer($failure->answer)->attack === $hole->attack;

        return route(
            $isOwn ? 'answers.edit' : 'answers.show',
            array_filter([
                'answer' => $this->answer($failure->answer),
                'against' => $isOwn ? null : $hole->attack,
                'side' => $hole->side?->value,
                ...$hole->kind === HoleKind::SizeBound ? $this->bodies() : [],
            ]),
            absolute: false,
        ).($isOwn ? '' : '#floor-here');
    }

    /** @return array<string, string> the two for which what is bound to a size fails */
    private function bodies(): array
    {
        $sizes = new Sizes($this->catalogue->school);
        $typical = $this->catalogue->school->statures->typical;

        return ['defender' => $sizes->next($typical, -1), 'attacker' => $sizes->next($typical, 1)];
    }

    /** @return array{text: string, url: string} */
    private function write(Hole $hole): array
    {
        return [
            'text' => __('moves.links.write'),
            'url' => route(
                'attacks.answers.create',
                ['attack' => $this->attackIds[$hole->attack], 'side' => $hole->side?->value],
                absolute: false,
            ),
        ];
    }

    /** @return array{text: string, url: string} */
    private function move(Hole $hole, Move $move): array
    {
        $answer = $this->answer((string) $move->answer);
        $text = $move->kind === MoveKind::Widen && $move->findings !== []
            ? trans_choice('moves.links.widen-with-findings', count($move->findings), ['answer' => $answer->title])
            : __('moves.links.'.$move->kind->value, [
                'answer' => $answer->title,
                'rank' => $this->rankNames[$hole->rank] ?? '',
            ]);

        return [
            'text' => $text,
            'url' => route(
                'answers.moves.create',
                [
                    'answer' => $answer,
                    'kind' => $hole->kind->value,
                    'attack' => $hole->attack,
                    'side' => $hole->side?->value,
                    'move' => $move->kind->value,
                ],
                absolute: false,
            ),
        ];
    }

    private function answer(string $code): Answer
    {
        return $this->answers->get($code) ?? throw new LogicException('A hole names answers of the school.');
    }
}
