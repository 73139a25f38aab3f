<?php

declare(strict_types=1);

use App\Models\Role;
use App\View\SpokenFor;
use Illuminate\Support\Arr;
use StoneDrill\Core\Curriculum\Nouns;
use Tests\Core\DrillFixture;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->hall->update([
        'nouns' => [
            'attack' => ['one' => 'episode', 'many' => 'episodes'],
            'answer' => ['one' => 'reply', 'many' => 'replies'],
        ],
    ]);
});

it('says work that is done in the background in the words of its school, and nothing after it', function (): void {
    $said = SpokenFor::during(
        $this->hall,
        fn (): array => [
            __('attacks.add'),
            __('answers.write'),
            trans_choice('beginning.starter.attacks', 2, ['count' => 2]),
            __('messages.rank-added', ['rank' => 'First']),
        ],
    );

    expect($said)->toBe(['Add an episode', 'Write a reply', '2 new episodes', '“First” is now the highest rank.'])
        ->and(__('attacks.add'))->toBe('Add an attack');
});

it('goes back to the usual words where such work fails', function (): void {
    expect(fn () => SpokenFor::during($this->hall, fn () => throw new LogicException('broken')))
        ->toThrow(LogicException::class, 'broken')
        ->and(__('attacks.add'))->toBe('Add an attack');
});

it('says whoever is signed in in the words of their school, whatever is done for another', function (): void {
    $other = $this->school('Other Hall');
    $this->actingAs($this->person($other, Role::Head));
    expect(__('attacks.add'))->toBe('Add an attack');

    $this->actingAs($this->person($this->hall, Role::Head));
    expect(__('attacks.add'))->toBe('Add an episode')
        // The scripts of a page find the same words in it.
        ->and(__('js')['attack-not-here'])->toBe('an episode that is not on this device');
});

it('says a file on the command line in the words of its school', function (): void {
    $path = sys_get_temp_dir().'/words-'.bin2hex(random_bytes(4)).'.yaml';
    file_put_contents(
        $path,
        str_replace(
            'doctrine: escape',
            'doctrine: escape, words: {attack: {one: episode, many: episodes}}',
            (string) file_get_contents(DrillFixture::smallFile()),
        ),
    );
    [, $output] = DrillFixture::drill(['command' => 'coverage', 'file' => $path]);
    unlink($path);

    expect($output)->toContain('2 episodes')->not->toContain('2 attacks');
});

it('names in its texts nothing in braces that it does not know', function (string $file): void {
    $known = [];
    foreach (Nouns::NAMED as $noun) {
        $article = preg_match('/^[aeiou]/', $noun) === 1 ? 'an' : 'a';
        array_push(
            $known,
            $noun,
            ucfirst($noun),
            "{$noun}s",
            ucfirst("{$noun}s"),
            "{$article} {$noun}",
            ucfirst("{$article} {$noun}"),
        );
    }
    $unknown = [];
    foreach (array_filter(Arr::dot(require $file), is_string(...)) as $key => $text) {
        preg_match_all('/\{([a-zA-Z ]+)\}/', $text, $found);
        foreach (array_diff($found[1], $known) as $name) {
            $unknown[] = "{$key}: {{$name}}";
        }
    }

    expect($unknown)->toBe([]);
})->with(fn (): array => glob(dirname(__DIR__, 2).'/lang/en/*.php') ?: []);
