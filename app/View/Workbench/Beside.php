<?php

declare(strict_types=1);

namespace App\View\Workbench;

use App\Models\Answer;
use App\Models\AnswerVersion;
use App\Persistence\CountedTries;
use App\Persistence\Starter;
use App\View\Floor\Window;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Checks\ForWhom;
use StoneDrill\Core\Checks\Hazards;
use StoneDrill\Core\Coverage\BeatAlignment;
use StoneDrill\Core\Curriculum\Answer as CoreAnswer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\NotationException;

/**
 * An answer and something else side by side: a mistake of it, another answer to its attack, an earlier version, other
 * bodies, a starter's way.
 */
final readonly class Beside
{
    public Bench $left;

    public Bench $right;

    /** @var array{left: Window, right: Window} what is shown from above, both to one scale */
    public array $above;

    /** @var array{left: Window, right: Window} and from the side */
    public array $side;

    public string $name;

    /**
     * @var list<array{left: string, right: string, leftText: string, rightText: string, differs: bool}> beats beside
     *     each other, the start first; numbers of frames
     */
    public array $rows;

    /** @var array<string, array<string, string>> what can stand beside it, by group and by what it is asked with */
    public array $choices;

    /** What stands beside it, such as `answer-12`. */
    public string $with;

    /** @param string $with what is asked for; anything that cannot be chosen is the first that can */
    public function __construct(
        private Catalogue $catalogue,
        private Answer $row,
        private BenchSettings $settings,
        string $with,
    ) {
        $this->choices = self::choices($catalogue, $row);
        $known = array_merge(...array_values($this->choices));
        $this->with = isset($known[$with]) ? $with : (string) array_key_first($known);
        $answer = $catalogue->answer($row->code);
        $attack = $catalogue->attackOf($answer);
        [$other, $otherSettings, $this->name] = $this->other($answer, $attack);
        $this->left = Bench::of($catalogue, Meeting::own($answer, $attack, $settings), withMends: false);
        $this->right = Bench::of($catalogue, Meeting::own($other, $attack, $otherSettings), withMends: false);
        $this->above = Window::alike($this->left->picture, $this->right->picture);
        $this->side = Window::alike($this->left->side, $this->right->side);
        $this->rows = $this->rows();
    }

    /**
     * What can stand beside an answer, by what it is asked with.
     *
     * @return array<string, array<string, string>> by group
     */
    private static function choices(Catalogue $catalogue, Answer $row): array
    {
        $answer = $catalogue->answer($row->code);
        $mistakes = [];
        foreach ($answer->teaching->mistakes as $place => $mistake) {
            if ($mistake->instead !== null) {
                $mistakes['mistake-'.($place + 1)] = $mistake->text;
            }
        }
        $sizes = array_keys($catalogue->school->statures->sizes);
        $bodies = [];
        foreach ($sizes as $defender) {
            foreach ($sizes as $attacker) {
                $bodies["bodies-{$defender}-{$attacker}"] = __('beside.bodies', [
                    'defender' => $defender,
                    'attacker' => $attacker,
                ]);
            }
        }

        return array_filter([
            'mistakes' => $mistakes,
            'answers' => $row->school
                ->answers()
                ->where('attack_id', $row->attack_id)
                ->whereKeyNot($row->id)
                ->get()
                ->mapWithKeys(static fn (Answer $other): array => ["answer-{$other->id}" => $other->title])
                ->all(),
            'versions' => $row
                ->versions()
                ->where('version', '<', $row->version)
                ->get()
                ->mapWithKeys(
                    static fn (AnswerVersion $version): array => [
                        "version-{$version->version}" => __('beside.version', [
                            'number' => $version->version,
                            'day' => school_time($version->saved_at, 'j M Y'),
                        ]),
                    ],
                )
                ->all(),
            'bodies' => $bodies,
            'starters' => self::starters($catalogue->attackOf($answer)),
        ]);
    }

    /** @return array<string, string> how other curricula answer the same kind of attack */
    private static function starters(Attack $attack): array
    {
        $found = [];
        foreach (Starter::cases() as $starter) {
            $catalogue = $starter->catalogue();
            foreach ($catalogue->answers as $answer) {
                if ($catalogue->attackOf($answer)->kind->id === $attack->kind->id) {
                    $found["starter-{$starter->value}-{$answer->id}"] = "{$answer->title} ({$starter->title()})";
                }
            }
        }

        return $found;
    }

    /**
     * @return array{CoreAnswer, BenchSettings, string} what stands beside it, for which bodies, and what it is called
     */
    private function other(CoreAnswer $answer, Attack $attack): array
    {
        [$kind, $what] = [...explode('-', $this->with, 2), ''];
        $found = match ($kind) {
            'mistake' => $this->mistake($answer, (int) $what),
            'answer' => $this->answer((int) $what),
            'version' => $this->version($answer, (int) $what),
            'starter' => $this->starter($answer, $what),
            default => null,
        };
        if ($found !== null) {
            return [$found[0], $this->settings, $found[1]];
        }
        $other = $this->settings->withSizes(...[...explode('-', $kind === 'bodies' ? $what : '', 2), ''])
        ?? $this->settings->swapped();

        return [$answer, $other, __('beside.bodies', ['defender' => $other->defender, 'attacker' => $other->attacker])];
    }

    /** @return array{CoreAnswer, string}|null */
    private function mistake(CoreAnswer $answer, int $number): ?array
    {
        $mistake = $answer->teaching->mistakes[$number - 1] ?? null;
        $beats = $mistake?->in($answer->beats);

        return $mistake === null || $beats === null ? null : [$answer->withBeats($beats), $mistake->text];
    }

    /** @return array{CoreAnswer, string}|null */
    private function answer(int $id): ?array
    {
        $row = $this->row->school->answers->firstWhere('id', $id);

        return $row !== null && $this->catalogue->hasAnswer($row->code)
            ? [$this->catalogue->answer($row->code), $row->title]
            : null;
    }

    /** @return array{CoreAnswer, string}|null */
    private function version(CoreAnswer $answer, int $number): ?array
    {
        $version = $this->row->versions()->where('version', $number)->first();
        try {
            return $version === null
                ? null
                : [
                    $answer->withBeats(Beats::parse((string) ($version->content['beats'] ?? ''))),
                    __('beside.version', ['number' => $number, 'day' => school_time($version->saved_at, 'j M Y')]),
                ];
        } catch (NotationException) {
            return null;
        }
    }

    /** @return array{CoreAnswer, string}|null */
    private function starter(CoreAnswer $answer, string $what): ?array
    {
        foreach (Starter::cases() as $starter) {
            $id = str_starts_with($what, "{$starter->value}-") ? substr($what, strlen($starter->value) + 1) : '';
            if ($id !== '' && $starter->catalogue()->hasAnswer($id)) {
                $other = $starter->catalogue()->answer($id);

                return [$answer->withBeats($other->beats), "{$other->title} ({$starter->title()})"];
            }
        }

        return null;
    }

    /** @return list<array{left: string, right: string, leftText: string, rightText: string, differs: bool}> */
    private function rows(): array
    {
        [$a, $b] = [$this->mainLine($this->left), $this->mainLine($this->right)];
        $rows = [
            [
                'left' => '0',
                'right' => '0',
                'leftText' => __('floor.the-start'),
                'rightText' => __('floor.the-start'),
                'differs' => false,
            ],
        ];
        [$left, $right] = ['0', '0'];
        foreach (BeatAlignment::of($this->beats($a), $this->beats($b)) as [$i, $j]) {
            // Where one has nothing beside the other it stays where it is.
            [$left, $right] = [
                $i === null ? $left : $a[$i]->frame->number,
                $j === null ? $right : $b[$j]->frame->number,
            ];
            $rows[] = [
                'left' => $left,
                'right' => $right,
                'leftText' => $i === null ? '' : $a[$i]->text,
                'rightText' => $j === null ? '' : $b[$j]->text,
                'differs' => $i === null
                || $j === null
                || $a[$i]->text !== $b[$j]->text
                || $a[$i]->strikes() !== $b[$j]->strikes(),
            ];
        }

        return $rows;
    }

    /** @return non-empty-list<BenchBeat> */
    private function mainLine(Bench $bench): array
    {
        $line = array_values(
            array_filter(
                $bench->beats,
                static fn (BenchBeat $beat): bool => ! $beat->isStart()
                    && $beat->frame->isOnMainLine()
                    && $beat->frame->beat !== null,
            ),
        );

        return $line === [] ? [$bench->beats[0]] : $line;
    }

    /** @param non-empty-list<BenchBeat> $line */
    private function beats(array $line): Beats
    {
        $beats = array_values(array_filter(array_map(static fn (BenchBeat $beat) => $beat->frame->beat, $line)));

        return $beats === [] ? $this->catalogue->answer($this->row->code)->beats : new Beats($beats);
    }

    /** @return list<array{what: string, left: string, right: string}> what both come to, a row each */
    public function facts(): array
    {
        $facts = [];
        foreach (['works', 'time', 'steps', 'worst', 'findings', 'hazards', 'without', 'evidence'] as $what) {
            $facts[] = [
                'what' => __("beside.facts.{$what}"),
                'left' => $this->fact($what, $this->left),
                'right' => $this->fact($what, $this->right),
            ];
        }

        return $facts;
    }

    private function fact(string $what, Bench $bench): string
    {
        $trial = $bench->examination->trial;
        $for = ForWhom::in($bench->examination);
        $text = match ($what) {
            'works' => $bench->works(),
            'time' => __('words.seconds', ['seconds' => number_format($bench->examination->duration(), 2)]),
            'steps' => implode(
                ', ',
                array_merge(...array_map(static fn (BenchBeat $beat): array => $beat->steps(), $bench->beats)),
            ),
            'worst' => $for->worst === null
                ? ''
                : __('words.signed-cm', ['cm' => sprintf('%+d', (int) round(100 * $for->worst))]),
            'findings' => $bench->summary(),
            'hazards' => implode(
                ', ',
                array_map(
                    static fn (Hazard $hazard): string => say($hazard->text()),
                    Hazards::ofBeats($trial->answer->beats),
                ),
            ),
            'without' => implode(
                ' ',
                array_column(
                    array_merge(...array_map(static fn (BenchBeat $beat): array => $beat->shortfalls(), $bench->beats)),
                    'text',
                ),
            ),
            default => $this->evidence($bench),
        };

        return $text === '' ? __('words.none') : $text;
    }

    /** How often it was clean, rung by rung; of a mistake how often it was seen. */
    private function evidence(Bench $bench): string
    {
        $what = $bench === $this->left ? '' : strstr($this->with, '-', true);
        if ($what === 'mistake') {
            return trans_choice(
                'beside.seen',
                CountedTries::mistakes($this->row->school, [$this->row->id])[$this->name] ?? 0,
            );
        }
        if ($what !== '' && $what !== 'answer') {
            return '';
        }
        $answer = $what === ''
            ? $this->row
            : $this->row->school->answers()->findOrFail((int) substr($this->with, strlen('answer-')));
        $rungs = CountedTries::byRung($answer);

        return implode(
            ', ',
            array_map(
                static fn (array $of, int $rung): string => __('beside.clean', ['rung' => $rung, ...$of]),
                $rungs,
                array_keys($rungs),
            ),
        );
    }
}
