<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Generator;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Requests to every page and every form, each sound but for what was changed in it.
 *
 * A request is a method, a path with its query, its fields and whether they are sent as JSON.
 */
final readonly class Requests
{
    private const FACETS = [
        'hand' => 'right', 'bearing' => '12', 'thumb' => 'up', 'phase' => 'landed', 'entry' => 'step',
        'posture' => 'standing', 'notice' => 'ready', 'place' => 'open', 'others' => 'alone', 'intent' => 'move',
        'build' => 'alike',
    ];

    /** Fields that some page asks for in its address. */
    private const QUERY = [
        'find', 'family', 'rank', 'side', 'hand', 'bearing', 'place', 'build', 'from', 'to', 'student', 'against',
        'since', 'form', 'page', 'rows', 'columns', 'cover', 'share', 'beat', 'paper', 'bearings', 'defender',
        'attacker', 'rung', 'attack', 'kind', 'move', 'sort', 'group', 'families', 'facets', 'values', 'forbid', 'seed',
        'mirrored', 'view',
    ];

    private NastyValues $values;

    /**
     * @param array{attack: int, other: int, answer: int, student: int, rank: int, rung: int, list: int|null,
     *     rep: string} $ids of rows that are there
     */
    public function __construct(private array $ids, int $seed)
    {
        $this->values = new NastyValues(new Randomizer(new Mt19937($seed)));
    }

    /** @return Generator<int, array{string, string, array<string, mixed>, bool}> */
    public function take(int $count): Generator
    {
        for ($number = 0; $number < $count; $number++) {
            yield $this->values->chance(45) ? $this->page() : $this->form();
        }
    }

    /** @return array{string, string, array<string, mixed>, bool} */
    private function page(): array
    {
        $path = $this->values->one([
            '/', '/wall', '/wall.svg', '/wall.csv', '/wall/ranks', '/wall/basics/{x}', '/wall/cross', '/wall/holes',
            '/wall/fewest', '/answers/{answer}/moves/create', '/attacks', '/attacks/facets', '/attacks/create',
            '/attacks/{attack}', '/attacks/{attack}/edit', '/attacks/{attack}/proof', '/attacks/{attack}/first-steps',
            '/attacks/{attack}/holes',
            '/attacks/{attack}/answers/create', '/answers', '/answers/{answer}', '/answers/{answer}/edit',
            '/answers/{answer}/placement', '/answers/{answer}/floor', '/answers/{answer}/floor.svg',
            '/answers/{answer}/sheet', '/answers/{answer}/sheet.pdf', '/drill-lists', '/drill-lists/create',
            '/drill-lists/{x}', '/board', '/board/mistakes', '/board/progress', '/evidence', '/evidence?group={x}',
            '/evidence.csv', '/evidence/weeks.csv', '/answers/{answer}/evidence', '/attacks/{attack}/evidence',
            '/people', '/people/reps', '/people/reps.csv', '/people/{student}', '/people/{student}/edit', '/mat',
            '/mat/kit', '/record', '/record/{student}', '/record/{student}/{attack}/written',
            '/record/{student}/{attack}/{x}', '/reps/{rep}/correct', '/school', '/school/export.yaml',
            '/school/export.{x}', '/up', '/{x}', '/sign-in', '/account', '/account/factor', '/account/email/confirm',
            '/children', '/people/{student}/data', '/school/accounts', '/school/log', '/school/outbox',
            '/school/outbox/{x}', '/school/settings', '/school/kinds', '/school/kinds/create', '/school/kinds/{x}/edit',
            '/school/starters/{x}', '/school/starters/attacks-only', '/school/tokens', '/school/tablets', '/tablet',
            '/calendar/{x}.ics', '/classes', '/classes/create', '/classes/{x}', '/classes/{x}/edit', '/begin',
            '/begin/{x}', '/begin/confirm?with={x}', '/begin/mailed', '/join', '/join/{x}', '/password/reset/{x}',
            '/sign-in/code', '/api/v1/{x}', '/api/v1/openapi.json',
        ]);
        $query = [];
        for ($field = $this->values->random->getInt(0, 3); $field > 0; $field--) {
            $query[$this->values->one(self::QUERY)] = $this->values->any();
        }

        return ['GET', $this->filled($path).($query === [] ? '' : '?'.http_build_query($query)), [], false];
    }

    /** @return array{string, string, array<string, mixed>, bool} */
    private function form(): array
    {
        [$method, $path, $fields, $isJson] = $this->values->one($this->forms());
        for ($change = $this->values->random->getInt(1, 3); $change > 0; $change--) {
            $key = $this->values->chance(90) ? $this->values->one(array_keys($fields)) : $this->values->text();
            match (true) {
                $this->values->chance(10) => ($fields = array_diff_key($fields, [$key => 0])),
                is_array($fields[$key] ?? null) && $fields[$key] !== [] && $this->values->chance(70) => ($fields[$key][
                    $this->values->one(array_keys($fields[$key]))
                ] = $this->values->any()),
                default => ($fields[$key] = $this->values->any()),
            };
            $fields = $fields === [] ? ['x' => ''] : $fields;
        }

        return [$method, $this->filled($path), $fields, $isJson];
    }

    private function filled(string $path): string
    {
        return (string) preg_replace_callback(
            '/\{(\w+)\}/',
            fn (array $found): string => $found[1] === 'x' || $this->values->chance(10)
                ? rawurlencode(
                    mb_strcut((string) $this->values->one([$this->values->text(), $this->values->number()]), 0, 2000),
                )
                : (string) ($this->ids[$found[1]] ?? 1),
            $path,
        );
    }

    /** @return non-empty-list<array{string, string, non-empty-array<string, mixed>, bool}> each as it is taken */
    private function forms(): array
    {
        $attack = [
            'title' => 'A new one',
            'kind' => 'wrist-cross',
            ...self::FACETS,
            'needed_by' => (string) $this->ids['rank'],
            'needed_by_youth' => 'same',
            'prevalence' => '3',
            'critical' => '1',
            'notes' => 'x',
            'version' => '1',
        ];
        $answer = [
            'title' => 'A new answer',
            'label' => '3',
            'rank' => (string) $this->ids['rank'],
            'mirrored' => '1',
            'doctrine' => 'escape',
            'short_rank' => (string) $this->ids['rank'],
            'short_beats' => '1',
            'mistakes' => "leans back\nlooks down",
            'pattern_kind' => ['wrist-cross'],
            'pattern' => ['hand' => ['right']],
            'pattern_mode' => ['hand' => 'these', 'place' => 'any'],
            'beats' => "left foot step 9\nleave 6",
            'version' => '1',
        ];
        $rep = [
            'id' => sprintf('0b7e1f60-5555-4000-8000-%012d', $this->values->random->getInt(1, 999_999_999)),
            'student_id' => $this->ids['student'],
            'attack_id' => $this->ids['attack'],
            'side' => 'written',
            'rung' => '2',
            'outcome' => 'clean',
            'answer_id' => $this->ids['answer'],
            'mistakes' => ['x'],
            'touched' => 'arm',
            'seconds' => '1.5',
            'stressor' => 'noise',
            'at' => '2026-11-02T19:10:00Z',
            'replaces' => $this->ids['rep'],
            'reason' => 'why',
        ];

        return [
            ['POST', '/attacks', $attack, false],
            ['PUT', '/attacks/{attack}', $attack, false],
            ['POST', '/attacks/{attack}/answers', $answer, false],
            ['PUT', '/answers/{answer}', $answer, false],
            [
                'POST',
                '/attacks/{attack}/workbench',
                [
                    ...$answer,
                    'beat' => '1',
                    'side' => 'written',
                    'rung' => '4',
                    'defender' => 'small',
                    'attacker' => 'large',
                    'bearings' => 'clock',
                ],
                false,
            ],
            ['PUT', '/answers/{answer}/placement', ['rank' => (string) $this->ids['rank'], 'version' => '1'], false],
            [
                'POST',
                '/answers/{answer}/waivers',
                ['check' => 'no-exit', 'beat' => '1', 'reason' => 'we know', 'version' => '1'],
                false,
            ],
            ['DELETE', '/answers/{answer}/waivers/no-exit', ['beat' => '1', 'version' => '1'], false],
            ['POST', '/answers/{answer}/versions/1', ['version' => '1'], false],
            [
                'POST',
                '/answers/{answer}/moves',
                ['kind' => 'mirror', 'attack' => 'wrist', 'side' => 'mirrored', 'move' => 'mirror', 'version' => '1'],
                false,
            ],
            [
                'POST',
                '/drill-lists',
                [
                    'name' => 'Mine', 'families' => ['grab'], 'facets' => ['hand', 'place'], 'values' => 'used',
                    'forbid' => 'place stairs, build larger', 'seed' => '3', 'rows' => '20',
                ],
                false,
            ],
            [
                'POST',
                '/people',
                [
                    'name' => 'Somebody',
                    'rank' => (string) $this->ids['rank'],
                    'height' => '1.71',
                    'born' => '2001-05-02',
                    'flags' => ['no-fall'],
                ],
                false,
            ],
            [
                'PUT',
                '/people/{student}',
                [
                    'name' => 'Somebody',
                    'rank' => (string) $this->ids['rank'],
                    'height' => '1.71',
                    'born' => '2001-05-02',
                    'flags' => ['no-fall'],
                ],
                false,
            ],
            ['POST', '/reps', $rep, false],
            ['POST', '/reps', array_diff_key($rep, ['replaces' => 0, 'reason' => 0]), false],
            ['POST', '/mat/reps', ['reps' => [$rep, array_diff_key($rep, ['replaces' => 0])]], true],
            [
                'POST',
                '/mat/reps',
                ['reps' => [[...$rep, $this->values->one(array_keys($rep)) => $this->values->any()]]],
                true,
            ],
            [
                'POST',
                '/mat/forecast',
                [
                    'people' => [(string) $this->ids['student']],
                    'rung' => '4',
                    'list' => 'most',
                    'each' => '5',
                    'minutes' => '',
                ],
                false,
            ],
            ['PUT', '/school/settings/weights', ['share' => '80', 'factors' => ['open' => '1']], false],
            [
                'PUT',
                '/school/settings/general',
                ['name' => 'Hall', 'zone' => 'UTC', 'bearings' => 'clock', 'preview' => '1'],
                false,
            ],
            ['PUT', '/school/settings/doctrine', ['doctrine' => 'counter', 'preview' => '1'], false],
            [
                'PUT',
                '/school/settings/bodies',
                [
                    'typical' => 'small',
                    'tolerance' => '5',
                    'sizes' => ['small' => '1.5', 'medium' => '1.7'],
                    'preview' => '1',
                ],
                false,
            ],
            [
                'PUT',
                '/school/settings/policy',
                ['policy' => ['choke' => ['all' => ['not-taught' => 'always'], '16' => ['pads' => '']]]],
                false,
            ],
            [
                'PUT',
                '/school/settings/words',
                ['words' => [['own' => 'heel', 'word' => 'strikes:palm'], ['own' => 'jaw', 'word' => 'targets:chin']]],
                false,
            ],
            ['DELETE', '/school/settings/{x}', ['x' => 'y'], false],
            [
                'POST',
                '/school/kinds',
                [
                    'name' => 'Ear held', 'family' => 'grab', 'start' => 'grab', 'attacker_busy' => ['hand'],
                    'defender_held' => ['wrists'], 'hands' => ['left'], 'bearings' => ['12'], 'cautions' => 'x',
                    'preview' => '1',
                ],
                false,
            ],
            ['POST', '/school/starters/leave-at-once', ['ranks' => ['r1' => 'first', 'r2' => 'second']], false],
            [
                'POST',
                '/school/invitations',
                [
                    'name' => 'Somebody',
                    'email' => 'x@small.example',
                    'role' => 'guardian',
                    'student' => (string) $this->ids['student'],
                    'children' => [(string) $this->ids['student']],
                ],
                false,
            ],
            [
                'POST',
                '/classes',
                [
                    'at' => '2026-12-01T19:00', 'minutes' => '60', 'place' => 'Hall', 'places' => '8',
                    'instructors' => '2', 'ranks' => ['flint'],
                ],
                false,
            ],
            [
                'PUT',
                '/classes/1',
                [
                    'version' => '1', 'at' => '2026-12-01T19:00', 'minutes' => '60', 'place' => 'Hall', 'places' => '8',
                    'instructors' => '2',
                ],
                false,
            ],
            ['PUT', '/classes/1/blocks', ['version' => '1', 'change' => 'longer', 'block' => '2'], false],
            ['PUT', '/classes/1/attendance', ['present' => ['1', '2']], false],
            ['POST', '/school/tablets', ['name' => 'Bench'], false],
            ['POST', '/tablet', ['code' => 'AAAA BBBB CCCC'], false],
            ['POST', '/tablet/unlock', ['person' => '1', 'pin' => '482913'], false],
            ['PUT', '/account/pin', ['pin' => '482913', 'pin_password' => 'saltmarsh'], false],
            ['POST', '/school/tokens', ['name' => 'Program', 'abilities' => ['read', 'record']], false],
            ['PUT', '/school/second-factor', ['heads_need_totp' => '0'], false],
            ['PUT', '/account/password', ['current_password' => 'x', 'password' => 'a long password'], false],
            ['PUT', '/account/email', ['email' => 'x@small.example', 'email_password' => 'x'], false],
            ['DELETE', '/account/sessions', ['session' => 'x'], false],
            ['POST', '/account/factor', ['factor_password' => 'x'], false],
            ['PUT', '/account/factor', ['code' => '123456'], false],
            ['DELETE', '/people/{student}/data', ['name' => 'x'], false],
            ['POST', '/school/ranks', ['name' => 'New', 'max_beats' => '4', 'goal_rung' => '2'], false],
            ['PUT', '/school/ranks/{rank}', ['name' => 'New', 'max_beats' => '4', 'goal_rung' => '2'], false],
            [
                'POST',
                '/school/rungs',
                [
                    'name' => 'New', 'pace' => '1', 'resistance' => '2', 'attack_told' => '1', 'moment_told' => '1',
                    'follow_ups' => '1', 'stressors' => 'noise, dim',
                ],
                false,
            ],
            [
                'PUT',
                '/school/rungs/{rung}',
                ['name' => 'New', 'pace' => '1', 'resistance' => '2', 'stressors' => 'noise, dim'],
                false,
            ],
            ['POST', '/school/import/'.str_repeat('a', 40), ['x' => 'y'], false],
            ['POST', '/people/reps/import/'.str_repeat('a', 40), ['x' => 'y'], false],
        ];
    }
}
