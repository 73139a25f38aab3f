<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/**
 * Who works with whom in the drill and under pressure. Where what is practised can hurt somebody, those under 16 are a
 * circle of their own; where it cannot, all are one.
 */
final readonly class Circles
{
    /** Minutes that two work together before they change, at least. */
    private const ROUND = 3;

    /**
     * @param list<Person> $young those under 16
     * @param list<Person> $grown all others
     */
    public function __construct(
        private array $young,
        private array $grown,
        private ClassWishes $wishes,
        private int $seed,
    ) {}

    /**
     * @param list<Block>             $blocks
     * @param array<string, Practice> $practice by the kind of block
     *
     * @return list<Partners> none of nobody
     */
    public function of(array $blocks, Meetings $meetings, array $practice): array
    {
        [$first, $then] = array_map(
            fn (BlockKind $kind): array => $this->circles($practice[$kind->value]->hurts),
            [BlockKind::Drill, BlockKind::Pressure],
        );
        $drill = self::roundsIn(Block::minutesOf($blocks, BlockKind::Drill));
        $pressure = self::roundsIn(Block::minutesOf($blocks, BlockKind::Pressure));
        if ($first == $then) {
            return array_map(function (array $circle) use ($meetings, $drill, $pressure): Partners {
                $rounds = $this->rounds($circle[1], $meetings, $drill, $pressure);

                return new Partners($circle[0], array_slice($rounds, 0, $drill), array_slice($rounds, $drill));
            }, $first);
        }
        $partners = [];
        $before = $meetings;
        foreach ($first as [$isApart, $people]) {
            $rounds = $this->rounds($people, $before, $drill);
            $meetings = $meetings->with($rounds);
            $partners[] = new Partners($isApart, $rounds, []);
        }

        return [
            ...$partners,
            ...array_map(
                fn (array $circle): Partners => new Partners(
                    $circle[0],
                    [],
                    $this->rounds($circle[1], $meetings, $pressure),
                ),
                $then,
            ),
        ];
    }

    /** @return list<array{bool, list<Person>}> whether those of each circle are apart, and who they are */
    private function circles(bool $hurts): array
    {
        $circles = $hurts
            ? [[true, $this->young], [false, $this->grown]]
            : [[false, [...$this->young, ...$this->grown]]];

        return array_values(array_filter($circles, static fn (array $circle): bool => $circle[1] !== []));
    }

    /**
     * @param list<Person> $people
     *
     * @return list<Round> of all those blocks
     */
    private function rounds(array $people, Meetings $meetings, int ...$blocks): array
    {
        $wishes = $this->wishes;
        $pairing = new Pairing($people, $meetings, $wishes->mixesSizes, $this->seed, $wishes->stepsIn);

        return $pairing->rounds(...$blocks);
    }

    /** How often partners change in a block. */
    private static function roundsIn(int $minutes): int
    {
        return $minutes === 0 ? 0 : max(1, intdiv($minutes, self::ROUND));
    }
}
