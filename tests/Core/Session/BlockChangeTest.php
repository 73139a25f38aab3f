<?php

declare(strict_types=1);

use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\BlockChange;
use StoneDrill\Core\Session\BlockKind;

// Gather of 3 minutes, teach of 18, close of 1 that is fixed.
it('changes one block and leaves the others', function (
    BlockChange $change,
    int $at,
    ?BlockKind $kind,
    ?string $expected,
): void {
    $blocks = [new Block(BlockKind::Gather, 3), new Block(BlockKind::Teach, 18), new Block(BlockKind::Close, 1, true)];
    $said = $change->to($blocks, $at, $kind);

    expect(
        $said === null
            ? null
            : implode(
                ' ',
                array_map(
                    fn (Block $block): string => "{$block->kind->value} {$block->minutes}"
                        .($block->isLocked ? ' fixed' : ''),
                    $said,
                ),
            ),
    )->toBe($expected);
})->with([
    'longer is fixed' => [BlockChange::Longer, 1, null, 'gather 3 teach 19 fixed close 1 fixed'],
    'shorter is fixed' => [BlockChange::Shorter, 1, null, 'gather 3 teach 17 fixed close 1 fixed'],
    'never below a minute' => [BlockChange::Shorter, 2, null, 'gather 3 teach 18 close 1 fixed'],
    'fix' => [BlockChange::Lock, 0, null, 'gather 3 fixed teach 18 close 1 fixed'],
    'release' => [BlockChange::Unlock, 2, null, 'gather 3 teach 18 close 1'],
    'earlier' => [BlockChange::Earlier, 1, null, 'teach 18 gather 3 close 1 fixed'],
    'later' => [BlockChange::Later, 1, null, 'gather 3 close 1 fixed teach 18'],
    'the first goes no earlier' => [BlockChange::Earlier, 0, null, 'gather 3 teach 18 close 1 fixed'],
    'the last goes no later' => [BlockChange::Later, 2, null, 'gather 3 teach 18 close 1 fixed'],
    'leave out' => [BlockChange::Drop, 0, null, 'teach 18 close 1 fixed'],
    'add' => [BlockChange::Add, 0, BlockKind::Drill, 'gather 3 teach 18 close 1 fixed drill 0'],
    'add nothing' => [BlockChange::Add, 0, null, 'gather 3 teach 18 close 1 fixed'],
    'one that is not there' => [BlockChange::Longer, 7, null, 'gather 3 teach 18 close 1 fixed'],
    'as usual' => [BlockChange::Reset, 0, null, null],
]);

it('leaves the last block, and has at most as many as a class has', function (): void {
    expect(BlockChange::Drop->to([new Block(BlockKind::Teach, 60)], 0, null))->toHaveCount(1)
        ->and(BlockChange::Add->to(array_fill(0, BlockChange::MAX, new Block(BlockKind::Drill)), 0, BlockKind::Drill))
        ->toHaveCount(BlockChange::MAX);
});

it('moves a block to another place, the others in their order', function (int $at, int $to, string $expected): void {
    $blocks = array_map(fn (BlockKind $kind): Block => new Block($kind, 5), [
        BlockKind::Gather,
        BlockKind::Basics,
        BlockKind::Teach,
        BlockKind::Close,
    ]);

    expect(
        implode(
            ' ',
            array_map(
                fn (Block $block): string => $block->kind->value,
                BlockChange::Move->to($blocks, $at, null, $to) ?? [],
            ),
        ),
    )->toBe($expected);
})->with([
    'down' => [0, 2, 'basics teach gather close'],
    'up' => [3, 1, 'gather close basics teach'],
    'where it is' => [1, 1, 'gather basics teach close'],
    'beyond the end' => [0, 50, 'basics teach close gather'],
    'one that is not there' => [9, 0, 'gather basics teach close'],
]);
