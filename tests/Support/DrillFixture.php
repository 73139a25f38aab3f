<?php

declare(strict_types=1);

namespace Tests\Support;

use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Drill\Draw;
use StoneDrill\Core\Drill\HiddenMoment;
use StoneDrill\Core\Drill\Ticket;
use StoneDrill\Core\Drill\Turns;
use StoneDrill\Core\Proof\Evidence;

/** What the core draws, waits and takes turns by, as the tests of the scripts read it. */
final class DrillFixture
{
    public const FILE = __DIR__.'/../fixtures/drill.json';

    /** Chances from 0 up to 1, the ends and what lies close to them among them. */
    private const CHANCES = [0.0, 0.0001, 0.1, 0.25, 0.3333, 0.5, 0.6667, 0.75, 0.9, 0.9999];

    /** @return array<string, mixed> */
    public static function document(): array
    {
        return [
            'moments' => self::moments(),
            'partners' => self::partners(),
            'nextTurns' => self::nextTurns(),
            'draws' => self::draws(),
        ];
    }

    public static function json(): string
    {
        return json_encode(self::document(), JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)
            ."\n";
    }

    /** @return list<array{chance: float, seconds: float}> */
    private static function moments(): array
    {
        return array_map(
            static fn (float $chance): array => [
                'chance' => $chance,
                'seconds' => round(HiddenMoment::wait($chance), 9),
            ],
            self::CHANCES,
        );
    }

    /** @return list<array{people: int, turn: int, attacker: ?int}> three rounds of each circle */
    private static function partners(): array
    {
        $partners = [];
        foreach (range(1, 5) as $people) {
            foreach (range(0, 3 * $people - 1) as $turn) {
                $partners[] = ['people' => $people, 'turn' => $turn, 'attacker' => Turns::attacker($people, $turn)];
            }
        }

        return $partners;
    }

    /** @return list<array{canDrill: list<bool>, turn: int, next: int}> */
    private static function nextTurns(): array
    {
        $next = [];
        foreach ([[true], [false], [true, false, true], [false, false, true], [false, false, false]] as $canDrill) {
            foreach (range(0, 5) as $turn) {
                $next[] = ['canDrill' => $canDrill, 'turn' => $turn, 'next' => Turns::next($canDrill, $turn)];
            }
        }

        return $next;
    }

    /**
     * @return list<array{families: list<string>, weights: list<float>, latest: list<string>, left: list<int>,
     *     picks: list<array{chance: float, cell: ?int}>}>
     */
    private static function draws(): array
    {
        $tickets = self::tickets();
        $draws = [];
        foreach (
            [
                [],
                [Family::Choke],
                [Family::Choke, Family::Choke],
                [Family::Choke, Family::Push],
                [Family::Kick, Family::Kick],
            ] as $latest
        ) {
            foreach ([$tickets, [$tickets[0], $tickets[1]]] as $own) {
                $draw = Draw::of($own, $latest);
                $place = static fn (?Ticket $ticket): ?int => $ticket === null
                    ? null
                    : (int) array_search($ticket, $own, true);
                $draws[] = [
                    'families' => array_map(
                        static fn (Ticket $ticket): string => $ticket->cell->attack->kind->family->value,
                        $own,
                    ),
                    'weights' => array_map(static fn (Ticket $ticket): float => $ticket->weight(), $own),
                    'latest' => array_map(static fn (Family $family): string => $family->value, $latest),
                    'left' => array_map($place, $draw->tickets),
                    'picks' => array_map(
                        static fn (float $chance): array => ['chance' => $chance, 'cell' => $place($draw->at($chance))],
                        self::CHANCES,
                    ),
                ];
            }
        }

        return $draws;
    }

    /** @return list<Ticket> two chokes, a push and a wrist, wanted in different measure */
    private static function tickets(): array
    {
        $facets = ['hand' => 'both', 'phase' => 'landed', 'intent' => 'pin', 'thumb' => 'n/a'];
        $attacks = [
            Made::attack('throat-front', $facets, 'front', 'a', 5),
            Made::attack('throat-behind', [...$facets, 'bearing' => '6'], 'behind', 'a', 1),
            Made::attack('wrist-cross', ['phase' => 'landed'], 'wrist', 'a', 3),
        ];
        $cells = array_values(
            array_filter(
                Coverage::of(Made::catalogue($attacks, []))->cells,
                static fn (Cell $cell): bool => $cell->side->value === 'written',
            ),
        );

        return [
            new Ticket($cells[0], new Evidence(0.0, 1e6), 0),
            new Ticket($cells[1], new Evidence(0.0, 1e6), 28),
            new Ticket($cells[2], new Evidence(3.0, 0.0), 7),
        ];
    }
}
