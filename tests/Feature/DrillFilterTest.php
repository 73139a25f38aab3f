<?php

declare(strict_types=1);

use App\Models\Role;
use App\Persistence\CatalogueMapper;
use App\View\Drill\DrillForecast;
use App\View\Drill\Kit;
use App\View\Drill\KitPack;
use Carbon\CarbonImmutable;

// What the device draws from is what the school says it does, for grown-ups and for youth, on either side.
beforeEach(function (): void {
    $this->hall = $this->school();
    $this->head = $this->person($this->hall, Role::Head);
    [$first, $second] = $this->hall->ranks()->pluck('id')->all();
    $wrist = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    // Needed by youth alone; its mirror is itself.
    $this->hall
        ->attacks()
        ->where('code', 'hug')
        ->update(['needed_by_id' => null, 'needed_by_youth_id' => $first]);
    $hug = $this->hall->attacks()->where('code', 'hug')->firstOrFail();
    $this->hall
        ->answers()
        ->firstOrFail()
        ->update(['mirrored' => true]);
    $this->hall
        ->answers()
        ->create([
            'code' => 'wide',
            'title' => 'Wide',
            'attack_id' => $hug->id,
            'rank_id' => $first,
            'beats' => "right elbow ribs -> released\nleave 12",
        ]);
    $this->hall
        ->students()
        ->create([
            'code' => 'kid',
            'name' => 'Kit Plover',
            'rank_id' => $second,
            'flags' => [],
            'born' => CarbonImmutable::now()->subYears(12)->toDateString(),
        ]);
    $this->hall
        ->students()
        ->where('code', 'ada-plover')
        ->update(['rank_id' => $second, 'flags' => '[]']);
    $list = $this->hall->drillLists()->create(['name' => 'Sides']);
    $list
        ->items()
        ->create([
            'school_id' => $this->hall->id,
            'position' => 1,
            'attack_id' => $hug->id,
            'side' => 'mirrored',
            'differences' => [],
        ]);
    $list
        ->items()
        ->create([
            'school_id' => $this->hall->id,
            'position' => 2,
            'attack_id' => $wrist->id,
            'side' => 'mirrored',
            'differences' => [],
        ]);
    $held = $wrist->replicate();
    $held->fill(['code' => 'held', 'title' => 'Held too long', 'kind' => 'handshake'])->save();
    $this->hall
        ->answers()
        ->create([
            'code' => 'late',
            'title' => 'Late',
            'attack_id' => $held->id,
            'rank_id' => $first,
            'beats' => "look\nleave 6",
        ]);
    $this->choices = [
        'most', 'holes', 'fails', 'family:hug', 'family:grab', 'rank:first', 'rank:second', "list:{$list->id}",
    ];
    $this->list = "list:{$list->id}";
});

it('leaves on the device what the school counts', function (): void {
    $school = $this->hall->fresh();
    $mapper = app(CatalogueMapper::class);
    $kit = new Kit(
        $school,
        $mapper,
        app(App\Persistence\CoverageBook::class),
        CarbonImmutable::now(),
        Kit::of($school),
        [],
    );
    $pack = KitPack::of($school, $mapper, app(App\Persistence\CoverageBook::class), $kit->at, $kit->students)->toArray(
        $this->head,
    );
    $counts = [];
    foreach ($this->choices as $choice) {
        $forecast = new DrillForecast($kit, ['rung' => '4', 'list' => $choice]);
        foreach ($pack['students'] as $place => $student) {
            $filter = $pack['filters'][$choice][$student['isYouth'] ? 'youth' : 'adult'] ?? null;
            // As resources/js/drill/draw.js has it.
            $left = array_filter(
                $student['tickets'],
                fn (array $ticket): bool => $ticket['fails']
                    ? $choice === 'fails'
                    : $choice !== 'fails'
                        && ($choice === 'holes'
                            ? ! $ticket['holds']
                            : $filter === null || in_array($ticket['cell'], $filter, true)),
            );
            expect(count($left))->toBe(
                substr_count($drawn = $forecast->people[$place]['drawn'], 'Nothing') === 1
                    ? 0
                    : (int) preg_replace('/^Drawn from (\d+).*/s', '$1', $drawn),
                "{$student['name']}, {$choice}",
            );
            $counts[$student['name']][$choice] = count($left);
        }
    }

    // One side of what the hold outlasts. Both sides of the wrist for both; the hug, which has one side, for the child
    // alone.
    expect($counts['Ada Plover'])
        ->toBe([
            'most' => 2,
            'holes' => 2,
            'fails' => 1,
            'family:hug' => 0,
            'family:grab' => 2,
            'rank:first' => 2,
            'rank:second' => 2,
            $this->list => 1,
        ])
        ->and($counts['Kit Plover'])
        ->toBe([
            'most' => 3,
            'holes' => 3,
            'fails' => 1,
            'family:hug' => 1,
            'family:grab' => 2,
            'rank:first' => 3,
            'rank:second' => 3,
            $this->list => 2,
        ]);
});
