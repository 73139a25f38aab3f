<?php

declare(strict_types=1);

use App\Persistence\CatalogueMapper;
use App\Persistence\ProofBook;
use App\Persistence\WindowBook;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Attack\Side;
use Tests\Feature\WindowFixture;

beforeEach(function (): void {
    $this->small = $this->school();
    // Of none of them has anything been seen before.
    DB::table('proof_windows')->delete();
    [$this->ada, $this->bo] = array_map(
        fn (string $code): int => $this->small
            ->students()
            ->create([
                'code' => $code,
                'name' => ucfirst($code),
                'rank_id' => $this->small->students()->value('rank_id'),
                'flags' => [],
            ])->id,
        ['ada', 'bo'],
    );
    $this->book = new WindowBook($this->small, app(CatalogueMapper::class)->curriculum($this->small));
    $this->look = fn (): array => $this->book->of([$this->ada, $this->bo], CarbonImmutable::now()->addMinute());
    $this->rep = fn (int $number, int $student, array $more = []): string => WindowFixture::addRep(
        $this->small,
        $number,
        ['student_id' => $student, ...$more],
    );
});

it('gives a student another number with every rep, and says what is old until somebody has looked', function (): void {
    $of = fn (int $student): ?array => $this->book->turns()[$student] ?? null;
    expect($of($this->ada))->toBeNull();
    $first = ($this->rep)(1, $this->ada);
    expect($of($this->ada))->toBe([1, true]);
    ($this->look)();
    expect($of($this->ada))->toBe([1, false]);
    ($this->rep)(2, $this->ada, ['replaces' => $first, 'outcome' => 'hit', 'reason' => 'seen wrongly']);
    ($this->rep)(3, $this->bo);
    expect([$of($this->ada), $of($this->bo)])->toBe([[2, true], [1, true]]);
    ($this->look)();
    expect([$of($this->ada), $of($this->bo)])->toBe([[2, false], [1, false]]);

    // Another school's are none of its own.
    $other = $this->school('Other Hall');
    expect(array_keys($this->book->turns()))->not->toContain($other->students()->value('id'));
});

it('sees a try that a rep of somebody else corrects, though the windows were read since', function (): void {
    $held = function (): int {
        $this->nextRequest();
        $rank = $this->small->ranks()->whereKey($this->small->students()->value('rank_id'))->value('code');

        return app(ProofBook::class)->of($this->small->fresh())->held($rank, 'wrist', Side::Written);
    };
    $before = $held();
    $reps = array_map(fn (int $number): string => ($this->rep)($number, $this->ada), [1, 2, 3]);
    expect($held())->toBe($before + 1);
    ($this->rep)(4, $this->bo, ['replaces' => $reps[0], 'reason' => 'of somebody else', 'outcome' => 'hit']);
    // Somebody has looked at a board meanwhile.
    ($this->look)();

    expect($held())->toBe($before)->and($this->book->turns()[$this->ada])->toBe([4, false]);
});

it('does not look again and again for what cannot be read', function (): void {
    ($this->rep)(1, $this->ada);
    ($this->look)();
    DB::table('attacks')->where('school_id', $this->small->id)->where('code', 'wrist')->update(['hand' => 'both']);
    expect($this->book->turns()[$this->ada][1])->toBeTrue();
    $kind = DB::table('attacks')->where('school_id', $this->small->id)->where('code', 'wrist')->value('kind');
    DB::table('attacks')
        ->where('school_id', $this->small->id)
        ->where('code', 'wrist')
        ->update(['kind' => "{$kind}-gone"]);
    $this->nextRequest();
    $small = $this->small->fresh();
    $book = new WindowBook($small, app(CatalogueMapper::class)->curriculum($small));

    expect($book->turns()[$this->ada])->toBe([1, false]);
});
