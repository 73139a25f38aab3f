<?php

declare(strict_types=1);

namespace App\View\Wall;

use App\Models\Answer;
use App\Models\School;
use Illuminate\Support\Collection;
use LogicException;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\Move;
use StoneDrill\Core\Coverage\MoveKind;

/** The moves that would close a hole, as links. */
final readonly class HoleLinks
{
    /**
     * @param array<string, int>         $attackIds ids of rows by code
     * @param Collection<string, Answer> $answers   by code
     * @param array<string, string>      $rankNames by id
     */
    public function __construct(private array $attackIds, private Collection $answers, private array $rankNames) {}

    public static function in(School $school): self
    {
        return new self(
            $school->attackIds(),
            $school->answers->keyBy('code'),
            $school->ranks->pluck('name', 'code')->all(),
        );
    }

    /** @return list<array{text: string, url: string}> */
    public function of(Hole $hole): array
    {
        return $hole->moves === [] && $hole->attack !== null
            ? [
                [
                    'text' => __('moves.links.drill'),
                    'url' => route('attacks.show', $this->attackIds[$hole->attack], absolute: false).'#proof-title',
                ],
            ]
            : array_map(
                fn (Move $move): array => $move->kind === MoveKind::Write
                    ? $this->write($hole)
                    : $this->move($hole, $move),
                $hole->moves,
            );
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
        $answer = $this->answers->get((string) $move->answer)
        ?? throw new LogicException('A move names an answer of the school.');
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
}
